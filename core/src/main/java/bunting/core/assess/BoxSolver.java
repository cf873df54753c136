package bunting.core.assess;

import bunting.core.show.Conductors;
import bunting.core.show.Feed;
import bunting.core.show.PlacedController;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Solves the chains of a box. Where its input has resistance the ports pull down the terminals that
 * they share: their volts are found by going round until they rest.
 */
final class BoxSolver {
  /** A board's terminals are at rest when they move by less, volts. */
  private static final double BUS_TOLERANCE_VOLTS = 1e-7;

  /** Each round shrinks the miss by the input's resistance over that of the loads: a few do. */
  private static final int BUS_ROUNDS = 40;

  /** The ports' chains, empty where there is none, and the volts of the board's terminals. */
  record Answer(List<Optional<IslandSolver.Solved>> ports, double busVolts) {}

  private final Show show;
  private final Map<String, List<Feed>> feeds;
  private final Map<String, List<Integer>> breaks;
  private final Map<String, Double> feedM;
  private final IslandSolver solver;

  /**
   * @param feeds by segment
   * @param breaks pixels after which V+ is cut, by segment
   * @param feedM metres of each feed's cable
   * @param before what was solved for an earlier state of the show
   */
  BoxSolver(
      Show show,
      Map<String, List<Feed>> feeds,
      Map<String, List<Integer>> breaks,
      Map<String, Double> feedM,
      Collection<IslandSolver.Solved> before) {
    this.show = show;
    this.feeds = feeds;
    this.breaks = breaks;
    this.feedM = feedM;
    this.solver = new IslandSolver(show.catalogue().wiresById(), before);
  }

  /** Solves the chains of a box, one a port. */
  Answer solve(PlacedController box, List<List<IslandSolver.Link>> ports) {
    Conductors copper = show.wiring().conductors();
    double supply = copper.supplyVolts(box.volts());
    double ohms = copper.inputOhms(show.catalogue().wiresById());
    double bus = supply;
    for (int round = 0; ; round++) {
      List<Optional<IslandSolver.Solved>> result = new ArrayList<>();
      double amps = 0;
      for (List<IslandSolver.Link> links : ports) {
        Optional<IslandSolver.Solved> one =
            links.isEmpty()
                ? Optional.empty()
                : Optional.of(solver.solve(chainOf(links, copper, bus)));
        result.add(one);
        amps += one.map(BoxSolver::portAmps).orElse(0.0);
      }
      double next = supply - amps * ohms;
      if (Math.abs(next - bus) <= BUS_TOLERANCE_VOLTS || round == BUS_ROUNDS) {
        return new Answer(result, next);
      }
      bus = Math.max(0, next);
    }
  }

  private IslandSolver.Chain chainOf(List<IslandSolver.Link> links, Conductors copper, double bus) {
    List<IslandSolver.Cable> cables = new ArrayList<>();
    List<Integer> cuts = new ArrayList<>();
    int from = 0;
    for (IslandSolver.Link link : links) {
      Segment s = link.segment();
      if (from > 0 && !s.powerFromPrevious()) {
        cuts.add(from - 1);
      }
      for (int pixel : breaks.getOrDefault(s.id(), List.of())) {
        cuts.add(from + pixel - s.firstPixel());
      }
      for (Feed feed : feeds.getOrDefault(s.id(), List.of())) {
        cables.add(new IslandSolver.Cable(feed, feedM.get(feed.id())));
      }
      from += s.pixels();
    }
    cuts.sort(Integer::compare);
    double brightness = show.settings().brightnessPercent();
    return new IslandSolver.Chain(links, cables, cuts, brightness, copper, bus);
  }

  private static double portAmps(IslandSolver.Solved one) {
    double sum = 0;
    for (IslandReading island : one.islands()) {
      for (int f = 0; f < island.feeds().size() && island.solution().isPresent(); f++) {
        sum += island.feeds().get(f).viaPort() ? island.solution().get().feedAmps().at(f) : 0;
      }
    }
    return sum;
  }
}
