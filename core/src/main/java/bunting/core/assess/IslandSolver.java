package bunting.core.assess;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.dc.VoltProfile;
import bunting.core.show.Feed;
import bunting.core.show.LoadKind;
import bunting.core.show.PixelType;
import bunting.core.show.Segment;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/** Divides a port's chain into islands of V+, solves each and hands the volts back by segment. */
final class IslandSolver {
  /** A segment of the chain with what the solver needs to know of it. */
  record Link(Segment segment, PixelType type, double leadM) {}

  /** Volts of one segment, and whether all its islands stand. */
  record Volts(VoltProfile profile, boolean stands) {}

  private final double brightness;
  private final Map<String, Wire> wires;
  private final Map<String, List<Feed>> feedsBySegment;
  private final Map<String, List<Integer>> breaksBySegment;
  private final Map<String, Double> feedM;
  private final Map<String, Double> feedAmps;

  IslandSolver(
      double brightness,
      Map<String, Wire> wires,
      Map<String, List<Feed>> feedsBySegment,
      Map<String, List<Integer>> breaksBySegment,
      Map<String, Double> feedM,
      Map<String, Double> feedAmps) {
    this.brightness = brightness;
    this.wires = wires;
    this.feedsBySegment = feedsBySegment;
    this.breaksBySegment = breaksBySegment;
    this.feedM = feedM;
    this.feedAmps = feedAmps;
  }

  /**
   * The volts of each segment of a chain, in order; the amps of its feeds go into the map of feeds.
   */
  List<Volts> solve(List<Link> chain) {
    int n = chain.stream().mapToInt(l -> l.segment().pixels()).sum();
    double[] amps = new double[n];
    LoadKind[] kinds = new LoadKind[n];
    double[] ohms = new double[n];
    boolean[] cutAfter = new boolean[n];
    List<PlacedFeed> feeds = new ArrayList<>();
    int from = 0;
    for (Link link : chain) {
      Segment s = link.segment();
      int to = from + s.pixels();
      Arrays.fill(amps, from, to, link.type().amps(brightness));
      Arrays.fill(kinds, from, to, link.type().load());
      Arrays.fill(ohms, from, to, link.type().loopOhms());
      if (from > 0) {
        cutAfter[from - 1] = !s.powerFromPrevious();
        ohms[from - 1] = s.leadWire().map(w -> wires.get(w).loopOhms(link.leadM())).orElse(0.0);
      }
      for (int pixel : breaksBySegment.getOrDefault(s.id(), List.of())) {
        cutAfter[from + pixel - s.firstPixel()] = true;
      }
      for (Feed feed : feedsBySegment.getOrDefault(s.id(), List.of())) {
        feeds.add(new PlacedFeed(feed, from + feed.atPixel() - s.firstPixel()));
      }
      from = to;
    }
    double[] volts = new double[n];
    boolean[] stands = new boolean[n];
    double nominal = chain.getFirst().type().volts();
    int start = 0;
    for (int i = 0; i < n; i++) {
      if (i == n - 1 || cutAfter[i]) {
        solveIsland(start, i + 1, nominal, amps, kinds, ohms, feeds, volts, stands);
        start = i + 1;
      }
    }
    return bySegment(chain, volts, stands);
  }

  private record PlacedFeed(Feed feed, int index) {}

  private void solveIsland(
      int from,
      int to,
      double nominal,
      double[] amps,
      LoadKind[] kinds,
      double[] ohms,
      List<PlacedFeed> all,
      double[] volts,
      boolean[] stands) {
    List<PlacedFeed> feeds = all.stream().filter(f -> f.index() >= from && f.index() < to).toList();
    if (feeds.isEmpty()) {
      return;
    }
    int[] at = feeds.stream().mapToInt(f -> f.index() - from).toArray();
    double[] cable =
        feeds.stream()
            .mapToDouble(f -> wires.get(f.feed().wire()).loopOhms(feedM.get(f.feed().id())))
            .toArray();
    Line line =
        new Line(
            nominal,
            nominal,
            Arrays.copyOfRange(amps, from, to),
            Arrays.copyOfRange(kinds, from, to),
            Arrays.copyOfRange(ohms, from, to),
            at,
            cable);
    if (LineSolver.solve(line) instanceof LineSolution.Stands s) {
      for (int i = from; i < to; i++) {
        volts[i] = s.volts().at(i - from);
      }
      Arrays.fill(stands, from, to, true);
      for (int f = 0; f < at.length; f++) {
        feedAmps.put(feeds.get(f).feed().id(), s.feedAmps().at(f));
      }
    }
  }

  private static List<Volts> bySegment(List<Link> chain, double[] volts, boolean[] stands) {
    VoltProfile whole = VoltProfile.of(volts);
    List<Volts> result = new ArrayList<>();
    int from = 0;
    for (Link link : chain) {
      int count = link.segment().pixels();
      boolean all = true;
      for (int i = from; i < from + count; i++) {
        all &= stands[i];
      }
      result.add(new Volts(whole.part(from, count), all));
      from += count;
    }
    return result;
  }
}
