package bunting.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.limits.Range;
import bunting.core.show.Show;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A foot is 0.3048 m, an inch 25.4 mm (international yard and pound agreement, from memory). */
class LengthsTest {
  private static final Lengths METRES = new Lengths(false);
  private static final Lengths FEET = new Lengths(true);

  @Test
  void saysLengthsAsTheyAreMeasured() {
    assertThat(METRES.text(3.5)).isEqualTo("3.50 m");
    assertThat(FEET.text(3.81)).isEqualTo("12'6\"");
    assertThat(METRES.rough(4.06)).isEqualTo("4.1 m");
    assertThat(FEET.rough(3.81)).isEqualTo("12'6\"");
    assertThat(FEET.rough(9.13)).as("29 ft 11.4 in").isEqualTo("29'11\"");
    assertThat(FEET.rough(9.145)).as("30 ft, to an inch").isEqualTo("30'0\"");
    assertThat(FEET.rough(9.2)).as("over 30 ft, to a foot").isEqualTo("30 ft");
    assertThat(METRES.round(5)).isEqualTo("5 m");
    assertThat(FEET.round(3.048)).isEqualTo("10 ft");
    assertThat(FEET.cable(304.8)).isEqualTo("1000 ft");
    assertThat(METRES.cable(304.8)).isEqualTo("305 m");
  }

  @Test
  void saysSoMuchALength() {
    assertThat(METRES.per(5.211, 2, "mΩ")).isEqualTo("5.21 mΩ/m");
    assertThat(FEET.per(5.211, 2, "mΩ")).isEqualTo("1.59 mΩ/ft");
    assertThat(FEET.bare(3.048, 1) + " " + FEET.head()).isEqualTo("10.0 ft");
    assertThat(METRES.bare(3.048, 1) + " " + METRES.head()).isEqualTo("3.0 m");
  }

  @Test
  void readsWhatItWritesAlsoUnderZero() {
    for (Lengths lengths : new Lengths[] {METRES, FEET}) {
      for (double m : new double[] {0, 0.6096, 3.81, 12.192, -3.81, -0.3048}) {
        assertThat(lengths.metres(lengths.plain(m)).orElseThrow()).isCloseTo(m, within(0.002));
      }
    }
    assertThat(FEET.metres("10").orElseThrow()).isCloseTo(3.048, within(1e-12));
    assertThat(FEET.metres("3 m").orElseThrow()).isEqualTo(3);
    assertThat(METRES.metres("10 ft").orElseThrow()).isCloseTo(3.048, within(1e-12));
    assertThat(METRES.metres("- 2,5").orElseThrow()).isEqualTo(-2.5);
    assertThat(METRES.metres("--2")).isEmpty();
    assertThat(METRES.metres("long")).isEmpty();
  }

  @Test
  void asksForALengthInTheUsersOwnUnit() {
    assertThat(METRES.wanted(Range.LENGTH)).isEqualTo("Give a length, such as 3.5.");
    assertThat(FEET.wanted(Range.INPUT_LENGTH)).contains("12'6\"").contains("ft");
  }

  @Test
  void saysWhatFollowsAFieldAndWhoseTheyAre() {
    assertThat(METRES.unit()).isEqualTo("m");
    assertThat(FEET.unit()).isEqualTo("ft in");
    Show show = Show.of(List.of());
    assertThat(Lengths.of(show)).isEqualTo(METRES);
    assertThat(Lengths.of(show.withSurvey(show.survey().withFeet(true)))).isEqualTo(FEET);
    assertThat(FEET.plain(0)).isEqualTo("0'0\"");
  }
}
