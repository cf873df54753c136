package bunting.core.addressing;

import bunting.core.ports.BoxLoad;
import bunting.core.ports.Piece;
import bunting.core.ports.PortLoad;
import bunting.core.ports.UniverseRoom;
import bunting.core.show.Addressing;
import java.util.IdentityHashMap;
import java.util.List;

/**
 * Counts the universes of each controller by giving the slots out for trial. Most calls are
 * answered sooner: a box whose slots would fill few enough universes however badly they begin (one
 * more than its slots need when no pixel straddles) needs no trial.
 */
public final class UniverseCount implements UniverseRoom {
  private final Addressing policy;
  private final Addressing alone;
  private final IdentityHashMap<BoxLoad, Counted> counted = new IdentityHashMap<>();

  /** The most universes of a box, as of one number of changes. */
  private record Counted(int changes, long universes) {}

  /** For one addressing policy. */
  public UniverseCount(Addressing policy) {
    this.policy = policy;
    this.alone =
        new Addressing(policy.protocol(), 1, policy.split(), policy.portStart(), List.of());
  }

  @Override
  public boolean fits(List<BoxLoad> boxes) {
    return plainlyFits(boxes) || fitsOnTrial(boxes);
  }

  /** True only if no beginning could bring any box over its limit; false says nothing. */
  private boolean plainlyFits(List<BoxLoad> boxes) {
    long total = policy.startUniverse();
    for (var range : policy.reserved()) {
      total += range.last() - range.first() + 2L;
    }
    for (BoxLoad box : boxes) {
      long universes = remembered(box);
      if (universes > box.type().universesMax()) {
        return false;
      }
      total += universes;
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
    SlotCursor cursor = new SlotCursor(alone);
    int count = count(box, cursor);
    return cursor.exhausted() ? Long.MAX_VALUE / 4 : count + 1L + policy.reserved().size();
  }

  /** Universes that the box takes of the cursor. */
  private static int count(BoxLoad box, SlotCursor cursor) {
    int count = 0;
    int last = 0;
    for (PortLoad port : box.ports()) {
      if (!port.pieces().isEmpty()) {
        cursor.startPort();
      }
      for (Piece piece : port.pieces()) {
        for (SlotRow row :
            cursor.take(
                piece.type().channels(), piece.run().fitting(), piece.first(), piece.last())) {
          count += row.universe() == last ? 0 : 1;
          last = row.universe();
        }
      }
    }
    return count;
  }

  private boolean fitsOnTrial(List<BoxLoad> boxes) {
    SlotCursor cursor = new SlotCursor(policy);
    for (BoxLoad box : boxes) {
      int count = count(box, cursor);
      if (cursor.exhausted() || count > box.type().universesMax()) {
        return false;
      }
    }
    return true;
  }
}
