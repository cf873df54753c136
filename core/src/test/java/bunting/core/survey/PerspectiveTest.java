package bunting.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Point;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.junit.jupiter.api.Test;

/** A plane in a photo, against the eight linear equations solved by a library. */
class PerspectiveTest {
  private static final List<Point> SQUARE =
      List.of(new Point(0, 0), new Point(1, 0), new Point(1, 1), new Point(0, 1));

  @Property(tries = 300)
  void aFourCorneredFigureIsASquareSeenAskew(
      @ForAll @DoubleRange(min = -90, max = 90) double a,
      @ForAll @DoubleRange(min = -90, max = 90) double b,
      @ForAll @DoubleRange(min = -90, max = 90) double c,
      @ForAll @DoubleRange(min = -90, max = 90) double d,
      @ForAll @DoubleRange(min = -0.2, max = 1.2) double u,
      @ForAll @DoubleRange(min = -0.2, max = 1.2) double v) {
    List<Point> corners =
        List.of(
            new Point(100 + a, 700 + b),
            new Point(800 + c, 650 + d),
            new Point(760 + d, 150 + a),
            new Point(140 + b, 120 + c));
    Perspective view = Perspective.ofSquare(corners).orElseThrow();
    for (int i = 0; i < 4; i++) {
      Point seen = view.seen(SQUARE.get(i).x(), SQUARE.get(i).y()).orElseThrow();
      assertThat(seen.distanceTo(corners.get(i))).isLessThan(1e-8);
    }
    Point seen = view.seen(u, v).orElseThrow();
    assertThat(seen.distanceTo(solved(corners, u, v))).isLessThan(1e-6);
    Point back = view.plane(seen.x(), seen.y()).orElseThrow();
    assertThat(back.x()).isCloseTo(u, within(1e-8));
    assertThat(back.y()).isCloseTo(v, within(1e-8));
  }

  private static Point solved(List<Point> corners, double u, double v) {
    DMatrixRMaj left = new DMatrixRMaj(8, 8);
    DMatrixRMaj right = new DMatrixRMaj(8, 1);
    for (int i = 0; i < 4; i++) {
      Point s = SQUARE.get(i);
      Point p = corners.get(i);
      row(left, 2 * i, s.x(), s.y(), 1, 0, 0, 0, -s.x() * p.x(), -s.y() * p.x());
      row(left, 2 * i + 1, 0, 0, 0, s.x(), s.y(), 1, -s.x() * p.y(), -s.y() * p.y());
      right.set(2 * i, 0, p.x());
      right.set(2 * i + 1, 0, p.y());
    }
    DMatrixRMaj h = new DMatrixRMaj(8, 1);
    assertThat(CommonOps_DDRM.solve(left, right, h)).isTrue();
    double w = h.get(6) * u + h.get(7) * v + 1;
    return new Point(
        (h.get(0) * u + h.get(1) * v + h.get(2)) / w, (h.get(3) * u + h.get(4) * v + h.get(5)) / w);
  }

  private static void row(DMatrixRMaj matrix, int row, double... values) {
    for (int i = 0; i < values.length; i++) {
      matrix.set(row, i, values[i]);
    }
  }

  @Test
  void cornersOutOfOrderAreNoView() {
    assertThat(
            Perspective.ofSquare(
                List.of(SQUARE.get(0), SQUARE.get(2), SQUARE.get(1), SQUARE.get(3))))
        .isEmpty();
    assertThat(
            Perspective.ofSquare(
                List.of(new Point(0, 0), new Point(1, 0), new Point(2, 0), new Point(0, 1))))
        .isEmpty();
  }
}
