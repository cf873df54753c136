package bunting.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Course;
import bunting.core.show.Face;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.StandardCatalogue;
import bunting.core.show.Survey;
import bunting.core.show.edit.FaceEdits;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** A site in space: lengths against closed forms of plain geometry. */
class FacesTest {
  private static final PixelType STRIP =
      StandardCatalogue.get().pixelTypesById().get("12v-strip-60");
  private static final Survey HOUSE = FaceEdits.house(Show.fresh(), 0, 10, 8).survey();

  private static Sheet face(String name) {
    return Sheets.of(HOUSE).stream().filter(s -> s.name().equals(name)).findFirst().orElseThrow();
  }

  /** Once round the eaves of a box: twice its width and its depth. */
  @Test
  void aLineRoundABoxIsAsLongAsItsCircumference() {
    List<Point> corners =
        List.of(
            face("Front").at(0, 3),
            face("Front").at(10, 3),
            face("Right").at(8, 3),
            face("Back").at(10, 3),
            face("Left").at(8, 3));
    Course eaves = new Course.Traced(corners);
    assertThat(eaves.lengthM()).isCloseTo(36, within(1e-9));
    assertThat(corners.getLast()).as("it closes on itself").isEqualTo(corners.getFirst());
    Run run = MeasuredRuns.along("Eaves", STRIP, eaves);
    assertThat(run.pixels()).isEqualTo(36 * 60);
    Point last = Geometry.pixel(run, STRIP, run.pixels());
    assertThat(last.distanceTo(run.start()))
        .as("the last pixel stands a pitch before the first")
        .isCloseTo(1 / 60.0, within(1e-9));
  }

  /** A cable from a box on the front to the far corner: along the axes, and a metre. */
  @Test
  void cablesCountTheDepth() {
    Run run =
        Run.of("Back eave", STRIP.id(), 60)
            .withHanging(
                bunting.core.show.Hanging.along(
                    new Course.Traced(List.of(new Point(10, 3, 8), new Point(9, 3, 8)))));
    assertThat(Geometry.boxToPixel(new Point(0, 1), run, STRIP, 1))
        .isCloseTo(10 + 2 + 8 + 1, within(1e-9));
    assertThat(Geometry.joint(new Point(1, 2, 3), new Point(2, 4, 6.5)))
        .isCloseTo(1 + 2 + 3.5 + 0.5, within(1e-9));
  }

  @Test
  void everyFaceHasItsLeftCornerFirst() {
    assertThat(face("Right").at(0, 2)).isEqualTo(new Point(10, 2, 0));
    assertThat(face("Back").at(0, 2)).isEqualTo(new Point(10, 2, 8));
    assertThat(face("Left").at(0, 2)).isEqualTo(new Point(0, 2, 8));
    assertThat(face("Left").across(new Point(0, 2, 3))).isCloseTo(5, within(1e-12));
    assertThat(face("Back").off(new Point(4, 1, 5))).isCloseTo(3, within(1e-12));
  }

  @Test
  void whatHangsOnAFaceIsSeenThereAndNotOnTheFront() {
    Point eave = new Point(10.2, 3, 4);
    assertThat(face("Right").sees(HOUSE, eave)).isTrue();
    assertThat(face("Back").sees(HOUSE, eave)).isFalse();
    assertThat(Sheets.FRONT.sees(HOUSE, eave)).isFalse();
    assertThat(Sheets.PLAN.sees(HOUSE, eave)).isTrue();
    Point tree = new Point(30, 2, 20);
    assertThat(Sheets.FRONT.sees(HOUSE, tree)).as("what is on no face is lost nowhere").isTrue();
    assertThat(Sheets.FRONT.sees(Survey.EMPTY, eave)).isTrue();
  }

  @Property(tries = 300)
  void aPlaceOnAFaceComesBack(
      @ForAll @DoubleRange(min = -40, max = 40) double x1,
      @ForAll @DoubleRange(min = -40, max = 40) double z1,
      @ForAll @DoubleRange(min = 1, max = 30) double width,
      @ForAll @DoubleRange(min = 0, max = 6.28) double angle,
      @ForAll @DoubleRange(min = -5, max = 40) double across,
      @ForAll @DoubleRange(min = 0, max = 12) double up) {
    Sheet sheet =
        new Sheet.Standing(
            new Face("f", x1, z1, x1 + width * Math.cos(angle), z1 + width * Math.sin(angle)));
    Point p = sheet.at(across, up);
    assertThat(sheet.across(p)).isCloseTo(across, within(1e-9));
    assertThat(sheet.up(p)).isEqualTo(up);
    assertThat(sheet.off(p)).isCloseTo(0, within(1e-9));
    Point moved = sheet.moved(p, 1.5, -0.5);
    assertThat(moved.distanceTo(p)).isCloseTo(Math.hypot(1.5, 0.5), within(1e-9));
  }

  /** A ring on a side wall has all its pixels in that wall and its own circumference. */
  @Test
  void shapesStandOnTheirFace() {
    Course ring =
        new Course.Facing(
            new Course.Ring(face("Right").at(4, 2), 1, 90, 360),
            ((Sheet.Standing) face("Right")).face().turnDeg());
    assertThat(ring.lengthM()).isCloseTo(2 * Math.PI, within(1e-9));
    Run run = MeasuredRuns.along("Ring", STRIP, ring);
    double[] at = Geometry.pixels(run, STRIP);
    for (int i = 0; i < run.pixels(); i++) {
      Point p = new Point(at[3 * i], at[3 * i + 1], at[3 * i + 2]);
      assertThat(face("Right").off(p)).isCloseTo(0, within(1e-9));
      assertThat(p.distanceTo(new Point(10, 2, 4))).isCloseTo(1, within(1e-9));
    }
    assertThat(ring.back().back()).isEqualTo(ring);
    assertThat(ring.back().start().distanceTo(ring.end())).isCloseTo(0, within(1e-9));
  }

  /** A helix unrolled is a straight line: the root of the bar and the turns, each squared. */
  @Property(tries = 200)
  void aWindingIsAsLongAsItsHelix(
      @ForAll @DoubleRange(min = 0.1, max = 20) double bar,
      @ForAll @DoubleRange(min = 0.05, max = 4) double girth,
      @ForAll @DoubleRange(min = 0.5, max = 60) double turns) {
    Course.Wrap wrap = new Course.Wrap(new Point(3, 0, 2), bar, girth, turns, 90);
    assertThat(wrap.lengthM()).isCloseTo(Math.sqrt(bar * bar + sq(girth * turns)), within(1e-9));
    List<Point> outline = wrap.strands().getFirst().outline();
    double chords = 0;
    for (int i = 1; i < outline.size(); i++) {
      chords += outline.get(i).distanceTo(outline.get(i - 1));
    }
    assertThat(chords).isBetween(wrap.lengthM() * 0.98, wrap.lengthM() * (1 + 1e-9));
    double radius = girth / (2 * Math.PI);
    assertThat(outline).allMatch(p -> Math.abs(Math.hypot(p.x() - 3, p.z() - 2) - radius) < 1e-9);
    assertThat(wrap.back().start().distanceTo(wrap.end())).isLessThan(1e-9);
  }

  private static double sq(double v) {
    return v * v;
  }

  @Test
  void facesAreEdited() {
    Show show = FaceEdits.house(Show.fresh(), 2, 10, 8);
    assertThat(show.survey().faces())
        .extracting(Face::name)
        .containsExactly("Right", "Back", "Left");
    Show deeper = FaceEdits.house(show, 2, 10, 9);
    assertThat(deeper.survey().faces()).hasSize(3);
    assertThat(deeper.survey().faces().getFirst().toZ()).isEqualTo(9);
    Show more = FaceEdits.added(deeper, new Point(0, 0, 1), new Point(4, 0, 1));
    assertThat(more.survey().faces().getLast().name()).isEqualTo("Face 1");
    assertThat(FaceEdits.added(more, new Point(1, 5, 1), new Point(1, 0, 1))).isEqualTo(more);
    assertThat(FaceEdits.removed(more, "Face 1")).isEqualTo(deeper);
    assertThat(FaceEdits.changed(more, "Back", f -> f.withName("Yard")).survey().faces())
        .extracting(Face::name)
        .contains("Yard");
    assertThat(Sheets.of(more.survey())).hasSize(6);
    assertThat(Sheets.FRONT.underlay(more.survey())).isEqualTo(Optional.empty());
  }
}
