package bunting.core.addressing;

import bunting.core.ports.BoxLoad;
import bunting.core.ports.Piece;
import bunting.core.ports.PortLoad;
import bunting.core.ports.UniverseRoom;
import bunting.core.show.Addressing;
import bunting.core.show.HandOut;
import bunting.core.show.Show;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Counts the universes of each controller by giving the slots out for trial. Most calls are
 * answered sooner: a box whose slots would fill few enough universes however badly they begin (one
 * more than its slots need when no pixel straddles) needs no trial.
 */
public final class UniverseCount implements UniverseRoom {
  private final Addressing policy;
  private final Addressing alone;
  private final Optional<HandOut> handOut;
  private final IdentityHashMap<BoxLoad, Counted> counted = new IdentityHashMap<>();

  /** The most universes of a box, as of one number of changes. */
  private record Counted(int changes, long universes) {}

  /** For a show's policy, and what it has handed out. */
  public UniverseCount(Show show) {
    this(show.addressing(), show.allotting().handOut());
  }

  /** For one addressing policy, nothing handed out. */
  public UniverseCount(Addressing policy) {
    this(policy, Optional.empty());
  }

  private UniverseCount(Addressing policy, Optional<HandOut> handOut) {
    this.policy = policy;
    this.handOut = handOut;
    this.alone =
        new Addressing(policy.protocol(), 1, policy.split(), policy.portStart(), List.of());
  }

  @Override
  public boolean fits(List<BoxLoad> boxes) {
    return plainlyFits(boxes) || fitsOnTrial(boxes);
  }

  /** True only if no beginning could bring any box over its limit; false says nothing. */
  private boolean plainlyFits(List<BoxLoad> boxes) {
    if (handOut.isPresent() || !policy.boxStarts().at().isEmpty()) {
      return false;
    }
    int every = policy.boxStarts().every();
    long total = policy.startUniverse();
    for (var range : policy.reserved()) {
      total += range.last() - range.first() + 2L;
    }
    for (BoxLoad box : boxes) {
      long universes = remembered(box);
      if (universes > box.type().universesMax()) {
        return false;
      }
      total += universes + every;
    }
    return total < policy.protocol().universeMax();
  }

  private long remembered(BoxLoad box) {
    Counted known = counted.get(box);
    if (known == null || known.changes() != box.changes()) {
      known = new Counted(box.changes(), mostUniverses(box));
      counted.put(box, known);
    }
    return known.universes();
  }

  /**
   * The box counted alone from slot 1, and one more: filling in order from a later slot ends at
   * most one universe later. Where a pixel may straddle, each reserved range can cost one more.
   */
  private long mostUniverses(BoxLoad box) {
    SlotBook cursor = new SlotBook(alone, Optional.empty());
    int count = count(box, cursor);
    return cursor.exhausted() ? Long.MAX_VALUE / 4 : count + 1L + policy.reserved().size();
  }

  /** Universes that the box takes of the book. */
  private static int count(BoxLoad box, SlotBook book) {
    Set<Integer> universes = new HashSet<>();
    if (!box.isEmpty()) {
      book.startBox(box.controller().id());
    }
    for (PortLoad port : box.ports()) {
      if (!port.pieces().isEmpty()) {
        book.startPort();
      }
      for (Piece p : port.pieces()) {
        book.take(p.run().name(), p.type().channels(), p.run().fitting(), p.first(), p.last())
            .forEach(row -> universes.add(row.universe()));
      }
    }
    return universes.size();
  }

  private boolean fitsOnTrial(List<BoxLoad> boxes) {
    SlotBook cursor = new SlotBook(policy, handOut.map(HandOut::nails));
    for (BoxLoad box : boxes) {
      int count = count(box, cursor);
      if (cursor.exhausted() || count > box.type().universesMax()) {
        return false;
      }
    }
    return true;
  }
}
