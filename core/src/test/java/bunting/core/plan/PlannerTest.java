package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Addressing;
import bunting.core.show.Controller;
import bunting.core.show.Decisions;
import bunting.core.show.Pin;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.StandardCatalogue;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("slow")
class PlannerTest {
  private static Run run(String name, String type, int pixels, String group) {
    Run r = Run.of(name, type, pixels);
    return new Run(
        name,
        type,
        pixels,
        r.lengthM(),
        r.start(),
        r.end(),
        OptionalDouble.of(1),
        Optional.of(group).filter(g -> !g.isEmpty()),
        Optional.empty(),
        true,
        Map.of());
  }

  private static Show with(List<Controller> boxes, List<Run> runs) {
    return new Show(
        ShowSettings.DEFAULT,
        List.of(),
        Addressing.DEFAULT,
        StandardCatalogue.get(),
        Optional.of(boxes),
        Optional.empty(),
        runs);
  }

  @Test
  void aGroupStaysOnOneBoxEvenIfThatLeavesRoomElsewhere() {
    List<Run> runs =
        List.of(
            run("filler", "12v-strip-60", 700, ""),
            run("a", "12v-strip-60", 500, "g"),
            run("b", "12v-strip-60", 500, "g"),
            run("c", "12v-strip-60", 500, "g"));
    Decisions d =
        Planner.propose(
            with(
                List.of(new Controller("A", "box-4", 0, 0), new Controller("B", "box-4", 0, 0)),
                runs));
    assertThat(d.unplaced()).isEmpty();
    assertThat(
            d.segments().stream()
                .filter(s -> s.run().length() == 1)
                .map(Segment::controller)
                .distinct())
        .hasSize(1);
  }

  @Test
  void aBoxThatCanDoLittleElseIsUsedFirstWhereOtherwiseSomethingWouldBeLeftOver() {
    // Nearest first would put the 5 V run on the box that alone takes 24 V pixels as well.
    var c = StandardCatalogue.get();
    var only5 =
        new bunting.core.show.ControllerType(
            "only5", "only5", 2, 680, 8, List.of(5.0), 10, 20, List.of(), 10, 0);
    var both =
        new bunting.core.show.ControllerType(
            "both", "both", 2, 680, 8, List.of(5.0, 24.0), 10, 20, List.of(), 10, 0);
    var catalogue =
        new bunting.core.show.Catalogue(
            c.pixelTypes(), List.of(only5, both), c.supplyTypes(), c.wires());
    Show show =
        new Show(
            ShowSettings.DEFAULT,
            List.of(),
            Addressing.DEFAULT,
            catalogue,
            Optional.of(
                List.of(new Controller("A", "both", 0, 0), new Controller("B", "only5", 1, 0))),
            Optional.empty(),
            List.of(
                run("five", "5v-strip-60", 60, ""),
                run("twentyfour", "24v-strip-60-rgbw", 60, "")));
    assertThat(Planner.propose(show).unplaced()).isEmpty();
  }

  @Test
  void whatCannotBePoweredIsLeftOverWithTheVoltsItLacks() {
    Run far =
        new Run(
            "far",
            "5v-strip-60",
            120,
            OptionalDouble.empty(),
            new bunting.core.show.Point(9000, 0),
            Optional.empty(),
            OptionalDouble.empty(),
            Optional.empty(),
            Optional.empty(),
            true,
            Map.of());
    Show hopeless = with(List.of(new Controller("A", "box-2", 0, 0)), List.of(far));
    Decisions d = Planner.propose(hopeless);
    assertThat(d.segments()).isEmpty();
    assertThat(d.unplaced())
        .singleElement()
        .satisfies(
            u -> {
              assertThat(u.lacks()).contains("cannot be powered from A").contains("V too few");
              assertThat(u.unit()).isEqualTo("V");
            });
  }

  @Test
  void pinsAreKeptAndWhatDoesNotFitThereIsLeftOver() {
    Run pinned =
        run("p", "12v-strip-60", 900, "").withPin(Optional.of(new Pin("A", OptionalInt.of(2))));
    Decisions d =
        Planner.propose(with(List.of(new Controller("A", "box-4", 0, 0)), List.of(pinned)));
    assertThat(d.unplaced())
        .singleElement()
        .satisfies(u -> assertThat(u.lacks()).contains("800 of its 900 pixels: 100 too few"));
  }

  @Test
  void aBigIslandIsCutWhereOneSupplyIsTooSmall() {
    // 720 px x 70 mA = 50.4 A; a 350 W supply gives 56 A, so with 75 W supplies (12 A) five islands
    // are needed.
    var c = StandardCatalogue.get();
    var small = new bunting.core.show.SupplyType("small", 5, 75, 0.85, 0.9, 10);
    var catalogue =
        new bunting.core.show.Catalogue(
            c.pixelTypes(), c.controllerTypes(), List.of(small), c.wires());
    Show show =
        new Show(
            ShowSettings.DEFAULT,
            List.of(),
            Addressing.DEFAULT,
            catalogue,
            Optional.empty(),
            Optional.empty(),
            List.of(run("wheel", "5v-strip-60-rgbw", 600, "")));
    Decisions d = Planner.propose(show);
    assertThat(d.unplaced()).isEmpty();
    assertThat(d.breaks()).hasSize(3);
    assertThat(d.supplies()).hasSize(4);
  }

  @Test
  void aRunOfManyPortsIsPlacedWholeOrNotAtAll() {
    Decisions d = Planner.propose(Show.of(List.of(run("all", "12v-string-10", 20_000, ""))));
    assertThat(d.segments().stream().mapToInt(Segment::pixels).sum() + d.unplaced().size() * 20_000)
        .isEqualTo(20_000);
  }

  @Test
  void theSameShowGivesTheSameDecisions() {
    List<Run> runs =
        IntStream.range(0, 60)
            .mapToObj(
                i ->
                    run(
                        "r" + i,
                        i % 2 == 0 ? "5v-strip-60" : "12v-string-10-reg",
                        40 + i,
                        "g" + i / 9))
            .toList();
    assertThat(Planner.propose(Show.of(runs))).isEqualTo(Planner.propose(Show.of(runs)));
  }
}
