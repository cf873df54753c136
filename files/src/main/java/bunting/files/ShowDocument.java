package bunting.files;

import bunting.core.show.Controller;
import bunting.core.show.Pin;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.UniverseRange;
import bunting.core.show.Wire;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** The show file: {@code formatVersion}, {@code settings} as in SETTINGS.json, {@code runs}. */
final class ShowDocument {
  private static final int VERSION = 1;

  private ShowDocument() {}

  static Show read(JsonFields in) throws BadInputException {
    int version = in.whole("formatVersion", Range.between(1, 1_000_000));
    if (version > VERSION) {
      throw in.wrong(
          "formatVersion",
          "is "
              + version
              + ", and this Bunting reads up to "
              + VERSION
              + "; open it with a newer one.");
    }
    JsonFields settings = in.object("settings").orElse(null);
    if (settings == null) {
      throw in.wrong("settings", "is missing; a show file has formatVersion, settings and runs.");
    }
    Show bare = SettingsReader.read(settings);
    List<Run> runs = in.list("runs", f -> run(f, bare), Run::name).orElse(null);
    if (runs == null) {
      throw in.wrong("runs", "is missing; a show file has formatVersion, settings and runs.");
    }
    in.done();
    return new Show(
        bare.settings(),
        bare.sites(),
        bare.addressing(),
        bare.catalogue(),
        bare.controllers(),
        bare.circuits(),
        runs,
        in.strays());
  }

  private static Run run(JsonFields f, Show bare) throws BadInputException {
    String type = f.text("type");
    if (!bare.catalogue().pixelTypesById().containsKey(type)) {
      throw f.wrong(
          "type",
          BadInputException.echo(type) + " is no pixel type of this show; give the id of one.");
    }
    OptionalDouble endX = optional(f, "endXM", Range.PLACE);
    OptionalDouble endY = optional(f, "endYM", Range.PLACE);
    Point start = new Point(f.number("xM", Range.PLACE, 0), f.number("yM", Range.PLACE, 0));
    Optional<Point> end =
        endX.isEmpty() && endY.isEmpty()
            ? Optional.empty()
            : Optional.of(new Point(endX.orElse(start.x()), endY.orElse(start.y())));
    Optional<JsonFields> notes = f.object("notes");
    return new Run(
        f.text("name"),
        type,
        f.whole("pixels", Range.between(1, Run.PIXELS_MAX)),
        optional(f, "lengthM", Range.aboveTo(0, 100_000)),
        start,
        end,
        optional(f, "leadM", Range.LENGTH),
        f.optionalText("group"),
        pin(f, bare),
        f.flag("split", true),
        notes.isPresent() ? notes.get().allTexts() : Map.of());
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

  static byte[] write(Show show) {
    return Json.document(
        json -> {
          json.put("formatVersion", VERSION);
          json.object("settings", j -> settings(j, show));
          json.list("runs", show.runs(), ShowDocument::run);
        });
  }

  private static void run(Json json, Run r) throws IOException {
    json.put("name", r.name()).put("type", r.type()).put("pixels", r.pixels());
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

  private static void settings(Json json, Show show) throws IOException {
    var s = show.settings();
    json.object(
        "show",
        j ->
            j.put("name", s.name())
                .put("mainsVolts", s.mainsVolts())
                .put("targetFps", s.targetFps())
                .put("brightnessPercent", s.brightnessPercent())
                .put("supplyLoadPercentMax", s.supplyLoadPercentMax())
                .put("fuseMargin", s.fuseMargin())
                .put("minVoltsPercent", s.minVoltsPercent()));
    json.list("sites", show.sites(), (j, t) -> j.put("id", t.id()).put("x", t.x()).put("y", t.y()));
    var a = show.addressing();
    json.object(
        "addressing",
        j -> {
          j.put("protocol", a.protocol().id())
              .put("startUniverse", a.startUniverse())
              .put("split", a.split().id())
              .put("portStart", a.portStart().id());
          j.texts("reserved", a.reserved().stream().map(UniverseRange::text).toList());
        });
    CatalogueWriter.write(json, show.catalogue());
    json.texts("wires", show.catalogue().wires().stream().map(Wire::id).toList());
    if (show.controllers().isPresent()) {
      json.list(
          "controllers",
          show.controllers().get(),
          (j, c) -> j.put("id", c.id()).put("type", c.type()).put("x", c.x()).put("y", c.y()));
    }
    if (show.circuits().isPresent()) {
      json.list(
          "circuits",
          show.circuits().get(),
          (j, c) ->
              j.put("id", c.id())
                  .put("volts", c.volts())
                  .put("breakerAmps", c.breakerAmps())
                  .put("existingAmps", c.existingAmps()));
    }
  }
}
