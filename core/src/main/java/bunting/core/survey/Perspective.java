package bunting.core.survey;

import bunting.core.show.Point;
import java.util.List;
import java.util.Optional;

/**
 * How a plane is seen in a photo: the unit square's corners at four given points, straight lines
 * straight. The closed form of P. Heckbert, "Fundamentals of Texture Mapping and Image Warping",
 * 1989, section 2.2.3 (from memory; the tests solve the eight equations).
 */
public final class Perspective {
  private static final double FLAT = 1e-9;

  private final double[] m;

  private Perspective(double[] m) {
    this.m = m;
  }

  /**
   * The view that has the square's corners (0, 0), (1, 0), (1, 1), (0, 1) at four points; empty
   * where they are not those of a convex four-cornered figure, one after the other.
   */
  public static Optional<Perspective> ofSquare(List<Point> corners) {
    if (!convex(corners)) {
      return Optional.empty();
    }
    Point p0 = corners.get(0);
    Point p1 = corners.get(1);
    Point p2 = corners.get(2);
    Point p3 = corners.get(3);
    double dx1 = p1.x() - p2.x();
    double dx2 = p3.x() - p2.x();
    double dy1 = p1.y() - p2.y();
    double dy2 = p3.y() - p2.y();
    double sx = p0.x() - p1.x() + p2.x() - p3.x();
    double sy = p0.y() - p1.y() + p2.y() - p3.y();
    double under = dx1 * dy2 - dx2 * dy1;
    double g = (sx * dy2 - dx2 * sy) / under;
    double h = (dx1 * sy - sx * dy1) / under;
    return Optional.of(
        new Perspective(
            new double[] {
              p1.x() - p0.x() + g * p1.x(),
              p3.x() - p0.x() + h * p3.x(),
              p0.x(),
              p1.y() - p0.y() + g * p1.y(),
              p3.y() - p0.y() + h * p3.y(),
              p0.y(),
              g,
              h,
              1
            }));
  }

  private static boolean convex(List<Point> c) {
    double sign = 0;
    for (int i = 0; i < 4; i++) {
      Point a = c.get(i);
      Point b = c.get((i + 1) % 4);
      Point d = c.get((i + 2) % 4);
      double turn = (b.x() - a.x()) * (d.y() - b.y()) - (b.y() - a.y()) * (d.x() - b.x());
      if (Math.abs(turn) < FLAT || turn * sign < 0) {
        return false;
      }
      sign = turn;
    }
    return true;
  }

  /** Where a point of the plane is seen; empty where it is behind the camera. */
  public Optional<Point> seen(double u, double v) {
    double w = m[6] * u + m[7] * v + m[8];
    return w <= FLAT
        ? Optional.empty()
        : Optional.of(
            new Point((m[0] * u + m[1] * v + m[2]) / w, (m[3] * u + m[4] * v + m[5]) / w));
  }

  /**
   * Which point of the plane is seen at a place of the photo; empty where that is no part of it.
   */
  public Optional<Point> plane(double x, double y) {
    // The adjugate: the inverse but for a factor, which cancels.
    double a = m[4] * m[8] - m[5] * m[7];
    double b = m[2] * m[7] - m[1] * m[8];
    double c = m[1] * m[5] - m[2] * m[4];
    double d = m[5] * m[6] - m[3] * m[8];
    double e = m[0] * m[8] - m[2] * m[6];
    double f = m[2] * m[3] - m[0] * m[5];
    double g = m[3] * m[7] - m[4] * m[6];
    double h = m[1] * m[6] - m[0] * m[7];
    double i = m[0] * m[4] - m[1] * m[3];
    double w = g * x + h * y + i;
    if (Math.abs(w) < FLAT) {
      return Optional.empty();
    }
    Point on = new Point((a * x + b * y + c) / w, (d * x + e * y + f) / w);
    return seen(on.x(), on.y()).map(back -> on);
  }
}
