package bunting.files;

import bunting.core.show.Controller;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.survey.Geometry;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;

/** One row of a run list. */
final class RunRow {
  private static final Pattern NUMBER =
      Pattern.compile("[+-]?(\\d{1,12}(\\.\\d{0,18})?|\\.\\d{1,18})([eE][+-]?\\d{1,2})?");
  private static final Pattern WHOLE = Pattern.compile("\\+?\\d{1,9}");

  private final Path file;
  private final long line;
  private final Map<String, String> cells;
  private final Show settings;
  private final Set<String> known;

  RunRow(Path file, long line, Map<String, String> cells, Show settings, Set<String> known) {
    this.file = file;
    this.line = line;
    this.cells = cells;
    this.settings = settings;
    this.known = known;
  }

  Run read() throws BadInputException {
    String name = cell("name");
    if (name.isEmpty() || name.length() > 200) {
      throw wrong(
          "name",
          name.isEmpty()
              ? "is empty; give the run a name."
              : "has over 200 characters; shorten it.");
    }
    PixelType type = settings.catalogue().pixelTypesById().get(cell("type"));
    if (type == null) {
      throw wrong(
          "type",
          cell("type").isEmpty()
              ? "is empty; give the id of a pixel type."
              : BadInputException.echo(cell("type"))
                  + " is no pixel type; give the id of one in the catalogue.");
    }
    Optional<BigDecimal> length = length();
    int pixels = pixels(type, length);
    Optional<BigDecimal> endX = number("end_x_m", Range.PLACE);
    Optional<BigDecimal> endY = number("end_y_m", Range.PLACE);
    Point start = new Point(place("x_m"), place("y_m"));
    Optional<Point> end =
        endX.isEmpty() && endY.isEmpty()
            ? Optional.empty()
            : Optional.of(
                new Point(
                    endX.map(BigDecimal::doubleValue).orElse(start.x()),
                    endY.map(BigDecimal::doubleValue).orElse(start.y())));
    return new Run(
        name,
        type.id(),
        pixels,
        optional(length),
        start,
        end,
        optional(number("lead_m", Range.LENGTH)),
        Optional.of(cell("group")).filter(g -> !g.isEmpty()),
        pin(),
        split(),
        notes());
  }

  private String cell(String column) {
    return cells.getOrDefault(column, "");
  }

  private BadInputException wrong(String column, String what) {
    return BadInputException.of(file, "line " + line + ", column " + column + ": " + what);
  }

  private static OptionalDouble optional(Optional<BigDecimal> value) {
    return value.map(v -> OptionalDouble.of(v.doubleValue())).orElse(OptionalDouble.empty());
  }

  private double place(String column) throws BadInputException {
    return number(column, Range.PLACE).map(BigDecimal::doubleValue).orElse(0.0);
  }

  private Optional<BigDecimal> number(String column, Range range) throws BadInputException {
    String text = cell(column);
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

  private Optional<BigDecimal> length() throws BadInputException {
    Range most = Range.aboveTo(0, 100_000);
    Optional<BigDecimal> metres = number("length_m", most);
    Optional<BigDecimal> feet = number("length_ft", Range.aboveTo(0, 100_000 / 0.3048));
    if (metres.isPresent() && feet.isPresent()) {
      throw wrong("length_ft", "both length_m and length_ft are given; give one of them.");
    }
    return metres.isPresent() ? metres : feet.map(Geometry::metresOfFeet);
  }

  private int pixels(PixelType type, Optional<BigDecimal> length) throws BadInputException {
    String text = cell("pixels");
    if (!text.isEmpty()) {
      int count = WHOLE.matcher(text).matches() ? Integer.parseInt(text) : 0;
      if (count < 1 || count > Run.PIXELS_MAX) {
        throw wrong(
            "pixels",
            BadInputException.echo(text) + " should be a whole number from 1 to 1000000.");
      }
      return count;
    }
    if (length.isEmpty()) {
      throw wrong(
          "pixels", "neither pixels nor a length is given; give pixels, length_m or length_ft.");
    }
    String column = cell("length_m").isEmpty() ? "length_ft" : "length_m";
    int count;
    try {
      count = Geometry.pixelsOf(length.get(), type.pitchPerM(), type.cutEvery());
    } catch (ArithmeticException e) {
      count = Integer.MAX_VALUE;
    }
    if (count < 1) {
      throw wrong(
          column, "is too short for one cut unit of this type; give a longer run, or its pixels.");
    }
    if (count > Run.PIXELS_MAX) {
      throw wrong(column, "makes more than 1000000 pixels; divide the run.");
    }
    return count;
  }

  private Optional<Pin> pin() throws BadInputException {
    String id = cell("controller");
    String port = cell("port");
    if (id.isEmpty()) {
      if (!port.isEmpty()) {
        throw wrong("port", "a port is given without a controller; name the controller too.");
      }
      return Optional.empty();
    }
    if (settings.controllers().isEmpty()) {
      throw wrong(
          "controller",
          "the run is pinned, but the settings give no controllers; list them there.");
    }
    Controller controller =
        settings.controllers().get().stream()
            .filter(c -> c.id().equals(id))
            .findFirst()
            .orElse(null);
    if (controller == null) {
      throw wrong(
          "controller",
          BadInputException.echo(id) + " is no controller of the settings; give the id of one.");
    }
    if (port.isEmpty()) {
      return Optional.of(new Pin(id, OptionalInt.empty()));
    }
    int ports = settings.catalogue().controllerTypesById().get(controller.type()).ports();
    int number = WHOLE.matcher(port).matches() ? Integer.parseInt(port) : 0;
    if (number < 1 || number > ports) {
      throw wrong(
          "port",
          BadInputException.echo(port)
              + " should be a port of that controller, from 1 to "
              + ports
              + ".");
    }
    return Optional.of(new Pin(id, OptionalInt.of(number)));
  }

  private boolean split() throws BadInputException {
    return switch (cell("split").toLowerCase(Locale.ROOT)) {
      case "", "yes" -> true;
      case "no" -> false;
      default ->
          throw wrong("split", BadInputException.echo(cell("split")) + " should be yes or no.");
    };
  }

  private Map<String, String> notes() {
    Map<String, String> notes = new TreeMap<>();
    cells.forEach(
        (column, text) -> {
          if (!known.contains(column) && !text.isEmpty()) {
            notes.put(column, text);
          }
        });
    return notes;
  }
}
