package bunting.desktop.power;

import bunting.core.assess.CircuitReading;
import bunting.core.assess.FeedReading;
import bunting.core.assess.InputReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.assess.SupplyReading;
import bunting.core.show.Texts;
import bunting.core.whatif.Loss;
import bunting.core.whatif.Outcome;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * The river of current: circuits, supplies and fuses in columns, one row a fuse, bands between them
 * as wide as their amps; a board's input is a row that the fuses of its ports hang on. All numbers
 * are pixels from the top left corner of the whole river.
 */
final class RiverLayout {
  static final double ROW = 22;
  private static final double GAP = 8;
  private static final double TOP = 4;
  private static final double WIDEST = 17;

  /** A block with up to three lines of text. */
  record Block(String id, double y, double height, List<String> lines, int kind, boolean full) {}

  /** A band from a block's right side to another thing's left side; y is the middle. */
  record Band(double y1, double y2, double thick, int kind) {}

  /** From a board's input down to a fuse behind it. */
  record Stem(double y1, double y2, double thick, int kind) {}

  private final List<Block> circuits = new ArrayList<>();
  private final List<Block> supplies = new ArrayList<>();
  private final List<RiverFuse> fuses = new ArrayList<>();
  private final List<Band> upper = new ArrayList<>();
  private final List<Band> lower = new ArrayList<>();
  private final List<Stem> stems = new ArrayList<>();
  private final Reading plan;
  private final Reading shown;
  private final Optional<Outcome> outcome;
  private final double scale;
  private final Map<String, List<FeedReading>> byFuse = new LinkedHashMap<>();
  private final Map<String, Double> amps = new HashMap<>();
  private final Map<String, Double> worst = new HashMap<>();
  private final Set<String> burning = new HashSet<>();
  private double height = TOP;

  /**
   * A river.
   *
   * @param plan the plan, whose fuses all have a row
   * @param shown what is shown: fuses that are not in it are blown
   * @param outcome what the loss that is tried does
   */
  RiverLayout(Reading plan, Reading shown, Optional<Outcome> outcome) {
    this.plan = plan;
    this.shown = shown;
    this.outcome = outcome;
    plan.feeds()
        .forEach(f -> byFuse.computeIfAbsent(f.feed().fuse(), k -> new ArrayList<>()).add(f));
    for (FeedReading f : shown.feeds()) {
      amps.merge(f.feed().fuse(), f.amps(), Double::sum);
      worst.merge(f.feed().fuse(), shown.worst().feedAmps(f.feed().id()), Double::sum);
    }
    outcome.ifPresent(o -> o.burns().forEach(b -> burning.add(b.id())));
    double inputs =
        shown.designed().inputs().stream().mapToDouble(InputReading::amps).max().orElse(0);
    double most = amps.values().stream().mapToDouble(a -> a).max().orElse(1);
    scale = WIDEST / Math.max(1, Math.max(most, inputs));
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
        double wide = supply(now.getOrDefault(s.supply().id(), s), kind);
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

  /** Lays a supply, the inputs of its boards and its fuses out; how wide what it sends is. */
  private double supply(SupplyReading s, int kind) {
    double from = height;
    List<RiverFuse> direct = new ArrayList<>();
    for (InputReading i : plan.designed().inputs()) {
      if (i.input().supply().equals(s.supply().id())) {
        direct.add(input(i, kind));
      }
    }
    for (Map.Entry<String, List<FeedReading>> e : byFuse.entrySet()) {
      FeedReading first = e.getValue().getFirst();
      if (first.feed().supply().equals(s.supply().id()) && !first.feed().viaPort()) {
        direct.add(fuse(e.getKey(), e.getValue(), s.supply().id(), kind, 0));
      }
    }
    height = Math.max(height, from + 2 * ROW);
    supplies.add(block(s, from, height - from - 2, kind));
    double total = direct.stream().mapToDouble(RiverFuse::thick).sum();
    double at = from + (height - from - 2 - total) / 2;
    for (RiverFuse f : direct) {
      if (!f.blown()) {
        lower.add(new Band(at + f.thick() / 2, f.y(), f.thick(), kind));
      }
      at += f.thick();
    }
    height += GAP;
    return Math.min(total, height - GAP - from - 2);
  }

  private Block block(SupplyReading s, double y, double tall, int kind) {
    double percent = plan.show().settings().supplyLoadPercentMax();
    double share = s.loadAmps() / s.usableAmps(percent);
    String name =
        s.supply().id()
            + " · "
            + Texts.number(s.type().volts())
            + " V "
            + Texts.number(s.type().watts())
            + " W";
    String load =
        Texts.fixed(s.loadAmps(), 1)
            + " A, "
            + Math.round(100 * share)
            + " % of its "
            + Texts.number(percent)
            + " %";
    return new Block(s.supply().id(), y, tall, List.of(name, load), kind, share > 1 + 1e-9);
  }

  /** A board's input, a row for all its equal wires, and the fuses of its ports behind it. */
  private RiverFuse input(InputReading planned, int kind) {
    String board = planned.input().board();
    InputReading now =
        shown.designed().inputs().stream()
            .filter(i -> i.input().board().equals(board))
            .findFirst()
            .orElse(planned);
    double most =
        shown.worst().inputs().stream()
            .filter(i -> i.input().board().equals(board))
            .mapToDouble(InputReading::amps)
            .findFirst()
            .orElse(0);
    boolean lost =
        outcome.filter(o -> o.loss().equals(new Loss(Loss.Kind.INPUT, board))).isPresent();
    int wires = planned.input().wires() - (lost ? 1 : 0);
    double y = height + ROW / 2;
    double rating = planned.input().fuseAmps();
    RiverFuse row =
        new RiverFuse(
            board + " input",
            planned.input().supply(),
            y,
            wires > 0 ? now.amps() / wires : 0,
            rating,
            board
                + " · "
                + (planned.input().wires() > 1 ? planned.input().wires() + " x " : "")
                + planned.input().wire()
                + (lost ? ", one lost" : ""),
            List.of(),
            kind,
            Math.max(1.5, now.amps() * scale),
            wires == 0,
            Optional.of(board),
            0,
            wires > 0 ? most / wires / rating : 0,
            burning.contains("each input wire of " + board));
    fuses.add(row);
    height += ROW;
    for (Map.Entry<String, List<FeedReading>> e : byFuse.entrySet()) {
      FeedReading first = e.getValue().getFirst();
      if (first.feed().viaPort() && boxOf(first).equals(board)) {
        RiverFuse f = fuse(e.getKey(), e.getValue(), planned.input().supply(), kind, 1);
        if (!f.blown()) {
          stems.add(new Stem(y, f.y(), Math.min(5, f.thick()), kind));
        }
      }
    }
    return row;
  }

  private RiverFuse fuse(String id, List<FeedReading> feeds, String supply, int kind, int depth) {
    double through = amps.getOrDefault(id, 0.0);
    double rating = feeds.getFirst().feed().fuseAmps();
    RiverFuse row =
        new RiverFuse(
            id,
            supply,
            height + ROW / 2,
            through,
            rating,
            line(feeds),
            feeds.stream().map(f -> f.feed().id()).toList(),
            kind,
            Math.max(1.5, through * scale),
            !amps.containsKey(id),
            Optional.empty(),
            depth,
            worst.getOrDefault(id, 0.0) / rating,
            burning.contains("trunk " + id)
                || feeds.stream().anyMatch(f -> burning.contains("cable of " + f.feed().id())));
    fuses.add(row);
    height += ROW;
    return row;
  }

  private Optional<SegmentReading> segment(FeedReading feed) {
    return plan.segments().stream()
        .filter(s -> s.segment().id().equals(feed.feed().segment()))
        .findFirst();
  }

  private String boxOf(FeedReading feed) {
    return segment(feed).map(s -> s.segment().controller()).orElse("");
  }

  private String line(List<FeedReading> feeds) {
    FeedReading first = feeds.getFirst();
    String run = segment(first).map(s -> s.run().name()).orElse("");
    if (first.feed().trunk().isPresent()) {
      long runs = feeds.stream().map(f -> f.feed().segment()).distinct().count();
      return first.feed().trunk().get() + " · past " + run + also(runs - 1);
    }
    String at = run + " · at " + first.feed().atPixel();
    return feeds.size() > 1 ? at + " and " + (feeds.size() - 1) + " more" : at;
  }

  private static String also(long more) {
    return more > 0 ? " and " + more + " more" : "";
  }

  private void circuit(Optional<CircuitReading> circuit, double y, double tall) {
    if (circuit.isEmpty()) {
      circuits.add(new Block("", y, tall, List.of("No circuit", "mains not planned"), -1, false));
      return;
    }
    CircuitReading c = circuit.get();
    double may = c.circuit().allowedAmps();
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

  List<RiverFuse> fuses() {
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

  /** From boards' inputs to the fuses of their ports. */
  List<Stem> stems() {
    return stems;
  }

  double height() {
    return height;
  }
}
