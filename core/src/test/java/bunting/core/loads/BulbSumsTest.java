package bunting.core.loads;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Sums as people say them (common practice, no source): watts by 110 at 120 V. */
class BulbSumsTest {
  @Test
  void bulbsToAmps() {
    assertThat(BulbSums.amps(100, 5, 120)).isCloseTo(4.545, within(1e-3));
  }

  @Test
  void ampsToBulbs() {
    assertThat(BulbSums.bulbs(7, 5, 120)).isEqualTo(154);
    assertThat(BulbSums.bulbs(10, 5, 120)).isEqualTo(220);
    assertThat(BulbSums.bulbs(0.01, 5, 120)).isZero();
  }

  /** 400 bulbs of 5 W on cords of 7 A, 0.3 m apart: 154, 154 and 92. */
  @Test
  void aNewFeedStartsWhereTheCordIsFull() {
    var feeds = BulbSums.line(400, 5, 7, 120, 0.3);
    assertThat(feeds).extracting(BulbSums.Feed::firstBulb).containsExactly(1, 155, 309);
    assertThat(feeds).extracting(BulbSums.Feed::lastBulb).containsExactly(154, 308, 400);
    assertThat(feeds.get(1).startM()).isCloseTo(154 * 0.3, within(1e-9));
    assertThat(feeds.get(1).because()).isEqualTo(BulbSums.Because.CORD_FULL);
    assertThat(feeds).allMatch(f -> f.amps() <= 7);
  }

  /** Bulbs of half a watt are few amps: here the length is the limit, 150 m for even light. */
  @Test
  void aNewFeedStartsWhereTheLineIsTooLong() {
    var feeds = BulbSums.line(700, 0.5, 7, 120, 0.3);
    assertThat(feeds).extracting(BulbSums.Feed::firstBulb).containsExactly(1, 502);
    assertThat(feeds.getFirst().lengthM()).isCloseTo(150, within(1e-9));
    assertThat(feeds.getLast().because()).isEqualTo(BulbSums.Because.TOO_LONG);
  }

  @Test
  void aCordThatBearsNoneHasNoFeed() {
    assertThat(BulbSums.line(3, 1000, 1, 120, 0.3)).isEmpty();
  }
}
