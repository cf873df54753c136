package bunting.files.codec;

import bunting.core.show.Texts;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;

/**
 * A field of a thing that is kept in a file, stands in a list or is typed: declared once, read from
 * all of them, written, and told in the documentation.
 *
 * @param <T> the thing that has it
 * @param <V> its value
 */
public final class Field<T, V> {
  private final String key;
  private final String column;
  private final String means;
  private final Kind<V> kind;
  private final Function<T, Optional<V>> of;
  private final Optional<V> usual;

  private Field(
      String key,
      String column,
      String means,
      Kind<V> kind,
      Function<T, Optional<V>> of,
      Optional<V> usual) {
    this.key = key;
    this.column = column;
    this.means = means;
    this.kind = kind;
    this.of = of;
    this.usual = usual;
  }

  /**
   * A field.
   *
   * @param key in files
   * @param means what it is, for the documentation
   * @param kind what it may be
   * @param of where the thing has it; empty: it is not written
   */
  public Field(String key, String means, Kind<V> kind, Function<T, Optional<V>> of) {
    this(key, key, means, kind, of, Optional.empty());
  }

  /** One that each thing has. */
  public static <T, V> Field<T, V> each(String key, String means, Kind<V> kind, Function<T, V> of) {
    return new Field<>(key, means, kind, t -> Optional.of(of.apply(t)));
  }

  /** The same under another name in lists. */
  public Field<T, V> column(String name) {
    return new Field<>(key, name, means, kind, of, usual);
  }

  /** The same with a value that it has where none stands. */
  public Field<T, V> usually(V value) {
    return new Field<>(key, column, means, kind, of, Optional.of(value));
  }

  /** Its key in files. */
  public String key() {
    return key;
  }

  /** Its name in lists. */
  public String column() {
    return column;
  }

  /** The value that it has where none stands; empty: one must stand there, or may be missing. */
  public Optional<V> usual() {
    return usual;
  }

  /** What would be right in a file, as it is said behind "should be". */
  public String wanted() {
    return kind.wanted();
  }

  /** What would be right in a cell or an option. */
  public String typed() {
    return kind.typed();
  }

  /** The value of a typed text; empty: it is none. */
  public Optional<V> parse(String text) {
    return kind.parse().apply(text);
  }

  /** The value of an object of a file; empty: it is not there, or is none. */
  public Optional<V> read(JsonNode object) {
    JsonNode at = object.get(key);
    return at == null ? Optional.empty() : kind.read().apply(at);
  }

  /** Whether an object of a file has something there that is no value of it. */
  public boolean spoils(JsonNode object) {
    return object.has(key) && read(object).isEmpty();
  }

  /** Which item of a list in a file makes it no value, from 0; empty: it is none of them alone. */
  public OptionalInt spoiltItem(JsonNode object) {
    JsonNode list = object.get(key);
    for (int i = 0; list != null && list.isArray() && i < list.size(); i++) {
      JsonNode alone = JsonNodeFactory.instance.arrayNode().add(list.get(i));
      if (kind.read().apply(alone).isEmpty()) {
        return OptionalInt.of(i);
      }
    }
    return OptionalInt.empty();
  }

  /** What a file holds of a thing: a text, a number, true or false; empty: nothing. */
  public Optional<Object> scalar(T thing) {
    return of.apply(thing).map(kind.scalar());
  }

  /** What a cell holds of a thing; empty: nothing, or what is usual. */
  public Optional<String> cell(T thing) {
    return of.apply(thing).filter(v -> !usual.equals(Optional.of(v))).map(kind.text());
  }

  /** Puts it into an object of a file, where the thing has it. */
  public void write(T thing, ObjectNode object) {
    Optional<Object> value = scalar(thing);
    if (value.isEmpty()) {
      return;
    }
    switch (value.get()) {
      case Double d when d == Math.rint(d) && Math.abs(d) < 1e15 ->
          object.put(key, (long) (double) d);
      case Double d -> object.put(key, d);
      case Integer i -> object.put(key, i);
      case Boolean b -> object.put(key, b);
      case Object other -> object.put(key, other.toString());
    }
  }

  /** Its row in the documentation of a file. */
  public String documented() {
    return row(key, kind.wanted(), usual.map(kind.scalar()).map(Field::plain));
  }

  /** Its row in the documentation of a list. */
  public String documentedColumn() {
    return row(column, kind.typed(), usual.map(kind.text()));
  }

  private static String plain(Object scalar) {
    return scalar instanceof Double d ? Texts.number(d) : scalar.toString();
  }

  private String row(String name, String what, Optional<String> without) {
    String other =
        without
            .filter(w -> !w.isEmpty() && !w.equals("[]"))
            .map(w -> ", by default " + w)
            .orElse("");
    return String.format(Locale.ROOT, "| `%s` | %s%s | %s |", name, what, other, means);
  }
}
