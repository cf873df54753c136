package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Point;
import bunting.core.show.edit.Names;
import bunting.files.codec.Field;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** The cells of one row of a list, by column; knows how to say what is wrong with one. */
final class Cells implements Shape.Values {
  private static final Pattern NUMBER =
      Pattern.compile("[+-]?(\\d{1,12}(\\.\\d{0,18})?|\\.\\d{1,18})([eE][+-]?\\d{1,2})?");
  private static final Pattern WHOLE = Pattern.compile("\\+?\\d{1,9}");

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

  Optional<BigDecimal> number(String column, Range range) throws BadInputException {
    String text = text(column);
    if (text.isEmpty()) {
      return Optional.empty();
    }
    if (!NUMBER.matcher(text).matches() || !range.holds(new BigDecimal(text).doubleValue())) {
      String comma = text.indexOf(',') >= 0 ? " with a decimal point" : "";
      throw wrong(
          column,
          BadInputException.echo(text) + " should be a number " + range.text() + comma + ".");
    }
    return Optional.of(new BigDecimal(text));
  }

  double number(String column, Range range, double otherwise) throws BadInputException {
    return number(column, range).map(BigDecimal::doubleValue).orElse(otherwise);
  }

  /** A number that must be there. */
  double needed(String column, Range range) throws BadInputException {
    Optional<BigDecimal> value = number(column, range);
    if (value.isEmpty()) {
      throw wrong(column, "is empty; give a number " + range.text() + ".");
    }
    return value.get().doubleValue();
  }

  /** A whole number within bounds; empty where the cell is. */
  Optional<Integer> whole(String column, int least, int most) throws BadInputException {
    String text = text(column);
    if (text.isEmpty()) {
      return Optional.empty();
    }
    int count = WHOLE.matcher(text).matches() ? Integer.parseInt(text) : least - 1;
    if (count < least || count > most) {
      throw wrong(
          column,
          BadInputException.echo(text)
              + " should be a whole number from "
              + least
              + " to "
              + most
              + ".");
    }
    return Optional.of(count);
  }

  boolean yes(String column, boolean otherwise) throws BadInputException {
    return switch (text(column).toLowerCase(Locale.ROOT)) {
      case "" -> otherwise;
      case "yes" -> true;
      case "no" -> false;
      default ->
          throw wrong(column, BadInputException.echo(text(column)) + " should be yes or no.");
    };
  }

  /** A name of something that is not needed: at most 200 characters. */
  Optional<String> optional(String column) throws BadInputException {
    if (text(column).length() > Names.LENGTH_MAX) {
      throw wrong(column, "has over " + Names.LENGTH_MAX + " characters; shorten it.");
    }
    return Optional.of(text(column)).filter(t -> !t.isEmpty());
  }

  /** The place in {@code x_m}, {@code y_m}. */
  Point place() throws BadInputException {
    return new Point(number("x_m", Range.PLACE, 0), number("y_m", Range.PLACE, 0));
  }
}
