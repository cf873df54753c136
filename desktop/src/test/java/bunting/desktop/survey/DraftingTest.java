package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Course;
import bunting.core.show.Face;
import bunting.core.show.Picture;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Underlay;
import bunting.core.show.edit.FaceEdits;
import bunting.core.show.edit.PlaceEdits;
import bunting.core.survey.Sheet;
import bunting.core.survey.Sheets;
import bunting.desktop.session.Background;
import bunting.desktop.session.Planning;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The tools, without a window. */
class DraftingTest {
  private Session session = new Session();
  private Drafting drafting = new Drafting(session, () -> {});
  private int painted;

  /** All on this thread: where windows were open before, results would arrive on theirs. */
  @BeforeEach
  void begin() {
    session = new Session(Planning.Engine.CORE, new Background(Runnable::run, Runnable::run));
    session.setSearchesAlong(false);
    session.setPatience(java.time.Duration.ofMinutes(2));
    session.start(Show.of(List.of()));
    drafting = new Drafting(session, () -> painted++);
  }

  private Show show() {
    return session.show().orElseThrow();
  }

  private void at(double x, double y) {
    drafting.moveTo(new Point(x, y), 0.05);
    drafting.set();
  }

  private void typed(String text) {
    text.chars().forEach(c -> drafting.type(Character.toString(c)));
  }

  @Test
  void aTraceBecomesARunAndTheToolIsPutDown() {
    drafting.take(Tool.TRACE);
    at(0, 0);
    at(4, 0);
    drafting.set();
    Run run = show().runs().getFirst();
    assertThat(run.pixels()).isEqualTo(120);
    assertThat(run.type()).isEqualTo("5v-strip-30");
    assertThat(drafting.tool().get()).isEqualTo(Tool.PICK);
    assertThat(session.selection().get()).isEqualTo(new Selection.OfRun("Run 1"));
    assertThat(session.message().get()).contains("4.00 m make 120 pixels");
    assertThat(painted).isPositive();
  }

  @Test
  void oneCornerIsNoRun() {
    drafting.take(Tool.TRACE);
    at(0, 0);
    drafting.set();
    assertThat(show().runs()).isEmpty();
    assertThat(session.message().get()).contains("at least two corners");
    assertThat(drafting.tool().get()).isEqualTo(Tool.TRACE);
  }

  @Test
  void whatIsTypedIsALengthOrIsRefused() {
    drafting.take(Tool.TRACE);
    assertThat(drafting.type("4")).as("no leg to measure yet").isFalse();
    at(0, 0);
    drafting.moveTo(new Point(3, 0), 0.05);
    typed("4..");
    drafting.set();
    assertThat(session.message().get()).contains("is no length");
    drafting.back();
    typed("5");
    drafting.set();
    assertThat(drafting.tracing().corners().getLast().x()).isEqualTo(4.5);
    assertThat(drafting.type("x")).isFalse();
  }

  @Test
  void aTraceOfATraceMeetsItsEnd() {
    drafting.take(Tool.TRACE);
    at(0, 0);
    at(4, 0);
    drafting.set();
    drafting.take(Tool.TRACE);
    drafting.moveTo(new Point(0.03, 0.02), 0.05);
    assertThat(drafting.next()).isEqualTo(new Tracing.Next(new Point(0, 0), Tracing.Led.MET));
  }

  @Test
  void cancelForgetsWhatWasBegunThenTheToolThenTheSelection() {
    drafting.take(Tool.TRACE);
    at(0, 0);
    drafting.cancel();
    assertThat(drafting.tracing().corners()).isEmpty();
    assertThat(drafting.tool().get()).isEqualTo(Tool.TRACE);
    drafting.cancel();
    assertThat(drafting.tool().get()).isEqualTo(Tool.PICK);
    session.selection().set(new Selection.OfBox("a"));
    drafting.cancel();
    assertThat(session.selection().get()).isEqualTo(new Selection.Nothing());
  }

  @ParameterizedTest
  @EnumSource(
      value = Tool.class,
      names = {"RING", "GRID", "SPOKES", "VERTICALS"})
  void shapesAreSetWhereTheHandIs(Tool tool) {
    drafting.take(tool);
    at(5, 6);
    Course course = show().runs().getFirst().hanging().course().orElseThrow();
    Point place =
        switch (course) {
          case Course.Ring r -> r.centre();
          case Course.Grid g -> g.corner();
          case Course.Spokes s -> s.centre();
          default -> course.start();
        };
    assertThat(place).isEqualTo(new Point(5, 6));
    session.undo();
    assertThat(show().runs()).isEmpty();
  }

  /** On the right wall of a house, and from the front round the corner to it. */
  @Test
  void tracesGoRoundCornersAndShapesStandOnTheirFace() {
    session.edit("house", s -> FaceEdits.house(s, 0, 10, 8));
    drafting.take(Tool.TRACE);
    at(4, 3);
    at(10, 3);
    Sheet right = Sheets.of(show().survey()).get(1);
    drafting.on(right);
    drafting.moveTo(right.at(5, 3.02), 0.05);
    assertThat(drafting.next().led()).isEqualTo(Tracing.Led.LEVEL);
    drafting.set();
    drafting.set();
    Run line = show().runs().getFirst();
    assertThat(line.lengthM()).hasValue(11);
    Course course = line.hanging().course().orElseThrow();
    assertThat(course.end()).isEqualTo(new Point(10, 3, 5));
    drafting.take(Tool.RING);
    drafting.moveTo(right.at(4, 2), 0.05);
    drafting.set();
    Course ring = show().runs().getLast().hanging().course().orElseThrow();
    assertThat(ring.anchor().distanceTo(new Point(10, 2, 4))).isCloseTo(0, within(1e-9));
    assertThat(right.off(ring.strands().getFirst().at(0.3))).isCloseTo(0, within(1e-9));
  }

  @Test
  void aBarIsWoundAndAFaceStandsOnThePlan() {
    drafting.take(Tool.WRAP);
    at(2, 0);
    at(2, 3);
    Run wound = show().runs().getFirst();
    assertThat(wound.lengthM().orElseThrow()).isCloseTo(Math.hypot(3, 30 * 0.3), within(0.001));
    drafting.take(Tool.WALL);
    at(0, 0);
    at(3, 0);
    assertThat(show().survey().faces()).isEmpty();
    assertThat(session.message().get()).contains("on the plan");
    drafting.on(Sheets.PLAN);
    drafting.take(Tool.WALL);
    drafting.moveTo(Sheets.PLAN.at(1, 2), 0.05);
    drafting.set();
    drafting.moveTo(Sheets.PLAN.at(1, 6), 0.05);
    drafting.set();
    assertThat(show().survey().faces()).containsExactly(new Face("Face 1", 1, 2, 1, 6));
  }

  @Test
  void aPhotoIsPutStraightByFourCornersAndTwoMeasures() {
    drafting.take(Tool.STRAIGHT);
    at(0, 0);
    assertThat(session.message().get()).contains("no picture");
    Picture picture = new Picture("p", Picture.Kind.SVG, 100, 50, new byte[0]);
    session.edit(
        "laid",
        s -> s.withSurvey(s.survey().withUnderlay(Optional.of(Underlay.fresh(picture, 20)))));
    drafting.take(Tool.STRAIGHT);
    at(1, 1);
    at(5, 1);
    at(5, 3);
    at(1, 3);
    assertThat(drafting.hint()).contains("width and height");
    typed("4.2");
    drafting.set();
    assertThat(session.message().get()).contains("such as 4.2 x 2.5");
    assertThat(drafting.tool().get()).isEqualTo(Tool.STRAIGHT);
    typed("x2.5");
    drafting.set();
    assertThat(drafting.tool().get()).isEqualTo(Tool.PICK);
    assertThat(session.message().get()).contains("straight already");
  }

  private static Selection key(PlaceEdits.Place place) {
    return new Selection.OfPlace(place.kind(), place.id());
  }

  @ParameterizedTest
  @EnumSource(
      value = Tool.class,
      names = {"PLACE", "OUTLET", "NETWORK", "NOTE"})
  void placesAreSetAndSelected(Tool tool) {
    drafting.take(tool);
    at(2, 3);
    assertThat(PlaceEdits.of(show())).hasSize(1);
    assertThat(PlaceEdits.of(show()).getFirst().at()).isEqualTo(new Point(2, 3));
    assertThat(session.selection().get()).isEqualTo(key(PlaceEdits.of(show()).getFirst()));
  }

  @Test
  void aScaleNeedsAPictureTwoPointsAndALength() {
    drafting.take(Tool.SCALE);
    at(0, 0);
    assertThat(session.message().get()).contains("no picture");
    Picture picture = new Picture("p", Picture.Kind.PNG, 100, 50, new byte[0]);
    session.edit(
        "laid",
        s -> s.withSurvey(s.survey().withUnderlay(Optional.of(Underlay.fresh(picture, 20)))));
    drafting.take(Tool.SCALE);
    at(0, 0);
    at(10, 0);
    drafting.set();
    assertThat(session.message().get()).contains("Type how far");
    assertThat(drafting.hint()).contains("between the points");
    typed("2.5");
    drafting.set();
    assertThat(show().survey().underlay().orElseThrow().metresPerUnit())
        .isCloseTo(0.05, within(1e-12));
  }

  @Test
  void aLeadBelongsToARun() {
    drafting.take(Tool.LEAD);
    at(0, 0);
    drafting.set();
    assertThat(session.message().get()).contains("Choose a run first");
    session.edit("run", s -> s.withRuns(List.of(Run.of("a", "5v-strip-60", 10))));
    session.selection().set(new Selection.OfRun("a"));
    drafting.take(Tool.LEAD);
    at(0, 5);
    at(2, 5);
    drafting.set();
    assertThat(show().run("a").orElseThrow().hanging().route())
        .containsExactly(new Point(0, 5), new Point(2, 5));
  }

  @Test
  void pictureEditsAreOneStepEach() {
    UnderlayEdits.move(session, Sheets.FRONT, 1, 1);
    assertThat(session.message().get()).contains("no picture");
    Picture picture = new Picture("p", Picture.Kind.PNG, 100, 50, new byte[0]);
    session.edit(
        "laid",
        s -> s.withSurvey(s.survey().withUnderlay(Optional.of(Underlay.fresh(picture, 20)))));
    UnderlayEdits.move(session, Sheets.FRONT, 1, -2);
    UnderlayEdits.turn(session, Sheets.FRONT, 3);
    UnderlayEdits.dim(session, Sheets.FRONT, -30);
    Underlay now = show().survey().underlay().orElseThrow();
    assertThat(now.origin()).isEqualTo(new Point(1, -2));
    assertThat(now.turnDeg()).isEqualTo(3);
    assertThat(now.opacityPercent()).isEqualTo(25);
    UnderlayEdits.remove(session, Sheets.FRONT);
    assertThat(show().survey().underlay()).isEmpty();
    for (int i = 0; i < 5; i++) {
      session.undo();
    }
    assertThat(show().withAccepted(Optional.empty())).isEqualTo(Show.of(List.of()));
  }

  @Test
  void aCountSaysWhatMoves() {
    session.edit(
        "runs",
        s ->
            bunting.testkit.Shows.chained(
                s.withRuns(
                    List.of(
                        Run.of("a", "12v-string-10", 50),
                        Run.of("b", "12v-string-10", 50),
                        Run.of("c", "12v-string-10", 50)))));
    session.count("b", 48);
    assertThat(session.moved().get())
        .isEqualTo("b: built 48, planned 50, 2 less. All runs keep their ports and slots.");
    session.count("b", 50);
    assertThat(session.moved().get()).startsWith("b: built 50, planned 50, as planned.");
    session.undo();
    assertThat(session.moved().get()).as("what is taken back moved nothing").isEmpty();
  }
}
