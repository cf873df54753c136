package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.PortReport;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.Optional;
import java.util.Set;

/**
 * Allots runs to ports in two steps. First fits (pinned runs first, then group by group and run by
 * run in several orders, each on the nearest box whose bank, signal, pixels, time on the wire and
 * universes allow it) give an answer at once. Then {@link PortSearch} looks for a better one by the
 * show's goals. A run is divided, at cut marks, only where that is better by the goals or where no
 * port takes it whole.
 */
public final class PortPlanner {
  private PortPlanner() {}

  /** That a run is not to go to that box, because its power does not reach. */
  public record Forbidden(String run, String controller) {}

  /** An allotment, and how good it is. */
  public record Allotted(Allotment allotment, PortReport report) {}

  /**
   * Allots all runs but the excluded ones.
   *
   * @param excluded names of runs to leave out
   * @param forbidden pairs to avoid
   * @param wiring what it costs to wire a box
   * @param search who watches the search; empty: first fits alone, some milliseconds
   */
  public static Allotted allot(
      Show show,
      Set<String> excluded,
      Set<Forbidden> forbidden,
      UniverseRoom universes,
      PlanPrice wiring,
      Optional<SearchWatch> search) {
    return new PortSearch(show, excluded, forbidden, universes, wiring, search).go();
  }

  /** The same where nobody asks about power: each piece has a lead for data, and that is all. */
  public static Allotted allot(
      Show show,
      Set<String> excluded,
      Set<Forbidden> forbidden,
      UniverseRoom universes,
      Optional<SearchWatch> search) {
    return allot(show, excluded, forbidden, universes, new LeadsAlone(show), search);
  }

  /**
   * The plain first fit in the order of the list, nearest box first: what a search is measured by.
   */
  public static Allotment firstFit(Show show, UniverseRoom universes) {
    return new AllotmentRun(show, Set.of(), Set.of(), universes, Preference.LIST_ORDER).go();
  }

  /**
   * How many controllers no plan of these placed runs undercuts.
   *
   * @param exact whether the exact solver may be asked, some seconds at the most
   */
  public static int controllersLowerBound(Show show, Allotment allotment, boolean exact) {
    return LowerBound.of(show, allotment.boxes(), exact);
  }

  /** What an allotment costs in the prices of the show. */
  public static double cost(Show show, Allotment allotment) {
    return new Prices(show).cost(allotment.boxes());
  }

  /** Cable from a box to a run's feed end along the axes, metres: how near is near. */
  static double distance(Controller box, Run run) {
    return box.at().cableTo(run.start());
  }
}
