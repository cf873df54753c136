package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.explain.Line;
import bunting.core.ports.BoxLoads;
import bunting.core.show.Controller;
import bunting.core.show.Held;
import bunting.core.show.Pin;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Unplaced;
import bunting.core.show.edit.RunEdits;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ByHandTest {
  private static Show show() {
    return chained(
        Show.of(
                List.of(
                    Run.of("rim", "12v-strip-60", 300),
                    Run.of("hub", "12v-strip-60", 60),
                    Run.of("gate", "12v-strip-60", 240),
                    Run.of("boat", "5v-strip-60", 100)))
            .withControllers(
                List.of(
                    new Controller("Mill", "box-4", 0, 0),
                    new Controller("Weir", "box-4", 30, 0))));
  }

  private static Show chained(Show show) {
    return bunting.core.Chains.onOnePort(show, 1, "Mill");
  }

  /** Plans a show and accepts that plan. */
  private static Reading plan(Show show) {
    Show kept = Keeping.accept(Reading.of(show, Planner.sketch(show)));
    return Reading.of(kept, kept.accepted().orElseThrow().decisions());
  }

  private static List<String> chain(Reading plan, String box, int port) {
    return plan.port(box, port).orElseThrow().segments().stream()
        .map(s -> s.run().name() + " " + s.segment().firstPixel() + "-" + s.segment().lastPixel())
        .toList();
  }

  @Test
  void aPieceGoesToAnotherPegAndIntoAnotherPlaceOfItsChain() {
    Reading before = plan(show());
    assertThat(chain(before, "Mill", 1)).containsExactly("rim 1-300", "hub 1-60", "gate 1-240");
    Reading moved = plan(ByHand.move(before.show(), before, "hub", 1, "Mill", 4, 1));
    assertThat(chain(moved, "Mill", 4)).containsExactly("hub 1-60");
    Reading first = plan(ByHand.move(before.show(), before, "gate", 1, "Mill", 1, 1));
    assertThat(chain(first, "Mill", 1)).containsExactly("gate 1-240", "rim 1-300", "hub 1-60");
    Reading last = plan(ByHand.move(first.show(), first, "gate", 1, "Mill", 1, Integer.MAX_VALUE));
    assertThat(chain(last, "Mill", 1)).containsExactly("rim 1-300", "hub 1-60", "gate 1-240");
    Show free = ByHand.release(last.show(), "gate");
    assertThat(free.allotting().byHand()).noneMatch(h -> h.run().equals("gate"));
  }

  @Test
  void onlyTheRunThatIsMovedIsPinned() {
    Reading before = plan(free());
    Reading moved = plan(ByHand.move(before.show(), before, "gate", 1, "Mill", 1, 2));
    assertThat(chain(moved, "Mill", 1)).containsExactly("rim 1-300", "gate 1-240", "hub 1-60");
    assertThat(moved.show().allotting().byHand())
        .containsExactly(new Held("gate", 1, 240, "Mill", 1, 2));
    // What is before it goes: nobody changes places, and the pin follows.
    Reading shorter = plan(RunEdits.removed(moved.show(), "rim"));
    assertThat(chain(shorter, "Mill", 1)).containsExactly("gate 1-240", "hub 1-60");
    assertThat(shorter.show().allotting().byHand())
        .containsExactly(new Held("gate", 1, 240, "Mill", 1, 1));
    Reading longer =
        plan(RunEdits.changed(shorter.show(), "gate", r -> r.withBuilt(OptionalInt.of(250))));
    assertThat(longer.show().allotting().byHand())
        .containsExactly(new Held("gate", 1, 250, "Mill", 1, 1));
    // The others are the planner's: the hub goes where a pin sends it.
    Pin pin = new Pin("Mill", OptionalInt.of(4));
    Reading apart = plan(RunEdits.changed(longer.show(), "hub", r -> r.withPin(Optional.of(pin))));
    assertThat(chain(apart, "Mill", 4)).containsExactly("hub 1-60");
    assertThat(chain(apart, "Mill", 1)).containsExactly("gate 1-250");
  }

  /** The chain of {@link #show}, accepted and then released. */
  private static Show free() {
    Show chained = plan(show()).show();
    return chained.withAllotting(chained.allotting().withByHand(List.of()));
  }

  @Test
  void aRunIsCutInTwoAndJoinedAgain() {
    Reading before = plan(show());
    Segment rim = before.segmentsOf("rim").getFirst().segment();
    Reading cut =
        plan(
            ByHand.split(
                before.show(),
                before,
                rim,
                120,
                ByHand.pegForRest(before, rim, 120).orElseThrow()));
    assertThat(chain(cut, "Mill", 1)).containsExactly("rim 1-120", "hub 1-60", "gate 1-240");
    assertThat(chain(cut, "Mill", 3)).isEmpty();
    Reading away = plan(ByHand.move(cut.show(), cut, "rim", 121, "Mill", 3, 1));
    assertThat(chain(away, "Mill", 3)).containsExactly("rim 121-300");
    // Back behind its first part it is one piece with it again.
    Reading back = plan(ByHand.move(away.show(), away, "rim", 121, "Mill", 1, 2));
    assertThat(chain(back, "Mill", 1)).containsExactly("rim 1-300", "hub 1-60", "gate 1-240");
    Reading whole = plan(ByHand.join(away.show(), away, "rim"));
    assertThat(chain(whole, "Mill", 1)).contains("rim 1-300");
    assertThat(whole.segmentsOf("rim")).hasSize(1);
  }

  @Test
  void pegsSayWhatTheyWouldCarryAndWhyNot() {
    Reading plan = plan(show());
    BoxLoads boxes = new BoxLoads(plan.show(), plan.decisions(), "boat");
    Run boat = show().run("boat").orElseThrow();
    Run rim = show().run("rim").orElseThrow();
    assertThat(boxes.fit(boat, 1, 100, "Mill", 1).hindrance().orElseThrow()).contains("12 V");
    BoxLoads.Fit free =
        new BoxLoads(plan.show(), plan.decisions(), "rim").fit(rim, 1, 300, "Mill", 2);
    assertThat(free.hindrance()).isEmpty();
    assertThat(free.pixels()).isEqualTo(300);
    // 300 RGB pixels x 30 us + 300 us = 9.3 ms (arithmetic).
    assertThat(free.hz()).isBetween(107.5, 107.6);
    Run long1 = Run.of("long", "12v-strip-60", 800);
    Show more = RunEdits.added(show(), long1);
    Reading with = plan(more);
    assertThat(new BoxLoads(more, with.decisions()).fit(long1, 1, 800, "Mill", 1).hindrance())
        .isPresent();
  }

  @Test
  void everyPlacedRunSaysWhyItIsThereAndWhatKeepsItFromOthers() {
    Reading plan = Assessor.plan(show()).reading();
    List<Line> rim = WhyHere.of(plan, show().run("rim").orElseThrow());
    assertThat(rim.getFirst().title()).isEqualTo("Why here?");
    assertThat(rim.getFirst().arithmetic()).contains("m of lead");
    List<Line> boat = WhyHere.of(plan, show().run("boat").orElseThrow());
    assertThat(boat).anyMatch(l -> l.title().startsWith("Not on"));
    Reading held = plan(ByHand.hold(plan.show(), plan, "rim"));
    assertThat(WhyHere.of(held, show().run("rim").orElseThrow()).getFirst().arithmetic())
        .contains("by hand");
  }

  private static Run pinned(
      String name, String type, int pixels, boolean split, Optional<Pin> pin) {
    Run r = Run.of(name, type, pixels);
    return new Run(
        r.name(),
        type,
        pixels,
        OptionalDouble.empty(),
        r.start(),
        Optional.empty(),
        OptionalDouble.empty(),
        Optional.empty(),
        pin,
        split,
        Map.of());
  }

  private static Optional<SmallestChange.Change> change(Show show) {
    Unplaced unplaced = Planner.sketch(show).unplaced().getFirst();
    return SmallestChange.of(show, unplaced);
  }

  @Test
  void theSmallestChangePlacesWhatWasUnplaced() {
    Show one = show().withControllers(List.of(new Controller("Mill", "box-4", 0, 0)));
    Show whole =
        one.withRuns(List.of(pinned("wall", "12v-strip-60", 900, false, Optional.empty())));
    assertThat(change(whole).orElseThrow().text()).isEqualTo("let it be divided");
    Pin tight = new Pin("Mill", OptionalInt.of(1));
    Show pinned =
        one.withRuns(List.of(pinned("wall", "12v-strip-60", 900, true, Optional.of(tight))));
    assertThat(change(pinned).orElseThrow().text()).contains("planner choose");
    Show full =
        one.withRuns(
            List.of(Run.of("wall", "12v-strip-60", 2600), Run.of("owl", "5v-strip-60", 10)));
    SmallestChange.Change box = change(full).orElseThrow();
    assertThat(box.text()).startsWith("add a box");
    assertThat(Planner.sketch(box.show()).unplaced()).isEmpty();
  }

  /** Whatever change is told places the run, and throws nobody out without saying whom. */
  @Test
  void theSmallestChangeHarmsNobodyOrSaysWhom() {
    Random random = new Random(17);
    int told = 0;
    for (int i = 0; i < 60; i++) {
      List<Run> runs = new ArrayList<>();
      for (int r = 0; r < 3 + random.nextInt(5); r++) {
        Optional<Pin> pin =
            random.nextInt(3) == 0
                ? Optional.of(new Pin("Mill", OptionalInt.of(1 + random.nextInt(2))))
                : Optional.empty();
        int pixels = 100 + 50 * random.nextInt(14);
        runs.add(pinned("r" + r, "12v-strip-60", pixels, random.nextBoolean(), pin));
      }
      Show show = Show.of(runs).withControllers(List.of(new Controller("Mill", "box-2", 0, 0)));
      List<String> before = Planner.sketch(show).unplaced().stream().map(Unplaced::run).toList();
      for (Unplaced u : Planner.sketch(show).unplaced()) {
        Optional<SmallestChange.Change> change = SmallestChange.of(show, u);
        if (change.isPresent()) {
          told++;
          List<String> after =
              Planner.sketch(change.get().show()).unplaced().stream().map(Unplaced::run).toList();
          assertThat(after).as("show " + i).doesNotContain(u.run());
          for (String run : after) {
            assertThat(before.contains(run) || change.get().text().contains(run + " "))
                .as("show %d: %s, and %s is out", i, change.get().text(), run)
                .isTrue();
          }
        }
      }
    }
    assertThat(told).isGreaterThan(30);
  }
}
