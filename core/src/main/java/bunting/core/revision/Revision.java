package bunting.core.revision;

import static bunting.core.show.Texts.fixed;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.assess.Totals;
import bunting.core.show.Run;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * What differs between two plans, run by run and in sum.
 *
 * @param runs in the order of the new show, then those that are gone
 * @param sums figures that differ
 */
public record Revision(List<OfRun> runs, List<Sum> sums) {
  /** What happened to a run. */
  public enum State {
    /** It was not there before. */
    NEW,
    /** It is there no more. */
    GONE,
    /** Its facts, its ports or its addresses differ. */
    CHANGED
  }

  /** A fact of a run, before and after. */
  public record Fact(String what, String before, String after) {}

  /**
   * A run that differs.
   *
   * @param facts that differ; of a new run or one that is gone: what it is or was
   */
  public record OfRun(String run, State state, List<Fact> facts) {
    public OfRun {
      facts = List.copyOf(facts);
    }
  }

  /** A figure of the whole show, before and after. */
  public record Sum(String what, double before, double after, String unit) {}

  public Revision {
    runs = List.copyOf(runs);
    sums = List.copyOf(sums);
  }

  /** Whether nothing differs. */
  public boolean same() {
    return runs.isEmpty() && sums.isEmpty();
  }

  /** From one plan to another. */
  public static Revision of(Reading before, Reading after) {
    Map<String, Map<String, String>> was = facts(before);
    Map<String, Map<String, String>> now = facts(after);
    List<OfRun> runs = new ArrayList<>();
    now.forEach(
        (run, facts) -> {
          Map<String, String> old = was.get(run);
          List<Fact> differ = differing(old == null ? Map.of() : old, facts);
          if (!differ.isEmpty()) {
            runs.add(new OfRun(run, old == null ? State.NEW : State.CHANGED, differ));
          }
        });
    was.forEach(
        (run, facts) -> {
          if (!now.containsKey(run)) {
            runs.add(new OfRun(run, State.GONE, differing(facts, Map.of())));
          }
        });
    return new Revision(runs, sums(before, after));
  }

  private static List<Fact> differing(Map<String, String> before, Map<String, String> after) {
    Map<String, String> all = new LinkedHashMap<>(before);
    after.forEach(all::putIfAbsent);
    return all.keySet().stream()
        .map(k -> new Fact(k, before.getOrDefault(k, ""), after.getOrDefault(k, "")))
        .filter(f -> !f.before().equals(f.after()))
        .toList();
  }

  private static Map<String, Map<String, String>> facts(Reading reading) {
    Map<String, List<SegmentReading>> segments =
        reading.segments().stream().collect(Collectors.groupingBy(s -> s.run().name()));
    Map<String, Map<String, String>> all = new LinkedHashMap<>();
    for (Run run : reading.show().runs()) {
      List<SegmentReading> own = segments.getOrDefault(run.name(), List.of());
      Map<String, String> facts = new LinkedHashMap<>();
      facts.put("pixels", Integer.toString(run.pixels()));
      facts.put("type", run.type());
      facts.put("ports", own.isEmpty() ? "not placed" : join(own, Revision::port));
      facts.put("addresses", own.isEmpty() ? "" : join(own, Revision::address));
      facts.put(
          "feeds",
          own.stream()
              .flatMap(
                  s -> reading.feedsBySegment().getOrDefault(s.segment().id(), List.of()).stream())
              .map(f -> f.feed().atPixel() + " (" + fixed(f.feed().fuseAmps(), 1) + " A)")
              .collect(Collectors.joining(", ")));
      all.put(run.name(), facts);
    }
    return all;
  }

  private static String join(
      List<SegmentReading> own, java.util.function.Function<SegmentReading, String> how) {
    return own.stream().map(how).collect(Collectors.joining(", "));
  }

  private static String port(SegmentReading s) {
    return s.segment().controller() + " port " + s.segment().port();
  }

  private static String address(SegmentReading s) {
    return s.slots().stream()
        .findFirst()
        .map(r -> r.universe() + "/" + r.firstSlot())
        .orElse("none");
  }

  private static List<Sum> sums(Reading before, Reading after) {
    Totals a = before.totals();
    Totals b = after.totals();
    List<Sum> all =
        List.of(
            new Sum("runs", a.runs(), b.runs(), ""),
            new Sum("pixels", a.pixels(), b.pixels(), ""),
            new Sum("boxes", a.controllers(), b.controllers(), ""),
            new Sum("ports in use", a.portsUsed(), b.portsUsed(), ""),
            new Sum("universes", a.universes(), b.universes(), ""),
            new Sum("supplies", a.supplies(), b.supplies(), ""),
            new Sum("feeds", a.feeds(), b.feeds(), ""),
            new Sum("amps", a.amps(), b.amps(), "A"),
            new Sum("watts", a.watts(), b.watts(), "W"),
            new Sum("least volts", a.minVoltsPercent(), b.minVoltsPercent(), "%"),
            new Sum(
                "price of building",
                a.buildCost(),
                b.buildCost(),
                Objects.requireNonNull(after.show().settings().currency())));
    return all.stream().filter(s -> Math.abs(s.after() - s.before()) > 1e-9).toList();
  }
}
