package bunting.core.explain;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.CircuitReading;
import bunting.core.assess.Reading;
import bunting.core.cost.BuildCost;
import bunting.core.show.Goal;
import bunting.core.show.PortReport;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The arithmetic behind the show as a whole: its load, its circuits, what the search reached. */
public final class ShowExplanations {
  /** Goals that are counted. */
  private static final Set<Goal> WHOLE = EnumSet.of(Goal.BOXES, Goal.GROUPS, Goal.FEEDS);

  private ShowExplanations() {}

  /** All of it. */
  public static List<Line> of(Reading reading) {
    List<Line> lines = new ArrayList<>();
    var t = reading.totals();
    lines.add(
        new Line(
            "Amps", fixed(t.amps(), 1) + " A", "over all supplies, " + fixed(t.watts(), 0) + " W"));
    lines.add(build(reading));
    reading.circuits().forEach(c -> lines.add(circuit(c)));
    reading.decisions().report().goals().forEach(g -> lines.add(goal(reading, g)));
    return lines;
  }

  /** What it costs to build, part by part. */
  private static Line build(Reading reading) {
    BuildCost b = reading.totals().build();
    List<String> parts = new ArrayList<>();
    part(parts, b.boxes(), "boxes");
    part(parts, b.supplies(), "supplies");
    part(parts, b.ways(), "fused ways");
    part(parts, b.leads(), "leads");
    part(parts, b.feeds(), "feeds");
    part(parts, b.work(), "for " + fixed(b.minutes(), 0) + " min of joining on");
    part(parts, b.groups(), "for groups torn apart");
    return new Line(
        "To build",
        reading.show().settings().money(b.total()),
        parts.isEmpty() ? "nothing is bought" : String.join(" + ", parts));
  }

  private static void part(List<String> parts, double money, String what) {
    if (money > 0) {
      parts.add(fixed(money, 0) + " " + what);
    }
  }

  private static Line circuit(CircuitReading c) {
    double breaker = c.circuit().breakerAmps();
    double existing = c.circuit().existingAmps();
    return new Line(
        "Circuit " + c.circuit().id(),
        fixed(c.loadAmps() + existing, 1) + " A",
        fixed(c.loadAmps(), 1)
            + " A of the show + "
            + number(existing)
            + " A there already; "
            + number(breaker)
            + " A x "
            + number(c.circuit().continuousPercent())
            + " % = "
            + fixed(c.circuit().allowedAmps(), 1)
            + " A");
  }

  private static Line goal(Reading reading, PortReport.Reached g) {
    boolean whole = WHOLE.contains(g.goal());
    String figure =
        g.goal() == Goal.COST
            ? reading.show().settings().money(g.value())
            : fixed(g.value(), whole ? 0 : 1) + " " + g.goal().unit();
    return new Line(
        g.goal().text(),
        figure,
        g.proven()
            ? "proven: no allotment does better"
            : g.bound().isPresent()
                ? "at least " + fixed(g.bound().getAsDouble(), 1) + " is proven"
                : "found; nothing is proven");
  }
}
