package bunting.files;

import static bunting.files.codec.Optionals.boxed;
import static bunting.files.codec.Optionals.decimal;

import bunting.core.limits.Range;
import bunting.core.show.BulbString;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.edit.Names;
import bunting.files.codec.Field;
import bunting.files.codec.Kind;
import java.util.List;
import java.util.function.Function;

/** The fields of lights that are not pixels, in run lists and in show files. */
final class LightFields {
  private static final Field<PlainSet, String> SET_NAME = name(PlainSet::name);
  private static final Field<PlainSet, Double> SET_VOLTS =
      Field.each("volts", "of a plain set", Kind.number(Range.SET_VOLTS), PlainSet::volts);
  private static final Field<PlainSet, Integer> CHANNELS =
      new Field<PlainSet, Integer>(
          "channels",
          "each an output and a slot; 3 by default",
          Kind.whole(Range.SET_CHANNELS),
          s -> java.util.Optional.of(s.channels()));
  private static final Field<PlainSet, Double> WATTS =
      Field.each(
          "watts",
          "of a plain set; amps = watts / volts, divided by the channels for an output",
          Kind.number(Range.SET_WATTS),
          PlainSet::watts);
  private static final Field<PlainSet, Double> SET_X = x(s -> s.at().x());
  private static final Field<PlainSet, Double> SET_Y = y(s -> s.at().y());
  private static final Field<PlainSet, Double> SET_Z = z(s -> s.at().z());
  private static final Field<PlainSet, Double> LEAD =
      new Field<PlainSet, Double>(
              "leadM",
              "measured cable from its board",
              Kind.number(Range.LENGTH),
              s -> boxed(s.leadM()))
          .column("lead_m");
  private static final Field<PlainSet, String> GROUP =
      new Field<>(
          "group",
          "sets of one group go on one board",
          Kind.text(Names.LENGTH_MAX),
          PlainSet::group);

  /** A plain set on PWM outputs. */
  static final Shape<PlainSet> SET =
      new Shape<>(
          List.of(SET_NAME, SET_VOLTS, CHANNELS, WATTS, SET_X, SET_Y, SET_Z, LEAD, GROUP),
          v ->
              new PlainSet(
                  v.of(SET_NAME),
                  v.of(SET_VOLTS),
                  v.maybe(CHANNELS).orElse(3),
                  v.of(WATTS),
                  new Point(v.of(SET_X), v.of(SET_Y), v.of(SET_Z)),
                  decimal(v.maybe(LEAD)),
                  v.maybe(GROUP)));

  private static final Field<BulbString, String> STRING_NAME = name(BulbString::name);
  private static final Field<BulbString, Integer> COUNT =
      Field.each("bulbs", "how many the string has", Kind.whole(Range.PIXELS), BulbString::bulbs);
  private static final Field<BulbString, Double> BULB_WATTS =
      Field.each(
              "wattsPerBulb",
              "amps = watts / (mains volts x 110/120)",
              Kind.number(Range.BULB_WATTS),
              BulbString::wattsPerBulb)
          .column("watts_per_bulb");
  private static final Field<BulbString, Double> CORD =
      Field.each(
              "cordAmps",
              "what its cord bears, or the fuse in its plug where that is less",
              Kind.number(Range.CORD_AMPS),
              BulbString::cordAmpsMax)
          .column("cord_amps");
  private static final Field<BulbString, Double> LIT =
      Field.each("lengthM", "the lit line", Kind.number(Range.LENGTH), BulbString::lengthM)
          .column("length_m")
          .usually(0.0);
  private static final Field<BulbString, Double> STRING_X = x(s -> s.at().x());
  private static final Field<BulbString, Double> STRING_Y = y(s -> s.at().y());
  private static final Field<BulbString, Double> STRING_Z = z(s -> s.at().z());

  /** A string of bulbs on the mains. */
  static final Shape<BulbString> BULBS =
      new Shape<>(
          List.of(STRING_NAME, COUNT, BULB_WATTS, CORD, LIT, STRING_X, STRING_Y, STRING_Z),
          v ->
              new BulbString(
                  v.of(STRING_NAME),
                  v.of(COUNT),
                  v.of(BULB_WATTS),
                  v.of(CORD),
                  v.of(LIT),
                  new Point(v.of(STRING_X), v.of(STRING_Y), v.of(STRING_Z))));

  private LightFields() {}

  private static <T> Field<T, String> name(Function<T, String> of) {
    return Field.each("name", "required; no two are the same", Kind.text(Names.LENGTH_MAX), of);
  }

  /** Where something is, across. */
  static <T> Field<T, Double> x(Function<T, Double> of) {
    return Field.each("xM", "where it is, across", Kind.number(Range.PLACE), of)
        .column("x_m")
        .usually(0.0);
  }

  /** Where something is, upwards. */
  static <T> Field<T, Double> y(Function<T, Double> of) {
    return Field.each("yM", "where it is, upwards", Kind.number(Range.PLACE), of)
        .column("y_m")
        .usually(0.0);
  }

  /** Where something is, away from the front. */
  static <T> Field<T, Double> z(Function<T, Double> of) {
    return Field.each("zM", "where it is, away from the front", Kind.number(Range.PLACE), of)
        .column("z_m")
        .usually(0.0);
  }
}
