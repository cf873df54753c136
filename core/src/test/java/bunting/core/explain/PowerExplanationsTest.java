package bunting.core.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.copper.BoxAir;
import bunting.core.plan.Planner;
import bunting.core.show.Conductors;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PowerExplanationsTest {
  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static Show weir() {
    return Show.of(List.of(Run.of("Weir", "5v-strip-60", 60)));
  }

  private static Line line(List<Line> lines, String title) {
    return lines.stream().filter(l -> l.title().equals(title)).findFirst().orElseThrow();
  }

  private static double number(String figure) {
    return Double.parseDouble(figure.substring(0, figure.indexOf(' ')));
  }

  @Test
  void aFeedIsExplainedWithSources() {
    Reading reading = plan(weir());
    FeedReading feed = reading.feeds().getFirst();
    List<Line> lines = new PowerExplanations(reading).feed(feed.feed().id());
    double ohms = number(line(lines, "Cable").figure()) / 1000;
    assertThat(number(line(lines, "Drop in it").figure()))
        .isCloseTo(feed.amps() * ohms, within(0.001));
    // 60 px x 50 mA = 3 A; 3 A x 1.25 = 3.75 A, the next size is 4 A (arithmetic).
    assertThat(line(lines, "Fuse"))
        .isEqualTo(
            new Line(
                "Fuse",
                "4 A",
                "3.00 A x 1.25 = 3.75 A, next size up; ISO 8820-3 sizes, from memory"));
    assertThat(line(lines, "Wire").arithmetic()).contains("NFPA 70 240.4(D)");
    assertThat(new PowerExplanations(reading).feed("none")).isEmpty();
  }

  /** A fuse that is larger than its amps ask for is not called the next size up. */
  @Test
  void aFuseOfAnotherSizeIsNotCalledTheNextOne() {
    Reading reading = plan(weir());
    Reading large =
        Reading.of(
            reading.show(),
            reading
                .decisions()
                .withFeeds(reading.decisions().feeds().stream().map(f -> f.withFuse(10)).toList()));
    String id = large.feeds().getFirst().feed().id();
    assertThat(line(new PowerExplanations(large).feed(id), "Fuse").arithmetic())
        .startsWith("3.00 A x 1.25 = 3.75 A, where 4 A would do");
    Reading small =
        Reading.of(
            reading.show(),
            reading
                .decisions()
                .withFeeds(reading.decisions().feeds().stream().map(f -> f.withFuse(2)).toList()));
    assertThat(line(new PowerExplanations(small).feed(id), "Fuse").arithmetic())
        .contains("which asks for 4 A");
  }

  /** A supply on a circuit of other volts draws its amps there. */
  @Test
  void mainsAmpsAreThoseOfTheSuppliesCircuit() {
    Show bare = weir();
    Show show =
        new Show(
            bare.settings(),
            bare.sites(),
            bare.addressing(),
            bare.catalogue(),
            bare.controllers(),
            Optional.of(java.util.List.of(new bunting.core.show.Circuit("porch", 120, 15, 0))),
            bare.runs());
    Reading reading = plan(show);
    String id = reading.supplies().getFirst().supply().id();
    assertThat(line(new PowerExplanations(reading).supply(id), "From the mains").arithmetic())
        .contains("120 V");
  }

  @Test
  void warmthAndJointsAreNamed() {
    Conductors known =
        new Conductors(60, 4, 5, 0, 0, 1, Optional.empty(), true, Map.of(), Conductors.JUMPER);
    Show show = weir();
    Reading reading = plan(show.withWiring(show.wiring().with(known)));
    String how =
        line(new PowerExplanations(reading).feed(reading.feeds().getFirst().feed().id()), "Cable")
            .arithmetic();
    assertThat(how).contains("x 1.157 for 60 °C").contains("+ 14 mΩ of fuse, contacts");
  }

  /** 300 W at 86 % lose 48.8 W; the mains give 300 / (0.86 x 0.95 x 230) A (arithmetic). */
  @Test
  void aSupplyIsExplained() {
    Reading reading = plan(weir());
    List<Line> lines =
        new PowerExplanations(reading).supply(reading.supplies().getFirst().supply().id());
    assertThat(line(lines, "Load").figure()).isEqualTo("15 W");
    // The 150 W supply of the shipped list: 85 %, power factor 0.9.
    assertThat(line(lines, "Heat in the box").figure()).isEqualTo("3 W");
    assertThat(line(lines, "From the mains").figure()).isEqualTo("0.09 A");
  }

  /** 14 AWG is 2.08 mm2 and 2.5 mm2 is near 13 AWG (ASTM B258 by formula, IEC 60228). */
  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {"14AWG;14AWG, 2.08 mm²", "18AWG;18AWG, 0.82 mm²", "2.5mm2;2.5mm2, near 14 AWG"})
  void sizesAreSaidInBothSystems(String wire, String text) {
    assertThat(PowerExplanations.sizes(Wire.parse(wire).orElseThrow())).isEqualTo(text);
  }

  /** A cube of 1 m has 6 m2 of wall: 33 W warm it by one kelvin (arithmetic). */
  @Test
  void aCubicMetreShedsThirtyThreeWattsForEachKelvin() {
    assertThat(BoxAir.celsius(1000, 30, 33)).isCloseTo(31, within(1e-9));
    assertThat(BoxAir.celsius(25, 30, 45)).isCloseTo(46, within(0.1));
  }
}
