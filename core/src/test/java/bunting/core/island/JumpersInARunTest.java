package bunting.core.island;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.checks.Checks;
import bunting.core.checks.Finding;
import bunting.core.plan.Planner;
import bunting.core.show.Conductors;
import bunting.core.show.Course;
import bunting.core.show.Hanging;
import bunting.core.show.HeldPost;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Wire;
import bunting.core.survey.Jumpers;
import bunting.core.whatif.Loss;
import bunting.core.whatif.WhatIf;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Volts and amps over the jumpers between the strands of a run. */
class JumpersInARunTest {
  /** Twelve paddles of 1 m about a hub, 5 pixels each, 5 V: the way back to the hub is a jumper. */
  private static Show paddles(int each, int... posts) {
    Course wheel = new Course.Spokes(new Point(0, 3), 12, 0.2, 1.2, 0, false);
    Run run = Run.of("Paddles", "5v-strip-60", 12 * each).withHanging(Hanging.along(wheel));
    List<HeldPost> held = new ArrayList<>();
    for (int at : posts) {
      held.add(new HeldPost("Paddles", at, false, Optional.of("12AWG"), OptionalDouble.of(1)));
    }
    Show show = Show.of(List.of(run));
    return show.withWiring(show.wiring().withPosts("Paddles", held));
  }

  private static Reading read(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  /**
   * The last pixel by Ohm's law alone: constant currents, so each section's amps are those of all
   * pixels behind it. 20 AWG by ASTM B258 and copper at 20 degC of 1/58 ohm mm2/m (IEC 60028).
   */
  @Test
  void aStrandLosesWhatItsJumpersLose() {
    int each = 5;
    SegmentReading s = read(paddles(each, 1)).segments().getFirst();
    double d = 0.127 * Math.pow(92, 16 / 39.0);
    double perM = 1 / 58.0 / (Math.PI / 4 * d * d);
    // From a tip at 1.2 m to the next foot at 0.2 m, 30 degrees on; 15 cm more, up to whole cm.
    double way = Math.sqrt(1.2 * 1.2 + 0.2 * 0.2 - 2 * 1.2 * 0.2 * Math.cos(Math.PI / 6));
    double jumper = 2 * perM * Math.ceil((way + 0.15) * 100) / 100;
    double rail = 2 * 0.06 / 60;
    double lead = 0.127 * Math.pow(92, 24 / 39.0);
    double volts = 5 - 60 * 0.05 * 2 * 1 / 58.0 / (Math.PI / 4 * lead * lead);
    for (int i = 0; i < 59; i++) {
      volts -= (59 - i) * 0.05 * ((i + 1) % each == 0 ? jumper : rail);
    }
    assertThat(s.volts().at(59)).isCloseTo(volts, within(1e-6));
    assertThat(s.jumpers()).hasSize(11);
  }

  /** Eleven jumpers of a metre and more are some tenths of a volt that a straight strip keeps. */
  @Test
  void aWheelIsNoStraightStrip() {
    Show wheel = paddles(5, 1);
    Show straight =
        wheel.withRun(
            wheel
                .runs()
                .getFirst()
                .withHanging(Hanging.straight(new Point(0, 0), Optional.empty())));
    double lost =
        read(straight).segments().getFirst().volts().lowest()
            - read(wheel).segments().getFirst().volts().lowest();
    assertThat(lost).isBetween(0.3, 2.0);
  }

  @Test
  void thickerJumpersLoseLess() {
    Show thin = paddles(5, 1);
    Conductors copper = thin.wiring().conductors();
    Wire heavy = Wire.parse("14AWG").orElseThrow();
    Show thick = thin.withWiring(thin.wiring().with(copper.withJumper(heavy)));
    assertThat(read(thick).segments().getFirst().volts().lowest())
        .isGreaterThan(read(thin).segments().getFirst().volts().lowest() + 0.1);
  }

  /** 600 pixels draw 30 A: each paddle takes 2.5 A, so a feed is wanted every few paddles. */
  @Test
  void noPlanSendsMoreOverAJumperThanItBears() {
    Reading reading = read(paddles(50));
    assertThat(reading.decisions().segments()).isNotEmpty();
    double most =
        reading.segments().stream()
            .mapToDouble(s -> reading.worst().segments().get(s.segment().id()).jumperAmps())
            .max()
            .orElseThrow();
    assertThat(most).isPositive().isLessThanOrEqualTo(5);
    Set<String> codes =
        Checks.examine(reading).stream().map(Finding::code).collect(Collectors.toSet());
    assertThat(codes).doesNotContain("jumper-amps", "low-volts");
  }

  /**
   * Fed at both ends, 3 A each way; without the far feed all but one paddle's go over the first.
   */
  @Test
  void withoutAFeedTheJumpersCarryTheRest() {
    ShowSettings d = ShowSettings.DEFAULT;
    Show large = paddles(10, 1, 120);
    Course small = new Course.Spokes(new Point(0, 3), 12, 0.04, 0.2, 0, false);
    Reading reading =
        read(
            large
                .withRun(large.runs().getFirst().withHanging(Hanging.along(small)))
                .withSettings(
                    new ShowSettings(d.name(), 120, d.targetFps(), 100, 80, 2, 60, d.currency())));
    var lost =
        new WhatIf(reading).lose(new Loss(Loss.Kind.FUSE, reading.feeds().get(1).feed().fuse()));
    assertThat(lost.burns())
        .anySatisfy(
            o -> {
              assertThat(o.id()).startsWith("jumper of ");
              assertThat(o.amps()).isCloseTo(110 * 0.05, within(0.01));
            });
  }

  @Test
  void aTrunkGoesPastTheJumpers() {
    Run run = paddles(5).runs().getFirst();
    var type = Show.of(List.of()).catalogue().pixelTypesById().get("5v-strip-60");
    List<Jumpers.Jumper> jumpers = Jumpers.of(run, type);
    double one = jumpers.getFirst().metres();
    assertThat(Jumpers.alongM(type, jumpers, 1, 5)).isCloseTo(4 / 60.0, within(1e-12));
    assertThat(Jumpers.alongM(type, jumpers, 5, 6)).isCloseTo(one, within(1e-12));
    assertThat(Jumpers.alongM(type, jumpers, 1, 11)).isCloseTo(8 / 60.0 + 2 * one, within(1e-12));
  }
}
