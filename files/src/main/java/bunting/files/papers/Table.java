package bunting.files.papers;

import bunting.files.Csv;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * A table of a paper. Its columns are said once: how they are headed in a file and on the page, and
 * how a cell is written in both.
 *
 * @param columns in their order
 * @param rows a text for each column, as files have it
 */
record Table(List<Column> columns, List<List<String>> rows) {
  Table {
    columns = List.copyOf(columns);
    rows = rows.stream().map(List::copyOf).toList();
  }

  /** What a column holds. A name that looks like a number is still a name. */
  enum Kind {
    /** Words. */
    TEXT,
    /** A number, at the right. */
    NUMBER,
    /** What is looked for: large. */
    MAIN,
    /** A number that is looked for: large, at the right. */
    MAIN_NUMBER,
    /** For files alone. */
    FILE;

    boolean number() {
      return this == NUMBER || this == MAIN_NUMBER;
    }

    boolean main() {
      return this == MAIN || this == MAIN_NUMBER;
    }
  }

  /**
   * A column.
   *
   * @param key its head in files
   * @param head its head on the page
   * @param shown what the page says of the file's text
   */
  record Column(String key, String head, Kind kind, Function<String, String> shown) {}

  /** A column with where its cells come from. */
  record Col<T>(Column column, Function<T, String> of) {
    /** With another way to say it on the page. */
    Col<T> shown(Function<String, String> how) {
      return new Col<>(new Column(column.key(), column.head(), column.kind(), how), of);
    }
  }

  static <T> Col<T> col(String key, String head, Kind kind, Function<T, String> of) {
    return new Col<>(new Column(key, head, kind, text -> text), of);
  }

  /** Words. */
  static <T> Col<T> text(String key, String head, Function<T, String> of) {
    return col(key, head, Kind.TEXT, of);
  }

  /** A number. */
  static <T> Col<T> number(String key, String head, Function<T, String> of) {
    return col(key, head, Kind.NUMBER, of);
  }

  /** A whole number. */
  static <T> Col<T> count(String key, String head, Function<T, Integer> of) {
    return col(key, head, Kind.NUMBER, t -> Integer.toString(of.apply(t)));
  }

  /** A table of things, a row each. */
  static <T> Table of(Iterable<T> things, List<Col<T>> columns) {
    List<List<String>> rows = new ArrayList<>();
    for (T thing : things) {
      rows.add(columns.stream().map(c -> c.of().apply(thing)).toList());
    }
    return new Table(columns.stream().map(Col::column).toList(), rows);
  }

  /** Heads and rows as files have them. */
  List<List<String>> all() {
    List<List<String>> all = new ArrayList<>();
    all.add(columns.stream().map(Column::key).toList());
    all.addAll(rows);
    return all;
  }

  byte[] csv() {
    return Csv.table(all());
  }
}
