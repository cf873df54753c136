package bunting.files;

import bunting.core.limits.Range;
import bunting.core.pattern.Pattern;
import bunting.core.show.BenchNotes;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What was ticked and read at the bench, in a show file. */
final class BenchJson {
  private BenchJson() {}

  static BenchNotes read(JsonFields in) throws BadInputException {
    JsonFields f = in.object("bench").orElse(null);
    if (f == null) {
      return BenchNotes.NONE;
    }
    List<String> ticked = f.texts("ticked").orElse(List.of());
    Map<Double, Double> supplies = new TreeMap<>();
    f.list(
        "supplies",
        s -> {
          double nominal = s.number("volts", Range.VOLTS);
          supplies.put(nominal, s.number("reads", Range.READ_VOLTS));
          return nominal;
        },
        String::valueOf);
    List<BenchNotes.Reading> readings = new ArrayList<>();
    f.list(
        "readings",
        r -> {
          readings.add(
              new BenchNotes.Reading(
                  r.text("run"),
                  r.whole("pixel", Range.PIXELS),
                  r.number("volts", Range.READ_VOLTS),
                  r.text("pattern", Pattern.WHITE.id()),
                  r.number("brightnessPercent", Range.PERCENT, 100)));
          return readings.size();
        },
        String::valueOf);
    List<BenchNotes.Amps> amps = new ArrayList<>();
    f.list(
        "amps",
        a -> {
          amps.add(
              new BenchNotes.Amps(
                  a.text("kind"),
                  a.text("id"),
                  a.number("amps", Range.AMPS),
                  a.text("pattern", Pattern.WHITE.id()),
                  a.number("brightnessPercent", Range.PERCENT, 100)));
          return amps.size();
        },
        String::valueOf);
    f.done();
    return new BenchNotes(ticked, supplies, readings, amps);
  }

  static void write(Json json, BenchNotes notes) throws IOException {
    if (notes.equals(BenchNotes.NONE)) {
      return;
    }
    json.object(
        "bench",
        j -> {
          j.texts("ticked", notes.ticked());
          if (!notes.supplyVolts().isEmpty()) {
            j.list(
                "supplies",
                List.copyOf(notes.supplyVolts().entrySet()),
                (k, s) -> k.put("volts", s.getKey()).put("reads", s.getValue()));
          }
          if (!notes.amps().isEmpty()) {
            j.list(
                "amps",
                notes.amps(),
                (k, a) ->
                    k.put("kind", a.kind())
                        .put("id", a.id())
                        .put("amps", a.amps())
                        .put("pattern", a.pattern())
                        .put("brightnessPercent", a.brightnessPercent()));
          }
          j.list(
              "readings",
              notes.readings(),
              (k, r) ->
                  k.put("run", r.run())
                      .put("pixel", r.pixel())
                      .put("volts", r.volts())
                      .put("pattern", r.pattern())
                      .put("brightnessPercent", r.brightnessPercent()));
        });
  }
}
