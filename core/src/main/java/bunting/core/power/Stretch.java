package bunting.core.power;

import bunting.core.dc.Line;
import bunting.core.ports.Piece;
import bunting.core.show.LoadKind;
import bunting.core.show.Point;
import bunting.core.show.Wire;
import bunting.core.survey.Geometry;
import java.util.List;

/** Pixels of one or more pieces in a row, of which an island may be made. */
final class Stretch {
  private final Point box;
  private final List<Piece> pieces;
  private final double[] amps;
  private final LoadKind[] kinds;
  private final double[] loopOhms;
  private final int[] jointAt;
  private final double[] jointM;

  /** The pieces' pixels, one piece's power going on into the next. */
  Stretch(Point box, List<Piece> pieces, double brightnessPercent) {
    this.box = box;
    this.pieces = pieces;
    int n = pieces.stream().mapToInt(Piece::pixels).sum();
    amps = new double[n];
    kinds = new LoadKind[n];
    loopOhms = new double[Math.max(0, n - 1)];
    jointAt = new int[pieces.size() - 1];
    jointM = new double[pieces.size() - 1];
    int from = 0;
    for (int k = 0; k < pieces.size(); k++) {
      Piece piece = pieces.get(k);
      int to = from + piece.pixels();
      java.util.Arrays.fill(amps, from, to, piece.type().amps(brightnessPercent));
      java.util.Arrays.fill(kinds, from, to, piece.type().load());
      java.util.Arrays.fill(loopOhms, from, to - 1, piece.type().loopOhms());
      if (k > 0) {
        Piece before = pieces.get(k - 1);
        jointAt[k - 1] = from - 1;
        jointM[k - 1] =
            Geometry.joint(
                Geometry.pixel(before.run(), before.type(), before.last()),
                Geometry.pixel(piece.run(), piece.type(), piece.first()));
      }
      from = to;
    }
  }

  List<Piece> pieces() {
    return pieces;
  }

  int size() {
    return amps.length;
  }

  double nominalAmps() {
    double sum = 0;
    for (double a : amps) {
      sum += a;
    }
    return sum;
  }

  /** Cable from the box to the pixel at an index, metres. */
  double feedM(int index) {
    int left = index;
    for (Piece piece : pieces) {
      if (left < piece.pixels()) {
        return Geometry.boxToPixel(box, piece.run(), piece.type(), piece.first() + left);
      }
      left -= piece.pixels();
    }
    throw new IndexOutOfBoundsException(index);
  }

  /** As a line for the solver, with these feeds and one wire for the leads between pieces. */
  Line line(double volts, int[] feedAt, double[] feedM, Wire[] feedWire, Wire joints) {
    for (int k = 0; k < jointAt.length; k++) {
      loopOhms[jointAt[k]] = joints.loopOhms(jointM[k]);
    }
    double[] ohms = new double[feedAt.length];
    for (int f = 0; f < ohms.length; f++) {
      ohms[f] = feedWire[f].loopOhms(feedM[f]);
    }
    return new Line(volts, volts, amps, kinds, loopOhms, feedAt, ohms);
  }
}
