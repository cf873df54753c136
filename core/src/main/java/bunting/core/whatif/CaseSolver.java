package bunting.core.whatif;

import bunting.core.assess.IslandReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.show.Feed;
import bunting.core.show.Segment;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The islands of one failure case, solved as they are then. */
final class CaseSolver {
  private final Reading reading;
  private final List<IslandReading> islands;
  private final Map<String, SegmentReading> segments;
  private final Map<Integer, double[]> volts = new LinkedHashMap<>();
  private final Map<String, Double> feedAmps = new HashMap<>();

  CaseSolver(Reading reading, List<IslandReading> islands, Map<String, SegmentReading> segments) {
    this.reading = reading;
    this.islands = islands;
    this.segments = segments;
  }

  /** Solves an island without some feeds, cut before a segment where that lies on it. */
  void solve(int index, Set<String> gone, Optional<Segment> cut) {
    IslandReading island = islands.get(index);
    double[] result = new double[island.line().size()];
    int at =
        cut.flatMap(
                s ->
                    island.parts().stream()
                        .filter(p -> p.segment().equals(s.id()) && p.firstPixel() == s.firstPixel())
                        .map(IslandReading.Part::from)
                        .findFirst())
            .orElse(0);
    island.feeds().forEach(f -> feedAmps.put(f.id(), 0.0));
    if (at > 0) {
      part(island, 0, at, gone, result);
    }
    part(island, at, result.length, gone, result);
    volts.put(index, result);
  }

  private void part(IslandReading island, int from, int to, Set<String> gone, double[] result) {
    List<Feed> left =
        island.feeds().stream()
            .filter(f -> !gone.contains(f.id()))
            .filter(f -> island.indexOf(f) >= from && island.indexOf(f) < to)
            .toList();
    if (left.isEmpty()) {
      return;
    }
    Line line = island.line().keeping(from, to, island.indicesOf(left));
    if (LineSolver.solve(line) instanceof LineSolution.Stands s) {
      for (int i = from; i < to; i++) {
        result[i] = s.volts().at(i - from);
      }
      for (int f = 0; f < left.size(); f++) {
        feedAmps.put(left.get(f).id(), s.feedAmps().at(f));
      }
    }
  }

  Map<String, Double> feedAmps() {
    return feedAmps;
  }

  List<IslandReading> touched() {
    return volts.keySet().stream().map(islands::get).toList();
  }

  int darkPixels() {
    int dark = 0;
    for (double[] island : volts.values()) {
      for (double v : island) {
        dark += v <= 0 ? 1 : 0;
      }
    }
    return dark;
  }

  int sagPixels() {
    double percent = reading.show().settings().minVoltsPercent();
    int sag = 0;
    for (Map.Entry<Integer, double[]> e : volts.entrySet()) {
      IslandReading island = islands.get(e.getKey());
      double least = percent / 100 * nominal(island);
      for (int i = 0; i < e.getValue().length; i++) {
        double v = e.getValue()[i];
        boolean held = island.solution().map(s -> s.volts()).isPresent();
        boolean before = held && island.solution().orElseThrow().volts().at(i) >= least;
        sag += v > 0 && v < least && before ? 1 : 0;
      }
    }
    return sag;
  }

  private double nominal(IslandReading island) {
    return segments.get(island.parts().getFirst().segment()).type().volts();
  }

  Optional<Outcome.Lowest> lowest() {
    Optional<Outcome.Lowest> lowest = Optional.empty();
    for (Map.Entry<Integer, double[]> e : volts.entrySet()) {
      IslandReading island = islands.get(e.getKey());
      for (int i = 0; i < e.getValue().length; i++) {
        double v = e.getValue()[i];
        double percent = 100 * v / nominal(island);
        if (v > 0 && (lowest.isEmpty() || percent < lowest.get().percent())) {
          IslandReading.Part part = island.partAt(i);
          lowest =
              Optional.of(
                  new Outcome.Lowest(v, percent, part.run(), part.firstPixel() + i - part.from()));
        }
      }
    }
    return lowest;
  }

  /**
   * Pixels that have power and no data: data goes from pixel to pixel, and dark ones do not pass it
   * on.
   */
  int noData(Optional<Segment> cut, List<Integer> port) {
    int count = 0;
    boolean lost = false;
    for (int index : port) {
      IslandReading island = islands.get(index);
      double[] now = volts.get(index);
      for (int i = 0; i < island.line().size(); i++) {
        IslandReading.Part part = island.partAt(i);
        boolean behindCut =
            cut.isPresent()
                && part.segment().equals(cut.get().id())
                && part.firstPixel() + i - part.from() == cut.get().firstPixel();
        boolean lit = now == null ? island.solution().isPresent() : now[i] > 0;
        lost |= behindCut || !lit;
        count += lost && lit ? 1 : 0;
      }
    }
    return count;
  }
}
