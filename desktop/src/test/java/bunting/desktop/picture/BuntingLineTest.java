package bunting.desktop.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.Fitting;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.testkit.Shows;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The bunting at any scale is the same bunting. */
class BuntingLineTest {
  private static Reading read(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static PortReading port(Reading reading) {
    return reading.ports().stream().filter(p -> p.pixels() > 0).findFirst().orElseThrow();
  }

  private static BuntingLine line(Reading reading, double each) {
    return new BuntingLine(
        reading,
        port(reading),
        new BuntingLine.Scale(10, each, 7, 10, (volts, nominal) -> 100 * (nominal - volts)));
  }

  private static final Reading TWO =
      read(
          Shows.chained(
              Shows.of(Run.of("Gate", Shows.STRIP, 200), Run.of("Hub", Shows.STRIP, 60))));

  @Test
  void atTwiceTheScaleEverythingIsTwiceAsFarAcrossAndAsHighAsBefore() {
    BuntingLine one = line(TWO, 1);
    BuntingLine two = line(TWO, 2);
    assertThat(two.posts()).hasSameSizeAs(one.posts());
    assertThat(one.posts()).hasSize(TWO.feeds().size());
    for (int i = 0; i < one.posts().size(); i++) {
      assertThat(two.posts().get(i).y()).isEqualTo(one.posts().get(i).y());
      assertThat(two.posts().get(i).feed()).isEqualTo(one.posts().get(i).feed());
    }
    assertThat(labels(two)).isEqualTo(labels(one));
    BuntingLine.Span gate = span(one, "Gate");
    BuntingLine.Span twice = span(two, "Gate");
    assertThat(gate.x2() - gate.x1()).isCloseTo(200, within(1e-9));
    assertThat(twice.x2() - twice.x1()).isCloseTo(400, within(1e-9));
  }

  private static BuntingLine.Span span(BuntingLine line, String run) {
    return line.spans().stream()
        .filter(s -> s.segment().run().name().equals(run))
        .findFirst()
        .orElseThrow();
  }

  private static List<String> labels(BuntingLine line) {
    return line.stitches().stream().map(BuntingLine.Stitch::label).toList();
  }

  /** 400 pixels from the far end: universe 3 holds the 60 nearest to the port, 180 slots. */
  @Test
  void aReversedRunSaysTheSlotOfThePixelThere() {
    Run far = Run.of("Gate", Shows.STRIP, 400).withFitting(new Fitting(1, Optional.empty(), true));
    assertThat(labels(line(read(Shows.of(far)), 1)))
        .containsExactly("u3.178 ‹", "u2.508 ‹", "u1.508 ‹");
  }

  @Test
  void aPixelIsFoundWhereItIs() {
    BuntingLine.Span span = span(line(TWO, 3), "Gate");
    for (int pixel : new int[] {1, 2, 77, 199, 200}) {
      assertThat(span.pixelAt(span.xOf(pixel))).isEqualTo(pixel);
    }
    assertThat(span.pixelAt(span.x1() - 50)).isEqualTo(1);
    assertThat(span.pixelAt(span.x2() + 50)).isEqualTo(200);
  }

  @Test
  void clothHangsUnderAllPixelsAndIsDyed() {
    BuntingLine line = line(TWO, 2);
    assertThat(line.pennants().getFirst().x1()).isEqualTo(line.spans().getFirst().x1());
    assertThat(line.pennants().getLast().x2()).isCloseTo(line.spans().getLast().x2(), within(1e-9));
    assertThat(line.pennants()).hasSizeBetween(50, 54);
    assertThat(line.joints()).hasSize(line.spans().size() - 1);
    assertThat(line.lowestY())
        .isCloseTo(
            100
                * (5
                    - TWO.segments().stream()
                        .mapToDouble(s -> s.volts().lowest())
                        .min()
                        .orElseThrow()),
            within(0.5));
  }
}
