package bunting.files;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.limits.Range;
import bunting.core.show.Bank;
import bunting.core.show.ControllerType;
import bunting.core.show.DimmerType;
import bunting.files.codec.Field;
import bunting.files.codec.Kind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Boards of the catalogue: for pixels and for plain sets. */
final class BoxFields {
  /** More ports than any board has; keeps a slip of the finger from filling the memory. */
  static final int PORTS_MAX = 10_000;

  private static final Range MANY = Range.between(1, 1_000_000_000);
  private static final Range SOME_AMPS = Range.aboveTo(0, Range.AMPS.most());

  private static final Field<ControllerType, String> BOX = CatalogueFields.id(ControllerType::id);
  private static final Field<ControllerType, String> BOX_NAME =
      CatalogueFields.name(ControllerType::name);
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
  private static final Field<ControllerType, Double> BOX_COST =
      CatalogueFields.cost(ControllerType::cost);
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

  private static final Field<ControllerType, List<List<Integer>>> BANKS =
      new Field<ControllerType, List<List<Integer>>>(
              "banks",
              "ports that stand on one power board with one supply behind it, each port on one;"
                  + " without it all are on one",
              Kind.groups(Range.between(1, PORTS_MAX)),
              t -> some(t.banks().stream().map(Bank::ports).toList()))
          .usually(List.of());
  private static final Field<ControllerType, List<Double>> BANK_VOLTS =
      new Field<ControllerType, List<Double>>(
              "bankVolts",
              "of each bank, among the volts of the type; without it any of these",
              Kind.numbers(Range.VOLTS),
              t -> some(t.banks().stream().flatMap(b -> b.volts().stream()).toList()))
          .usually(List.of());
  private static final Field<ControllerType, List<Double>> BANK_AMPS =
      new Field<ControllerType, List<Double>>(
              "bankAmpsMax",
              "most of each bank's ports together; without it that of the board",
              Kind.numbers(Range.AMPS),
              t -> some(bankAmps(t)))
          .usually(List.of());

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
              TERMINAL,
              BANKS,
              BANK_VOLTS,
              BANK_AMPS),
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
                  v.of(TERMINAL),
                  banks(v)));

  private static final Field<DimmerType, String> DIMMER = CatalogueFields.id(DimmerType::id);
  private static final Field<DimmerType, String> DIMMER_NAME =
      CatalogueFields.name(DimmerType::name);
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
  private static final Field<DimmerType, Double> DIMMER_COST =
      CatalogueFields.cost(DimmerType::cost);

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

  private BoxFields() {}

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

  private static List<Double> bankAmps(ControllerType t) {
    List<Double> amps = t.banks().stream().map(Bank::ampsMax).toList();
    return amps.stream().allMatch(a -> a == 0) ? List.of() : amps;
  }

  /** Each port on one, volts and amps for all of them or for none, no fuse over two. */
  private static List<Bank> banks(Shape.Values v) throws BadInputException {
    List<List<Integer>> ports = v.of(BANKS);
    List<Double> volts = v.of(BANK_VOLTS);
    List<Double> amps = v.of(BANK_AMPS);
    Set<Integer> seen = new HashSet<>();
    for (List<Integer> bank : ports) {
      for (int port : bank) {
        if (port > v.of(PORTS) || !seen.add(port)) {
          throw v.wrong(
              BANKS,
              "names port " + port + ", which is on another bank or is none; name each once.");
        }
      }
    }
    if (!ports.isEmpty() && seen.size() < v.of(PORTS)) {
      throw v.wrong(BANKS, "leaves ports out; each port is on a bank.");
    }
    for (List<Integer> fuse : v.of(FUSE_GROUPS)) {
      if (!ports.isEmpty() && ports.stream().noneMatch(b -> b.containsAll(fuse))) {
        throw v.wrong(BANKS, "parts ports that share a fuse; a fuse is on one bank.");
      }
    }
    if (!volts.isEmpty() && (volts.size() != ports.size() || !v.of(BOX_VOLTS).containsAll(volts))) {
      throw v.wrong(BANK_VOLTS, "should have one of the type's volts for each bank.");
    }
    if (!amps.isEmpty() && amps.size() != ports.size()) {
      throw v.wrong(BANK_AMPS, "should have a number for each bank.");
    }
    List<Bank> banks = new ArrayList<>();
    for (int i = 0; i < ports.size(); i++) {
      banks.add(
          new Bank(
              ports.get(i),
              volts.isEmpty() ? List.of() : List.of(volts.get(i)),
              amps.isEmpty() ? 0 : amps.get(i)));
    }
    return banks;
  }

  private static <T> Optional<List<T>> some(List<T> list) {
    return Optional.of(list).filter(l -> !l.isEmpty());
  }
}
