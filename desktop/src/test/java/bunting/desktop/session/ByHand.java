package bunting.desktop.session;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.ports.SearchWatch;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Work beside the interface that goes on only when the test says so, and a planner that obeys. */
final class ByHand {
  private final List<Runnable> workers = new ArrayList<>();
  private final List<Runnable> arrivals = new ArrayList<>();
  final List<Show> sketched = new ArrayList<>();
  boolean throwing;

  final Background background = new Background(workers::add, arrivals::add);

  final Planning.Engine engine =
      new Planning.Engine() {
        @Override
        public Assessment sketch(Show show, SearchWatch watch) {
          if (throwing) {
            throw new IllegalStateException("a fault of the planner's");
          }
          sketched.add(show);
          return Assessor.sketch(show, watch);
        }

        @Override
        public Assessment search(Show show, SearchWatch watch) {
          return Assessor.sketch(show);
        }
      };

  Session session() {
    Session session = new Session(engine, background);
    session.setPatience(java.time.Duration.ZERO);
    return session;
  }

  /** One piece of work is done, or one result arrives. */
  boolean step(Random random) {
    List<Runnable> from =
        workers.isEmpty() || (!arrivals.isEmpty() && random.nextBoolean()) ? arrivals : workers;
    if (from.isEmpty()) {
      return false;
    }
    from.removeFirst().run();
    return true;
  }

  /** Everything is done and has arrived. */
  void settle() {
    Random order = new Random(1);
    for (int steps = 0; step(order); steps++) {
      if (steps > 10_000) {
        throw new AssertionError("work without end");
      }
    }
  }
}
