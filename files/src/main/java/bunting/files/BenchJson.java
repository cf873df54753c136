package bunting.files;

import bunting.core.limits.Range;
import bunting.core.pattern.Pattern;
import bunting.core.show.BenchNotes;
import bunting.core.show.edit.Names;
import bunting.files.codec.Field;
import bunting.files.codec.Kind;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;

/** What was ticked and read at the bench, in a show file. */
final class BenchJson {
  private record Supply(double volts, double reads) {}

  private static final Field<Supply, Double> NOMINAL =
      Field.each("volts", "nominal", Kind.number(Range.VOLTS), Supply::volts);
  private static final Field<Supply, Double> READS =
      Field.each(
          "reads", "what the meter reads at them", Kind.number(Range.READ_VOLTS), Supply::reads);
  private static final Shape<Supply> SUPPLIES =
      new Shape<>(List.of(NOMINAL, READS), v -> new Supply(v.of(NOMINAL), v.of(READS)));

  private static final Field<BenchNotes.Reading, String> RUN =
      Field.each("run", "its name", Kind.text(Names.LENGTH_MAX), BenchNotes.Reading::run);
  private static final Field<BenchNotes.Reading, Integer> PIXEL =
      Field.each(
          "pixel", "in the run's numbering", Kind.whole(Range.PIXELS), BenchNotes.Reading::pixel);
  private static final Field<BenchNotes.Reading, Double> VOLTS =
      Field.each(
          "volts", "what was read", Kind.number(Range.READ_VOLTS), BenchNotes.Reading::volts);
  private static final Field<BenchNotes.Reading, String> PATTERN =
      pattern(BenchNotes.Reading::pattern);
  private static final Field<BenchNotes.Reading, Double> BRIGHTNESS =
      brightness(BenchNotes.Reading::brightnessPercent);

  /** Volts that were read. */
  static final Shape<BenchNotes.Reading> READINGS =
      new Shape<>(
          List.of(RUN, PIXEL, VOLTS, PATTERN, BRIGHTNESS),
          v ->
              new BenchNotes.Reading(
                  v.of(RUN), v.of(PIXEL), v.of(VOLTS), v.of(PATTERN), v.of(BRIGHTNESS)));

  private static final Field<BenchNotes.Amps, String> KIND =
      Field.each(
          "kind",
          "`feed`, `port`, `supply` or `circuit`",
          Kind.text(Names.LENGTH_MAX),
          BenchNotes.Amps::kind);
  private static final Field<BenchNotes.Amps, String> ID =
      Field.each("id", "of it", Kind.text(Names.LENGTH_MAX), BenchNotes.Amps::id);
  private static final Field<BenchNotes.Amps, Double> AMPS =
      Field.each("amps", "what was read", Kind.number(Range.AMPS), BenchNotes.Amps::amps);
  private static final Field<BenchNotes.Amps, String> AMPS_PATTERN =
      pattern(BenchNotes.Amps::pattern);
  private static final Field<BenchNotes.Amps, Double> AMPS_BRIGHTNESS =
      brightness(BenchNotes.Amps::brightnessPercent);

  /** Amps that were read. */
  static final Shape<BenchNotes.Amps> CLAMPED =
      new Shape<>(
          List.of(KIND, ID, AMPS, AMPS_PATTERN, AMPS_BRIGHTNESS),
          v ->
              new BenchNotes.Amps(
                  v.of(KIND), v.of(ID), v.of(AMPS), v.of(AMPS_PATTERN), v.of(AMPS_BRIGHTNESS)));

  private BenchJson() {}

  private static <T> Field<T, String> pattern(Function<T, String> of) {
    return Field.each("pattern", "what was sent", Kind.textOrNone(Names.LENGTH_MAX), of)
        .usually(Pattern.WHITE.id());
  }

  private static <T> Field<T, Double> brightness(Function<T, Double> of) {
    return Field.each("brightnessPercent", "of what was sent", Kind.number(Range.PERCENT), of)
        .usually(100.0);
  }

  static BenchNotes read(JsonFields in) throws BadInputException {
    JsonFields f = in.object("bench").orElse(null);
    if (f == null) {
      return BenchNotes.NONE;
    }
    List<String> ticked = f.texts("ticked").orElse(List.of());
    Map<Double, Double> supplies = new TreeMap<>();
    f.list("supplies", SUPPLIES::read, s -> String.valueOf(s.volts()))
        .orElse(List.of())
        .forEach(s -> supplies.put(s.volts(), s.reads()));
    List<BenchNotes.Reading> readings = f.things("readings", READINGS);
    List<BenchNotes.Amps> amps = f.things("amps", CLAMPED);
    f.done();
    return new BenchNotes(ticked, supplies, readings, amps);
  }

  static void write(Json json, BenchNotes notes) throws IOException {
    if (notes.equals(BenchNotes.NONE)) {
      return;
    }
    List<Supply> supplies =
        notes.supplyVolts().entrySet().stream()
            .map(e -> new Supply(e.getKey(), e.getValue()))
            .toList();
    json.object(
        "bench",
        j -> {
          j.texts("ticked", notes.ticked());
          if (!supplies.isEmpty()) {
            j.list("supplies", supplies, SUPPLIES::write);
          }
          if (!notes.amps().isEmpty()) {
            j.list("amps", notes.amps(), CLAMPED::write);
          }
          j.list("readings", notes.readings(), READINGS::write);
        });
  }
}
