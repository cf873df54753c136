package bunting.core.show;

import java.util.List;

/** The policy by which pixels get slots. {@code reserved} universes belong to someone else. */
public record Addressing(
    Protocol protocol,
    int startUniverse,
    SlotSplit split,
    PortStart portStart,
    List<UniverseRange> reserved) {
  /** sACN from universe 1, whole pixels, one port going on after the other. */
  public static final Addressing DEFAULT =
      new Addressing(Protocol.SACN, 1, SlotSplit.WHOLE_PIXELS, PortStart.CONTINUOUS, List.of());

  public Addressing {
    reserved = List.copyOf(reserved);
  }
}
