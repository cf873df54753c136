package bunting.core.show;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Addresses that were handed out to whoever writes the sequences. They do not move until they are
 * taken back.
 *
 * @param date when, as {@code 2026-11-03}
 * @param to whom, in the builder's words
 * @param nails what was handed out
 * @param addresses the network addresses of boxes as of then
 */
public record HandOut(String date, String to, List<Nail> nails, Map<String, String> addresses) {
  public HandOut {
    nails = List.copyOf(nails);
    addresses = java.util.Collections.unmodifiableMap(new TreeMap<>(addresses));
  }

  /**
   * A piece of a run, or a plain set, with its slots.
   *
   * @param held where the piece hung
   * @param channels slots a set of pixels
   * @param grouping neighbours that share slots
   * @param reversed whether the far pixel has the first slots
   * @param slots in order
   * @param order of the colours in them; empty: not known, as in older files
   */
  public record Nail(
      Held held,
      int channels,
      int grouping,
      boolean reversed,
      List<SlotRange> slots,
      String order) {
    public Nail {
      slots = List.copyOf(slots);
    }

    /** A piece of which nobody noted the order of colours. */
    public Nail(Held held, int channels, int grouping, boolean reversed, List<SlotRange> slots) {
      this(held, channels, grouping, reversed, slots, "");
    }

    /** The same, hanging elsewhere or under another name. */
    public Nail withHeld(Held other) {
      return new Nail(other, channels, grouping, reversed, slots, order);
    }

    /** The run or plain set. */
    public String run() {
      return held.run();
    }
  }

  /** The same with other nails. */
  public HandOut withNails(List<Nail> list) {
    return new HandOut(date, to, list, addresses);
  }

  /** Nails of a run or plain set. */
  public List<Nail> of(String run) {
    return nails.stream().filter(n -> n.run().equals(run)).toList();
  }

  /** The same without one run's; empty when nothing is left. */
  public Optional<HandOut> without(String run) {
    List<Nail> left = nails.stream().filter(n -> !n.run().equals(run)).toList();
    return left.isEmpty() ? Optional.empty() : Optional.of(new HandOut(date, to, left, addresses));
  }
}
