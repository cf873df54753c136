package bunting.core.explain;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.CircuitReading;
import bunting.core.assess.Reading;
import bunting.core.mains.CircuitPlanner;
import bunting.core.show.Goal;
import bunting.core.show.PortReport;
import java.util.ArrayList;
import java.util.List;

/** The arithmetic behind the show as a whole: its load, its circuits, what the search reached. */
public final class ShowExplanations {
  private ShowExplanations() {}

  /** All of it. */
  public static List<Line> of(Reading reading) {
    List<Line> lines = new ArrayList<>();
    var t = reading.totals();
    lines.add(
        new Line(
            "Amps", fixed(t.amps(), 1) + " A", "over all supplies, " + fixed(t.watts(), 0) + " W"));
    reading.circuits().forEach(c -> lines.add(circuit(c)));
    reading.decisions().report().goals().forEach(g -> lines.add(goal(reading, g)));
    return lines;
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
            + number(CircuitPlanner.CONTINUOUS_SHARE * 100)
            + " % = "
            + fixed(breaker * CircuitPlanner.CONTINUOUS_SHARE, 1)
            + " A");
  }

  private static Line goal(Reading reading, PortReport.Reached g) {
    boolean whole = g.goal() == Goal.BOXES || g.goal() == Goal.GROUPS;
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
