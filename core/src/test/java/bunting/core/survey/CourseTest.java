package bunting.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Course;
import bunting.core.show.Hanging;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.StandardCatalogue;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Lengths and places of traced shapes against their closed forms. */
class CourseTest {
  private static final PixelType STRIP =
      StandardCatalogue.get().pixelTypesById().get("5v-strip-60");

  private static Run run(Course course, int pixels) {
    return Run.of("r", STRIP.id(), pixels).withHanging(Hanging.along(course));
  }

  @Test
  void aTraceIsAsLongAsItsLegs() {
    Course trace = new Course.Traced(List.of(new Point(0, 0), new Point(3, 4), new Point(3, 16)));
    assertThat(trace.lengthM()).isEqualTo(17);
    Run run = run(trace, 18);
    assertThat(Geometry.pixel(run, STRIP, 6)).isEqualTo(new Point(3, 4));
    assertThat(Geometry.pixel(run, STRIP, 18)).isEqualTo(new Point(3, 16));
  }

  @Property
  void aRingIsTwoPiRAndItsPixelsAreAllAlikeApart(
      @ForAll @DoubleRange(min = 0.1, max = 50) double radius,
      @ForAll @IntRange(min = 3, max = 500) int pixels) {
    Course ring = new Course.Ring(new Point(1, 2), radius, 30, 360);
    assertThat(ring.lengthM()).isCloseTo(2 * Math.PI * radius, within(1e-9 * radius));
    double[] at = Geometry.pixels(run(ring, pixels), STRIP);
    double chord = 2 * radius * Math.sin(Math.PI / pixels);
    for (int i = 0; i < pixels; i++) {
      int next = (i + 1) % pixels;
      assertThat(Math.hypot(at[3 * i] - at[3 * next], at[3 * i + 1] - at[3 * next + 1]))
          .isCloseTo(chord, within(1e-9 * radius));
      assertThat(Math.hypot(at[3 * i] - 1, at[3 * i + 1] - 2))
          .isCloseTo(radius, within(1e-9 * radius));
    }
  }

  @Test
  void halfARingIsPiRAndEndsOpposite() {
    Course arch = new Course.Ring(new Point(0, 0), 2, 180, -180);
    assertThat(arch.lengthM()).isCloseTo(2 * Math.PI, within(1e-12));
    assertThat(arch.start().x()).isCloseTo(-2, within(1e-12));
    assertThat(arch.end().x()).isCloseTo(2, within(1e-12));
    assertThat(Geometry.pixel(run(arch, 3), STRIP, 2).y()).isCloseTo(2, within(1e-12));
  }

  @Test
  void aSerpentineGridTurnsBackAndAStraightOneDoesNot() {
    Course straight = new Course.Grid(new Point(0, 3), 4, 3, 0.5, -90, false);
    Course serpentine = new Course.Grid(new Point(0, 3), 4, 3, 0.5, -90, true);
    assertThat(straight.lengthM()).isEqualTo(12);
    assertThat(serpentine.lengthM()).isEqualTo(12);
    assertThat(Geometry.pixel(run(straight, 40), STRIP, 11).y()).isEqualTo(3);
    assertThat(Geometry.pixel(run(straight, 40), STRIP, 11).x()).isEqualTo(0.5, within(1e-12));
    assertThat(Geometry.pixel(run(serpentine, 40), STRIP, 11).y()).isCloseTo(0, within(1e-12));
    assertThat(Geometry.pixel(run(serpentine, 40), STRIP, 20).y()).isCloseTo(3, within(1e-12));
    Course rows = new Course.Grid(new Point(0, 0), 3, 2, 0.25, 0, false);
    assertThat(rows.end().y()).isCloseTo(0.5, within(1e-12));
    assertThat(rows.end().x()).isCloseTo(2, within(1e-12));
  }

  @Property
  void spokesAreCountTimesTheirLength(
      @ForAll @IntRange(min = 1, max = 40) int count,
      @ForAll @DoubleRange(min = 0, max = 3) double inner) {
    Course spokes = new Course.Spokes(new Point(5, 5), count, inner, inner + 1.5, 90, false);
    assertThat(spokes.lengthM()).isCloseTo(1.5 * count, within(1e-9));
    spokes
        .strands()
        .forEach(
            s -> {
              assertThat(s.at(0).distanceTo(new Point(5, 5))).isCloseTo(inner, within(1e-9));
              assertThat(s.at(1).distanceTo(new Point(5, 5))).isCloseTo(inner + 1.5, within(1e-9));
            });
  }

  @Property
  void everyPixelIsWhereItsNumberSays(
      @ForAll @IntRange(min = 1, max = 300) int pixels,
      @ForAll @IntRange(min = 1, max = 7) int lines) {
    Run run = run(new Course.Grid(new Point(0, 0), lines, 2, 0.1, 90, true), pixels);
    double[] all = Geometry.pixels(run, STRIP);
    for (int p = 1; p <= pixels; p++) {
      Point one = Geometry.pixel(run, STRIP, p);
      assertThat(one.x()).isCloseTo(all[3 * p - 3], within(1e-12));
      assertThat(one.y()).isCloseTo(all[3 * p - 2], within(1e-12));
    }
  }

  @Test
  void countsRoundDownStrandByStrand() {
    Course grid = new Course.Grid(new Point(0, 0), 3, 1.01, 0.1, 0, false);
    assertThat(Geometry.pixelsOf(grid, STRIP)).isEqualTo(180);
    assertThat(Geometry.pixelsOf(new Course.Ring(new Point(0, 0), 1, 0, 360), STRIP))
        .isEqualTo(376);
  }

  @Test
  void aDrawnLeadIsMeasuredAlongItsCorners() {
    Run run = run(new Course.Traced(List.of(new Point(10, 0), new Point(12, 0))), 120);
    Run drawn =
        run.withHanging(run.hanging().withRoute(List.of(new Point(0, 4), new Point(10, 4))));
    assertThat(Geometry.boxToPixel(new Point(0, 0), drawn, STRIP, 1)).isEqualTo(4 + 10 + 4 + 1);
    assertThat(Geometry.boxToPixel(new Point(0, 0), run, STRIP, 1)).isEqualTo(11);
    assertThat(
            Geometry.boxToPixel(
                new Point(0, 0), drawn.withLead(java.util.OptionalDouble.of(3)), STRIP, 1))
        .isEqualTo(3);
  }

  @Test
  void movingMovesEveryPixel() {
    Course.Ring ring = new Course.Ring(new Point(0, 0), 1, 0, 360);
    Run run = run(ring, 8);
    Run moved = run.withHanging(run.hanging().moved(2, 3, 0));
    assertThat(Geometry.pixel(moved, STRIP, 5).x())
        .isCloseTo(Geometry.pixel(run, STRIP, 5).x() + 2, within(1e-12));
    assertThat(moved.start().y()).isCloseTo(3, within(1e-12));
  }
}
