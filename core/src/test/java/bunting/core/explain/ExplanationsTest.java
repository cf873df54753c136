package bunting.core.explain;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.FuseSizes;
import bunting.core.show.PowerWays;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class ExplanationsTest {
  private static Reading read(Run... runs) {
    Show bare = Show.of(List.of(runs));
    PowerWays each = bare.wiring().ways().withFuses(FuseSizes.EACH);
    Show show = bare.withWiring(bare.wiring().with(each));
    return Reading.of(show, Planner.propose(show));
  }

  private static Line line(List<Line> lines, String title) {
    return lines.stream().filter(l -> l.title().startsWith(title)).findFirst().orElseThrow();
  }

  /**
   * 150 px x 50 mA = 7.5 A; x 1.25 = 9.4 A; next fuse 10 A; 16 AWG bears 10 A (common practice and
   * arithmetic).
   */
  @Test
  void aRunShowsItsArithmetic() {
    Run run = Run.of("Sluice gate", "5v-strip-60", 150).withLead(OptionalDouble.of(1));
    Reading reading = read(run);
    List<Line> lines = Explanations.ofRun(reading, run);
    assertThat(line(lines, "Load")).isEqualTo(new Line("Load", "7.5 A", "150 px x 50 mA at 5 V"));
    assertThat(line(lines, "Rule of thumb").figure()).isEqualTo("1 feed");
    for (var f : reading.feeds()) {
      Line post = line(lines, "Feed at " + f.feed().atPixel());
      assertThat(post.arithmetic())
          .contains(" x 1.25 = ")
          .contains("next size up")
          .contains(f.feed().wire() + " bears ");
    }
    assertThat(line(lines, "Slots")).isEqualTo(new Line("Slots", "450", "u1.1 to u1.450"));
  }

  @Test
  void sharedSlotsAndReversalAreSaid() {
    Run run =
        Run.of("Sluice gate", "5v-strip-60", 152)
            .withFitting(new bunting.core.show.Fitting(5, java.util.Optional.empty(), true));
    assertThat(line(Explanations.ofRun(read(run), run), "Slots"))
        .isEqualTo(new Line("Slots", "93", "u1.1 to u1.93; 5 px a set; from the far end"));
  }

  @Test
  void aPortSumsItsChain() {
    Show chain =
        bunting.core.Chains.onOnePort(
            Show.of(
                List.of(
                    Run.of("a", "12v-strip-60", 100).withLead(OptionalDouble.of(1)),
                    Run.of("b", "12v-strip-20", 20).withLead(OptionalDouble.of(1)))),
            "box-4");
    Reading reading = Reading.of(chain, Planner.propose(chain));
    PortReading port = reading.ports().getFirst();
    List<Line> lines = Explanations.ofPort(reading, port);
    assertThat(line(lines, "At full white"))
        .isEqualTo(new Line("At full white", "1.9 A", "100 px x 12 mA + 20 px x 36 mA"));
    assertThat(line(lines, "Time on the wire").arithmetic())
        .startsWith("3600 us of pixels + 300 us");
    assertThat(line(lines, "Time on the wire").figure()).isEqualTo("256 fps");
  }

  @Test
  void anEmptyPortSaysSo() {
    Reading reading = read(Run.of("a", "12v-strip-60", 10));
    PortReading spare = reading.ports().getLast();
    assertThat(Explanations.ofPort(reading, spare))
        .singleElement()
        .extracting(Line::figure)
        .isEqualTo("0 A");
  }

  @Test
  void aRunThatIsNotPlacedStillShowsItsLoad() {
    Run run = Run.of("lost", "12v-strip-60", 10);
    Show show = Show.of(List.of(run)).withControllers(List.of());
    Reading reading = Reading.of(show, Planner.propose(show));
    assertThat(Explanations.ofRun(reading, run))
        .extracting(Line::title)
        .containsExactly("Load", "Rule of thumb");
  }
}
