package bunting.files;

import bunting.files.codec.Field;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A thing of a file or a list: its fields, in the order in which they are written, and how it is
 * made of their values.
 */
final class Shape<T> {
  /** Values of fields, from wherever they stand; what is no value is told with its place. */
  interface Values {
    /** The value that stands there; empty: none does. */
    <V> Optional<V> maybe(Field<?, V> field) throws BadInputException;

    /** What is said of a field that is wrong. */
    BadInputException wrong(Field<?, ?> field, String what);

    /** What is said of an item of a list that is wrong; from 0. */
    BadInputException wrong(Field<?, ?> field, int item, String what);

    /** What is said of a field that is missing. */
    BadInputException missing(Field<?, ?> field);

    /** The value that stands there, else the usual one, else it is missing. */
    default <V> V of(Field<?, V> field) throws BadInputException {
      return maybe(field).or(field::usual).orElseThrow(() -> missing(field));
    }
  }

  /** Makes a thing of its values. */
  @FunctionalInterface
  interface Maker<T> {
    T make(Values values) throws BadInputException;
  }

  private final List<Field<T, ?>> fields;
  private final Maker<T> maker;

  Shape(List<Field<T, ?>> fields, Maker<T> maker) {
    this.fields = List.copyOf(fields);
    this.maker = maker;
  }

  T read(Values values) throws BadInputException {
    return maker.make(values);
  }

  void write(Json json, T thing) throws IOException {
    write(json, fields, thing);
  }

  /** The fields of a thing that is made elsewhere. */
  static <T> void write(Json json, List<Field<T, ?>> fields, T thing) throws IOException {
    for (Field<T, ?> f : fields) {
      Optional<Object> value = f.scalar(thing);
      if (value.isPresent()) {
        json.put(f.key(), value.get());
      }
    }
  }

  /** Cells by column; what is usual is left out. */
  Map<String, String> cells(T thing) {
    return cells(fields, thing);
  }

  /** The cells of a thing that is made elsewhere. */
  static <T> Map<String, String> cells(List<Field<T, ?>> fields, T thing) {
    Map<String, String> cells = new LinkedHashMap<>();
    fields.forEach(f -> f.cell(thing).ifPresent(c -> cells.put(f.column(), c)));
    return cells;
  }

  List<String> columns() {
    return fields.stream().map(Field::column).toList();
  }

  /** Rows of the documentation of a file. */
  List<String> documentation() {
    return fields.stream().map(Field::documented).toList();
  }

  /** Rows of the documentation of a list. */
  List<String> listDocumentation() {
    return fields.stream().map(Field::documentedColumn).toList();
  }
}
