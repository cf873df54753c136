package bunting.desktop.kit;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.limits.Range;
import org.junit.jupiter.api.Test;

/** Numbers as people type them, within what the core allows. */
class NumbersTest {
  @Test
  void pointsCommasSignsAndSpacesAreRead() {
    assertThat(Numbers.in(Range.PLACE, " 3,5 ")).contains(3.5);
    assertThat(Numbers.in(Range.PLACE, "-3.25")).contains(-3.25);
    assertThat(Numbers.wholeIn(Range.PIXELS, "42")).contains(42);
  }

  @Test
  void whatIsNoNumberOrBeyondItsRangeIsNot() {
    for (String text : new String[] {"", "many", "1e3", "1.2.3", "0x10", "3 m", "--1", "NaN"}) {
      assertThat(Numbers.in(Range.PLACE, text)).as(text).isEmpty();
    }
    assertThat(Numbers.in(Range.PERCENT, "100")).contains(100.0);
    assertThat(Numbers.in(Range.PERCENT, "100.1")).isEmpty();
    assertThat(Numbers.in(Range.SET_VOLTS, "0")).isEmpty();
    assertThat(Numbers.wholeIn(Range.PIXELS, "0")).isEmpty();
    assertThat(Numbers.wholeIn(Range.PIXELS, "1000001")).isEmpty();
    assertThat(Numbers.wholeIn(Range.PIXELS, "9999999999")).isEmpty();
    assertThat(Numbers.wholeIn(Range.PIXELS, "1.5")).isEmpty();
  }

  @Test
  void whatIsWantedIsSaid() {
    assertThat(Numbers.wanted(Range.PERCENT)).isEqualTo("Give a number from 0 to 100.");
    assertThat(Numbers.wantedWhole(Range.SET_CHANNELS))
        .isEqualTo("Give a whole number from 1 to 12.");
    assertThat(Numbers.wanted(Range.SET_VOLTS)).isEqualTo("Give a number over 0, to 60.");
  }
}
