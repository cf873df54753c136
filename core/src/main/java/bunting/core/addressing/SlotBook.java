package bunting.core.addressing;

import bunting.core.show.Addresses;
import bunting.core.show.Addressing;
import bunting.core.show.Decisions;
import bunting.core.show.Fitting;
import bunting.core.show.HandOut;
import bunting.core.show.Show;
import java.util.List;
import java.util.Optional;

/**
 * Gives slots to everything, box by box and port by port: by the policy alone ({@link SlotCursor})
 * while nothing is handed out or kept; else what was keeps its slots and the rest goes into gaps
 * and behind ({@link NailedSlots}).
 */
public final class SlotBook {
  private final Addressing policy;
  private final SlotCursor cursor;
  private final Optional<NailedSlots> nailed;

  /**
   * Returns a book for a plan: by the addresses that it kept, else by the policy and what was
   * handed out.
   */
  public static SlotBook of(Show show, Decisions decisions) {
    Optional<List<HandOut.Nail>> kept = decisions.addresses().map(Addresses::slots);
    return new SlotBook(
        show.addressing(), kept.or(() -> show.allotting().handOut().map(HandOut::nails)));
  }

  SlotBook(Addressing policy, Optional<List<HandOut.Nail>> fixed) {
    this.policy = policy;
    this.cursor = new SlotCursor(policy);
    this.nailed = fixed.map(nails -> new NailedSlots(policy, nails));
  }

  /** Whether the universes did not suffice. What was given out since is void. */
  public boolean exhausted() {
    return cursor.exhausted() || nailed.map(NailedSlots::exhausted).orElse(false);
  }

  /** Begins a box or a dimmer board, before its first port that has something on it. */
  public void startBox(String id) {
    nailed.ifPresentOrElse(n -> n.startBox(id), () -> cursor.startBox(id));
  }

  /** Begins a port. */
  public void startPort() {
    nailed.ifPresentOrElse(NailedSlots::startPort, cursor::startPort);
  }

  /**
   * Slots for pixels of a run.
   *
   * @param channels slots a set of pixels
   * @return rows in order; incomplete when {@link #exhausted()}
   */
  public List<SlotRow> take(String run, int channels, Fitting fitting, int first, int last) {
    return nailed
        .map(n -> n.take(run, channels, fitting, first, last))
        .orElseGet(() -> cursor.take(channels, fitting, first, last));
  }

  /** Slots of a plain set, together in one universe. */
  public Optional<SlotRow> together(String set, int slots) {
    if (nailed.isPresent()) {
      return nailed.get().take(set, slots, Fitting.PLAIN, 1, 1).stream().findFirst();
    }
    return cursor.together(slots);
  }

  /** Moves on so that so many slots lie in one universe: what one start address must cover. */
  public void keepTogether(int slots) {
    if (nailed.isEmpty()) {
      cursor.keepTogether(slots);
    }
  }

  /** The policy. */
  public Addressing policy() {
    return policy;
  }
}
