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
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** A run of a show file. */
final class RunJson {
  private RunJson() {}

  static Run read(JsonFields f, Show bare) throws BadInputException {
    PixelType type = bare.catalogue().pixelTypesById().get(f.text("type"));
    if (type == null) {
      throw f.wrong(
          "type",
          BadInputException.echo(f.text("type"))
              + " is no pixel type of this show; give the id of one.");
    }
    Optional<JsonFields> notes = f.object("notes");
    Run run =
        new Run(
            f.text("name"),
            type.id(),
            f.whole("pixels", Range.between(1, Run.PIXELS_MAX)),
            OptionalInt.empty(),
            optional(f, "lengthM", Range.aboveTo(0, 100_000)),
            hanging(f),
            optional(f, "leadM", Range.LENGTH),
            Optional.of(f.cutText("group", "")).filter(g -> !g.isBlank()),
            pin(f, bare),
            f.flag("split", true),
            fitting(f),
            notes.isPresent() ? notes.get().allTexts() : Map.of());
    return f.has("builtPixels")
        ? run.withBuilt(OptionalInt.of(f.whole("builtPixels", Range.between(1, Run.PIXELS_MAX))))
        : run;
  }

  private static Hanging hanging(JsonFields f) throws BadInputException {
    OptionalDouble endX = optional(f, "endXM", Range.PLACE);
    OptionalDouble endY = optional(f, "endYM", Range.PLACE);
    Point start = new Point(f.number("xM", Range.PLACE, 0), f.number("yM", Range.PLACE, 0));
    Optional<Point> end =
        endX.isEmpty() && endY.isEmpty()
            ? Optional.empty()
            : Optional.of(new Point(endX.orElse(start.x()), endY.orElse(start.y())));
    Optional<Course> course = Optional.empty();
    if (f.has("courseM")) {
      course = CourseText.parse(f.longText("courseM"));
      if (course.isEmpty()) {
        throw f.wrong("courseM", "should be a course " + CourseText.FORMS + ".");
      }
    }
    List<Point> route = List.of();
    if (f.has("routeM")) {
      route =
          CourseText.points(f.longText("routeM"))
              .orElseThrow(
                  () -> f.wrong("routeM", "should be points in metres, such as 0 2; 4.5 2."));
    }
    return new Hanging(start, end, course, route);
  }

  private static Fitting fitting(JsonFields f) throws BadInputException {
    return new Fitting(
        f.whole("groupPixels", Range.between(1, Fitting.GROUPING_MAX), 1),
        f.optionalText("colourOrder"),
        f.flag("reverseData", false));
  }

  private static OptionalDouble optional(JsonFields f, String key, Range range)
      throws BadInputException {
    return f.has(key) ? OptionalDouble.of(f.number(key, range)) : OptionalDouble.empty();
  }

  private static Optional<Pin> pin(JsonFields f, Show bare) throws BadInputException {
    Optional<String> id = f.optionalText("controller");
    if (id.isEmpty()) {
      if (f.has("port")) {
        throw f.wrong("port", "is given without a controller; name the controller too.");
      }
      return Optional.empty();
    }
    Map<String, Controller> known = new LinkedHashMap<>();
    bare.controllers().orElse(List.of()).forEach(c -> known.put(c.id(), c));
    if (!known.containsKey(id.get())) {
      throw f.wrong(
          "controller",
          BadInputException.echo(id.get()) + " is no controller of this show; give the id of one.");
    }
    if (!f.has("port")) {
      return Optional.of(new Pin(id.get(), OptionalInt.empty()));
    }
    int ports = bare.catalogue().controllerTypesById().get(known.get(id.get()).type()).ports();
    return Optional.of(new Pin(id.get(), OptionalInt.of(f.whole("port", Range.between(1, ports)))));
  }

  static void write(Json json, Run r) throws IOException {
    json.put("name", r.name()).put("type", r.type()).put("pixels", r.plannedPixels());
    put(json, "lengthM", r.lengthM());
    json.put("xM", r.start().x()).put("yM", r.start().y());
    if (r.end().isPresent()) {
      json.put("endXM", r.end().get().x()).put("endYM", r.end().get().y());
    }
    put(json, "leadM", r.leadM());
    if (r.group().isPresent()) {
      json.put("group", r.group().get());
    }
    if (r.pin().isPresent()) {
      json.put("controller", r.pin().get().controller());
      if (r.pin().get().port().isPresent()) {
        json.put("port", r.pin().get().port().getAsInt());
      }
    }
    json.put("split", r.split());
    if (r.built().isPresent()) {
      json.put("builtPixels", r.built().getAsInt());
    }
    if (r.fitting().grouping() > 1) {
      json.put("groupPixels", r.fitting().grouping());
    }
    if (r.fitting().order().isPresent()) {
      json.put("colourOrder", r.fitting().order().get());
    }
    if (r.fitting().reversed()) {
      json.put("reverseData", true);
    }
    if (r.hanging().course().isPresent()) {
      json.put("courseM", CourseText.exactly(r.hanging().course().get()));
    }
    if (!r.hanging().route().isEmpty()) {
      json.put("routeM", CourseText.exactly(r.hanging().route()));
    }
    if (!r.notes().isEmpty()) {
      json.object(
          "notes",
          j -> {
            for (Map.Entry<String, String> e : r.notes().entrySet()) {
              j.put(e.getKey(), e.getValue());
            }
          });
    }
  }

  private static void put(Json json, String key, OptionalDouble value) throws IOException {
    if (value.isPresent()) {
      json.put(key, value.getAsDouble());
    }
  }
}
