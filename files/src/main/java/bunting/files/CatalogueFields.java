package bunting.files;

import static bunting.files.codec.Optionals.boxed;
import static bunting.files.codec.Optionals.decimal;
import static bunting.files.codec.Optionals.whole;

import bunting.core.limits.Range;
import bunting.core.show.LoadKind;
import bunting.core.show.PixelType;
import bunting.core.show.Signal;
import bunting.core.show.SupplyType;
import bunting.core.show.edit.Names;
import bunting.files.codec.Field;
import bunting.files.codec.Kind;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Pixel types and supplies of the catalogue. What has an obvious default may be left out. */
final class CatalogueFields {
  private static final Range SHARE = Range.between(0.001, 1);

  private static final Field<PixelType, String> TYPE = id(PixelType::id);
  private static final Field<PixelType, String> TYPE_NAME = name(PixelType::name);
  private static final Field<PixelType, Double> TYPE_VOLTS =
      Field.each("volts", "nominal", Kind.number(Range.VOLTS), PixelType::volts);
  private static final Field<PixelType, Integer> CHANNELS =
      Field.each(
          "channels",
          "slots a pixel takes",
          Kind.whole(Range.between(1, 512)),
          PixelType::channels);
  private static final Field<PixelType, String> ORDER =
      Field.each(
          "order",
          "of its slots; RGB by default, of four channels RGBW",
          Kind.text(Names.LENGTH_MAX),
          PixelType::order);
  private static final Field<PixelType, Integer> BITS =
      Field.each(
              "bitsPerChannel",
              "on the wire",
              Kind.whole(Range.between(1, 64)),
              PixelType::bitsPerChannel)
          .usually(8);
  private static final Field<PixelType, Signal> SIGNAL =
      Field.each(
              "signal",
              "of its data",
              Kind.word(List.of(Signal.values()), Signal::id),
              PixelType::signal)
          .usually(Signal.ONE_WIRE_800K);
  private static final Field<PixelType, Double> PITCH =
      Field.each("pitchPerM", "pixels a metre", Kind.number(Range.PITCH), PixelType::pitchPerM);
  private static final Field<PixelType, Integer> CUT =
      Field.each(
              "cutEvery", "pixels between cut marks", Kind.whole(Range.PIXELS), PixelType::cutEvery)
          .usually(1);
  private static final Field<PixelType, Double> FULL =
      Field.each(
          "milliampsFull",
          "at full white; the meter's, where `sheetMilliampsFull` stands beside it",
          Kind.number(Range.MILLIAMPS),
          PixelType::milliampsFull);
  private static final Field<PixelType, Double> IDLE =
      Field.each(
              "milliampsIdle",
              "while it shows black",
              Kind.number(Range.MILLIAMPS),
              PixelType::milliampsIdle)
          .usually(0.0);
  private static final Field<PixelType, LoadKind> LOAD =
      Field.each(
              "load",
              "how its current answers to the volts",
              Kind.word(List.of(LoadKind.values()), LoadKind::id),
              PixelType::load)
          .usually(LoadKind.CONSTANT_CURRENT);
  private static final Field<PixelType, Double> RAIL_OHMS =
      Field.each(
          "railOhmsPerM",
          "of one rail, go or return",
          Kind.number(Range.RAIL_OHMS),
          PixelType::railOhmsPerM);
  private static final Field<PixelType, Double> SHEET =
      new Field<>(
          "sheetMilliampsFull",
          "what the sheet said before it was measured",
          Kind.number(Range.MILLIAMPS),
          t -> boxed(t.sheetMilliampsFull()));
  private static final Field<PixelType, Double> RAIL_AMPS =
      new Field<>(
          "railAmpsMax",
          "the most that one rail bears: the planner keeps to it; without it a limit is assumed and"
              + " warned of",
          Kind.number(Range.RAIL_AMPS),
          t -> boxed(t.railAmpsMax()));
  private static final Field<PixelType, Integer> JOINT =
      new Field<>(
          "jointEvery",
          "pixels from connector to connector; without it 5 m from 20/m on, else 50",
          Kind.whole(Range.PIXELS),
          t -> boxed(t.jointEvery()));

  /** A pixel type. */
  static final Shape<PixelType> PIXELS =
      new Shape<>(
          List.of(
              TYPE,
              TYPE_NAME,
              TYPE_VOLTS,
              CHANNELS,
              ORDER,
              BITS,
              SIGNAL,
              PITCH,
              CUT,
              FULL,
              IDLE,
              LOAD,
              RAIL_OHMS,
              SHEET,
              RAIL_AMPS,
              JOINT),
          v ->
              new PixelType(
                  v.of(TYPE),
                  v.maybe(TYPE_NAME).orElse(v.of(TYPE)),
                  v.of(TYPE_VOLTS),
                  v.of(CHANNELS),
                  v.maybe(ORDER).orElse(v.of(CHANNELS) == 4 ? "RGBW" : "RGB"),
                  v.of(BITS),
                  v.of(SIGNAL),
                  v.of(PITCH),
                  v.of(CUT),
                  v.of(FULL),
                  v.of(IDLE),
                  v.of(LOAD),
                  v.of(RAIL_OHMS),
                  decimal(v.maybe(SHEET)),
                  decimal(v.maybe(RAIL_AMPS)),
                  whole(v.maybe(JOINT))));

  private static final Field<SupplyType, String> SUPPLY = id(SupplyType::id);
  private static final Field<SupplyType, Double> SUPPLY_VOLTS =
      Field.each("volts", "nominal", Kind.number(Range.VOLTS), SupplyType::volts);
  private static final Field<SupplyType, Double> WATTS =
      Field.each("watts", "that it gives", Kind.number(Range.WATTS), SupplyType::watts);
  private static final Field<SupplyType, Double> EFFICIENCY =
      Field.each("efficiency", "out for in", Kind.number(SHARE), SupplyType::efficiency)
          .usually(0.88);
  private static final Field<SupplyType, Double> POWER_FACTOR =
      Field.each(
              "powerFactor", "watts for volt-amperes", Kind.number(SHARE), SupplyType::powerFactor)
          .usually(0.95);
  private static final Field<SupplyType, Double> SUPPLY_COST = cost(SupplyType::cost);
  private static final Field<SupplyType, Double> INRUSH =
      new Field<>(
          "inrushAmps",
          "cold, at 230 V; without it 60 is assumed",
          Kind.number(Range.AMPS),
          t -> boxed(t.inrushAmps()));
  private static final Field<SupplyType, Double> IDLE_WATTS =
      new Field<SupplyType, Double>(
              "idleWatts",
              "that it draws for itself",
              Kind.number(Range.between(0, Range.WATTS.most())),
              t -> Optional.of(t.idleWatts()).filter(w -> w > 0))
          .usually(0.0);

  /** A supply type. */
  static final Shape<SupplyType> SUPPLIES =
      new Shape<>(
          List.of(
              SUPPLY,
              SUPPLY_VOLTS,
              WATTS,
              EFFICIENCY,
              POWER_FACTOR,
              SUPPLY_COST,
              INRUSH,
              IDLE_WATTS),
          v ->
              new SupplyType(
                  v.of(SUPPLY),
                  v.of(SUPPLY_VOLTS),
                  v.of(WATTS),
                  v.of(EFFICIENCY),
                  v.of(POWER_FACTOR),
                  v.of(SUPPLY_COST),
                  decimal(v.maybe(INRUSH)),
                  v.of(IDLE_WATTS)));

  private CatalogueFields() {}

  static <T> Field<T, String> id(Function<T, String> of) {
    return Field.each("id", "no two are the same", Kind.text(Names.LENGTH_MAX), of);
  }

  static <T> Field<T, String> name(Function<T, String> of) {
    return Field.each("name", "for people; without it the id", Kind.text(Names.LENGTH_MAX), of);
  }

  static <T> Field<T, Double> cost(Function<T, Double> of) {
    return Field.each("cost", "its price", Kind.number(Range.MONEY), of).usually(0.0);
  }
}
