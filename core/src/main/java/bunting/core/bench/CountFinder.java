package bunting.core.bench;

import bunting.core.patch.LightMap;
import bunting.core.patch.LightPiece;
import bunting.core.pattern.Colour;
import bunting.core.pattern.Painter;
import java.util.Arrays;

/**
 * Finds how many pixels a run really has, by bisection. Pixels before a mark are sent blue, the
 * mark and all behind it white; the question is whether anything white is seen. Counts are mostly
 * near the plan: the last 32 are asked first, which takes five answers; only where all of those are
 * missing the rest is. A count beyond the plan cannot be sent to: the last pixel white, with dark
 * ones behind, are counted by eye. Immutable.
 *
 * @param planned what is sent, at least 1
 * @param least the run has at least so many, once {@code seen}
 * @param most and at most so many
 * @param seen whether white was seen ever
 * @param answers given so far
 */
public record CountFinder(int planned, int least, int most, boolean seen, int answers) {
  /** So many counts are asked first: five answers. */
  private static final int NEAR = 32;

  /** Begins with a run as it is planned. */
  public static CountFinder of(int planned) {
    return new CountFinder(planned, Math.max(0, planned - NEAR + 1), planned, false, 0);
  }

  /** Whether one count is left. */
  public boolean found() {
    return least == most && (seen || least == 0);
  }

  /** The pixel that is asked about: the first white one. */
  public int mark() {
    return least + (most - least + 1) / 2;
  }

  /**
   * Paints what is asked about, over all that was there: the run blue before the mark and white
   * from it on, at half its levels; all else dark.
   *
   * @param slots of the map
   */
  public void paint(LightMap map, String run, byte[] slots) {
    Arrays.fill(slots, (byte) 0);
    for (int p = 0; p < map.pieces().size(); p++) {
      LightPiece piece = map.pieces().get(p);
      for (int set = 0; piece.run().equals(run) && set < piece.sets(); set++) {
        Colour colour = piece.pixelOf(set) < mark() ? Colour.BLUE : Colour.WHITE;
        for (int c = 0; c < piece.channels(); c++) {
          int slot = map.slot(p, set, c);
          if (slot >= 0 && colour.lights(piece.order(), c)) {
            slots[slot] = (byte) (Painter.FULL / 2);
          }
        }
      }
    }
  }

  /** The same after an answer. */
  public CountFinder answered(boolean whiteIsSeen) {
    int low = whiteIsSeen ? mark() : least;
    int high = whiteIsSeen ? most : mark() - 1;
    boolean any = seen || whiteIsSeen;
    boolean missing = low == high && !any;
    return new CountFinder(planned, missing ? 0 : low, high, any, answers + 1);
  }
}
