package bunting.core.show;

import java.util.List;

/** The policy by which pixels get slots. {@code reserved} universes belong to someone else. */
public record Addressing(
    Protocol protocol,
    int startUniverse,
    SlotSplit split,
    PortStart portStart,
    List<UniverseRange> reserved,
    BoxStarts boxStarts) {
  /** sACN from universe 1, whole pixels, one port going on after the other. */
  public static final Addressing DEFAULT =
      new Addressing(Protocol.SACN, 1, SlotSplit.WHOLE_PIXELS, PortStart.CONTINUOUS, List.of());

  public Addressing {
    reserved = List.copyOf(reserved);
  }

  /** Every box going on after the one before it. */
  public Addressing(
      Protocol protocol,
      int startUniverse,
      SlotSplit split,
      PortStart portStart,
      List<UniverseRange> reserved) {
    this(protocol, startUniverse, split, portStart, reserved, BoxStarts.FOLLOWING);
  }

  /** The same with boxes beginning elsewhere. */
  public Addressing with(BoxStarts starts) {
    return new Addressing(protocol, startUniverse, split, portStart, reserved, starts);
  }
}
