package bunting.files;

import bunting.core.limits.Counts;
import bunting.core.limits.Range;
import bunting.core.show.BoxStarts;
import bunting.core.show.Hours;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.UniverseRange;
import bunting.core.show.edit.References;
import java.io.IOException;
import java.util.List;
import java.util.Optional;

/**
 * The show file: {@code formatVersion}, {@code settings} as in SETTINGS.json, {@code runs}, and
 * what the builder decided, his accepted {@code plan} among it.
 */
final class ShowDocument {
  private static final int VERSION = 1;

  /** The key of a recovery file that names the show's own file; empty: it has none. */
  static final String RECOVERY_OF = "recoveryOf";

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
    Optional<String> tooMany = Counts.tooManyPixels(runs);
    if (tooMany.isPresent()) {
      throw in.wrong("runs", "is too much: " + tooMany.get());
    }
    Show show =
        bare.withRuns(runs)
            .withOthers(OthersJson.read(in))
            .withSurvey(SurveyJson.read(in))
            .withWorkshop(WorkshopJson.read(in))
            .withBench(BenchJson.read(in))
            .withPreparation(PreparationJson.read(in).orElse(bare.preparation()))
            .withAllotting(AllottingJson.read(in, bare.allotting()))
            .withWiring(WiringJson.read(in, bare.wiring()))
            .withAccepted(AcceptedJson.read(in));
    // Hours stand in the settings; a show file may have them beside these.
    Optional<Hours> hours = HoursJson.read(in);
    if (hours.isPresent()) {
      show = show.withMains(show.mains().withHours(hours));
    }
    // A recovery file is a show file that says whose it is; that means nothing to the show.
    in.has(RECOVERY_OF);
    in.done();
    References.Kept kept = References.keep(show);
    return kept.show().withLeftovers(in.leftovers().with(kept.dropped()));
  }

  /** The file's bytes; what other versions of Bunting wrote stands where it stood. */
  static byte[] write(Show show) {
    return StrayKeys.putBack(written(show, Optional.empty()), show.leftovers().strays());
  }

  /** A recovery file: a show file that says which file it would have become. */
  static byte[] writeRecovery(Show show, String of) {
    return StrayKeys.putBack(written(show, Optional.of(of)), show.leftovers().strays());
  }

  private static byte[] written(Show show, Optional<String> recoveryOf) {
    return Json.exactly(
        json -> {
          json.put("formatVersion", VERSION);
          if (recoveryOf.isPresent()) {
            json.put(RECOVERY_OF, recoveryOf);
          }
          json.object("settings", j -> settings(j, show));
          json.list("runs", show.runs(), RunJson::write);
          OthersJson.write(json, show.others());
          SurveyJson.write(json, show.survey());
          WorkshopJson.write(json, show.workshop());
          BenchJson.write(json, show.bench());
          PreparationJson.write(json, show.preparation());
          AllottingJson.write(json, show.allotting());
          WiringJson.writePosts(json, show.wiring());
          AcceptedJson.write(json, show);
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
    PricesJson.write(json, s.currency(), show.allotting().planning().prices());
    json.list("sites", show.sites(), (j, t) -> j.put("id", t.id()).at(t.at()));
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
    CatalogueJson.write(json, show.catalogue());
    if (show.controllers().isPresent()) {
      json.list(
          "controllers",
          show.controllers().get(),
          (j, c) -> j.put("id", c.id()).put("type", c.type()).at(c.at()));
    }
    MainsJson.write(json, show);
  }
}
