package bunting.files;

import bunting.core.show.edit.Names;
import bunting.files.codec.Field;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;

/** The cells of one row of a list, by column; knows how to say what is wrong with one. */
final class Cells implements Shape.Values {
  private final Path file;
  private final long line;
  private final Map<String, String> cells;

  Cells(Path file, long line, Map<String, String> cells) {
    this.file = file;
    this.line = line;
    this.cells = cells;
  }

  String text(String column) {
    return cells.getOrDefault(column, "");
  }

  boolean has(String column) {
    return !text(column).isEmpty();
  }

  Map<String, String> all() {
    return cells;
  }

  BadInputException wrong(String column, String what) {
    return new BadCell(
        column,
        what,
        BadInputException.name(file) + ": line " + line + ", column " + column + ": " + what);
  }

  @Override
  public <V> Optional<V> maybe(Field<?, V> field) throws BadInputException {
    String text = text(field.column());
    if (text.isEmpty()) {
      return Optional.empty();
    }
    Optional<V> value = field.parse(text);
    if (value.isEmpty()) {
      boolean comma = text.indexOf(',') >= 0 && field.typed().startsWith("a number");
      throw wrong(
          field.column(),
          BadInputException.echo(text)
              + " should be "
              + field.typed()
              + (comma ? " with a decimal point." : "."));
    }
    return value;
  }

  @Override
  public BadInputException wrong(Field<?, ?> field, String what) {
    return wrong(field.column(), what);
  }

  @Override
  public BadInputException wrong(Field<?, ?> field, int item, String what) {
    return wrong(field, what);
  }

  @Override
  public BadInputException missing(Field<?, ?> field) {
    return wrong(field.column(), "is empty; give " + field.typed() + ".");
  }

  /** A cell that is wrong. */
  static final class BadCell extends BadInputException {
    private static final long serialVersionUID = 1;
    private final String column;
    private final String what;

    private BadCell(String column, String what, String sentence) {
      super(sentence);
      this.column = column;
      this.what = what;
    }

    String column() {
      return column;
    }

    /** What is wrong, without the place. */
    String what() {
      return what;
    }
  }

  /** The name, 1 to 200 characters. */
  String name() throws BadInputException {
    String name = text("name");
    if (name.isEmpty() || name.length() > Names.LENGTH_MAX) {
      throw wrong(
          "name",
          name.isEmpty()
              ? "is empty; give the run a name."
              : "has over " + Names.LENGTH_MAX + " characters; shorten it.");
    }
    return name;
  }
}
