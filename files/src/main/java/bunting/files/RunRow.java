package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Controller;
import bunting.core.show.Course;
import bunting.core.show.Fitting;
import bunting.core.show.Hanging;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.survey.Geometry;
import java.math.BigDecimal;
import java.util.List;
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
    String name = cells.name();
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
    Hanging hanging = hanging();
    int pixels = pixels(type, length, hanging);
    OptionalInt built = built();
    Run run =
        new Run(
            name,
            type.id(),
            pixels,
            OptionalInt.empty(),
            optional(length),
            hanging,
            optional(cells.number("lead_m", Range.LENGTH)),
            cells.optional("group"),
            pin(),
            cells.yes("split", true),
            fitting(type),
            notes());
    return built.isPresent() ? run.withBuilt(built) : run;
  }

  private String cell(String column) {
    return cells.text(column);
  }

  private BadInputException wrong(String column, String what) {
    return cells.wrong(column, what);
  }

  private static OptionalDouble optional(Optional<BigDecimal> value) {
    return value.map(v -> OptionalDouble.of(v.doubleValue())).orElse(OptionalDouble.empty());
  }

  private OptionalInt built() throws BadInputException {
    Optional<Integer> count = cells.whole("built_pixels", 1, Run.PIXELS_MAX);
    return count.map(OptionalInt::of).orElse(OptionalInt.empty());
  }

  private Hanging hanging() throws BadInputException {
    Optional<BigDecimal> endX = cells.number("end_x_m", Range.PLACE);
    Optional<BigDecimal> endY = cells.number("end_y_m", Range.PLACE);
    Point start = cells.place();
    Optional<Point> end =
        endX.isEmpty() && endY.isEmpty()
            ? Optional.empty()
            : Optional.of(
                new Point(
                    endX.map(BigDecimal::doubleValue).orElse(start.x()),
                    endY.map(BigDecimal::doubleValue).orElse(start.y())));
    Optional<Course> course = Optional.empty();
    if (cells.has("course_m")) {
      course = CourseText.parse(cell("course_m"));
      if (course.isEmpty()) {
        throw wrong("course_m", "should be a course " + CourseText.FORMS + ".");
      }
    }
    List<Point> route = List.of();
    if (cells.has("route_m")) {
      route =
          CourseText.points(cell("route_m"))
              .orElseThrow(
                  () -> wrong("route_m", "should be points in metres, such as 0 2; 4.5 2."));
    }
    return new Hanging(start, end, course, route);
  }

  private Fitting fitting(PixelType type) throws BadInputException {
    Optional<String> order = cells.optional("colour_order");
    if (order.isPresent() && !Fitting.rearranges(order.get(), type.order())) {
      throw wrong(
          "colour_order",
          BadInputException.echo(order.get())
              + " should be the letters "
              + type.order()
              + " in another order.");
    }
    return new Fitting(
        cells.whole("group_pixels", 1, Fitting.GROUPING_MAX).orElse(1),
        order,
        cells.yes("reverse_data", false));
  }

  private Optional<BigDecimal> length() throws BadInputException {
    Range most = Range.aboveTo(0, 100_000);
    Optional<BigDecimal> metres = cells.number("length_m", most);
    Optional<BigDecimal> feet = cells.number("length_ft", Range.aboveTo(0, 100_000 / 0.3048));
    if (metres.isPresent() && feet.isPresent()) {
      throw wrong("length_ft", "both length_m and length_ft are given; give one of them.");
    }
    return metres.isPresent() ? metres : feet.map(Geometry::metresOfFeet);
  }

  private int pixels(PixelType type, Optional<BigDecimal> length, Hanging hanging)
      throws BadInputException {
    Optional<Integer> given = cells.whole("pixels", 1, Run.PIXELS_MAX);
    if (given.isPresent()) {
      return given.get();
    }
    if (length.isEmpty() && hanging.course().isPresent()) {
      return ofCourse(hanging.course().get(), type);
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
