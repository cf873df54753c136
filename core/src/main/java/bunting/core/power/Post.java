package bunting.core.power;

import bunting.core.show.HeldPost;
import bunting.core.show.Wire;
import java.util.List;
import java.util.Optional;

/**
 * A feed on a stretch that is being tried.
 *
 * @param at pixel index on the stretch
 * @param metres its cable; of a trunk up to its first tap
 * @param wire its conductor
 * @param taps of a trunk, its pixel indices, the first included; empty: no trunk
 * @param held what the builder decided, where he did
 */
record Post(int at, double metres, Wire wire, List<Integer> taps, Optional<HeldPost> held) {
  Post(int at, double metres, Wire wire) {
    this(at, metres, wire, List.of(), Optional.empty());
  }

  Post with(Wire other) {
    return new Post(at, metres, other, taps, held);
  }

  /** Whether its wire may be chosen. */
  boolean free() {
    return held.flatMap(HeldPost::wire).isEmpty();
  }

  /** All metres of its cable, with trunk and taps. */
  double cableM(Stretch stretch) {
    double sum = metres;
    for (int t = 0; t < taps.size(); t++) {
      sum += bunting.core.show.Feed.TAP_M;
      sum += t > 0 ? stretch.alongM(taps.get(t - 1), taps.get(t)) : 0;
    }
    return sum;
  }
}
