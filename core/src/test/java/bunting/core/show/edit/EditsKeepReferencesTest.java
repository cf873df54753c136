package bunting.core.show.edit;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.compare.RunDifference;
import bunting.core.limits.ShowLimits;
import bunting.core.show.BoxStarts;
import bunting.core.show.Controller;
import bunting.core.show.Fitting;
import bunting.core.show.HandOut;
import bunting.core.show.Held;
import bunting.core.show.HeldPost;
import bunting.core.show.Leftovers;
import bunting.core.show.Pin;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Whatever is renamed, shortened, retyped or taken away: nothing is left that leads nowhere. */
class EditsKeepReferencesTest {
  private static HeldPost post(String run, int pixel) {
    return new HeldPost(run, pixel, false, Optional.empty(), OptionalDouble.empty());
  }

  private static HandOut.Nail nail(String run, String box) {
    return new HandOut.Nail(new Held(run, 1, 100, box, 1, 1), 3, 1, false, List.of());
  }

  /** A show in which everything refers to the run Weir and the box Mill. */
  private static Show full() {
    Run weir =
        Run.of("Weir", "5v-strip-60", 150)
            .withPin(Optional.of(new Pin("Mill", OptionalInt.of(7))))
            .withFitting(new Fitting(1, Optional.of("BRG"), false));
    Show show =
        Show.of(List.of(weir, Run.of("Owl", "5v-strip-60", 50)))
            .withControllers(
                List.of(
                    new Controller("Mill", "box-8", 0, 0), new Controller("Barn", "box-4", 5, 0)));
    Leftovers.Stray stray =
        new Leftovers.Stray(
            List.of(
                Leftovers.Step.key("runs"),
                new Leftovers.Step("Weir", 0),
                Leftovers.Step.key("hue")),
            "$.runs[0].hue",
            "7");
    PlainSet hull =
        new PlainSet("hull", 12, 3, 24, new Point(0, 0), OptionalDouble.empty(), Optional.empty());
    HandOut out =
        new HandOut(
            "2026-11-03",
            "",
            List.of(nail("Weir", "Mill"), nail("hull", "")),
            Map.of("Mill", "10.20.0.11"));
    return PlaceEdits.withSet(show, hull)
        .withAllotting(
            show.allotting()
                .withByHand(List.of(new Held("Weir", 1, 150, "Mill", 7, 1)))
                .withHandOut(Optional.of(out)))
        .withWiring(show.wiring().withPosts("Weir", List.of(post("Weir", 1), post("Weir", 140))))
        .withNetwork(show.network().withAddress("Mill", "10.20.0.50").withWifi("Mill", true))
        .withAddressing(show.addressing().with(new BoxStarts(0, Map.of("Mill", 21))))
        .withLeftovers(new Leftovers(List.of(stray), List.of()));
  }

  private static void isSound(Show show) {
    assertThat(References.keep(show).dropped()).isEmpty();
    assertThat(ShowLimits.problem(show)).isEmpty();
  }

  @Test
  void aRenamedRunTakesEverythingAlong() {
    Show show = RunEdits.renamed(full(), "Weir", "Sluice");
    assertThat(show.run("Weir")).isEmpty();
    assertThat(show.allotting().byHand()).extracting(Held::run).containsExactly("Sluice");
    assertThat(show.allotting().handOut().orElseThrow().nails())
        .extracting(HandOut.Nail::run)
        .containsExactly("Sluice", "hull");
    assertThat(show.wiring().postsOf("Sluice")).hasSize(2);
    assertThat(show.leftovers().strays().getFirst().path().get(1).name()).isEqualTo("Sluice");
    assertThat(show.toString()).doesNotContain("Weir");
    isSound(show);
    assertThat(RunEdits.renamed(show, "Sluice", "hull")).as("a set has it").isEqualTo(show);
  }

  @Test
  void aRunThatGoesTakesWhatWasHeldOfItAndLeavesWhatWasHandedOut() {
    Show show = RunEdits.removed(full(), "Weir");
    assertThat(show.allotting().byHand()).isEmpty();
    assertThat(show.wiring().posts()).isEmpty();
    assertThat(show.leftovers().strays()).isEmpty();
    assertThat(show.allotting().handOut().orElseThrow().of("Weir")).hasSize(1);
    isSound(show);
  }

  @Test
  void aPostBeyondANewEndComesToTheEndAndOnlyOne() {
    Show shorter = RunEdits.changed(full(), "Weir", r -> r.withBuilt(OptionalInt.of(120)));
    assertThat(shorter.wiring().postsOf("Weir"))
        .extracting(HeldPost::atPixel)
        .containsExactly(1, 120);
    Show tiny = RunEdits.changed(shorter, "Weir", r -> r.withBuilt(OptionalInt.of(1)));
    assertThat(tiny.wiring().postsOf("Weir")).extracting(HeldPost::atPixel).containsExactly(1);
    isSound(tiny);
  }

  @Test
  void aTypeWithOtherLettersTakesTheOwnOrderAway() {
    Show show = RunEdits.changed(full(), "Weir", r -> r.withType("5v-strip-60-rgbw"));
    assertThat(show.run("Weir").orElseThrow().fitting().order()).isEmpty();
    Show same = RunEdits.changed(full(), "Weir", r -> r.withType("12v-strip-60"));
    assertThat(same.run("Weir").orElseThrow().fitting().order()).contains("BRG");
    isSound(show);
  }

  @Test
  void aRenamedBoxTakesEverythingAlong() {
    Show show = BoxEdits.renamed(full(), "Mill", "Wheel house");
    assertThat(show.run("Weir").orElseThrow().pin().orElseThrow().controller())
        .isEqualTo("Wheel house");
    assertThat(show.addressing().boxStarts().at()).containsExactly(Map.entry("Wheel house", 21));
    assertThat(show.network().addresses()).containsKey("Wheel house");
    assertThat(show.network().wifi()).containsExactly("Wheel house");
    assertThat(show.toString()).doesNotContain("=Mill,", "=Mill]", "Mill=");
    isSound(show);
    assertThat(BoxEdits.renamed(show, "Wheel house", "Barn")).isEqualTo(show);
  }

  @Test
  void aBoxThatGoesTakesPinsPiecesAddressAndNumberingWithIt() {
    Show show = BoxEdits.removed(full(), "Mill");
    assertThat(show.run("Weir").orElseThrow().pin()).isEmpty();
    assertThat(show.allotting().byHand()).as("pieces held there are free").isEmpty();
    assertThat(show.network().addresses()).isEmpty();
    assertThat(show.network().wifi()).isEmpty();
    assertThat(show.addressing().boxStarts().at()).isEmpty();
    isSound(show);
  }

  @Test
  void aBoxWithFewerPortsFreesWhatHungBeyondThem() {
    Show show = BoxEdits.retyped(full(), "Mill", "box-4");
    assertThat(show.run("Weir").orElseThrow().pin()).contains(new Pin("Mill", OptionalInt.empty()));
    assertThat(show.allotting().byHand()).isEmpty();
    isSound(show);
    assertThat(BoxEdits.retyped(full(), "Mill", "no-such-kind")).isEqualTo(full());
  }

  @Test
  void aRenamedSetTakesItsSlotsAlong() {
    Show show = PlaceEdits.renamed(full(), PlaceKind.SET, "hull", "keel");
    assertThat(show.allotting().handOut().orElseThrow().of("keel")).hasSize(1);
    assertThat(show.allotting().handOut().orElseThrow().of("hull")).isEmpty();
  }

  @Test
  void whatEditsLeaveDanglingIsLeftOutAndTold() {
    Show bare = full().withRuns(List.of(Run.of("Owl", "5v-strip-60", 50)));
    References.Kept kept = References.keep(bare);
    assertThat(kept.dropped()).hasSize(3);
    assertThat(kept.show().wiring().posts()).isEmpty();
    assertThat(kept.show().allotting().byHand()).isEmpty();
    Show alone = full().withControllers(List.of());
    assertThat(References.keep(alone).show().run("Weir").orElseThrow().pin()).isEmpty();
    Show sound = full();
    assertThat(References.keep(sound).show()).as("what is sound stays").isSameAs(sound);
  }

  @Test
  void limitsNameWhatIsBeyondThem() {
    assertThat(ShowLimits.problem(full())).isEmpty();
    Show far = RunEdits.changed(full(), "Weir", r -> r.withHanging(r.hanging().moved(2e5, 0, 0)));
    assertThat(ShowLimits.problem(far).orElseThrow()).contains("Weir").contains("200000");
    Show long1 = RunEdits.changed(full(), "Weir", r -> r.withGroup(Optional.of("g".repeat(201))));
    assertThat(ShowLimits.problem(long1).orElseThrow()).contains("group of Weir");
    Show half = RunEdits.changed(full(), "Weir", r -> r.withGroup(Optional.of("\uD83C")));
    assertThat(ShowLimits.problem(half)).as("half a character").isPresent();
    Show twins =
        full().withRuns(List.of(Run.of("A", "5v-strip-60", 1), Run.of("A", "5v-strip-60", 2)));
    assertThat(ShowLimits.problem(twins).orElseThrow()).contains("stands twice");
  }

  @Test
  void twoVersionsAreToldApartRunByRun() {
    Show mine = full();
    Show theirs =
        RunEdits.added(
            RunEdits.removed(
                RunEdits.changed(mine, "Owl", r -> r.withBuilt(OptionalInt.of(48))), "Weir"),
            Run.of("Star", "5v-strip-60", 5));
    List<RunDifference> all = RunDifference.between(mine, theirs);
    assertThat(all).extracting(RunDifference::what).startsWith("Weir", "Owl", "Star");
    assertThat(all.get(0).theirs()).isEqualTo("–");
    assertThat(all.get(1).theirs()).startsWith("48 px").contains("built");
    assertThat(all.get(2).mine()).isEqualTo("–");
    assertThat(RunDifference.between(mine, mine)).isEmpty();
  }
}
