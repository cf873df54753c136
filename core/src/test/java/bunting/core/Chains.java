package bunting.core;

import bunting.core.show.Controller;
import bunting.core.show.Held;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.List;

/** Shows whose runs are one chain: the planner would rather use a free port. */
public final class Chains {
  private Chains() {}

  /** All runs on port 1 of one box C1 of a kind, in the order of the list, held by hand. */
  public static Show onOnePort(Show show, String kind) {
    return onOnePort(show.withControllers(List.of(new Controller("C1", kind, 0, 0))), 1, "C1");
  }

  /** All runs of one voltage on a port of a box that is given, in the order of the list. */
  public static Show onOnePort(Show show, int port, String box) {
    var types = show.catalogue().pixelTypesById();
    double volts = types.get(show.runs().getFirst().type()).volts();
    List<Held> held = new ArrayList<>();
    for (Run run : show.runs()) {
      if (types.get(run.type()).volts() == volts) {
        held.add(new Held(run.name(), 1, run.pixels(), box, port, held.size() + 1));
      }
    }
    return show.withAllotting(show.allotting().withByHand(held));
  }
}
