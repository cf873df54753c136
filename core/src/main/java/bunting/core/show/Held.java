package bunting.core.show;

/**
 * A piece of a run that stays where it is: put there by hand, or handed out.
 *
 * @param firstPixel first pixel in the run's numbering
 * @param lastPixel last pixel, included
 * @param position place in the port's chain, from 1; beyond its end: last. A place other than the
 *     accepted plan's is a wish: the piece is put there, and the others keep their order
 */
public record Held(
    String run, int firstPixel, int lastPixel, String controller, int port, int position) {
  /** Returns a segment as it is planned, pinned there. */
  public static Held of(Segment s) {
    return new Held(s.run(), s.firstPixel(), s.lastPixel(), s.controller(), s.port(), s.position());
  }

  /** Returns a name for its port that no other port has. */
  public String portName() {
    return controller + ":" + port;
  }

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
