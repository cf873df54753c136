package bunting.core.plan;

import bunting.core.show.BulbString;
import bunting.core.show.Decisions;
import bunting.core.show.Held;
import bunting.core.show.Pin;
import bunting.core.show.PlainSet;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Unplaced;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The invariant at the planner's door: every pixel of every run is in exactly one segment, on the
 * controller and port that the run is pinned to or was put on by hand; every plain set has outputs
 * and every bulb string a chain; or each is listed as unplaced.
 *
 * <p>A plan that breaks it comes from a fault in Bunting. Where Java's assertions are on, as in
 * tests, it is thrown. In use the builder gets the plan, with a stop finding for each thing that is
 * missing from it.
 */
final class Accounting {
  private Accounting() {}

  /**
   * Returns the decisions with everything listed as unplaced that they lost.
   *
   * @throws AssertionError where something is lost and assertions are on
   */
  static Decisions settled(Show show, Decisions planned) {
    List<Unplaced> lost = lost(show, planned);
    assert lost.isEmpty() : "the plan lost " + lost;
    if (lost.isEmpty()) {
      return planned;
    }
    List<Unplaced> all = new ArrayList<>(planned.unplaced());
    all.addAll(lost);
    return planned.withUnplaced(all);
  }

  /** Returns what was handed in and is neither in the plan nor listed as unplaced. */
  static List<Unplaced> lost(Show show, Decisions planned) {
    Set<String> known = new HashSet<>();
    planned.unplaced().forEach(u -> known.add(u.run()));
    Map<String, List<Segment>> segments =
        planned.segments().stream().collect(Collectors.groupingBy(Segment::run));
    List<Unplaced> lost = new ArrayList<>();
    for (Run run : show.runs()) {
      int placed = inOrder(segments.getOrDefault(run.name(), List.of()));
      if (placed != run.pixels() && !known.contains(run.name())) {
        lost.add(missing(run.name(), run.pixels(), Math.max(0, placed), "pixels"));
      }
    }
    Map<String, Run> runs =
        show.runs().stream().collect(Collectors.toMap(Run::name, Function.identity()));
    Map<String, List<Held>> byHand =
        show.allotting().byHand().stream().collect(Collectors.groupingBy(Held::run));
    Set<String> held = show.allotting().held().stream().map(Held::run).collect(Collectors.toSet());
    for (Segment s : planned.segments()) {
      Run run = runs.get(s.run());
      boolean elsewhere =
          byHand.containsKey(s.run())
              ? byHand.get(s.run()).stream().noneMatch(h -> isThere(h, s))
              : !held.contains(s.run()) && run.pin().filter(p -> !isThere(p, s)).isPresent();
      if (elsewhere && known.add(s.run())) {
        lost.add(moved(run, s));
      }
    }
    planned.others().outputs().forEach(o -> known.add(o.set()));
    planned.others().chains().forEach(c -> known.addAll(c.strings()));
    Stream.concat(
            show.others().plainSets().stream().map(PlainSet::name),
            show.others().bulbStrings().stream().map(BulbString::name))
        .filter(name -> !known.contains(name))
        .forEach(name -> lost.add(missing(name, 1, 0, "lights")));
    return lost;
  }

  private static boolean isThere(Held held, Segment s) {
    return held.controller().equals(s.controller()) && held.port() == s.port();
  }

  private static boolean isThere(Pin pin, Segment s) {
    return pin.controller().equals(s.controller())
        && (pin.port().isEmpty() || pin.port().getAsInt() == s.port());
  }

  /** Returns how many pixels the segments hold from pixel 1 on; -1 for a gap or an overlap. */
  private static int inOrder(List<Segment> segments) {
    int next = 1;
    for (Segment s :
        segments.stream().sorted(Comparator.comparingInt(Segment::firstPixel)).toList()) {
      if (s.firstPixel() != next) {
        return -1;
      }
      next = s.lastPixel() + 1;
    }
    return next - 1;
  }

  private static Unplaced moved(Run run, Segment s) {
    return new Unplaced(
        run.name(),
        "was moved to "
            + s.controller()
            + " port "
            + s.port()
            + " by a fault in Bunting, though you fixed where it goes. Plan again with other"
            + " priorities",
        run.pixels(),
        0,
        "pixels");
  }

  private static Unplaced missing(String name, int needed, int placed, String unit) {
    return new Unplaced(
        name,
        "was lost by a fault in Bunting: "
            + placed
            + " of its "
            + needed
            + " "
            + unit
            + " are in this plan. Plan again with other priorities",
        needed,
        placed,
        unit);
  }
}
