package bunting.core.ports;

import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.survey.Geometry;

/** Pixels {@code first} to {@code last} of a run on a port. */
public record Piece(Run run, PixelType type, int first, int last) {
  /** Metres of lead from the last pixel of the piece before it to its first. */
  public double jointFrom(Piece before) {
    return Geometry.joint(
        Geometry.pixel(before.run, before.type, before.last), Geometry.pixel(run, type, first));
  }

  /** Metres of lead from a box to its first pixel. */
  public double leadFrom(Point box) {
    return Geometry.boxToPixel(box, run, type, first);
  }

  /** Whether it goes on where another ends, in the same run. */
  public boolean continues(Piece before) {
    return before.run.equals(run) && before.last + 1 == first;
  }

  /** How many pixels. */
  public int pixels() {
    return last - first + 1;
  }
}
