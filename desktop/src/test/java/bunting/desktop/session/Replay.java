package bunting.desktop.session;

import bunting.core.limits.ShowLimits;
import bunting.core.show.Show;
import bunting.core.show.edit.References;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;

/** A document's journal played again, one entry after the other, by nothing but functions. */
public final class Replay {
  private Replay() {}

  /** The show that the entries make; the first of them begins it. */
  public static Show of(List<Document.Entry> journal) {
    Deque<Show> past = new ArrayDeque<>();
    Deque<Show> future = new ArrayDeque<>();
    Show now = Show.of(List.of());
    for (Document.Entry entry : journal) {
      switch (entry) {
        case Document.Entry.Begun b -> {
          past.clear();
          future.clear();
          now = b.show();
        }
        case Document.Entry.Done d -> {
          past.push(now);
          future.clear();
          now = References.keep(d.change().apply(now)).show();
          if (ShowLimits.problem(now).isPresent()) {
            throw new AssertionError("a refused edit stands in the journal");
          }
        }
        case Document.Entry.Settled s -> now = now.accepting(s.plan());
        case Document.Entry.Undone u -> {
          future.push(now);
          now = past.pop();
        }
        case Document.Entry.Redone r -> {
          past.push(now);
          now = future.pop();
        }
      }
    }
    return now;
  }
}
