package bunting.core.faults;

import bunting.core.assess.SegmentReading;
import bunting.core.show.Feed;
import bunting.core.show.Supply;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Faults that could be behind what was reported, each with how often it is met. A kind's share is
 * divided among all places of the plan where it can be, whether they are looked at or not; an open
 * data wire is mostly at a joint. Where data end between two pixels that were told apart, each
 * place between them is one.
 */
final class Candidates {
  /** Of the data wires that are open, so many are at plugs and joints, the rest inside a pack. */
  private static final double AT_JOINTS = 0.7;

  /** Of the counts that are off: one too few, one too many, three lost at a corner. */
  private static final Map<Integer, Double> COUNTS =
      new TreeMap<>(Map.of(-1, 0.5, 1, 0.3, -3, 0.2));

  private static final Map<Integer, Double> UNIVERSES =
      new TreeMap<>(Map.of(1, 0.5, -1, 0.35, 2, 0.15));

  /** Of the wrong orders, so many are red and green in each other's place. */
  private static final double RED_FOR_GREEN = 0.4;

  /** Where data may end between two marks, so many places are tried at most. */
  private static final int BETWEEN_MOST = 60;

  private final Layout layout;
  private final Observed observed;
  private final Set<Integer> chains = new LinkedHashSet<>();
  private final Set<Integer> boxes = new LinkedHashSet<>();
  private final Map<Fault, Double> all = new LinkedHashMap<>();

  private Candidates(Layout layout, Observed observed) {
    this.layout = layout;
    this.observed = observed;
    observed.seen().forEach(s -> note(s.run()));
    observed.readings().forEach(r -> note(r.run()));
  }

  private void note(String run) {
    for (Layout.Part part : layout.parts(run)) {
      chains.add(part.chain().index());
      boxes.add(part.chain().box());
    }
  }

  /** All of them, with how often each is met. */
  static Map<Fault, Double> of(Layout layout, Observed observed) {
    Candidates c = new Candidates(layout, observed);
    c.power();
    c.boxes();
    c.ports();
    c.runs();
    c.data();
    return c.all;
  }

  private void add(Fault fault, double share) {
    all.merge(fault, fault.kind().often() * share, Double::sum);
  }

  private void power() {
    var decisions = layout.reading().decisions();
    Set<String> fuses = new LinkedHashSet<>();
    decisions.feeds().forEach(f -> fuses.add(f.fuse()));
    int feeds = decisions.feeds().size();
    Set<String> here = new LinkedHashSet<>();
    Set<String> supplies = new LinkedHashSet<>();
    for (int box : boxes) {
      for (Feed f : layout.feedsOf(box)) {
        add(new Fault.FeedOpen(f.id()), 1.0 / feeds);
        add(new Fault.ThinLead(f.id(), Estimates.OHMS), 1.0 / feeds);
        add(new Fault.AtFeed(FaultKind.SHORT_TO_METAL, f.id()), 1.0 / feeds);
        add(new Fault.AtFeed(FaultKind.PAST_THE_SWITCH, f.id()), 1.0 / feeds);
        here.add(f.fuse());
        supplies.add(f.supply());
      }
      supplies.addAll(decisions.controllers().get(box).supplies());
    }
    here.forEach(f -> add(new Fault.FuseOpen(f), 1.0 / fuses.size()));
    Set<String> circuits = new LinkedHashSet<>();
    int count = decisions.supplies().size();
    for (Supply s : decisions.supplies()) {
      if (supplies.contains(s.id())) {
        add(new Fault.SupplyOff(s.id()), 1.0 / count);
        double volts = layout.reading().show().catalogue().supplyTypesById().get(s.type()).volts();
        add(new Fault.SupplyLow(s.id(), Estimates.LOW_SHARE * volts), 1.0 / count);
        s.circuit().ifPresent(circuits::add);
      }
    }
    long used = decisions.supplies().stream().flatMap(s -> s.circuit().stream()).distinct().count();
    circuits.forEach(c -> add(new Fault.CircuitOff(c), 1.0 / used));
  }

  private void boxes() {
    double each = 1.0 / layout.controllers().size();
    List<String> ids = new ArrayList<>(layout.controllers());
    for (int box : boxes) {
      String id = ids.get(box);
      add(new Fault.ControllerOff(id), each);
      add(new Fault.ControllerHung(id), each);
      UNIVERSES.forEach((by, share) -> add(new Fault.UniverseOff(id, by), share * each));
      for (FaultKind kind :
          List.of(FaultKind.LIMITER_LOW, FaultKind.OTHER_SUBNET, FaultKind.STARVED)) {
        add(new Fault.AtBox(kind, id), each);
      }
    }
  }

  private void ports() {
    double each = 1.0 / layout.chains().size();
    Map<Integer, List<Layout.Chain>> byBox = new HashMap<>();
    layout.chains().forEach(c -> byBox.computeIfAbsent(c.box(), k -> new ArrayList<>()).add(c));
    long pairs = 0;
    for (List<Layout.Chain> own : byBox.values()) {
      pairs += (long) own.size() * (own.size() - 1) / 2;
    }
    for (int index : chains) {
      Layout.Chain chain = layout.chains().get(index);
      add(new Fault.PortDead(chain.controller(), chain.port()), each);
      add(new Fault.AtPort(FaultKind.FED_BACK, chain.controller(), chain.port()), each);
      for (Layout.Chain other : byBox.get(chain.box())) {
        boolean twice = chains.contains(other.index()) && other.port() < chain.port();
        if (other.port() != chain.port() && !twice) {
          int low = Math.min(chain.port(), other.port());
          int high = Math.max(chain.port(), other.port());
          add(new Fault.PortsSwapped(chain.controller(), low, high), 1.0 / pairs);
        }
      }
      for (SegmentReading s : chain.segments()) {
        double segments = layout.reading().segments().size();
        add(new Fault.Noise(s.segment().id()), 1 / segments);
      }
    }
  }

  private void runs() {
    double each = 1.0 / layout.runs().size();
    Set<String> names = new LinkedHashSet<>();
    for (int index : chains) {
      layout.chains().get(index).segments().forEach(s -> names.add(s.run().name()));
    }
    for (String run : names) {
      add(new Fault.RunReversed(run), each);
      COUNTS.forEach((by, share) -> add(new Fault.CountOff(run, by), share * each));
      orders(run, layout.parts(run).getFirst().segment().order(), each);
    }
  }

  private void orders(String run, String planned, double each) {
    List<String> others = Orders.others(planned);
    for (String order : others) {
      double share =
          order.equals(Orders.redForGreen(planned))
              ? RED_FOR_GREEN
              : (1 - RED_FOR_GREEN) / (others.size() - 1);
      add(new Fault.OrderWrong(run, order), share * each);
    }
  }

  /** Places where data may end: at every joint, and wherever a dark stretch begins. */
  private void data() {
    long pixels = layout.chains().stream().mapToLong(Layout.Chain::pixels).sum();
    long joints = 0;
    for (Layout.Chain chain : layout.chains()) {
      for (SegmentReading s : chain.segments()) {
        joints += 1 + (s.segment().pixels() - 1) / s.type().packPixels();
      }
    }
    for (int index : chains) {
      Layout.Chain chain = layout.chains().get(index);
      Set<Integer> marks = marks(chain);
      for (int s = 0; s < chain.segments().size(); s++) {
        SegmentReading segment = chain.segments().get(s);
        int start = chain.starts().get(s);
        int first = segment.segment().firstPixel();
        for (int i = 0; i < segment.segment().pixels(); i++) {
          boolean joint = i == 0 || (first + i - 1) % segment.type().packPixels() == 0;
          if (joint || marks.contains(start + i)) {
            double share =
                joint ? AT_JOINTS / joints : (1 - AT_JOINTS) / Math.max(1, pixels - joints);
            String run = segment.run().name();
            add(new Fault.DataOpen(run, first + i), share);
            add(new Fault.DeadPixel(run, first + i), 1.0 / pixels);
          }
        }
      }
    }
  }

  /** Indices on a chain at which, by what was seen, a dark stretch may begin. */
  private Set<Integer> marks(Layout.Chain chain) {
    Map<Observed.Sending, Looks[]> told = new LinkedHashMap<>();
    for (Observed.Seen seen : observed.seen()) {
      Looks[] looks = told.computeIfAbsent(seen.sending(), k -> new Looks[chain.pixels()]);
      layout.spans(seen, chain).forEach(p -> Arrays.fill(looks, p.from(), p.to(), seen.looks()));
    }
    Set<Integer> marks = new LinkedHashSet<>();
    for (Looks[] looks : told.values()) {
      int lit = -1;
      for (int i = 0; i < looks.length; i++) {
        if (looks[i] == Looks.DARK && (i == 0 || looks[i - 1] != Looks.DARK)) {
          int step = Math.max(1, (i - lit) / BETWEEN_MOST);
          for (int at = i; lit >= 0 && at > lit; at -= step) {
            marks.add(at);
          }
          marks.add(i);
        }
        lit = looks[i] != null && looks[i] != Looks.DARK ? i : lit;
      }
    }
    return marks;
  }
}
