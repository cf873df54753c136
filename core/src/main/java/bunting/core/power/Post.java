package bunting.core.power;

import bunting.core.show.HeldPost;
import bunting.core.show.Wire;
import java.util.Optional;

/**
 * A feed on a stretch that is being tried.
 *
 * @param at pixel index on the stretch
 * @param metres its cable
 * @param wire its conductor
 * @param held what the builder decided, where he did
 */
record Post(int at, double metres, Wire wire, Optional<HeldPost> held) {
  Post(int at, double metres, Wire wire) {
    this(at, metres, wire, Optional.empty());
  }

  Post with(Wire other) {
    return new Post(at, metres, other, held);
  }

  /** Whether its wire may be chosen. */
  boolean free() {
    return held.flatMap(HeldPost::wire).isEmpty();
  }
}
