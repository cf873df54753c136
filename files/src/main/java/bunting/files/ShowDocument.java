package bunting.files;

import bunting.core.show.BoxStarts;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.UniverseRange;
import bunting.core.show.Wire;
import java.io.IOException;
import java.util.List;

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
    List<Run> runs = in.list("runs", f -> RunJson.read(f, bare), Run::name).orElse(null);
    if (runs == null) {
      throw in.wrong("runs", "is missing; a show file has formatVersion, settings and runs.");
    }
    Show show =
        bare.withRuns(runs)
            .withOthers(OthersJson.read(in))
            .withSurvey(SurveyJson.read(in, bare))
            .withWorkshop(WorkshopJson.read(in, bare))
            .withAllotting(AllottingJson.read(in, bare.allotting(), runs))
            .withWiring(
                WiringJson.read(in, bare.wiring(), runs, WiringJson.ids(bare.catalogue().wires())));
    in.done();
    return show.withStrayKeys(in.strays());
  }

  static byte[] write(Show show) {
    return Json.document(
        json -> {
          json.put("formatVersion", VERSION);
          json.object("settings", j -> settings(j, show));
          json.list("runs", show.runs(), RunJson::write);
          OthersJson.write(json, show.others());
          SurveyJson.write(json, show.survey());
          WorkshopJson.write(json, show.workshop());
          AllottingJson.write(json, show.allotting());
          WiringJson.writePosts(json, show.wiring());
        });
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
          if (a.reserved().stream().anyMatch(r -> !r.owner().isEmpty())) {
            j.object(
                "owners",
                o -> {
                  for (UniverseRange r : a.reserved()) {
                    o.put(r.text(), r.owner());
                  }
                });
          }
          if (!a.boxStarts().equals(BoxStarts.FOLLOWING)) {
            j.put("boxStartEvery", a.boxStarts().every());
            j.list(
                "boxStarts",
                a.boxStarts().at().entrySet(),
                (k, e) -> k.put("box", e.getKey()).put("universe", e.getValue()));
          }
        });
    AllottingJson.writeSettings(json, show.allotting().planning(), show.network());
    WiringJson.writeSettings(json, show.wiring());
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
