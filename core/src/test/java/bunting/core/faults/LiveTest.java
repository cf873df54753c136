package bunting.core.faults;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.pattern.Painter;
import bunting.core.pattern.Pattern;
import bunting.core.plan.Assessor;
import bunting.core.show.Catalogue;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Held;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What stand-ins show of a frame, as far as volts, faults and their boards' limits allow. */
class LiveTest {
  private static final int WEIR = 300;

  private static Show show() {
    Show bare =
        Show.of(List.of(Run.of("Weir", "5v-strip-60", WEIR), Run.of("Owl", "5v-strip-60", 60)));
    return bare.withControllers(List.of(new Controller("C1", "box-2", 0, 0)))
        .withAllotting(
            bare.allotting()
                .withByHand(
                    List.of(
                        new Held("Weir", 1, WEIR, "C1", 1, 1),
                        new Held("Owl", 1, 60, "C1", 2, 1))));
  }

  /** The same plan on boards that take less. */
  private static Layout limited(int pixelsPerPort, int universes) {
    Show show = show();
    Reading reading = Assessor.sketch(show).reading();
    Catalogue known = show.catalogue();
    List<ControllerType> types =
        known.controllerTypes().stream()
            .map(
                t ->
                    new ControllerType(
                        t.id(),
                        t.name(),
                        t.ports(),
                        Math.min(t.pixelsPerPortMax(), pixelsPerPort),
                        Math.min(t.universesMax(), universes),
                        t.volts(),
                        t.portAmpsMax(),
                        t.boardAmpsMax(),
                        t.fuseGroups(),
                        t.fuseGroupAmpsMax(),
                        t.cost()))
            .toList();
    Show less =
        show.withCatalogue(
            new Catalogue(
                known.pixelTypes(),
                types,
                known.supplyTypes(),
                known.wires(),
                known.dimmerTypes(),
                known.leadHelpers(),
                known.blocks(),
                known.tails(),
                known.joints()));
    return new Layout(Reading.of(less, reading.decisions(), reading));
  }

  private static boolean[] lit(Layout layout, String run) {
    byte[] slots = new byte[layout.map().frameBytes()];
    new Painter(layout.map(), Pattern.WHITE, 1).paint(0, slots);
    Layout.Part part = layout.parts(run).getFirst();
    int[] rgb = new Live(layout).of(slots, 0).rgb()[part.chain().index()];
    boolean[] lit = new boolean[part.segment().segment().pixels()];
    for (int i = 0; i < lit.length; i++) {
      lit[i] = rgb[part.start() + i] != 0;
    }
    return lit;
  }

  private static int count(boolean[] lit) {
    int n = 0;
    for (boolean b : lit) {
      n += b ? 1 : 0;
    }
    return n;
  }

  @Test
  void withinItsLimitsABoardLightsAll() {
    Layout layout = limited(1000, 100);
    assertThat(count(lit(layout, "Weir"))).isEqualTo(WEIR);
    assertThat(count(lit(layout, "Owl"))).isEqualTo(60);
  }

  @Test
  void aPortDrivesNoMorePixelsThanItsBoardAllows() {
    boolean[] weir = lit(limited(200, 100), "Weir");
    assertThat(count(weir)).isEqualTo(200);
    assertThat(weir[199]).isTrue();
    assertThat(weir[200]).isFalse();
  }

  @Test
  void aBoardListensToItsLowestUniversesAlone() {
    Layout layout = limited(1000, 1);
    List<Integer> universes = layout.map().boxes().getFirst().universes();
    assertThat(universes).hasSizeGreaterThan(1);
    // 170 RGB pixels go into the 512 slots of a universe (ANSI E1.31: 512 slots; 510 are used).
    assertThat(count(lit(layout, "Weir")) + count(lit(layout, "Owl"))).isEqualTo(170);
  }

  @Test
  void aBoxThatHangsKeepsWhatItShowed() {
    Layout layout = limited(1000, 100);
    byte[] red = new byte[layout.map().frameBytes()];
    byte[] white = red.clone();
    new Painter(layout.map(), Pattern.RED, 1).paint(0, red);
    new Painter(layout.map(), Pattern.WHITE, 1).paint(0, white);
    Live live = new Live(layout);
    int[] before = live.of(red, 0).rgb()[0].clone();
    live.plant(Optional.of(new Fault.ControllerHung("C1")), red);
    assertThat(live.of(white, 1).rgb()[0]).isEqualTo(before);
    live.plant(Optional.empty(), white);
    assertThat(live.of(white, 2).rgb()[0]).isNotEqualTo(before);
    assertThat(
            Arrays.stream(live.of(white, 3).rgb()[0])
                .allMatch(c -> c == live.of(white, 3).rgb()[0][0]))
        .isTrue();
  }

  @Test
  void noiseIsTheSameForTheSameMoment() {
    Layout layout = limited(1000, 100);
    byte[] white = new byte[layout.map().frameBytes()];
    new Painter(layout.map(), Pattern.WHITE, 1).paint(0, white);
    Live live = new Live(layout);
    String segment = layout.parts("Weir").getFirst().segment().segment().id();
    live.plant(Optional.of(new Fault.Noise(segment)), white);
    int[] first = live.of(white, 7).rgb()[0].clone();
    assertThat(live.of(white, 8).rgb()[0]).isNotEqualTo(first);
    assertThat(live.of(white, 7).rgb()[0]).isEqualTo(first);
  }
}
