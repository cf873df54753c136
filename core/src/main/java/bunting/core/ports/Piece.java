package bunting.core.ports;

import bunting.core.show.PixelType;
import bunting.core.show.Run;

/** Pixels {@code first} to {@code last} of a run on a port. */
public record Piece(Run run, PixelType type, int first, int last) {
  /** How many pixels. */
  public int pixels() {
    return last - first + 1;
  }
}
