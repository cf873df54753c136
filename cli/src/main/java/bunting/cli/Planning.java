package bunting.cli;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.ports.SearchWatch;
import bunting.core.show.Show;

/** Plans a show for a command, and says what is done where that takes long ({@link Waiting}). */
final class Planning {
  static final String FIRST = "Planning: first fits";
  static final String AFTER_STOP = "nothing is written then.";

  private Planning() {}

  /** Returns the plan of a show, as the window would have it. */
  static Assessment of(Show show) {
    try (Waiting waiting = Waiting.atTerminal(FIRST, AFTER_STOP)) {
      return of(show, waiting);
    }
  }

  /** Returns the plan, and tells each step of the search. */
  static Assessment of(Show show, Waiting waiting) {
    return Assessor.plan(show, watch(waiting));
  }

  /** Returns a watch that tells each step of a search. */
  static SearchWatch watch(Waiting waiting) {
    return new SearchWatch() {
      @Override
      public boolean stopped() {
        return false;
      }

      @Override
      public void step(int part, int parts, String what) {
        String where = parts > 1 ? " (part " + part + " of " + parts + ")" : "";
        waiting.doing("Planning: " + what + where);
      }
    };
  }
}
