package bunting.core.ports;

import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Whole chains moved between the ports of one box so that its shared fuses are loaded evenly: the
 * heaviest chain first, each to the fuse with the least on it (Graham's rule, SIAM J. Appl. Math.
 * 17, 1969). Boxes with chains that are held or pinned to a port stay as they are.
 */
final class EvenFuses {
  private static final double WORTH_AMPS = 0.1;

  private EvenFuses() {}

  /** The box evened out, or the same box where that gains nothing. */
  static BoxLoad of(Show show, BoxLoad box, Set<String> held) {
    if (box.type().fuseGroups().size() < 2 || !box.type().banks().isEmpty()) {
      return box;
    }
    List<List<Piece>> chains = new ArrayList<>();
    for (PortLoad port : box.ports()) {
      if (!port.pieces().isEmpty()) {
        chains.add(List.copyOf(port.pieces()));
      }
      for (Piece p : port.pieces()) {
        boolean pinned = p.run().pin().filter(pin -> pin.port().isPresent()).isPresent();
        if (held.contains(p.run().name()) || pinned) {
          return box;
        }
      }
    }
    double percent = show.settings().brightnessPercent();
    List<List<Piece>> heaviest =
        chains.stream()
            .sorted(Comparator.<List<Piece>>comparingDouble(c -> -amps(c, percent)))
            .toList();
    Map<List<Integer>, Double> load = new HashMap<>();
    List<Integer> free = new ArrayList<>(box.order());
    BoxLoad even = box.emptied();
    for (List<Piece> chain : heaviest) {
      int port =
          free.stream()
              .min(
                  Comparator.<Integer>comparingDouble(
                          p -> load.getOrDefault(box.type().fuseMates(p), 0.0))
                      .thenComparingInt(free::indexOf))
              .orElseThrow();
      free.remove(Integer.valueOf(port));
      load.merge(box.type().fuseMates(port), amps(chain, percent), Double::sum);
      chain.forEach(p -> even.append(port, p));
    }
    double gain = Score.uneven(show, List.of(box)) - Score.uneven(show, List.of(even));
    return gain > WORTH_AMPS ? even : box;
  }

  private static double amps(List<Piece> chain, double percent) {
    return chain.stream().mapToDouble(p -> p.pixels() * p.type().amps(percent)).sum();
  }
}
