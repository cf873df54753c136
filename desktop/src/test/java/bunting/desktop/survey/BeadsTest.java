package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.lens.LensPalette;
import bunting.core.plan.Assessor;
import bunting.core.show.Fitting;
import bunting.core.show.Hanging;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.session.OnTheWire;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Places and colours of the beads, computed without a window. */
class BeadsTest {
  private static Run straight(String name, String type, int pixels, double y) {
    return Run.of(name, type, pixels)
        .withHanging(Hanging.straight(new Point(0, y), Optional.of(new Point(10, y))));
  }

  private static Reading reading() {
    return Assessor.plan(
            Show.of(
                List.of(
                    straight("long", "12v-strip-60", 400, 1).withSplit(false),
                    straight("short", "24v-string-8-reg", 40, 3))))
        .reading();
  }

  private static Beads beads(Reading reading) {
    return new Beads(reading.show(), Optional.of(reading));
  }

  private static LensColours look(Lens lens) {
    return new LensColours(beads(reading()), lens, 0x123456, false, Optional.of(lit()));
  }

  /** All runs red on the wire. */
  private static OnTheWire lit() {
    Map<String, int[]> rgb = new HashMap<>();
    for (Run run : reading().show().runs()) {
      int[] red = new int[run.pixels()];
      Arrays.fill(red, 0xFF0000);
      rgb.put(run.name(), red);
    }
    return new OnTheWire("red", rgb);
  }

  @Test
  void theWireLensShowsWhatComesAndSaysWhereNothingDoes() {
    assertThat(look(Lens.WIRE).rgb(0)).isEqualTo(0xFF0000);
    LensColours dark = new LensColours(beads(reading()), Lens.WIRE, 0, false, Optional.empty());
    assertThat(dark.rgb(0)).isEqualTo(LensColours.UNKNOWN);
    assertThat(dark.legend().getFirst().text()).contains("F9");
  }

  @Test
  void everyPixelHasItsPlace() {
    Beads beads = beads(reading());
    assertThat(beads.count()).isEqualTo(440);
    assertThat(beads.x(399)).isEqualTo(10);
    assertThat(beads.y(400)).isEqualTo(3);
    assertThat(beads.nearest(new Point(5, 1.05), 0.2).orElseThrow().run().name()).isEqualTo("long");
    assertThat(beads.nearest(new Point(5, 2), 0.5)).isEmpty();
  }

  @Test
  void boundsHoldARunOrEverything() {
    Beads beads = beads(reading());
    assertThat(beads.bounds("short").orElseThrow()).isEqualTo(new Viewport.Box(0, 3, 10, 3));
    assertThat(beads.bounds().bottom()).isLessThanOrEqualTo(1);
    assertThat(beads.bounds("nobody")).isEmpty();
    assertThat(beads(Assessor.plan(Show.of(List.of())).reading()).bounds().right()).isPositive();
  }

  @Test
  void universesChangeWhereTheSlotsDo() {
    LensColours colours = look(Lens.UNIVERSE);
    // 170 RGB pixels a universe, from pixel 1 on (bead 0).
    assertThat(colours.rgb(169)).isEqualTo(colours.rgb(0));
    assertThat(colours.rgb(170)).isNotEqualTo(colours.rgb(169));
    assertThat(colours.legend()).extracting(LensColours.Entry::text).contains("u1", "u2", "u3");
    assertThat(colours.words("long")).isEqualTo("u1–3");
  }

  @Test
  void aReversedRunShowsItsFirstUniverseAtTheFarEnd() {
    Run far =
        straight("far", "12v-strip-60", 300, 0).withFitting(new Fitting(1, Optional.empty(), true));
    LensColours colours =
        new LensColours(
            beads(Assessor.plan(Show.of(List.of(far))).reading()),
            Lens.UNIVERSE,
            0,
            false,
            Optional.empty());
    assertThat(colours.rgb(299)).isEqualTo(LensPalette.kind(0, false));
    assertThat(colours.rgb(0)).isEqualTo(LensPalette.kind(1, false));
  }

  @Test
  void theVoltsLensFallsFromTheFeed() {
    LensColours colours = look(Lens.VOLTS);
    assertThat(colours.rgb(0)).isNotEqualTo(LensPalette.TOO_LOW);
    assertThat(colours.words("long")).startsWith("least ");
    assertThat(colours.legend().getFirst().text()).isEqualTo("under 90 %");
  }

  @Test
  void everyLensHasALegendAndColoursEachPixel() {
    for (Lens lens : Lens.values()) {
      LensColours colours = look(lens);
      assertThat(colours.legend()).as(lens.text()).isNotEmpty();
      for (int i = 0; i < 440; i++) {
        assertThat(colours.rgb(i)).as(lens.text()).isNotEqualTo(LensColours.UNKNOWN);
      }
    }
  }

  @Test
  void whatIsNotPlacedIsGreyAndSaysSo() {
    Show show =
        Show.of(List.of(straight("loose", "12v-strip-60", 10, 0))).withControllers(List.of());
    LensColours colours =
        new LensColours(
            beads(Assessor.plan(show).reading()), Lens.PORT, 0, false, Optional.empty());
    assertThat(colours.rgb(3)).isEqualTo(LensColours.UNKNOWN);
    assertThat(colours.legend().getLast().text()).isEqualTo("not placed");
  }

  @Test
  void beadsThatFallOnOneDotArePaintedOnce() {
    Beads beads = beads(reading());
    LensColours colours = new LensColours(beads, Lens.PLAIN, 0x123456, false, Optional.empty());
    int[] block = new int[800 * 400];
    BeadRaster raster = new BeadRaster(800, 400, block);
    assertThat(raster.paint(beads, colours::rgb, new Viewport(60, -1, 5), 0)).isEqualTo(440);
    assertThat(Arrays.stream(block).filter(c -> c == 0xFF123456).count()).isPositive();
    assertThat(raster.paint(beads, colours::rgb, new Viewport(2, -1, 50), 0)).isLessThan(60);
    assertThat(raster.paint(beads, colours::rgb, new Viewport(60, 500, 5), 0)).isZero();
    assertThat(Arrays.stream(block).filter(c -> c != 0).count()).isZero();
  }

  @Property
  void zoomingKeepsTheplaceUnderTheHand(
      @ForAll @DoubleRange(min = 0.5, max = 2) double factor,
      @ForAll @DoubleRange(min = 0, max = 800) double x,
      @ForAll @DoubleRange(min = 0, max = 600) double y) {
    Viewport view = new Viewport(40, -3, 12);
    Point under = view.place(x, y);
    Point after = view.zoomed(factor, x, y).place(x, y);
    assertThat(after.x()).isCloseTo(under.x(), within(1e-9));
    assertThat(after.y()).isCloseTo(under.y(), within(1e-9));
  }

  @Test
  void aViewHoldsWhatItIsAskedToHold() {
    Viewport view = Viewport.around(new Viewport.Box(0, 0, 124, 15), 800, 600);
    assertThat(view.x(0)).isGreaterThan(0);
    assertThat(view.x(124)).isLessThan(800);
    assertThat(view.y(15)).isGreaterThan(0);
    assertThat(view.y(0)).isLessThan(600);
    assertThat(view.rulerM(1) * view.pxPerM()).isBetween(90.0, 230.0);
    assertThat(view.rulerM(0.3048) / 0.3048).isCloseTo(100, within(1e-9));
  }
}
