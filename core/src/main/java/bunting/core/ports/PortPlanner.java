package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.Set;

/**
 * A first fit that is always right: pinned runs first, then group by group and run by run in list
 * order, each on the nearest box whose bank, signal, pixels, time on the wire and universes allow
 * it. A run is divided (at cut marks) only where no port takes it whole. Where that leaves
 * something over, two other orders are tried and the one that leaves least is kept. Cost: runs x
 * ports, times the slot count where universes are short.
 */
public final class PortPlanner {
  private PortPlanner() {}

  /** That a run is not to go to that box, because its power does not reach. */
  public record Forbidden(String run, String controller) {}

  /**
   * Allots all runs but the excluded ones.
   *
   * @param excluded names of runs to leave out
   * @param forbidden pairs to avoid
   */
  public static Allotment allot(
      Show show, Set<String> excluded, Set<Forbidden> forbidden, UniverseRoom universes) {
    Allotment best = null;
    for (Preference preference : Preference.values()) {
      Allotment next = new AllotmentRun(show, excluded, forbidden, universes, preference).go();
      if (best == null || next.missingPixels() < best.missingPixels()) {
        best = next;
      }
      if (best.unplaced().isEmpty()) {
        break;
      }
    }
    return java.util.Objects.requireNonNull(best);
  }

  /** How many controllers no plan of these placed runs undercuts. */
  public static int controllersLowerBound(Show show, Allotment allotment) {
    return LowerBound.of(show, allotment.boxes());
  }

  /** Cable from a box to a run's feed end along the axes, metres: how near is near. */
  static double distance(Controller box, Run run) {
    return box.at().cableTo(run.start());
  }
}
