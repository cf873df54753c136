package bunting.core.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * All facts about a show and the decisions its builder pinned. A change makes a new show.
 *
 * @param settings what the whole show is designed for
 * @param sites where boxes can stand
 * @param addressing how slots are given out
 * @param catalogue the kinds of things
 * @param controllers the controllers there are; empty optional: the planner picks them
 * @param circuits the mains circuits there are; empty optional: mains are not checked
 * @param runs the runs in the builder's order, names unique
 * @param strayKeys paths in the settings that mean nothing to Bunting
 */
public record Show(
    ShowSettings settings,
    List<Site> sites,
    Addressing addressing,
    Catalogue catalogue,
    Optional<List<Controller>> controllers,
    Optional<List<Circuit>> circuits,
    List<Run> runs,
    List<String> strayKeys) {
  public Show {
    sites = List.copyOf(sites);
    controllers = controllers.map(List::copyOf);
    circuits = circuits.map(List::copyOf);
    runs = List.copyOf(runs);
    strayKeys = List.copyOf(strayKeys);
  }

  /** A show of these runs with all defaults. */
  public static Show of(List<Run> runs) {
    return new Show(
        ShowSettings.DEFAULT,
        List.of(),
        Addressing.DEFAULT,
        StandardCatalogue.get(),
        Optional.empty(),
        Optional.empty(),
        runs,
        List.of());
  }

  /** The sites; where none are given, one at 0, 0. */
  public List<Site> standingSites() {
    return sites.isEmpty() ? List.of(new Site("site", 0, 0)) : sites;
  }

  /** The run of that name. */
  public Optional<Run> run(String name) {
    return runs.stream().filter(r -> r.name().equals(name)).findFirst();
  }

  /** The same with other runs. */
  public Show withRuns(List<Run> list) {
    return new Show(settings, sites, addressing, catalogue, controllers, circuits, list, strayKeys);
  }

  /** The same with the run of the same name replaced. */
  public Show withRun(Run changed) {
    List<Run> list = new ArrayList<>(runs);
    list.replaceAll(r -> r.name().equals(changed.name()) ? changed : r);
    return withRuns(list);
  }

  /** The same with other settings. */
  public Show withSettings(ShowSettings changed) {
    return new Show(changed, sites, addressing, catalogue, controllers, circuits, runs, strayKeys);
  }

  /** The same with these controllers as what there is. */
  public Show withControllers(List<Controller> list) {
    return new Show(
        settings, sites, addressing, catalogue, Optional.of(list), circuits, runs, strayKeys);
  }
}
