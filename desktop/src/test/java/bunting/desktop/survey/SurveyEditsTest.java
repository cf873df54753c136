package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.BulbString;
import bunting.core.show.Controller;
import bunting.core.show.Course;
import bunting.core.show.Hanging;
import bunting.core.show.OtherLoads;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.survey.Geometry;
import bunting.core.survey.MeasuredRuns;
import bunting.desktop.model.Selection;
import bunting.desktop.model.Selection.Kind;
import bunting.desktop.model.Selection.OfPlace;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the tools do to a show. */
class SurveyEditsTest {
  private static final Show EMPTY = Show.of(List.of());
  private static final PixelType STRIP = EMPTY.catalogue().pixelTypesById().get("5v-strip-60");
  private static final Point HERE = new Point(3, 2);

  private static Run run(Course course) {
    return MeasuredRuns.along("r", STRIP, course);
  }

  /** A show with one of each thing that can stand on the elevation. */
  private static Show full() {
    Show show = SurveyEdits.withBox(EMPTY, HERE);
    show = SurveyEdits.withOutlet(show, HERE);
    show = SurveyEdits.withNetworkPoint(show, HERE);
    show = SurveyEdits.withNote(show, HERE);
    PlainSet set = new PlainSet("hull", 12, 3, 24, HERE, OptionalDouble.empty(), Optional.empty());
    return show.withOthers(
        new OtherLoads(List.of(set), List.of(new BulbString("festoon", 10, 5, 7, 10, HERE))));
  }

  private static OfPlace key(Kind kind) {
    return Places.of(full()).stream()
        .map(Places.Place::key)
        .filter(k -> k.kind() == kind)
        .findFirst()
        .orElseThrow();
  }

  @ParameterizedTest
  @EnumSource(Kind.class)
  void everythingCanBeMovedNamedAndTakenAway(Kind kind) {
    Show show = full();
    OfPlace key = key(kind);
    Show moved = SurveyEdits.moved(show, key, 1.5, -0.5);
    assertThat(at(moved, key)).isEqualTo(new Point(4.5, 1.5));
    Show named = Places.changed(show, key, "new name", HERE);
    assertThat(Places.of(named)).extracting(Places.Place::text).contains("new name");
    assertThat(Places.of(named)).hasSameSizeAs(Places.of(show));
    Show gone = SurveyEdits.without(show, key);
    assertThat(Places.of(gone)).hasSize(Places.of(show).size() - 1);
    assertThat(Places.of(gone)).extracting(Places.Place::key).doesNotContain(key);
  }

  private static Point at(Show show, OfPlace key) {
    return Places.of(show).stream()
        .filter(p -> p.key().equals(key))
        .map(Places.Place::at)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void namesAreFree() {
    Show show = full();
    assertThat(SurveyEdits.freeName(show, "Outlet")).isEqualTo("Outlet 2");
    assertThat(SurveyEdits.freeName(show, "Run")).isEqualTo("Run 1");
    Show taken = show.withNewRun(Run.of("Run 1", STRIP.id(), 3));
    assertThat(SurveyEdits.freeName(taken, "Run")).isEqualTo("Run 2");
  }

  @Test
  void aRunIsCountedByItsCourse() {
    Run arch = run(new Course.Ring(HERE, 2, 180, -180));
    assertThat(arch.pixels()).isEqualTo((int) Math.floor(2 * Math.PI * 60));
    assertThat(arch.lengthM().orElse(0)).isEqualTo(6.283);
    Run dot = run(new Course.Traced(List.of(HERE, HERE.plus(0.001, 0))));
    assertThat(dot.pixels()).as("at least one cut unit").isEqualTo(1);
  }

  @Test
  void aNewMeasureKeepsWhatWasBuilt() {
    Run built =
        run(new Course.Traced(List.of(HERE, HERE.plus(2, 0)))).withBuilt(OptionalInt.of(118));
    Run longer =
        MeasuredRuns.rehung(built, STRIP, new Course.Traced(List.of(HERE, HERE.plus(3, 0))));
    assertThat(longer.plannedPixels()).isEqualTo(180);
    assertThat(longer.pixels()).isEqualTo(118);
  }

  @Test
  void fedFromTheOtherEndTheFirstPixelStandsWhereTheLastDid() {
    for (Course course :
        List.<Course>of(
            new Course.Traced(List.of(HERE, HERE.plus(2, 0), HERE.plus(2, 3))),
            new Course.Ring(HERE, 2, 30, 120),
            new Course.Grid(HERE, 3, 2, 0.2, -90, false),
            new Course.Grid(HERE, 4, 2, 0.2, 0, true),
            new Course.Spokes(HERE, 5, 0.2, 1.2, 90, false))) {
      Run run = run(course);
      Run swapped = MeasuredRuns.turned(run, STRIP);
      Point last = Geometry.pixel(run, STRIP, run.pixels());
      assertThat(swapped.start().distanceTo(last)).as(course.toString()).isLessThan(1e-9);
      assertThat(swapped.pixels()).isEqualTo(run.pixels());
      assertThat(Geometry.pixel(swapped, STRIP, run.pixels()).distanceTo(run.start()))
          .isLessThan(1e-9);
      assertThat(MeasuredRuns.turned(swapped, STRIP).hanging().course().orElseThrow().lengthM())
          .isCloseTo(course.lengthM(), within(1e-9));
    }
    Run straight =
        Run.of("s", STRIP.id(), 60).withHanging(Hanging.straight(HERE, Optional.empty()));
    Run turned = MeasuredRuns.turned(straight, STRIP);
    assertThat(turned.start().x()).isCloseTo(3 + 59 / 60.0, within(1e-9));
    assertThat(turned.end()).contains(HERE);
  }

  @Test
  void whereThePlannerChoosesABoxIsAPlaceElseABox() {
    assertThat(SurveyEdits.withBox(EMPTY, HERE).sites()).hasSize(1);
    Show given = EMPTY.withControllers(List.of(new Controller("a", "box-8", 0, 0)));
    Show more = SurveyEdits.withBox(given, HERE);
    assertThat(more.controllers().orElseThrow()).hasSize(2);
    assertThat(more.controllers().orElseThrow().getLast().type()).isEqualTo("box-8");
    Show first = SurveyEdits.withBox(EMPTY.withControllers(List.of()), HERE);
    assertThat(first.controllers().orElseThrow()).hasSize(1);
  }

  @Test
  void aBoxThatGoesTakesItsPinsWithIt() {
    Run pinned = Run.of("r", STRIP.id(), 10).withPin(Optional.of(new Pin("a", OptionalInt.of(1))));
    Show show =
        Show.of(List.of(pinned)).withControllers(List.of(new Controller("a", "box-8", 0, 0)));
    Show gone = SurveyEdits.without(show, new Selection.OfBox("a"));
    assertThat(gone.controllers().orElseThrow()).isEmpty();
    assertThat(gone.run("r").orElseThrow().pin()).isEmpty();
    Show moved = SurveyEdits.moved(show, new Selection.OfBox("a"), 2, 1);
    assertThat(moved.controllers().orElseThrow().getFirst().at()).isEqualTo(new Point(2, 1));
  }

  @Test
  void runsMoveWithTheirRoutesAndNothingElseMoves() {
    Run run = run(new Course.Traced(List.of(HERE, HERE.plus(2, 0))));
    Run routed = run.withHanging(run.hanging().withRoute(List.of(new Point(0, 0))));
    Show show = Show.of(List.of(routed, Run.of("other", STRIP.id(), 5)));
    Show moved = SurveyEdits.moved(show, new Selection.OfRun("r"), 1, 1);
    assertThat(moved.run("r").orElseThrow().start()).isEqualTo(new Point(4, 3));
    assertThat(moved.run("other")).isEqualTo(show.run("other"));
    assertThat(SurveyEdits.moved(show, new Selection.Nothing(), 1, 1)).isEqualTo(show);
    assertThat(SurveyEdits.moved(show, new Selection.OfPort("a", 1), 1, 1)).isEqualTo(show);
    assertThat(SurveyEdits.without(show, new Selection.OfPort("a", 1))).isEqualTo(show);
    assertThat(SurveyEdits.without(show, new Selection.OfRun("r")).runs()).hasSize(1);
  }
}
