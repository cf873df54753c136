package bunting.core.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.solve.CuttingStock.Bar;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Against published instances whose optimum is known. Their figures are from memory. */
class CuttingStockTest {
  private static List<Integer> pieces(int... lengthAndCount) {
    List<Integer> list = new ArrayList<>();
    for (int i = 0; i < lengthAndCount.length; i += 2) {
      list.addAll(Collections.nCopies(lengthAndCount[i + 1], lengthAndCount[i]));
    }
    return list;
  }

  private static CuttingStock.Result solve(List<Integer> pieces, int bar) {
    CuttingStock.Result result = CuttingStock.solve(pieces, List.of(Bar.endless(bar, 1)));
    holds(result, pieces, List.of(Bar.endless(bar, 1)));
    return result;
  }

  /** Every piece is cut once, and no bar is longer than it is. */
  private static void holds(CuttingStock.Result result, List<Integer> pieces, List<Bar> bars) {
    List<Integer> all = new ArrayList<>();
    int[] used = new int[bars.size()];
    for (CuttingStock.Cut cut : result.cuts()) {
      all.addAll(cut.pieces());
      used[cut.bar()]++;
      assertThat(cut.pieces().stream().mapToInt(pieces::get).sum())
          .isLessThanOrEqualTo(bars.get(cut.bar()).length());
    }
    for (int b = 0; b < used.length; b++) {
      assertThat(used[b]).isLessThanOrEqualTo(bars.get(b).count());
    }
    assertThat(all.stream().sorted().toList())
        .isEqualTo(java.util.stream.IntStream.range(0, pieces.size()).boxed().toList());
  }

  /** The paper machine of 5,600 mm that encyclopaedias show: 73 rolls. */
  @Test
  void thePaperMachineNeedsSeventyThreeRolls() {
    List<Integer> widths =
        pieces(
            1380, 22, 1520, 25, 1560, 12, 1710, 14, 1820, 18, 1880, 18, 1930, 20, 2000, 10, 2050,
            12, 2100, 14, 2140, 16, 2150, 18, 2200, 20);
    CuttingStock.Result result = solve(widths, 5600);
    assertThat(result.cuts()).hasSize(73);
    assertThat(result.proven()).isTrue();
  }

  /** Textbook "Linear Programming" (1983), chapter 13: the relaxation is 452.25, so 453 raws. */
  @Test
  void theTextbooksRawsAreFourHundredFiftyThree() {
    CuttingStock.Result result = solve(pieces(45, 97, 36, 610, 31, 395, 14, 211), 100);
    assertThat(result.cuts()).hasSize(453);
    assertThat(result.proven()).isTrue();
  }

  /**
   * The cutting example of a modelling textbook (1993, section 15.2): 110-inch rolls, 47 in all.
   */
  @Test
  void theModellingBooksRollsAreFortySeven() {
    CuttingStock.Result result = solve(pieces(20, 48, 45, 35, 50, 24, 55, 10, 75, 8), 110);
    assertThat(result.cuts()).hasSize(47);
    assertThat(result.proven()).isTrue();
  }

  /**
   * Triplets (Journal of Heuristics 2, 1996): three items fill each bin of 1,000 without waste, so
   * that the optimum is known from the making. The longest first does not find it.
   */
  @Test
  void tripletsFillEveryBin() {
    Random random = new Random(1996);
    List<Integer> items = new ArrayList<>();
    for (int bin = 0; bin < 10; bin++) {
      int first = 380 + random.nextInt(111);
      int second = 250 + random.nextInt((1000 - first) / 2 - 250 + 1);
      items.addAll(List.of(first, second, 1000 - first - second));
    }
    CuttingStock.Result result = solve(items, 1000);
    assertThat(result.cuts()).hasSize(10);
    assertThat(result.proven()).isTrue();
  }

  @Test
  void restsGoFirstAndNoMoreOftenThanThereAreSome() {
    List<Integer> pieces = pieces(198, 1, 42, 2, 60, 3);
    List<Bar> bars = List.of(Bar.endless(300, 300_000), new Bar(200, 200, 1), new Bar(61, 61, 2));
    CuttingStock.Result result = CuttingStock.solve(pieces, bars);
    holds(result, pieces, bars);
    assertThat(result.cuts().stream().filter(c -> c.bar() == 0)).hasSize(1);
  }

  @Test
  void tooManyPatternsAreStillCutButNotCalledProven() {
    List<Integer> pieces = new ArrayList<>();
    for (int length = 3; length < 90; length++) {
      pieces.add(length);
    }
    CuttingStock.Result result = solve(pieces, 300);
    assertThat(result.proven()).isFalse();
    int sum = pieces.stream().mapToInt(i -> i).sum();
    assertThat(result.cuts().size()).isBetween((sum + 299) / 300, (sum + 299) / 300 + 1);
  }

  /** 40 different pieces of 820 in all: one pattern, and a trillion fillings that are none. */
  @Test
  void piecesThatAllFitOneBarAreFoundAtOnce() {
    List<Integer> pieces = new ArrayList<>();
    for (int length = 1; length <= 40; length++) {
      pieces.add(length);
    }
    CuttingStock.Result result = solve(pieces, 900);
    assertThat(result.cuts()).hasSize(1);
    assertThat(result.proven()).isTrue();
    assertThat(solve(pieces, 810).cuts()).hasSize(2);
  }

  @Test
  void theSameDemandIsCutTheSameWay() {
    List<Integer> pieces = pieces(37, 9, 81, 7, 120, 5, 11, 14);
    assertThat(solve(pieces, 300)).isEqualTo(solve(pieces, 300));
  }

  @Test
  void aPieceLongerThanEveryBarIsRefused() {
    assertThatThrownBy(() -> CuttingStock.solve(List.of(301), List.of(Bar.endless(300, 1))))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
