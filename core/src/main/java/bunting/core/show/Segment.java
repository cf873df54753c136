package bunting.core.show;

import java.util.Optional;

/**
 * The part of a run that one port drives.
 *
 * @param id unique id, the run's name and a number
 * @param run the run's name
 * @param firstPixel first pixel, in the run's numbering
 * @param lastPixel last pixel, included
 * @param controller controller id
 * @param port port, from 1
 * @param position place in the port's chain; 1 is next to the port
 * @param leadWire conductor of the cable before it; empty where that carries data alone
 * @param powerFromPrevious whether the cable before it carries power
 */
public record Segment(
    String id,
    String run,
    int firstPixel,
    int lastPixel,
    String controller,
    int port,
    int position,
    Optional<String> leadWire,
    boolean powerFromPrevious) {
  /** How many pixels it has. */
  public int pixels() {
    return lastPixel - firstPixel + 1;
  }

  /** The same up to another pixel. */
  public Segment upTo(int pixel) {
    return new Segment(
        id, run, firstPixel, pixel, controller, port, position, leadWire, powerFromPrevious);
  }
}
