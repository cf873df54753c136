package bunting.wire.standin;

import java.util.OptionalInt;

/**
 * How a stand-in fares.
 *
 * @param frames how often all of its universes have come
 * @param packets that carried something for it
 * @param pixels that it drives
 * @param pixelsLit of these, with a slot above 0 in what came last
 * @param lastUniverse the last of its own that came
 */
public record BoxStatus(
    String controller,
    long frames,
    long packets,
    int pixels,
    int pixelsLit,
    OptionalInt lastUniverse) {
  /** Returns the same with its pixels counted. */
  BoxStatus withPixels(int all, int lit) {
    return new BoxStatus(controller, frames, packets, all, lit, lastUniverse);
  }
}
