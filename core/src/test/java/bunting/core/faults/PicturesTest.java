package bunting.core.faults;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.pattern.Painter;
import bunting.core.pattern.Pattern;
import bunting.core.plan.Assessor;
import bunting.core.show.Controller;
import bunting.core.show.Held;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What each kind shows, by the table that `diagnose` is held to; and the same live. */
class PicturesTest {
  private static final String STRIP = "5v-strip-60";
  private static final Observed.Sending WHITE = Observed.Sending.full(Pattern.WHITE);
  private static final Observed.Sending CHASE = Observed.Sending.full(Pattern.CHASE);
  private static final Observed.Sending PORTS = Observed.Sending.full(Pattern.PORTS);
  private static final Observed.Sending RED = Observed.Sending.full(Pattern.RED);

  /** Weir and Owl on port 1 of C1, one behind the other; Hub on port 2. */
  private static final Layout LAYOUT = layout();

  private final Pictures pictures = new Pictures(LAYOUT);

  private static Layout layout() {
    Show bare =
        Show.of(
            List.of(Run.of("Weir", STRIP, 60), Run.of("Owl", STRIP, 30), Run.of("Hub", STRIP, 50)));
    Show show =
        bare.withControllers(List.of(new Controller("C1", "box-2", 0, 0)))
            .withAllotting(
                bare.allotting()
                    .withByHand(
                        List.of(
                            new Held("Weir", 1, 60, "C1", 1, 1),
                            new Held("Owl", 1, 30, "C1", 1, 2),
                            new Held("Hub", 1, 50, "C1", 2, 1))));
    Reading reading = Assessor.sketch(show).reading();
    return new Layout(reading);
  }

  private Looks look(Fault fault, Observed.Sending sending, String run, int pixel) {
    Layout.Part part = LAYOUT.partAt(run, pixel).orElseThrow();
    return pictures.of(fault, sending, part.chain()).looks()[part.indexOf(pixel)].orElseThrow();
  }

  @Test
  void aDeadPixelIsDarkAndAllBehindItOnThePort() {
    Fault dead = new Fault.DeadPixel("Weir", 21);
    assertThat(look(dead, WHITE, "Weir", 20)).isEqualTo(Looks.RIGHT);
    assertThat(look(dead, WHITE, "Weir", 21)).isEqualTo(Looks.DARK);
    assertThat(look(dead, WHITE, "Owl", 30)).isEqualTo(Looks.DARK);
    assertThat(look(dead, WHITE, "Hub", 1)).isEqualTo(Looks.RIGHT);
    Fault open = new Fault.DataOpen("Owl", 1);
    assertThat(look(open, WHITE, "Weir", 60)).isEqualTo(Looks.RIGHT);
    assertThat(look(open, WHITE, "Owl", 1)).isEqualTo(Looks.DARK);
  }

  @Test
  void aPixelWithoutPowerPassesNoDataOn() {
    // Without any feed of the first chain nothing on it has power; without the first one the
    // pixels near it may be dark, and then so is all behind them, powered or not.
    for (String feed :
        LAYOUT.feedsOf(0).stream()
            .filter(f -> !LAYOUT.part(f.segment()).segment().run().name().equals("Hub"))
            .map(f -> f.id())
            .toList()) {
      Layout.Part weir = LAYOUT.partAt("Weir", 1).orElseThrow();
      Picture picture = pictures.of(new Fault.FeedOpen(feed), WHITE, weir.chain());
      boolean dark = false;
      for (int i = 0; i < picture.looks().length; i++) {
        dark |= picture.volts()[i] < 0.6 * 5;
        Looks look = picture.looks()[i].orElseThrow();
        assertThat(look == Looks.DARK).isEqualTo(dark);
        assertThat(!dark && picture.volts()[i] < 0.85 * 5).isEqualTo(look == Looks.ORANGE);
      }
    }
  }

  @Test
  void portsAndBoxes() {
    assertThat(look(new Fault.PortDead("C1", 1), WHITE, "Owl", 3)).isEqualTo(Looks.DARK);
    assertThat(look(new Fault.PortDead("C1", 1), WHITE, "Hub", 3)).isEqualTo(Looks.RIGHT);
    assertThat(look(new Fault.ControllerOff("C1"), RED, "Hub", 3)).isEqualTo(Looks.DARK);
    for (Pattern p : new Pattern[] {Pattern.WHITE, Pattern.CHASE, Pattern.BLACK}) {
      assertThat(look(new Fault.ControllerHung("C1"), Observed.Sending.full(p), "Owl", 3))
          .isEqualTo(Looks.FROZEN);
    }
    Fault swapped = new Fault.PortsSwapped("C1", 1, 2);
    assertThat(look(swapped, PORTS, "Weir", 1)).isEqualTo(Looks.WRONG_COLOUR);
    assertThat(look(swapped, PORTS, "Hub", 50)).isEqualTo(Looks.WRONG_COLOUR);
    assertThat(look(swapped, WHITE, "Hub", 50)).isEqualTo(Looks.RIGHT);
  }

  @Test
  void dataThatIsNotTheRuns() {
    assertThat(look(new Fault.OrderWrong("Weir", "RGB"), RED, "Weir", 9))
        .isEqualTo(Looks.WRONG_COLOUR);
    assertThat(look(new Fault.OrderWrong("Weir", "RGB"), RED, "Owl", 9)).isEqualTo(Looks.RIGHT);
    assertThat(look(new Fault.OrderWrong("Weir", "RGB"), WHITE, "Weir", 9)).isEqualTo(Looks.RIGHT);
    assertThat(look(new Fault.RunReversed("Owl"), CHASE, "Owl", 9)).isEqualTo(Looks.BACKWARDS);
    assertThat(look(new Fault.RunReversed("Owl"), CHASE, "Weir", 9)).isEqualTo(Looks.RIGHT);
    Fault off = new Fault.UniverseOff("C1", 1);
    assertThat(look(off, CHASE, "Hub", 9)).isEqualTo(Looks.SHIFTED);
    assertThat(look(off, PORTS, "Weir", 9)).isEqualTo(Looks.SHIFTED);
    assertThat(look(off, WHITE, "Weir", 9)).isEqualTo(Looks.RIGHT);
    Fault count = new Fault.CountOff("Weir", -1);
    assertThat(look(count, CHASE, "Weir", 60)).isEqualTo(Looks.RIGHT);
    assertThat(look(count, CHASE, "Owl", 1)).isEqualTo(Looks.SHIFTED);
    assertThat(look(count, CHASE, "Hub", 1)).isEqualTo(Looks.RIGHT);
    String owl = LAYOUT.parts("Owl").getFirst().segment().segment().id();
    assertThat(look(new Fault.Noise(owl), WHITE, "Owl", 1)).isEqualTo(Looks.SPARKLING);
    assertThat(look(new Fault.Noise(owl), WHITE, "Weir", 60)).isEqualTo(Looks.RIGHT);
  }

  @Test
  void lessVoltsAreMeasuredWhereTheyAre() {
    String feed = LAYOUT.feedsOf(0).getFirst().id();
    String supply = LAYOUT.feedsOf(0).getFirst().supply();
    Layout.Chain chain = LAYOUT.chains().getFirst();
    double[] sound = pictures.sound(WHITE, chain).volts();
    double[] thin = pictures.of(new Fault.ThinLead(feed, 0.3), WHITE, chain).volts();
    double[] low = pictures.of(new Fault.SupplyLow(supply, 4.5), WHITE, chain).volts();
    assertThat(thin[0]).isLessThan(sound[0] - 0.1);
    for (int i = 0; i < sound.length; i++) {
      assertThat(low[i]).isCloseTo(sound[i] - 0.5, org.assertj.core.api.Assertions.within(0.02));
    }
  }

  /** The colours of a run while a frame of a pattern is on the wire. */
  private static int[] live(Fault fault, Pattern pattern, int frame, String run) {
    byte[] slots = new byte[LAYOUT.map().frameBytes()];
    new Painter(LAYOUT.map(), pattern, 40).paint(frame, slots);
    Live live = new Live(LAYOUT);
    live.plant(Optional.of(fault), new byte[slots.length]);
    Layout.Part part = LAYOUT.parts(run).getFirst();
    int[] all = live.of(slots, 0).rgb()[part.chain().index()];
    return Arrays.copyOfRange(all, part.start(), part.start() + part.segment().segment().pixels());
  }

  private static List<Integer> lit(int[] colours) {
    return java.util.stream.IntStream.range(0, colours.length)
        .filter(i -> colours[i] != 0)
        .mapToObj(i -> i + 1)
        .toList();
  }

  @Test
  void liveItLooksAsTheTableSays() {
    assertThat(live(new Fault.OrderWrong("Weir", "RGB"), Pattern.RED, 0, "Weir"))
        .containsOnly(0x00FF00);
    assertThat(lit(live(new Fault.RunReversed("Owl"), Pattern.CHASE, 60, "Owl")))
        .containsExactly(30);
    // One pixel too few: what belongs to Owl's second pixel is one further up, on its third.
    assertThat(lit(live(new Fault.CountOff("Weir", -1), Pattern.CHASE, 61, "Owl")))
        .containsExactly(3);
    assertThat(lit(live(new Fault.CountOff("Weir", 1), Pattern.CHASE, 61, "Owl")))
        .containsExactly(1);
    assertThat(live(new Fault.PortsSwapped("C1", 1, 2), Pattern.PORTS, 0, "Hub"))
        .containsOnly(0xFF0000);
    assertThat(lit(live(new Fault.ControllerHung("C1"), Pattern.WHITE, 0, "Hub"))).isEmpty();
    assertThat(lit(live(new Fault.DeadPixel("Weir", 5), Pattern.WHITE, 0, "Weir")))
        .containsExactly(1, 2, 3, 4);
  }

  @Test
  void thePlanterPlantsTheSameForTheSameSeedAndOnlyWhatCanBeNoticed() {
    for (FaultKind kind : FaultKind.values()) {
      Optional<Fault> once = new Planting(pictures, 5).plant(kind);
      assertThat(new Planting(pictures, 5).plant(kind)).isEqualTo(once);
      once.ifPresent(
          f -> {
            assertThat(f.kind()).isEqualTo(kind);
            assertThat(new Planting(pictures, 0).showing(f)).isNotEmpty();
            assertThat(FaultText.name(f)).isNotBlank();
            assertThat(FaultText.cure(f)).endsWith(".");
          });
    }
  }
}
