package bunting.core.kit;

import bunting.core.assess.Joints;
import bunting.core.assess.Reading;
import bunting.core.assess.Tails;
import bunting.core.show.PriceList;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What cables want: reels, plugs, tails, joints, ferrules, glands, cords and labels. */
final class CableNeeds {
  private static final double REEL_M = 25;
  private static final int FERRULES_A_PACK = 100;
  private static final int LABELS_A_SHEET = 21;

  private final Reading reading;
  private final List<Cables.Cable> cables;
  private final List<Need> needs = new ArrayList<>();

  private CableNeeds(Reading reading, List<Cables.Cable> cables) {
    this.reading = reading;
    this.cables = cables;
  }

  /** All that the cables of a plan want. */
  static List<Need> of(Reading reading, List<Cables.Cable> cables) {
    CableNeeds all = new CableNeeds(reading, cables);
    all.wire();
    all.ends();
    all.mains();
    all.labels();
    return all.needs;
  }

  private void add(String kind, String size, int count, double price) {
    needs.add(
        new Need(Need.Group.ENDS, kind, size, count, Spares.of(count), 0, "pieces", 1, price));
  }

  /** A reel: what it is for and its wire. */
  private record Reel(String kind, String wire) {}

  private void wire() {
    Map<Reel, Double> metres =
        new TreeMap<>(Comparator.comparing(Reel::kind).thenComparing(Reel::wire));
    for (Cables.Cable c : cables) {
      if (c.kind() != Cables.Kind.CORD) {
        metres.merge(reel(c), c.metres().orElse(0), Double::sum);
      }
    }
    PriceList prices = reading.show().allotting().planning().prices();
    Map<String, Wire> wires = reading.show().catalogue().wiresById();
    metres.forEach(
        (reel, m) -> {
          Wire wire = wires.get(reel.wire());
          double perM =
              reel.wire().isEmpty() ? prices.dataPerM() : wire == null ? 0 : prices.perM(wire);
          needs.add(
              new Need(
                  Need.Group.WIRE,
                  reel.kind(),
                  reel.wire(),
                  m,
                  Spares.cable(m),
                  0,
                  "m",
                  REEL_M,
                  perM * REEL_M));
        });
  }

  private static Reel reel(Cables.Cable c) {
    boolean lead = c.kind() == Cables.Kind.LEAD || c.kind() == Cables.Kind.JUMPER;
    if (lead) {
      return c.wire().isPresent()
          ? new Reel("lead with data, " + c.conductors() + " conductors", c.wire().get())
          : new Reel("data lead, " + c.conductors() + " conductors", "");
    }
    String kind =
        switch (c.kind()) {
          case INPUT -> "supply to board, two conductors";
          case SET -> "lead of a plain set, " + c.conductors() + " conductors";
          default -> "power cable, two conductors";
        };
    return new Reel(kind, c.wire().orElse(""));
  }

  private void ends() {
    Map<String, Integer> plugs = new TreeMap<>();
    Map<String, Integer> ferrules = Ferrules.of(cables);
    Map<String, Integer> glands = new TreeMap<>();
    for (Cables.Cable c : cables) {
      c.plug().ifPresent(p -> plugs.merge(p.kind(), 1, Integer::sum));
      Glands.of(c).ifPresent(g -> glands.merge(g.words(), 1, Integer::sum));
    }
    plugs.forEach(
        (kind, n) ->
            needs.add(
                new Need(
                    Need.Group.ENDS,
                    "plug and socket for the weather, with tails",
                    kind,
                    n,
                    Spares.of(n),
                    0,
                    "pairs",
                    1,
                    0)));
    Tails.all(reading).entrySet().stream()
        .sorted(Comparator.comparing(e -> e.getKey().id()))
        .forEach(
            e ->
                add(
                    "tail onto a strip's pads",
                    e.getKey().wire().id() + ", " + Texts.number(e.getKey().lengthM()) + " m",
                    e.getValue(),
                    e.getKey().cost()));
    Joints.all(reading).entrySet().stream()
        .sorted(Comparator.comparing(e -> e.getKey().id()))
        .forEach(
            e ->
                add(
                    e.getKey().name(),
                    Texts.number(e.getKey().ampsMax()) + " A",
                    e.getValue(),
                    e.getKey().cost()));
    ferrules.forEach(
        (wire, n) ->
            needs.add(
                new Need(
                    Need.Group.ENDS,
                    "ferrule",
                    wire,
                    n,
                    Spares.of(n),
                    0,
                    "pieces",
                    FERRULES_A_PACK,
                    0)));
    glands.forEach((size, n) -> add("cable gland", size, n, 0));
  }

  private void mains() {
    Map<String, Double> metres = new TreeMap<>();
    Map<String, Integer> count = new TreeMap<>();
    for (Cables.Cable c : cables) {
      if (c.kind() == Cables.Kind.CORD) {
        String wire = c.wire().orElse("");
        metres.merge(wire, c.metres().orElse(0), Double::sum);
        count.merge(wire, 1, Integer::sum);
      }
    }
    metres.forEach(
        (wire, m) ->
            needs.add(
                new Need(
                    Need.Group.MAINS,
                    "mains cord, outdoors, with earth",
                    wire,
                    m,
                    Spares.cable(m),
                    0,
                    "m",
                    REEL_M,
                    0)));
    count.forEach(
        (wire, n) ->
            needs.add(
                new Need(
                    Need.Group.MAINS,
                    "plug and socket for the weather",
                    "for " + wire,
                    n,
                    n,
                    0,
                    "pairs",
                    1,
                    0)));
  }

  private void labels() {
    int labels = 2 * cables.size() + reading.decisions().controllers().size();
    needs.add(
        new Need(
            Need.Group.FIXINGS,
            "label for the weather",
            "sheet of " + LABELS_A_SHEET,
            labels,
            labels,
            0,
            "pieces",
            LABELS_A_SHEET,
            0));
  }
}
