package bunting.files;

import static bunting.files.codec.Optionals.boxed;
import static bunting.files.codec.Optionals.decimal;
import static bunting.files.codec.Optionals.whole;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.limits.Range;
import bunting.core.show.ControllerType;
import bunting.core.show.DimmerType;
import bunting.core.show.LoadKind;
import bunting.core.show.PixelType;
import bunting.core.show.Signal;
import bunting.core.show.SupplyType;
import bunting.core.show.edit.Names;
import bunting.files.codec.Field;
import bunting.files.codec.Kind;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** The large entries of the catalogue. What has an obvious default may be left out. */
final class CatalogueFields {
  /** More ports than any board has; keeps a slip of the finger from filling the memory. */
  static final int PORTS_MAX = 10_000;

  private static final Range MANY = Range.between(1, 1_000_000_000);
  private static final Range SOME_AMPS = Range.aboveTo(0, Range.AMPS.most());
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

  private static final Field<ControllerType, String> BOX = id(ControllerType::id);
  private static final Field<ControllerType, String> BOX_NAME = name(ControllerType::name);
  private static final Field<ControllerType, Integer> PORTS =
      Field.each("ports", "of it", Kind.whole(Range.between(1, PORTS_MAX)), ControllerType::ports);
  private static final Field<ControllerType, Integer> PORT_PIXELS =
      Field.each(
          "pixelsPerPortMax", "by its maker", Kind.whole(MANY), ControllerType::pixelsPerPortMax);
  private static final Field<ControllerType, Integer> UNIVERSES =
      Field.each("universesMax", "by its maker", Kind.whole(MANY), ControllerType::universesMax);
  private static final Field<ControllerType, List<Double>> BOX_VOLTS =
      Field.each("volts", "that it passes on", Kind.numbers(Range.VOLTS), ControllerType::volts);
  private static final Field<ControllerType, Double> PORT_AMPS =
      Field.each(
          "portAmpsMax", "of one port", Kind.number(Range.AMPS), ControllerType::portAmpsMax);
  private static final Field<ControllerType, Double> BOARD_AMPS =
      Field.each(
          "boardAmpsMax", "of all together", Kind.number(Range.AMPS), ControllerType::boardAmpsMax);
  private static final Field<ControllerType, List<List<Integer>>> FUSE_GROUPS =
      Field.each(
              "fuseGroups",
              "ports that share a fuse",
              Kind.groups(Range.between(1, PORTS_MAX)),
              ControllerType::fuseGroups)
          .usually(List.of());
  private static final Field<ControllerType, Double> GROUP_AMPS =
      Field.each(
          "fuseGroupAmpsMax",
          "of such a fuse; without it a port's",
          Kind.number(Range.AMPS),
          ControllerType::fuseGroupAmpsMax);
  private static final Field<ControllerType, Double> BOX_COST = cost(ControllerType::cost);
  private static final Field<ControllerType, String> FACTORY =
      Field.each(
              "factoryAddress",
              "that it has out of its carton",
              Kind.written(
                  "an IPv4 address, such as 192.168.1.200",
                  t -> Optional.of(t).filter(NetworkAddresses::valid),
                  t -> t,
                  t -> t),
              ControllerType::factoryAddress)
          .usually(ControllerType.USUAL_FACTORY_ADDRESS);
  private static final Field<ControllerType, Double> TERMINAL =
      new Field<ControllerType, Double>(
              "terminalMm2Max",
              "the thickest wire that its ports' terminals take; 0: not known",
              Kind.number(Range.WIRE_MM2),
              t -> Optional.of(t.terminalMm2Max()).filter(mm2 -> mm2 > 0))
          .usually(0.0);

  /** A controller type. */
  static final Shape<ControllerType> BOXES =
      new Shape<>(
          List.of(
              BOX,
              BOX_NAME,
              PORTS,
              PORT_PIXELS,
              UNIVERSES,
              BOX_VOLTS,
              PORT_AMPS,
              BOARD_AMPS,
              FUSE_GROUPS,
              GROUP_AMPS,
              BOX_COST,
              FACTORY,
              TERMINAL),
          v ->
              new ControllerType(
                  v.of(BOX),
                  v.maybe(BOX_NAME).orElse(v.of(BOX)),
                  v.of(PORTS),
                  v.of(PORT_PIXELS),
                  v.of(UNIVERSES),
                  v.of(BOX_VOLTS),
                  v.of(PORT_AMPS),
                  v.of(BOARD_AMPS),
                  fuseGroups(v),
                  v.maybe(GROUP_AMPS).orElse(v.of(PORT_AMPS)),
                  v.of(BOX_COST),
                  v.of(FACTORY),
                  v.of(TERMINAL)));

  private static final Field<DimmerType, String> DIMMER = id(DimmerType::id);
  private static final Field<DimmerType, String> DIMMER_NAME = name(DimmerType::name);
  private static final Field<DimmerType, Integer> OUTPUTS =
      Field.each("outputs", "of it", Kind.whole(Range.between(1, PORTS_MAX)), DimmerType::outputs);
  private static final Field<DimmerType, List<Double>> DIMMER_VOLTS =
      Field.each("volts", "that it passes on", Kind.numbers(Range.VOLTS), DimmerType::volts);
  private static final Field<DimmerType, Double> OUTPUT_AMPS =
      Field.each(
          "outputAmpsMax", "of one output", Kind.number(SOME_AMPS), DimmerType::outputAmpsMax);
  private static final Field<DimmerType, Double> DIMMER_AMPS =
      Field.each(
          "boardAmpsMax", "of all together", Kind.number(SOME_AMPS), DimmerType::boardAmpsMax);
  private static final Field<DimmerType, Double> DIMMER_COST = cost(DimmerType::cost);

  /** A board of dimmed outputs. */
  static final Shape<DimmerType> DIMMERS =
      new Shape<>(
          List.of(
              DIMMER, DIMMER_NAME, OUTPUTS, DIMMER_VOLTS, OUTPUT_AMPS, DIMMER_AMPS, DIMMER_COST),
          v ->
              new DimmerType(
                  v.of(DIMMER),
                  v.maybe(DIMMER_NAME).orElse(v.of(DIMMER)),
                  v.of(OUTPUTS),
                  v.of(DIMMER_VOLTS),
                  v.of(OUTPUT_AMPS),
                  v.of(DIMMER_AMPS),
                  v.of(DIMMER_COST)));

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

  private static List<List<Integer>> fuseGroups(Shape.Values v) throws BadInputException {
    int ports = v.of(PORTS);
    Set<Integer> seen = new HashSet<>();
    List<List<Integer>> groups = v.of(FUSE_GROUPS);
    for (int i = 0; i < groups.size(); i++) {
      for (int port : groups.get(i)) {
        if (port > ports) {
          throw v.wrong(FUSE_GROUPS, i, "should name ports from 1 to " + ports + ".");
        }
        if (!seen.add(port)) {
          throw v.wrong(
              FUSE_GROUPS, i, "names port " + port + " a second time; a port has one fuse.");
        }
      }
    }
    return groups.stream().map(g -> g.stream().sorted().toList()).toList();
  }
}
