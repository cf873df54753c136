package bunting.core.show.edit;

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
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Places, boxes and runs set, moved, named and taken away. */
class PlaceEditsTest {
  private static final Show EMPTY = Show.of(List.of());
  private static final PixelType STRIP = EMPTY.catalogue().pixelTypesById().get("5v-strip-60");
  private static final Point HERE = new Point(3, 2);

  private static Run run(Course course) {
    return MeasuredRuns.along("r", STRIP, course);
  }

  /** A show with one of each thing that can stand on the elevation. */
  private static Show full() {
    Show show = BoxEdits.withCandidate(EMPTY, HERE);
    show = PlaceEdits.withOutlet(show, HERE);
    show = PlaceEdits.withNetworkPoint(show, HERE);
    show = PlaceEdits.withNote(show, HERE);
    PlainSet set = new PlainSet("hull", 12, 3, 24, HERE, OptionalDouble.empty(), Optional.empty());
    return show.withOthers(
        new OtherLoads(List.of(set), List.of(new BulbString("festoon", 10, 5, 7, 10, HERE))));
  }

  private static String id(PlaceKind kind) {
    return PlaceEdits.of(full()).stream()
        .filter(p -> p.kind() == kind)
        .findFirst()
        .orElseThrow()
        .id();
  }

  @ParameterizedTest
  @EnumSource(PlaceKind.class)
  void everythingCanBeMovedNamedAndTakenAway(PlaceKind kind) {
    Show show = full();
    String id = id(kind);
    Show moved = PlaceEdits.moved(show, kind, id, 1.5, -0.5, 0);
    assertThat(PlaceEdits.find(moved, kind, id).orElseThrow().at()).isEqualTo(new Point(4.5, 1.5));
    Show named = PlaceEdits.renamed(show, kind, id, "new name");
    assertThat(PlaceEdits.of(named)).extracting(PlaceEdits.Place::text).contains("new name");
    assertThat(PlaceEdits.of(named)).hasSameSizeAs(PlaceEdits.of(show));
    Show gone = PlaceEdits.removed(show, kind, id);
    assertThat(PlaceEdits.of(gone)).hasSize(PlaceEdits.of(show).size() - 1);
    assertThat(PlaceEdits.find(gone, kind, id)).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(PlaceKind.class)
  void whatIsNotThereChangesNothing(PlaceKind kind) {
    Show show = full();
    assertThat(PlaceEdits.moved(show, kind, "99", 1, 1, 0)).isEqualTo(show);
    assertThat(PlaceEdits.renamed(show, kind, "99", "b")).isEqualTo(show);
    assertThat(PlaceEdits.removed(show, kind, "99")).isEqualTo(show);
  }

  @Test
  void aNameThatIsTakenIsNotGivenTwice() {
    Show show = full();
    assertThat(PlaceEdits.renamed(show, PlaceKind.SET, "hull", "festoon")).isEqualTo(show);
    assertThat(PlaceEdits.renamed(show, PlaceKind.OUTLET, "Outlet 1", "hull")).isEqualTo(show);
    PlainSet twin = new PlainSet("hull", 5, 3, 9, HERE, OptionalDouble.empty(), Optional.empty());
    assertThat(PlaceEdits.withSet(show, twin).others().plainSets())
        .extracting(PlainSet::name)
        .containsExactly("hull", "hull 1");
  }

  @Test
  void namesAreFree() {
    Show show = full();
    assertThat(Names.free(show, "Outlet")).isEqualTo("Outlet 2");
    assertThat(Names.free(show, "Run")).isEqualTo("Run 1");
    Show taken = RunEdits.added(show, Run.of("Run 1", STRIP.id(), 3));
    assertThat(Names.free(taken, "Run")).isEqualTo("Run 2");
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
  void aCandidatePlaceIsNoController() {
    Show show = BoxEdits.withCandidate(EMPTY, HERE);
    assertThat(show.sites()).hasSize(1);
    assertThat(show.controllers()).isEmpty();
  }

  @Test
  void anAddedControllerIsToBuyUntilTheBuilderSaysThatItIsOwned() {
    Show show = BoxEdits.added(EMPTY, "box-8", HERE);
    String id = show.controllers().orElseThrow().getLast().id();
    assertThat(show.mayAddBoxes()).as("the planner goes on choosing the others").isTrue();
    assertThat(show.ownedControllers()).isEmpty();
    Show owned = BoxEdits.owned(show, id, true);
    assertThat(owned.ownedControllers()).containsExactly(id);
    assertThat(BoxEdits.owned(owned, id, false)).isEqualTo(show);
    assertThat(BoxEdits.owned(BoxEdits.renamed(show, id, "Weir"), "Weir", true).ownedControllers())
        .containsExactly("Weir");
    assertThat(BoxEdits.removed(show, id).allotting().planning().toBuy()).isEmpty();
    Show fixed = EMPTY.withControllers(List.of(new Controller("a", "box-8", 0, 0)));
    assertThat(BoxEdits.added(fixed, "box-4", HERE).mayAddBoxes()).isFalse();
  }

  @Test
  void aBoxThatGoesTakesItsPinsWithIt() {
    Run pinned = Run.of("r", STRIP.id(), 10).withPin(Optional.of(new Pin("a", OptionalInt.of(1))));
    Show show =
        Show.of(List.of(pinned)).withControllers(List.of(new Controller("a", "box-8", 0, 0)));
    Show gone = BoxEdits.removed(show, "a");
    assertThat(gone.controllers().orElseThrow()).isEmpty();
    assertThat(gone.run("r").orElseThrow().pin()).isEmpty();
    Show moved = BoxEdits.moved(show, "a", 2, 1, 0);
    assertThat(moved.controllers().orElseThrow().getFirst().at()).isEqualTo(new Point(2, 1));
  }

  @Test
  void runsMoveWithTheirRoutesAndNothingElseMoves() {
    Run run = run(new Course.Traced(List.of(HERE, HERE.plus(2, 0))));
    Run routed = run.withHanging(run.hanging().withRoute(List.of(new Point(0, 0))));
    Show show = Show.of(List.of(routed, Run.of("other", STRIP.id(), 5)));
    Show moved = RunEdits.changed(show, "r", r -> r.withHanging(r.hanging().moved(1, 1, 0)));
    assertThat(moved.run("r").orElseThrow().start()).isEqualTo(new Point(4, 3));
    assertThat(moved.run("other")).isEqualTo(show.run("other"));
    assertThat(RunEdits.removed(show, "r").runs()).hasSize(1);
    assertThat(RunEdits.removed(show, "nobody")).isEqualTo(show);
  }
}
