package bunting.core.stock;

/**
 * An unbroken piece of a run.
 *
 * @param run the run's name
 * @param number of the piece in its run, from 1
 * @param firstPixel in the run's numbering
 * @param lastPixel included
 * @param lengthM pixels / pitch, metres
 * @param after what joins it to the next piece
 * @param jumperM length of the jumper after it, metres; 0 where pieces are joined directly
 */
public record Piece(
    String run,
    int number,
    int firstPixel,
    int lastPixel,
    double lengthM,
    After after,
    double jumperM) {
  /** What follows a piece. */
  public enum After {
    /** The end of the run. */
    END,
    /** The same line goes on: solder or plug the two together. */
    JOINT,
    /** A bend that a strip does not make across its pads, or the way to the next strand. */
    JUMPER
  }

  /** How many pixels. */
  public int pixels() {
    return lastPixel - firstPixel + 1;
  }
}
