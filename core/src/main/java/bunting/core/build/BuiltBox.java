package bunting.core.build;

import bunting.core.assess.Distribution;
import bunting.core.assess.Reading;
import bunting.core.assess.SupplyReading;
import bunting.core.copper.BoxAir;
import bunting.core.hookup.Cords;
import bunting.core.kit.Cables;
import bunting.core.kit.Cables.Cable;
import bunting.core.kit.Enclosures;
import bunting.core.kit.Ferrules;
import bunting.core.show.ControllerType;
import bunting.core.show.DimmerType;
import bunting.core.show.Hours;
import bunting.core.show.MainsDevice;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PlacedBoard;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A box as it is built: all boards and supplies of one place on one plate.
 *
 * @param name of its boards; of none, of its supplies
 * @param boards ids of controllers and dimmers in it
 * @param plate what is screwed on, to scale
 * @param holes in the order of the ports, cords last
 * @param inside wires that stay inside
 * @param ferrules by wire
 * @param air what heats it
 */
public record BuiltBox(
    Point at,
    String name,
    List<String> boards,
    Plate plate,
    List<Hole> holes,
    List<Inside> inside,
    Map<String, Integer> ferrules,
    Air air) {
  /** Cable that stays in the box behind its gland, of the metre that is reckoned for slack. */
  public static final double LOOP_M = 0.3;

  public BuiltBox {
    boards = List.copyOf(boards);
    holes = List.copyOf(holes);
    inside = List.copyOf(inside);
  }

  /**
   * A wire that stays inside.
   *
   * @param wire what it is made of; empty: as thick as its screws take
   */
  public record Inside(String from, String to, String wire, double amps) {}

  /**
   * What heats a box.
   *
   * @param watts lost in it at the most that can be sent
   * @param celsius of its air when it is closed
   * @param fanM3h what a fan must move so that its air is 10 K above that outside, m3 an hour; 0:
   *     it sheds its heat closed
   */
  public record Air(double watts, double celsius, double fanM3h) {
    /** Air carries so many joules for each m3 and kelvin (1.2 kg/m3 x 1005 J/kg K). */
    private static final double JOULES_PER_M3_K = 1206;

    private static final double RISE_K = 10;
    private static final double SECONDS = 3600;

    static Air of(double litres, double outside, double watts, boolean vented) {
      double fan = vented ? watts / (JOULES_PER_M3_K * RISE_K) * SECONDS : 0;
      return new Air(watts, BoxAir.celsius(litres, outside, watts), fan);
    }
  }

  /** The boxes of a plan, in the order of its boards, then of supplies that stand alone. */
  public static List<BuiltBox> of(Reading reading) {
    List<Cable> cables = Cables.of(reading);
    List<Distribution.Block> blocks = Distribution.of(reading).blocks();
    List<Cords.Cord> cords = Cords.of(reading);
    return Enclosures.of(reading).stream()
        .map(e -> box(reading, e, cables, blocks, cords))
        .toList();
  }

  private static BuiltBox box(
      Reading reading,
      Enclosures e,
      List<Cable> all,
      List<Distribution.Block> blocks,
      List<Cords.Cord> allCords) {
    Set<String> boards = new LinkedHashSet<>();
    List<Part> low = boards(reading, e.at(), boards);
    List<SupplyReading> supplies =
        reading.worst().supplies().stream().filter(s -> s.supply().at().equals(e.at())).toList();
    Set<String> ids = supplies.stream().map(s -> s.supply().id()).collect(Collectors.toSet());
    List<Part> parts = new ArrayList<>(mains(reading, boards, supplies));
    List<Inside> inside = new ArrayList<>();
    Map<String, String> screwedTo = new HashMap<>();
    for (Distribution.Block b : blocks) {
      if (ids.contains(b.supply())) {
        long own = parts.stream().filter(p -> p.kind() == Part.Kind.BLOCK).count() + 1;
        parts.add(Part.block("B" + own, b.type()));
        b.feeds().forEach(f -> screwedTo.put(f, "block B" + own + " of " + b.supply()));
        double amps = b.feeds().stream().mapToDouble(f -> amps(reading, f)).sum();
        inside.add(new Inside("supply " + b.supply(), "block B" + own, "", amps));
      }
    }
    parts.addAll(low);
    for (var i : reading.worst().inputs()) {
      if (boards.contains(reading.controllerOf(i.input().board()))) {
        String wire = i.input().wires() + " x 2 x " + i.input().wire();
        inside.add(
            new Inside(
                "supply " + i.input().supply(), "board " + i.input().board(), wire, i.amps()));
      }
    }
    List<Cable> cords =
        allCords.stream().filter(c -> c.at().equals(e.at())).map(Cables::cord).toList();
    List<Cable> in = Holes.cables(reading, all, boards, cords, screwedTo);
    Plate plate = Plate.of(parts, e.litres(), Holes.wideMm(in), Holes.ROWS);
    double heat =
        supplies.stream().mapToDouble(s -> s.loadWatts() * (1 / s.type().efficiency() - 1)).sum();
    List<Cable> screwed = new ArrayList<>(in);
    all.stream()
        .filter(c -> c.kind() == Cables.Kind.INPUT && c.box().filter(boards::contains).isPresent())
        .forEach(screwed::add);
    return new BuiltBox(
        e.at(),
        String.join(" + ", boards.isEmpty() ? ids.stream().sorted().toList() : boards),
        List.copyOf(boards),
        plate,
        Holes.of(in, plate.wideMm()),
        inside,
        Ferrules.of(screwed),
        Air.of(plate.litres(), reading.show().wiring().ways().ambientCelsius(), heat, e.vented()));
  }

  private static double amps(Reading reading, String feedOrTrunk) {
    return reading.trunks().stream()
        .filter(t -> t.trunk().id().equals(feedOrTrunk))
        .flatMap(t -> t.trunk().tails().stream())
        .mapToDouble(f -> reading.worst().feedAmps(f))
        .reduce(Double::sum)
        .orElseGet(() -> reading.worst().feedAmps(feedOrTrunk));
  }

  private static List<Part> boards(Reading reading, Point at, Set<String> ids) {
    Map<String, ControllerType> kinds = reading.show().catalogue().controllerTypesById();
    Map<String, DimmerType> dimmers = reading.show().catalogue().dimmerTypesById();
    List<Part> parts = new ArrayList<>();
    for (PlacedController c : reading.decisions().controllers()) {
      if (c.controller().at().equals(at)) {
        ids.add(c.controller().id());
        parts.add(
            Part.board(
                c.controller().id(),
                Objects.requireNonNull(kinds.get(c.controller().type())),
                stacked(reading, c)));
      }
    }
    for (OtherDecisions.Dimmer d : reading.decisions().others().dimmers()) {
      if (d.at().equals(at)) {
        ids.add(d.id());
        parts.add(Part.dimmer(d.id(), Objects.requireNonNull(dimmers.get(d.type()))));
      }
    }
    return parts;
  }

  /**
   * Boards of one brain, one above the other: the one with the most fuses in use is on top, where a
   * hand gets at them. Empty: there is one.
   */
  private static String stacked(Reading reading, PlacedController c) {
    Map<Integer, Long> fuses =
        reading.ports().stream()
            .filter(p -> p.controller().equals(c.controller().id()) && p.amps() > 0)
            .map(p -> Map.entry(p.type().bankOf(p.port()), p.type().fuseMates(p.port())))
            .distinct()
            .collect(Collectors.groupingBy(Map.Entry::getKey, Collectors.counting()));
    return c.boards().stream()
        .sorted(
            Comparator.comparingLong((PlacedBoard b) -> -fuses.getOrDefault(b.bank(), 0L))
                .thenComparingInt(PlacedBoard::bank))
        .map(
            b ->
                b.id()
                    + " ("
                    + Texts.number(b.volts())
                    + " V, "
                    + Texts.count(fuses.getOrDefault(b.bank(), 0L), "fuse", "fuses")
                    + ")")
        .collect(Collectors.joining(", "));
  }

  /** What the mains are on: terminals, a relay, small supplies, supplies. */
  private static List<Part> mains(
      Reading reading, Set<String> boards, List<SupplyReading> supplies) {
    List<Part> parts = new ArrayList<>();
    if (supplies.isEmpty()) {
      return parts;
    }
    parts.add(Part.terminals(supplies.size()));
    List<String> cut =
        reading.show().mains().hours().map(Hours::switched).orElse(List.of()).stream()
            .filter(id -> supplies.stream().anyMatch(s -> s.supply().id().equals(id)))
            .toList();
    if (!cut.isEmpty()) {
      parts.add(Part.relay(String.join(", ", cut)));
    }
    boolean own = !reading.show().wiring().conductors().brainOnBank();
    for (PlacedController c : reading.decisions().controllers()) {
      String id = c.controller().id();
      Optional<String> keeps =
          reading.show().mains().devices().stream()
              .filter(d -> d.keeps().filter(id::equals).isPresent())
              .map(MainsDevice::id)
              .findFirst();
      if (boards.contains(id) && (own || keeps.isPresent())) {
        parts.add(Part.smallSupply(keeps, id));
      }
    }
    supplies.forEach(s -> parts.add(Part.supply(s.supply().id(), s.type())));
    return parts;
  }

  /** What is written where, a line each. */
  public List<String> labels(Map<String, String> addresses) {
    List<String> lines = new ArrayList<>();
    for (String b : boards) {
      String address = addresses.get(b);
      lines.add("on the lid: box " + b + (address == null ? "" : ", address " + address));
    }
    for (Plate.Placed p : plate.parts()) {
      if (p.part().kind() == Part.Kind.SUPPLY) {
        lines.add("on supply " + p.part().id() + ": " + p.part().id() + ", " + p.part().says());
      }
    }
    lines.add("on the lid: mains inside; switch off, and measure that it is off, before it opens");
    lines.add("at each gland and on each cable: the number of its hole");
    return lines;
  }
}
