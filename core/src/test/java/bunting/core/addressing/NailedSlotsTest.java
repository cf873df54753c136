package bunting.core.addressing;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Addressing;
import bunting.core.show.BoxStarts;
import bunting.core.show.Fitting;
import bunting.core.show.HandOut;
import bunting.core.show.Held;
import bunting.core.show.PortStart;
import bunting.core.show.Protocol;
import bunting.core.show.SlotRange;
import bunting.core.show.SlotSplit;
import bunting.core.show.UniverseRange;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Slots beside those that were handed out. */
class NailedSlotsTest {
  private static Addressing policy(PortStart start, UniverseRange... reserved) {
    return new Addressing(Protocol.SACN, 1, SlotSplit.WHOLE_PIXELS, start, List.of(reserved));
  }

  private static HandOut.Nail nail(
      String run, int first, int last, String box, SlotRange... slots) {
    return new HandOut.Nail(new Held(run, first, last, box, 1, 1), 3, 1, false, List.of(slots));
  }

  private static SlotBook book(Addressing policy, HandOut.Nail... nails) {
    return new SlotBook(policy, Optional.of(List.of(nails)));
  }

  private static List<SlotRow> take(SlotBook book, String box, String run, int first, int last) {
    book.startBox(box);
    book.startPort();
    return book.take(run, 3, Fitting.PLAIN, first, last);
  }

  @Test
  void whatWasHandedOutIsGivenAgain() {
    SlotBook book =
        book(
            policy(PortStart.CONTINUOUS),
            nail("rim", 1, 200, "A", new SlotRange(7, 1, 510), new SlotRange(8, 1, 90)));
    assertThat(take(book, "A", "rim", 1, 200))
        .containsExactly(new SlotRow(7, 1, 510, 1, 170), new SlotRow(8, 1, 90, 171, 200));
    // A part of it, on another port or box, keeps its own.
    assertThat(take(book, "B", "rim", 171, 200)).containsExactly(new SlotRow(8, 1, 90, 171, 200));
  }

  @Test
  void moreOfARunGoesRightBehindIt() {
    SlotBook book =
        book(policy(PortStart.CONTINUOUS), nail("rim", 1, 30, "A", new SlotRange(7, 1, 90)));
    assertThat(take(book, "A", "rim", 1, 40)).containsExactly(new SlotRow(7, 1, 120, 1, 40));
  }

  @Test
  void moreOfARunThatIsHemmedInGoesElsewhereInItsBox() {
    SlotBook book =
        book(
            policy(PortStart.CONTINUOUS),
            nail("rim", 1, 30, "A", new SlotRange(7, 1, 90)),
            nail("hub", 1, 10, "A", new SlotRange(7, 91, 120)));
    List<SlotRow> rows = take(book, "A", "rim", 1, 40);
    assertThat(rows)
        .containsExactly(new SlotRow(7, 1, 90, 1, 30), new SlotRow(7, 121, 150, 31, 40));
  }

  @Test
  void aGapOfTheOwnBoxIsFilledBeforeAFreshUniverse() {
    SlotBook book =
        book(
            policy(PortStart.CONTINUOUS),
            nail("rim", 1, 30, "A", new SlotRange(2, 1, 90)),
            nail("hub", 1, 10, "A", new SlotRange(2, 200, 229)));
    assertThat(take(book, "A", "star", 1, 30)).containsExactly(new SlotRow(2, 91, 180, 1, 30));
    // What does not fit the gap lies behind, in one stretch.
    assertThat(take(book, "A", "moon", 1, 50)).containsExactly(new SlotRow(2, 230, 379, 1, 50));
  }

  @Test
  void anotherBoxGetsUniversesOfItsOwn() {
    SlotBook book =
        book(
            policy(PortStart.CONTINUOUS, new UniverseRange(1, 1), new UniverseRange(3, 4)),
            nail("rim", 1, 30, "A", new SlotRange(2, 1, 90)));
    assertThat(take(book, "B", "star", 1, 171))
        .containsExactly(new SlotRow(5, 1, 510, 1, 170), new SlotRow(6, 1, 3, 171, 171));
  }

  @Test
  void aNewPortBeginsAFreshUniverseWhereThatIsThePolicy() {
    SlotBook book =
        book(policy(PortStart.NEW_UNIVERSE), nail("rim", 1, 30, "A", new SlotRange(2, 1, 90)));
    assertThat(take(book, "A", "star", 1, 10)).containsExactly(new SlotRow(1, 1, 30, 1, 10));
    assertThat(take(book, "A", "moon", 1, 10)).containsExactly(new SlotRow(3, 1, 30, 1, 10));
  }

  @Test
  void freshBoxesBeginAtRoundNumbersStill() {
    Addressing tens = policy(PortStart.CONTINUOUS).with(new BoxStarts(10, Map.of("C", 33)));
    SlotBook book = book(tens, nail("rim", 1, 30, "A", new SlotRange(10, 1, 90)));
    assertThat(take(book, "B", "star", 1, 10)).extracting(SlotRow::universe).containsExactly(20);
    assertThat(take(book, "C", "moon", 1, 10)).extracting(SlotRow::universe).containsExactly(33);
  }

  @Test
  void groupedAndReversedPiecesKeepTheirSets() {
    HandOut.Nail five =
        new HandOut.Nail(
            new Held("rim", 1, 12, "A", 1, 1), 3, 5, true, List.of(new SlotRange(4, 10, 18)));
    SlotBook book = new SlotBook(policy(PortStart.CONTINUOUS), Optional.of(List.of(five)));
    book.startBox("A");
    book.startPort();
    Fitting fitting = new Fitting(5, Optional.empty(), true);
    // Three sets: pixels 1-5, 6-10, 11-12; the far one first.
    assertThat(book.take("rim", 3, fitting, 1, 12)).containsExactly(new SlotRow(4, 10, 18, 12, 1));
    // With another fitting the nails do not apply, and nothing else lies on them.
    assertThat(book.take("rim", 3, Fitting.PLAIN, 1, 12))
        .containsExactly(new SlotRow(4, 19, 54, 1, 12));
  }

  @Test
  void whereNothingIsFreeThatIsSaid() {
    Addressing last =
        new Addressing(
            Protocol.SACN, 63999, SlotSplit.WHOLE_PIXELS, PortStart.CONTINUOUS, List.of());
    SlotBook book = book(last, nail("rim", 1, 170, "A", new SlotRange(63999, 1, 510)));
    assertThat(take(book, "A", "star", 1, 1)).isEmpty();
    assertThat(book.exhausted()).isTrue();
  }

  /** Any mixture of nails and new pieces: no slot twice, none reserved, none beyond 512. */
  @Test
  void nothingEverOverlaps() {
    for (int seed = 0; seed < 200; seed++) {
      Random random = new Random(seed);
      List<HandOut.Nail> nails = new ArrayList<>();
      int universe = 3;
      for (int i = 0; i < 6; i++) {
        int sets = 1 + random.nextInt(120);
        int from = 1 + random.nextInt(512 - 3 * sets);
        SlotRange range = new SlotRange(universe, from, from + 3 * sets - 1);
        nails.add(nail("n" + i, 1, sets, "B" + i % 3, range));
        universe += 1 + random.nextInt(3);
      }
      UniverseRange foreign = new UniverseRange(40, 60);
      SlotBook book =
          book(policy(PortStart.CONTINUOUS, foreign), nails.toArray(HandOut.Nail[]::new));
      Set<Integer> used = new HashSet<>();
      for (int b = 0; b < 4; b++) {
        book.startBox("B" + b);
        for (int port = 0; port < 3; port++) {
          book.startPort();
          for (int k = 0; k < 3; k++) {
            int pixels = 1 + random.nextInt(400);
            String run = "x" + b + port + k;
            for (SlotRow row : book.take(run, 3 + random.nextInt(2), Fitting.PLAIN, 1, pixels)) {
              assertThat(row.universe() < 40 || row.universe() > 60).isTrue();
              assertThat(row.lastSlot()).isLessThanOrEqualTo(512);
              for (int slot = row.firstSlot(); slot <= row.lastSlot(); slot++) {
                assertThat(used.add(row.universe() * 1000 + slot)).isTrue();
              }
            }
          }
        }
      }
      for (HandOut.Nail n : nails) {
        for (SlotRange r : n.slots()) {
          for (int slot = r.first(); slot <= r.last(); slot++) {
            assertThat(used.contains(r.universe() * 1000 + slot)).isFalse();
          }
        }
      }
    }
  }
}
