package bunting.testkit;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.Controller;
import bunting.core.show.Held;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** Small shows, and plans of them by the first fits. */
public final class Shows {
  /** A type that most tests do with: 5 V, 60 a metre, 50 mA. */
  public static final String STRIP = "5v-strip-60";

  private Shows() {}

  /** A show of one run of strip. */
  public static Show strip(String run, int pixels) {
    return Show.of(List.of(Run.of(run, STRIP, pixels)));
  }

  /** A show of these runs. */
  public static Show of(Run... runs) {
    return Show.of(Arrays.asList(runs));
  }

  /** So many runs of one type, called {@code Lantern 1}, {@code Lantern 2} and so on. */
  public static Show lanterns(int count, String type, int pixels) {
    return Show.of(
        IntStream.rangeClosed(1, count)
            .mapToObj(i -> Run.of("Lantern " + i, type, pixels))
            .toList());
  }

  /** The same runs as one chain on port 1 of a box C1 of two ports, held by hand. */
  public static Show chained(Show show) {
    List<Held> held = new ArrayList<>();
    for (Run run : show.runs()) {
      held.add(new Held(run.name(), 1, run.pixels(), "C1", 1, held.size() + 1));
    }
    return show.withControllers(List.of(new Controller("C1", "box-2", 0, 0)))
        .withAllotting(show.allotting().withByHand(held));
  }

  /** The plan of a show by the first fits. */
  public static Assessment planned(Show show) {
    return Assessor.sketch(show);
  }
}
