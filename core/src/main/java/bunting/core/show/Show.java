package bunting.core.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;

/**
 * All facts about a show and the decisions its builder pinned. A change makes a new show.
 *
 * @param settings what the whole show is designed for
 * @param sites where boxes can stand
 * @param addressing how slots are given out
 * @param catalogue the kinds of things
 * @param controllers the controllers there are; empty optional: the planner picks them
 * @param circuits the mains circuits there are, by the rule of {@code mains}; empty optional: mains
 *     are not checked
 * @param runs the runs in the builder's order, names unique
 * @param leftovers what its files held beyond what is understood
 * @param survey what else stands on the elevation
 * @param others lights that are not pixels
 * @param workshop what pixels are cut from
 * @param allotting what the builder decided about ports and addresses
 * @param network the show's network
 * @param wiring what the builder knows and decided about power
 * @param bench what was done at the bench
 * @param mains what the builder knows and decided about the mains
 * @param preparation what is bought and done until it stands
 * @param accepted the plan that the builder has agreed to; empty: he has not seen one
 */
public record Show(
    ShowSettings settings,
    List<Site> sites,
    Addressing addressing,
    Catalogue catalogue,
    Optional<List<Controller>> controllers,
    Optional<List<Circuit>> circuits,
    List<Run> runs,
    Leftovers leftovers,
    Survey survey,
    OtherLoads others,
    Workshop workshop,
    Allotting allotting,
    Network network,
    Wiring wiring,
    BenchNotes bench,
    Mains mains,
    Preparation preparation,
    Optional<Accepted> accepted) {
  public Show {
    sites = List.copyOf(sites);
    controllers = controllers.map(List::copyOf);
    circuits = circuits.map(list -> list.stream().map(c -> c.by(mains.rules())).toList());
    runs = List.copyOf(runs);
  }

  /** A show with nothing but pixels, not drawn. */
  public Show(
      ShowSettings settings,
      List<Site> sites,
      Addressing addressing,
      Catalogue catalogue,
      Optional<List<Controller>> controllers,
      Optional<List<Circuit>> circuits,
      List<Run> runs) {
    this(
        settings,
        sites,
        addressing,
        catalogue,
        controllers,
        circuits,
        runs,
        Leftovers.NONE,
        Survey.EMPTY,
        OtherLoads.NONE,
        Workshop.EMPTY,
        Allotting.FREE,
        Network.DEFAULT,
        Wiring.DEFAULT,
        BenchNotes.NONE,
        Mains.UNSAID,
        Preparation.NONE,
        Optional.empty());
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
        runs);
  }

  /**
   * A new show as a builder begins it: nothing in it yet, warm copper and usual contacts, and a
   * plan that keeps 2 % of the volts in hand.
   */
  public static Show fresh() {
    return of(List.of())
        .withWiring(
            new Wiring(
                Conductors.USUAL, PowerWays.DEFAULT.withMargin(PowerWays.USUAL_MARGIN), List.of()));
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
    return with(d -> d.runs = list);
  }

  /** The same with the run of the same name replaced, and nothing else. */
  public Show withRun(Run changed) {
    List<Run> list = new ArrayList<>(runs);
    list.replaceAll(r -> r.name().equals(changed.name()) ? changed : r);
    return withRuns(list);
  }

  /** The same with other settings. */
  public Show withSettings(ShowSettings changed) {
    return with(d -> d.settings = changed);
  }

  /** The same with these controllers as what there is. */
  public Show withControllers(List<Controller> list) {
    return with(d -> d.controllers = Optional.of(list));
  }

  /** The same with the planner choosing the controllers, at these sites. */
  public Show withSites(List<Site> list) {
    return with(
        d -> {
          d.sites = list;
          d.controllers = Optional.empty();
        });
  }

  /** The same with another catalogue. */
  public Show withCatalogue(Catalogue other) {
    return with(d -> d.catalogue = other);
  }

  /** The same with other leftovers. */
  public Show withLeftovers(Leftovers other) {
    return with(d -> d.leftovers = other);
  }

  /** The same with another survey. */
  public Show withSurvey(Survey other) {
    return with(d -> d.survey = other);
  }

  /** The same with other loads. */
  public Show withOthers(OtherLoads other) {
    return with(d -> d.others = other);
  }

  /** The same with another workshop. */
  public Show withWorkshop(Workshop other) {
    return with(d -> d.workshop = other);
  }

  /** The same with other decisions about ports and addresses. */
  public Show withAllotting(Allotting other) {
    return with(d -> d.allotting = other);
  }

  /** The same with another network. */
  public Show withNetwork(Network other) {
    return with(d -> d.network = other);
  }

  /** The same with other knowledge and decisions about power. */
  public Show withWiring(Wiring other) {
    return with(d -> d.wiring = other);
  }

  /** The same with other notes from the bench. */
  public Show withBench(BenchNotes other) {
    return with(d -> d.bench = other);
  }

  /** The same with other circuits; empty: mains are not checked. */
  public Show withCircuits(Optional<List<Circuit>> other) {
    return with(d -> d.circuits = other);
  }

  /** The same with other knowledge of the mains. */
  public Show withMains(Mains other) {
    return with(d -> d.mains = other);
  }

  /** The same with another policy of addresses. */
  public Show withAddressing(Addressing other) {
    return with(d -> d.addressing = other);
  }

  /** The same with another preparation. */
  public Show withPreparation(Preparation other) {
    return with(d -> d.preparation = other);
  }

  /** Returns a copy with another accepted plan; empty: the next plan is a first one. */
  public Show withAccepted(Optional<Accepted> other) {
    return with(d -> d.accepted = other);
  }

  /** Returns a copy that has accepted a plan of it: what is pinned by hand has its places there. */
  public Show accepting(Accepted plan) {
    return withAllotting(allotting.withByHand(plan.pinned(allotting.byHand())))
        .withAccepted(Optional.of(plan));
  }

  /** Whether nothing differs that is planned from: notes of the bench and preparations may. */
  public boolean plansLike(Show other) {
    return withBench(other.bench).withPreparation(other.preparation).equals(other);
  }

  /** Returns ids of the controllers that the builder has: they cost nothing. */
  public Set<String> ownedControllers() {
    Set<String> ids = new TreeSet<>();
    controllers.ifPresent(list -> list.forEach(c -> ids.add(c.id())));
    allotting.planning().toBuy().forEach(ids::remove);
    return ids;
  }

  /** Whether the planner may add boxes. */
  public boolean mayAddBoxes() {
    return controllers.isEmpty() || allotting.planning().addBoxes();
  }

  private Show with(Consumer<Draft> change) {
    Draft draft = new Draft(this);
    change.accept(draft);
    return draft.show();
  }

  /** The parts of a show while one of them is changed. */
  private static final class Draft {
    private ShowSettings settings;
    private List<Site> sites;
    private Addressing addressing;
    private Catalogue catalogue;
    private Optional<List<Controller>> controllers;
    private Optional<List<Circuit>> circuits;
    private List<Run> runs;
    private Leftovers leftovers;
    private Survey survey;
    private OtherLoads others;
    private Workshop workshop;
    private Allotting allotting;
    private Network network;
    private Wiring wiring;
    private BenchNotes bench;
    private Mains mains;
    private Preparation preparation;
    private Optional<Accepted> accepted;

    Draft(Show from) {
      settings = from.settings;
      sites = from.sites;
      addressing = from.addressing;
      catalogue = from.catalogue;
      controllers = from.controllers;
      circuits = from.circuits;
      runs = from.runs;
      leftovers = from.leftovers;
      survey = from.survey;
      others = from.others;
      workshop = from.workshop;
      allotting = from.allotting;
      network = from.network;
      wiring = from.wiring;
      bench = from.bench;
      mains = from.mains;
      preparation = from.preparation;
      accepted = from.accepted;
    }

    Show show() {
      return new Show(
          settings,
          sites,
          addressing,
          catalogue,
          controllers,
          circuits,
          runs,
          leftovers,
          survey,
          others,
          workshop,
          allotting,
          network,
          wiring,
          bench,
          mains,
          preparation,
          accepted);
    }
  }
}
