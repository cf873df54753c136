package bunting.core.power;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.copper.Fuses;
import bunting.core.power.FewFuses.Range;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** The fewest sizes of fuse. */
class FewFusesTest {
  @Test
  void oneSizeWhereAllBearIt() {
    List<Range> house =
        List.of(new Range(1, 5), new Range(2, 7.5), new Range(3, 10), new Range(5, 5));
    assertThat(FewFuses.of(house)).containsExactly(5.0, 5.0, 5.0, 5.0);
  }

  @Test
  void theSmallestThatDoesForAll() {
    assertThat(FewFuses.of(List.of(new Range(2, 30), new Range(3, 30)))).containsExactly(3.0, 3.0);
  }

  @Test
  void aWireThatBearsLittleKeepsItsOwnSize() {
    assertThat(FewFuses.of(List.of(new Range(1, 3), new Range(7.5, 10), new Range(4, 7.5))))
        .containsExactly(1.0, 7.5, 7.5);
  }

  /** Fewest points that stab all intervals: at the end of the first that is not stabbed yet. */
  @Test
  void neverMoreSizesThanStabbingFromTheLeftNeeds() {
    Random random = new Random(23);
    List<Double> sizes = Fuses.sizes();
    for (int i = 0; i < 300; i++) {
      List<Range> ranges = new ArrayList<>();
      for (int k = 1 + random.nextInt(12); k > 0; k--) {
        int a = random.nextInt(sizes.size());
        int b = a + random.nextInt(sizes.size() - a);
        ranges.add(new Range(sizes.get(a), sizes.get(b)));
      }
      Set<Double> stabs = new TreeSet<>();
      List<Range> byEnd = ranges.stream().sorted(Comparator.comparingDouble(Range::most)).toList();
      for (Range r : byEnd) {
        if (stabs.stream().noneMatch(s -> s >= r.least() && s <= r.most())) {
          stabs.add(r.most());
        }
      }
      List<Double> chosen = FewFuses.of(ranges);
      assertThat(new TreeSet<>(chosen)).hasSameSizeAs(stabs);
      for (int k = 0; k < ranges.size(); k++) {
        assertThat(chosen.get(k)).isBetween(ranges.get(k).least(), ranges.get(k).most());
      }
    }
  }
}
