package bunting.desktop.power;

import bunting.core.assess.CircuitReading;
import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.assess.SupplyReading;
import bunting.core.mains.CircuitPlanner;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/**
 * The river of current: circuits, supplies and fuses in columns, one row a fuse, bands between them
 * as wide as their amps. All numbers are pixels from the top left corner of the whole river.
 */
final class RiverLayout {
  static final double ROW = 22;
  private static final double GAP = 8;
  private static final double TOP = 4;
  private static final double WIDEST = 17;

  /** A block with up to three lines of text. */
  record Block(String id, double y, double height, List<String> lines, int kind, boolean full) {}

  /**
   * A fuse.
   *
   * @param line what hangs on it
   * @param kind colour of its supply's volts
   * @param thick of its bands
   * @param blown whether it is lost
   */
  record Fuse(
      String id,
      String supply,
      double y,
      double amps,
      double rating,
      String line,
      List<String> feeds,
      int kind,
      double thick,
      boolean blown) {
    double share() {
      return amps / rating;
    }
  }

  /** A band from a block's right side to another thing's left side; y is the middle. */
  record Band(double y1, double y2, double thick, int kind) {}

  private final List<Block> circuits = new ArrayList<>();
  private final List<Block> supplies = new ArrayList<>();
  private final List<Fuse> fuses = new ArrayList<>();
  private final List<Band> upper = new ArrayList<>();
  private final List<Band> lower = new ArrayList<>();
  private double height = TOP;

  /**
   * A river.
   *
   * @param plan the plan, whose fuses all have a row
   * @param shown what is shown: fuses that are not in it are blown
   */
  RiverLayout(Reading plan, Reading shown) {
    Map<String, List<FeedReading>> byFuse = new LinkedHashMap<>();
    plan.feeds()
        .forEach(f -> byFuse.computeIfAbsent(f.feed().fuse(), k -> new ArrayList<>()).add(f));
    Map<String, Double> amps = new HashMap<>();
    shown.feeds().forEach(f -> amps.merge(f.feed().fuse(), f.amps(), Double::sum));
    double most = amps.values().stream().mapToDouble(a -> a).max().orElse(1);
    double scale = WIDEST / Math.max(1, most);
    List<Double> voltages =
        new TreeSet<>(plan.supplies().stream().map(s -> s.type().volts()).toList())
            .stream().toList();
    Map<String, SupplyReading> now = new HashMap<>();
    shown.supplies().forEach(s -> now.put(s.supply().id(), s));
    for (Optional<CircuitReading> circuit : circuits(shown)) {
      double from = height;
      List<double[]> ends = new ArrayList<>();
      for (SupplyReading s : suppliesOf(plan, circuit)) {
        int kind = voltages.indexOf(s.type().volts());
        double wide = supply(plan, now.getOrDefault(s.supply().id(), s), kind, byFuse, amps, scale);
        Block block = supplies.getLast();
        ends.add(new double[] {block.y() + block.height() / 2, wide, kind});
      }
      if (!ends.isEmpty()) {
        circuit(circuit, from, height - GAP - from);
        for (double[] end : ends) {
          upper.add(new Band(end[0], end[0], end[1], (int) end[2]));
        }
      }
    }
  }

  private static List<Optional<CircuitReading>> circuits(Reading reading) {
    List<Optional<CircuitReading>> list = new ArrayList<>();
    reading.circuits().forEach(c -> list.add(Optional.of(c)));
    list.add(Optional.empty());
    return list;
  }

  private static List<SupplyReading> suppliesOf(Reading plan, Optional<CircuitReading> circuit) {
    return plan.supplies().stream()
        .filter(s -> s.supply().circuit().equals(circuit.map(c -> c.circuit().id())))
        .toList();
  }

  /** Lays a supply and its fuses out; the thickness of what flows through it. */
  private double supply(
      Reading plan,
      SupplyReading s,
      int kind,
      Map<String, List<FeedReading>> byFuse,
      Map<String, Double> amps,
      double scale) {
    double from = height;
    List<Integer> rows = new ArrayList<>();
    for (Map.Entry<String, List<FeedReading>> e : byFuse.entrySet()) {
      FeedReading first = e.getValue().getFirst();
      if (first.feed().supply().equals(s.supply().id())) {
        double through = amps.getOrDefault(e.getKey(), 0.0);
        rows.add(fuses.size());
        fuses.add(
            new Fuse(
                e.getKey(),
                s.supply().id(),
                height + ROW / 2,
                through,
                first.feed().fuseAmps(),
                line(plan, e.getValue()),
                e.getValue().stream().map(f -> f.feed().id()).toList(),
                kind,
                Math.max(1.5, through * scale),
                !amps.containsKey(e.getKey())));
        height += ROW;
      }
    }
    height = Math.max(height, from + 2 * ROW);
    double percent = plan.show().settings().supplyLoadPercentMax();
    double share = s.loadWatts() / s.type().usableWatts(percent);
    supplies.add(
        new Block(
            s.supply().id(),
            from,
            height - from - 2,
            List.of(
                s.supply().id()
                    + " · "
                    + Texts.number(s.type().volts())
                    + " V "
                    + Texts.number(s.type().watts())
                    + " W",
                Texts.fixed(s.loadAmps(), 1)
                    + " A, "
                    + Math.round(100 * share)
                    + " % of its "
                    + Texts.number(percent)
                    + " %"),
            kind,
            share > 1));
    double total = rows.stream().mapToDouble(r -> fuses.get(r).thick()).sum();
    double at = from + (height - from - 2 - total) / 2;
    for (int r : rows) {
      Fuse f = fuses.get(r);
      if (!f.blown()) {
        lower.add(new Band(at + f.thick() / 2, f.y(), f.thick(), kind));
      }
      at += f.thick();
    }
    height += GAP;
    return Math.min(total, height - GAP - from - 2);
  }

  private static String line(Reading plan, List<FeedReading> feeds) {
    FeedReading first = feeds.getFirst();
    String run =
        plan.segments().stream()
            .filter(s -> s.segment().id().equals(first.feed().segment()))
            .map(SegmentReading::run)
            .map(r -> r.name())
            .findFirst()
            .orElse("");
    String at = run + " · at " + first.feed().atPixel();
    return feeds.size() > 1 ? at + " and " + (feeds.size() - 1) + " more" : at;
  }

  private void circuit(Optional<CircuitReading> circuit, double y, double tall) {
    if (circuit.isEmpty()) {
      circuits.add(new Block("", y, tall, List.of("No circuit", "mains not planned"), -1, false));
      return;
    }
    CircuitReading c = circuit.get();
    double may = CircuitPlanner.CONTINUOUS_SHARE * c.circuit().breakerAmps();
    double has = c.circuit().existingAmps() + c.loadAmps();
    List<String> lines = new ArrayList<>();
    lines.add(c.circuit().id());
    lines.add(Texts.fixed(has, 1) + " of " + Texts.fixed(may, 1) + " A");
    if (c.circuit().existingAmps() > 0) {
      lines.add("others " + Texts.fixed(c.circuit().existingAmps(), 1) + " A");
    }
    circuits.add(new Block(c.circuit().id(), y, tall, lines, -1, has > may));
  }

  List<Block> circuits() {
    return circuits;
  }

  List<Block> supplies() {
    return supplies;
  }

  List<Fuse> fuses() {
    return fuses;
  }

  /** Between circuits and supplies. */
  List<Band> upper() {
    return upper;
  }

  /** Between supplies and fuses. */
  List<Band> lower() {
    return lower;
  }

  double height() {
    return height;
  }
}
