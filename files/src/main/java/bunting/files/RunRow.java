package bunting.files;

import static bunting.files.codec.Optionals.decimal;

import bunting.core.show.Controller;
import bunting.core.show.Course;
import bunting.core.show.Fitting;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.survey.Geometry;
import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;

/** One row of a run list. */
final class RunRow {
  private final Cells cells;
  private final Show settings;
  private final Set<String> known;

  RunRow(Cells cells, Show settings, Set<String> known) {
    this.cells = cells;
    this.settings = settings;
    this.known = known;
  }

  Run read() throws BadInputException {
    PixelType type = RunFields.type(cells, settings);
    OptionalDouble length = length();
    ordered(type);
    return RunFields.run(
        cells,
        new RunFields.Found(
            type, pixels(type, length), length, cells.maybe(RunFields.GROUP), pin(), notes()));
  }

  private String cell(String column) {
    return cells.text(column);
  }

  private BadInputException wrong(String column, String what) {
    return cells.wrong(column, what);
  }

  private void ordered(PixelType type) throws BadInputException {
    Optional<String> order = cells.maybe(RunFields.ORDER);
    if (order.isPresent() && !Fitting.rearranges(order.get(), type.order())) {
      throw wrong(
          "colour_order",
          BadInputException.echo(order.get())
              + " should be the letters "
              + type.order()
              + " in another order.");
    }
  }

  private OptionalDouble length() throws BadInputException {
    Optional<Double> metres = cells.maybe(RunFields.LENGTH);
    Optional<Double> feet = cells.maybe(RunFields.FEET);
    if (metres.isPresent() && feet.isPresent()) {
      throw wrong("length_ft", "both length_m and length_ft are given; give one of them.");
    }
    return decimal(metres.or(() -> feet.map(BigDecimal::valueOf).map(RunRow::metres)));
  }

  private static double metres(BigDecimal feet) {
    return Geometry.metresOfFeet(feet).doubleValue();
  }

  private int pixels(PixelType type, OptionalDouble length) throws BadInputException {
    Optional<Integer> given = cells.maybe(RunFields.PIXELS);
    if (given.isPresent()) {
      return given.get();
    }
    Optional<Course> course = cells.maybe(RunFields.COURSE);
    if (length.isEmpty() && course.isPresent()) {
      return ofCourse(course.get(), type);
    }
    if (length.isEmpty()) {
      throw wrong(
          "pixels", "neither pixels nor a length is given; give pixels, length_m or length_ft.");
    }
    // By the decimals that stand there: 4.35 m at 100/m are 435, and 0.3 ft are no less.
    BigDecimal metres =
        cell("length_m").isEmpty()
            ? Geometry.metresOfFeet(new BigDecimal(cell("length_ft")))
            : new BigDecimal(cell("length_m"));
    String column = cell("length_m").isEmpty() ? "length_ft" : "length_m";
    int count;
    try {
      count = Geometry.pixelsOf(metres, type.pitchPerM(), type.cutEvery());
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

  private int ofCourse(Course course, PixelType type) throws BadInputException {
    int count;
    try {
      count = Geometry.pixelsOf(course, type);
    } catch (ArithmeticException e) {
      count = Integer.MAX_VALUE;
    }
    if (count < 1 || count > Run.PIXELS_MAX) {
      throw wrong("course_m", "should be long enough for 1 to 1000000 pixels of this type.");
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
    int number = port.matches("\\+?\\d{1,9}") ? Integer.parseInt(port) : 0;
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

  private Map<String, String> notes() {
    Map<String, String> notes = new TreeMap<>();
    cells
        .all()
        .forEach(
            (column, text) -> {
              if (!known.contains(column) && !text.isEmpty()) {
                notes.put(column, text);
              }
            });
    return notes;
  }
}
