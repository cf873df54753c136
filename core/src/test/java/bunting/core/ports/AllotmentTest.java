package bunting.core.ports;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.addressing.UniverseCount;
import bunting.core.show.Addressing;
import bunting.core.show.Catalogue;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Signal;
import bunting.core.show.StandardCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

class AllotmentTest {
  private static Show show(ControllerType kind, int boxes, List<Run> runs) {
    Catalogue c = StandardCatalogue.get();
    List<Controller> list = new ArrayList<>();
    for (int i = 1; i <= boxes; i++) {
      list.add(new Controller("B" + i, kind.id(), i, 0));
    }
    return new Show(
        ShowSettings.DEFAULT,
        List.of(),
        Addressing.DEFAULT,
        new Catalogue(c.pixelTypes(), List.of(kind), c.supplyTypes(), c.wires()),
        Optional.of(list),
        Optional.empty(),
        runs);
  }

  private static ControllerType kind(int ports, int pixels, int universes) {
    return new ControllerType(
        "k", "k", ports, pixels, universes, List.of(5.0, 12.0, 24.0), 10, 30, List.of(), 10, 0);
  }

  private static Allotment allot(Show show) {
    return PortPlanner.allot(
            show, Set.of(), Set.of(), new UniverseCount(show), java.util.Optional.empty())
        .allotment();
  }

  private static Run run(String name, int pixels, boolean split) {
    return new Run(
        name,
        "12v-strip-60",
        pixels,
        OptionalDouble.empty(),
        new bunting.core.show.Point(0, 0),
        Optional.empty(),
        OptionalDouble.empty(),
        Optional.empty(),
        Optional.empty(),
        split,
        Map.of());
  }

  /**
   * 8 universes on 2 outputs hold 680 RGB pixels on each, and not one more (handbook, arithmetic).
   */
  @Test
  void universesLimitABoxToThePixel() {
    assertThat(
            allot(show(kind(2, 680, 8), 1, List.of(run("a", 680, false), run("b", 680, false))))
                .unplaced())
        .isEmpty();
    Allotment over =
        allot(show(kind(2, 800, 8), 1, List.of(run("a", 680, false), run("b", 681, false))));
    assertThat(over.unplaced()).hasSize(1);
    Allotment divided = allot(show(kind(2, 800, 8), 1, List.of(run("a", 1360, true))));
    assertThat(divided.unplaced()).isEmpty();
  }

  /**
   * Where universes are short, what is told is what they hold: 8 of 170 px are 1,360, and 800 of
   * those are taken, however many more the port would take.
   */
  @Test
  void whatLacksIsARealNumber() {
    Allotment over =
        allot(show(kind(2, 1000, 8), 1, List.of(run("a", 800, false), run("b", 700, false))));
    assertThat(over.unplaced()).hasSize(1);
    var lack = over.unplaced().getFirst();
    assertThat(lack.run()).isEqualTo("b");
    assertThat(lack.allowed()).isEqualTo(560);
    assertThat(lack.lacks()).contains("room for 560 of its 700 pixels: 140 too few");
  }

  @Test
  void twoSignalsDoNotShareAPort() {
    Catalogue c = StandardCatalogue.get();
    var one = c.pixelTypesById().get("12v-strip-60");
    var clocked =
        new bunting.core.show.PixelType(
            "clocked", "clocked", 12, 3, "RGB", 8, Signal.CLOCKED, 60, 1, 12, 1, one.load(), 0.06);
    ControllerType kind = kind(2, 800, 16);
    Catalogue both =
        new Catalogue(List.of(one, clocked), List.of(kind), c.supplyTypes(), c.wires());
    List<Run> runs =
        List.of(run("a", 10, true), run("b", 10, true).withType("clocked"), run("c", 10, true));
    Show show =
        new Show(
            ShowSettings.DEFAULT,
            List.of(),
            Addressing.DEFAULT,
            both,
            Optional.of(List.of(new Controller("B1", "k", 0, 0))),
            Optional.empty(),
            runs);
    List<PortLoad> ports = allot(show).boxes().getFirst().ports();
    assertThat(ports.get(0).pieces()).extracting(p -> p.run().name()).containsExactly("a", "c");
    assertThat(ports.get(1).pieces()).extracting(p -> p.run().name()).containsExactly("b");
  }

  @Test
  void aRunIsDividedOnlyWhereNothingTakesItWhole() {
    Allotment whole =
        allot(show(kind(2, 100, 16), 1, List.of(run("a", 60, true), run("b", 60, true))));
    assertThat(whole.boxes().getFirst().ports()).allMatch(p -> p.pieces().size() == 1);
    Allotment divided =
        allot(
            show(
                kind(2, 100, 16),
                1,
                List.of(run("a", 60, true), run("b", 60, true), run("c", 80, true))));
    assertThat(divided.unplaced()).isEmpty();
    assertThat(divided.boxes().getFirst().ports())
        .allMatch(p -> p.pieces().stream().mapToInt(Piece::pixels).sum() == 100);
  }

  @Test
  void whatIsLeftOverSaysHowMuchIsMissing() {
    Allotment full =
        allot(show(kind(1, 100, 16), 1, List.of(run("a", 70, false), run("b", 50, false))));
    assertThat(full.unplaced())
        .singleElement()
        .satisfies(
            u ->
                assertThat(u.lacks())
                    .endsWith("there is room for 30 of its 50 pixels: 20 too few"));
  }

  @Test
  void theLowerBoundIsReachedWhereEverythingIsFull() {
    Catalogue c = StandardCatalogue.get();
    Catalogue one =
        new Catalogue(c.pixelTypes(), List.of(kind(2, 100, 16)), c.supplyTypes(), c.wires());
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      runs.add(run("r" + i, 100, false));
    }
    Show free =
        new Show(
            ShowSettings.DEFAULT,
            List.of(),
            Addressing.DEFAULT,
            one,
            Optional.empty(),
            Optional.empty(),
            runs);
    Allotment allotment = allot(free);
    assertThat(allotment.boxes()).hasSize(3);
    assertThat(PortPlanner.controllersLowerBound(free, allotment, true)).isEqualTo(3);
  }
}
