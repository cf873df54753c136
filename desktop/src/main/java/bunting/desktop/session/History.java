package bunting.desktop.session;

import bunting.core.show.Show;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

/** The shows before and after this one, each with what was done. */
final class History {
  /** A show and the edit that led away from it. */
  record Step(String edit, Show show) {}

  private static final int STEPS_MAX = 200;

  private final Deque<Step> past = new ArrayDeque<>();
  private final Deque<Step> future = new ArrayDeque<>();

  void done(String edit, Show before) {
    past.push(new Step(edit, before));
    if (past.size() > STEPS_MAX) {
      past.removeLast();
    }
    future.clear();
  }

  Optional<Step> undo(Show now) {
    return move(past, future, now);
  }

  Optional<Step> redo(Show now) {
    return move(future, past, now);
  }

  private static Optional<Step> move(Deque<Step> from, Deque<Step> to, Show now) {
    if (from.isEmpty()) {
      return Optional.empty();
    }
    Step step = from.pop();
    to.push(new Step(step.edit(), now));
    return Optional.of(step);
  }

  void clear() {
    past.clear();
    future.clear();
  }

  int pastSteps() {
    return past.size();
  }
}
