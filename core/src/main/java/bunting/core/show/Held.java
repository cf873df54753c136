package bunting.core.show;

/**
 * A piece of a run that stays where it is: put there by hand, or handed out.
 *
 * @param firstPixel first pixel in the run's numbering
 * @param lastPixel last pixel, included
 * @param position place in the port's chain; pieces without one before them follow in this order
 */
public record Held(
    String run, int firstPixel, int lastPixel, String controller, int port, int position) {
  /** How many pixels. */
  public int pixels() {
    return lastPixel - firstPixel + 1;
  }

  /** The same with other pixels. */
  public Held withPixels(int first, int last) {
    return new Held(run, first, last, controller, port, position);
  }

  /** The same elsewhere. */
  public Held at(String box, int number, int place) {
    return new Held(run, firstPixel, lastPixel, box, number, place);
  }
}
