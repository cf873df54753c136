package bunting.core.plan;

import bunting.core.assess.Reading;
import bunting.core.checks.Checks;
import bunting.core.ports.SearchWatch;
import bunting.core.show.Decisions;
import bunting.core.show.Show;

/** Computes and judges what follows from decisions. */
public final class Assessor {
  private Assessor() {}

  /** All consequences of the decisions, and the findings. A pure function. */
  public static Assessment assess(Show show, Decisions decisions) {
    Reading reading = Reading.of(show, decisions);
    return new Assessment(reading, Checks.examine(reading));
  }

  /** The same, with every port that is as it was before taken from there. */
  public static Assessment assess(Show show, Decisions decisions, Reading before) {
    Reading reading = Reading.of(show, decisions, before);
    return new Assessment(reading, Checks.examine(reading));
  }

  /** The assessment of what the planner proposes. */
  public static Assessment plan(Show show) {
    return assess(show, Planner.propose(show));
  }

  /** The same, watched. */
  public static Assessment plan(Show show, SearchWatch watch) {
    return assess(show, Planner.propose(show, watch));
  }

  /** The assessment of the first fits alone. */
  public static Assessment sketch(Show show) {
    return assess(show, Planner.sketch(show));
  }

  /** Returns the assessment of the first fits alone; the watch is told as feeds are found. */
  public static Assessment sketch(Show show, SearchWatch watch) {
    return assess(show, Planner.sketch(show, watch));
  }
}
