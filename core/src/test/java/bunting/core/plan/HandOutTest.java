package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.addressing.HandingOut;
import bunting.core.addressing.HandingOut.State;
import bunting.core.addressing.SlotRow;
import bunting.core.assess.Patches;
import bunting.core.assess.Reading;
import bunting.core.show.Addressing;
import bunting.core.show.Fitting;
import bunting.core.show.HandOut;
import bunting.core.show.Point;
import bunting.core.show.PortStart;
import bunting.core.show.Protocol;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.SlotSplit;
import bunting.core.show.edit.RunEdits;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What has been handed out does not move, whatever is added. */
@Tag("slow")
class HandOutTest {
  private static final List<String> TYPES =
      List.of("5v-strip-60", "12v-string-10", "12v-strip-60-rgbw", "24v-strip-60-rgbw");

  private static Run run(Random random, String name) {
    String type = TYPES.get(random.nextInt(TYPES.size()));
    int pixels = (1 + random.nextInt(40)) * 6;
    Run run =
        new Run(
            name,
            type,
            pixels,
            OptionalDouble.empty(),
            new Point(random.nextInt(80), random.nextInt(6)),
            Optional.empty(),
            OptionalDouble.empty(),
            random.nextInt(4) == 0 ? Optional.of("g" + random.nextInt(5)) : Optional.empty(),
            Optional.empty(),
            random.nextBoolean(),
            Map.of());
    return random.nextInt(5) > 0
        ? run
        : run.withFitting(
            new Fitting(1 + random.nextInt(3), Optional.empty(), random.nextBoolean()));
  }

  private static Show show(Random random, int runs) {
    List<Run> list = new ArrayList<>();
    for (int i = 0; i < runs; i++) {
      list.add(run(random, "r" + i));
    }
    SlotSplit split = random.nextBoolean() ? SlotSplit.WHOLE_PIXELS : SlotSplit.FULL_UNIVERSE;
    PortStart port = random.nextBoolean() ? PortStart.CONTINUOUS : PortStart.NEW_UNIVERSE;
    Show show = Show.of(list).withSites(List.of(new Site("a", 10, 0), new Site("b", 70, 0)));
    return show.withAddressing(new Addressing(Protocol.SACN, 5, split, port, List.of()));
  }

  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static Show handedOut(Reading plan) {
    return HandOuts.handOut(plan.show(), plan, "2026-11-03", "the sequencer");
  }

  /** Every slot of every set of pixels: run, first pixel of the set, slot by slot. */
  private static Map<String, Integer> slots(Reading plan) {
    Map<String, Integer> map = new HashMap<>();
    for (var s : plan.segments()) {
      Fitting f = s.run().fitting();
      int index = 0;
      for (SlotRow row : s.slots()) {
        for (int slot = row.firstSlot(); slot <= row.lastSlot(); slot++) {
          int set = index / s.type().channels();
          int sets = f.sets(s.segment().pixels());
          int pixel =
              s.segment().firstPixel() + (f.reversed() ? sets - 1 - set : set) * f.grouping();
          map.put(
              s.run().name() + " " + pixel + " " + index % s.type().channels(),
              row.universe() * 1000 + slot);
          index++;
        }
      }
    }
    return map;
  }

  @Test
  void tenRunsMoreMoveNothingThatWasHandedOut() {
    for (int seed = 0; seed < 12; seed++) {
      Random random = new Random(seed);
      Show show = show(random, seed == 0 ? 300 : 40);
      Reading before = plan(show);
      Show out = handedOut(before);
      Show more = out;
      for (int i = 0; i < 10; i++) {
        Run added = run(random, "new" + i);
        // Anywhere in the list, not only at its end.
        List<Run> list = new ArrayList<>(more.runs());
        list.add(random.nextInt(list.size()), added);
        more = more.withRuns(list);
      }
      Reading after = plan(more);
      assertThat(after.decisions().unplaced()).isEmpty();
      Map<String, Integer> old = slots(before);
      Map<String, Integer> now = slots(after);
      assertThat(now).as("seed " + seed).containsAllEntriesOf(old);
      assertThat(now.values()).doesNotHaveDuplicates();
      assertThat(
              now.keySet().stream()
                  .map(k -> k.substring(0, k.indexOf(' ')))
                  .filter(k -> k.startsWith("new"))
                  .distinct())
          .hasSize(10);
      var changes = HandingOut.changes(more.allotting().handOut().orElseThrow(), Patches.of(after));
      assertThat(changes).filteredOn(c -> c.state() == State.NEW).hasSize(10);
      assertThat(changes).filteredOn(c -> c.state() == State.MOVES).isEmpty();
      Map<String, String> ports = new HashMap<>();
      before
          .segments()
          .forEach(s -> ports.put(s.segment().id(), s.segment().controller() + s.segment().port()));
      after.segments().stream()
          .filter(s -> ports.containsKey(s.segment().id()))
          .forEach(
              s ->
                  assertThat(s.segment().controller() + s.segment().port())
                      .as(s.segment() + " " + before.decisions().segments())
                      .isEqualTo(ports.get(s.segment().id())));
    }
  }

  @Test
  void aCountThatChangesKeepsWhatItHasAndGapsAreFilled() {
    Show show =
        Show.of(List.of(Run.of("rim", "12v-strip-60", 100), Run.of("hub", "12v-strip-60", 60)));
    Reading before = plan(show);
    Show out = handedOut(before);
    Show shorter = out.withRun(out.run("rim").orElseThrow().withBuilt(OptionalInt.of(90)));
    Reading now = plan(shorter);
    assertThat(slots(before)).containsAllEntriesOf(slots(now));
    assertThat(states(shorter, now))
        .containsEntry("rim", State.SHRINKS)
        .containsEntry("hub", State.STAYS);
    Show longer = out.withRun(out.run("rim").orElseThrow().withPixels(130));
    Reading grown = plan(longer);
    assertThat(slots(grown)).containsAllEntriesOf(slots(before));
    assertThat(states(longer, grown)).containsEntry("rim", State.GROWS);
    Show without = RunEdits.added(RunEdits.removed(out, "rim"), Run.of("owl", "12v-strip-60", 20));
    assertThat(states(without, plan(without)))
        .containsEntry("rim", State.GONE)
        .containsEntry("owl", State.NEW);
    Show taken = HandOuts.takeBack(without, Optional.of("rim"));
    var owl = plan(taken).segmentsOf("owl").getFirst().slots().getFirst();
    assertThat(owl.firstSlot()).isEqualTo(1);
  }

  @Test
  void whatIsTakenBackIsFreeAgain() {
    Show show =
        Show.of(List.of(Run.of("rim", "12v-strip-60", 100), Run.of("hub", "12v-strip-60", 60)));
    Show out = handedOut(plan(show));
    assertThat(out.allotting().handOut().orElseThrow().nails()).hasSize(2);
    assertThat(HandOuts.takeBack(out, Optional.empty()).allotting().handOut()).isEmpty();
    assertThat(
            HandOuts.takeBack(out, Optional.of("hub")).allotting().handOut().orElseThrow().nails())
        .hasSize(1);
  }

  @Test
  void anotherFittingOrTypeIsSaidToMove() {
    Show show =
        Show.of(List.of(Run.of("rim", "12v-strip-60", 100), Run.of("hub", "12v-strip-60", 60)));
    Show out = handedOut(plan(show));
    Show turned =
        out.withRun(
            out.run("rim").orElseThrow().withFitting(new Fitting(1, Optional.empty(), true)));
    Reading now = plan(turned);
    assertThat(states(turned, now))
        .containsEntry("rim", State.MOVES)
        .containsEntry("hub", State.STAYS);
    assertThat(Assessor.assess(turned, now.decisions()).findings())
        .anyMatch(f -> f.code().equals("handed-out-moved"));
  }

  /** The slots stay, and red is green in them. */
  @Test
  void anotherOrderOfColoursIsSaid() {
    Show out = handedOut(plan(Show.of(List.of(Run.of("rim", "12v-strip-60", 100)))));
    Show other =
        out.withRun(
            out.run("rim").orElseThrow().withFitting(new Fitting(1, Optional.of("BRG"), false)));
    Reading now = plan(other);
    assertThat(states(other, now)).containsEntry("rim", State.OTHER_COLOURS);
    assertThat(Assessor.assess(other, now.decisions()).findings())
        .anyMatch(f -> f.code().equals("handed-out-moved") && f.message().contains("BRG"));
  }

  /** The slots stay, and their universe has another receiver. */
  @Test
  void anotherBoxIsSaid() {
    Show two =
        Show.of(List.of(Run.of("rim", "12v-strip-60", 100), Run.of("hub", "12v-strip-60", 60)))
            .withControllers(
                List.of(
                    new bunting.core.show.Controller("Mill", "box-4", 0, 0),
                    new bunting.core.show.Controller("Weir", "box-4", 1, 0)));
    Reading before = plan(two);
    String there = before.segmentsOf("hub").getFirst().segment().controller();
    Show moved =
        ByHand.move(
            handedOut(before), before, "hub", 1, there.equals("Mill") ? "Weir" : "Mill", 1, 1);
    Reading now = plan(moved);
    assertThat(now.segmentsOf("hub").getFirst().slots())
        .isEqualTo(before.segmentsOf("hub").getFirst().slots());
    assertThat(states(moved, now))
        .containsEntry("hub", State.OTHER_BOX)
        .containsEntry("rim", State.STAYS);
  }

  private static Map<String, State> states(Show show, Reading now) {
    Map<String, State> states = new HashMap<>();
    HandOut handOut = show.allotting().handOut().orElseThrow();
    HandingOut.changes(handOut, Patches.of(now)).forEach(c -> states.put(c.run(), c.state()));
    return states;
  }
}
