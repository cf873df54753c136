package bunting.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.plan.Assessor;
import bunting.core.show.Controller;
import bunting.core.show.Hanging;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Cables with both ends, plugs and ways; glands by their thickness. */
class CablesTest {
  private static Run at(String name, int pixels, double x, double y) {
    return Run.of(name, "12v-strip-60", pixels)
        .withHanging(Hanging.straight(new Point(x, y), Optional.empty()));
  }

  private static Reading plan() {
    PlainSet bush =
        new PlainSet("bush", 12, 3, 24, new Point(3, 1), OptionalDouble.empty(), Optional.empty());
    return Assessor.sketch(
            Show.of(List.of(at("low", 150, 2, 0), at("high", 400, 2, 4)))
                .withControllers(List.of(new Controller("Mill", "box-4", 0, 0)))
                .withOthers(new OtherLoads(List.of(bush), List.of())))
        .reading();
  }

  private static List<Cables.Cable> of(Cables.Kind kind) {
    return Cables.of(plan()).stream().filter(c -> c.kind() == kind).toList();
  }

  @Test
  void eachPieceHasALeadAndEachFeedACable() {
    Reading plan = plan();
    assertThat(of(Cables.Kind.LEAD).size() + of(Cables.Kind.JUMPER).size())
        .isEqualTo(plan.segments().size());
    assertThat(of(Cables.Kind.FEED))
        .hasSize((int) plan.feeds().stream().filter(f -> !f.feed().viaPort()).count());
    assertThat(of(Cables.Kind.INPUT))
        .hasSize(plan.decisions().inputs().stream().mapToInt(i -> i.wires()).sum());
    assertThat(of(Cables.Kind.SET)).hasSize(1);
    assertThat(of(Cables.Kind.SET).getFirst().conductors()).as("three colours and V+").isEqualTo(4);
  }

  @Test
  void aLeadKnowsItsPortItsPixelItsPlugAndItsWay() {
    Cables.Cable low =
        of(Cables.Kind.LEAD).stream()
            .filter(c -> c.to().equals("low pixel 1"))
            .findFirst()
            .orElseThrow();
    assertThat(low.from()).startsWith("Mill port ");
    assertThat(low.way()).isEqualTo("2.0 m right");
    assertThat(low.metres().orElseThrow()).as("2 m and 1 m at the box").isEqualTo(3);
    assertThat(low.plug().orElseThrow().kind()).isEqualTo("3 pins, 12 V");
    assertThat(low.fuseAmps()).isPresent();
    Cables.Cable high =
        Cables.of(plan()).stream()
            .filter(c -> c.to().equals("high pixel 1"))
            .findFirst()
            .orElseThrow();
    assertThat(high.way()).contains("4.0 m up", "right");
  }

  private static Optional<Glands> gland(String wire, int conductors, Cables.Kind kind) {
    return Glands.of(
        new Cables.Cable(
            kind,
            Optional.empty(),
            "",
            "",
            OptionalDouble.empty(),
            Optional.of(wire),
            conductors,
            Optional.empty(),
            OptionalDouble.empty(),
            ""));
  }

  /**
   * Outer diameters of flexible cords, 3 x 1.5 and 3 x 2.5 mm2: 8 to 11 and 10 to 13 mm (EN 50525,
   * from memory).
   */
  @Test
  void aGlandHoldsItsCable() {
    assertThat(gland("1.5mm2", 3, Cables.Kind.CORD).orElseThrow().thread()).isEqualTo("M16");
    assertThat(gland("2.5mm2", 3, Cables.Kind.CORD).orElseThrow().thread()).isEqualTo("M20");
    assertThat(gland("1.5mm2", 3, Cables.Kind.CORD).orElseThrow().words())
        .isEqualTo("M16, hole 16.5 mm");
    assertThat(gland("2.5mm2", 2, Cables.Kind.INPUT)).as("it stays inside").isEmpty();
  }
}
