package bunting.core.addressing;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Addressing;
import bunting.core.show.BoxStarts;
import bunting.core.show.Controller;
import bunting.core.show.Decisions;
import bunting.core.show.PlacedController;
import bunting.core.show.PortStart;
import bunting.core.show.Protocol;
import bunting.core.show.Show;
import bunting.core.show.SlotSplit;
import bunting.core.show.UniverseRange;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SlotCursorTest {
  private static Addressing policy(SlotSplit split, int start, UniverseRange... reserved) {
    return new Addressing(Protocol.SACN, start, split, PortStart.CONTINUOUS, List.of(reserved));
  }

  /** 170 RGB pixels are 510 slots, 128 RGBW 512 (handbook, arithmetic). */
  @Test
  void wholePixelsFillUniversesAsPeopleCount() {
    SlotCursor rgb = new SlotCursor(policy(SlotSplit.WHOLE_PIXELS, 1));
    assertThat(rgb.take(3, 1, 171))
        .containsExactly(new SlotRow(1, 1, 510, 1, 170), new SlotRow(2, 1, 3, 171, 171));
    SlotCursor rgbw = new SlotCursor(policy(SlotSplit.WHOLE_PIXELS, 1));
    assertThat(rgbw.take(4, 1, 129))
        .containsExactly(new SlotRow(1, 1, 512, 1, 128), new SlotRow(2, 1, 4, 129, 129));
  }

  /**
   * If the second half of a wall starts at slot 433, 144 x 3 = 432 went before it (handbook,
   * arithmetic).
   */
  @Test
  void theSecondHalfOfAWallStartsAt433() {
    SlotCursor cursor = new SlotCursor(policy(SlotSplit.WHOLE_PIXELS, 1));
    cursor.take(3, 1, 144);
    assertThat(cursor.take(3, 1, 144).getFirst().firstSlot()).isEqualTo(433);
  }

  /**
   * A box of 8 universes holds 680 RGB pixels on each of 2 ports, 1,024 RGBW in all (handbook,
   * arithmetic).
   */
  @Test
  void eightUniversesHoldWhatTheBoxSays() {
    SlotCursor rgb = new SlotCursor(policy(SlotSplit.WHOLE_PIXELS, 1));
    rgb.take(3, 1, 680);
    assertThat(rgb.take(3, 1, 680).getLast()).isEqualTo(new SlotRow(8, 1, 510, 511, 680));
    SlotCursor rgbw = new SlotCursor(policy(SlotSplit.WHOLE_PIXELS, 1));
    assertThat(rgbw.take(4, 1, 1024).getLast().universe()).isEqualTo(8);
  }

  @Test
  void fullUniversesLetAPixelStraddle() {
    SlotCursor cursor = new SlotCursor(policy(SlotSplit.FULL_UNIVERSE, 1));
    assertThat(cursor.take(3, 1, 172))
        .containsExactly(new SlotRow(1, 1, 512, 1, 171), new SlotRow(2, 1, 4, 171, 172));
  }

  @Test
  void noPixelStraddlesAReservedGap() {
    SlotCursor cursor = new SlotCursor(policy(SlotSplit.FULL_UNIVERSE, 1, new UniverseRange(2, 4)));
    assertThat(cursor.take(3, 1, 171))
        .containsExactly(new SlotRow(1, 1, 510, 1, 170), new SlotRow(5, 1, 3, 171, 171));
  }

  @Test
  void aPixelAsWideAsAUniverseTakesOneEach() {
    SlotCursor cursor = new SlotCursor(policy(SlotSplit.WHOLE_PIXELS, 7, new UniverseRange(8, 8)));
    assertThat(cursor.take(512, 1, 2))
        .containsExactly(new SlotRow(7, 1, 512, 1, 1), new SlotRow(9, 1, 512, 2, 2));
  }

  @Test
  void theLastUniverseIsTheLast() {
    SlotCursor cursor = new SlotCursor(policy(SlotSplit.WHOLE_PIXELS, 63999));
    assertThat(cursor.take(3, 1, 170)).hasSize(1);
    assertThat(cursor.exhausted()).isFalse();
    cursor.take(3, 1, 1);
    assertThat(cursor.exhausted()).isTrue();
  }

  @Test
  void addressesAreUniqueAndLeaveTheLowOnesFree() {
    Show show = Show.of(List.of());
    List<PlacedController> boxes =
        IntStream.range(0, 201)
            .mapToObj(i -> new Controller("C" + i, "box-4", 0, 0))
            .map(c -> new PlacedController(c, 5, Optional.empty()))
            .toList();
    var plain =
        NetworkAddresses.of(
            show, new Decisions(boxes, List.of(), List.of(), List.of(), List.of(), List.of(), 0));
    assertThat(plain.get("C0")).isEqualTo("10.20.0.11");
    assertThat(plain.get("C199")).isEqualTo("10.20.0.210");
    assertThat(plain.get("C200")).isEqualTo("10.20.1.11");
    var own =
        NetworkAddresses.of(
            show.withNetwork(show.network().withAddress("C1", "10.20.0.11")),
            new Decisions(boxes, List.of(), List.of(), List.of(), List.of(), List.of(), 0));
    assertThat(own.get("C1")).isEqualTo("10.20.0.11");
    assertThat(own.values()).doesNotHaveDuplicates();
  }

  @Test
  void addressesAreRecognised() {
    assertThat(NetworkAddresses.valid("192.168.1.50")).isTrue();
    assertThat(NetworkAddresses.valid("10.20.0.256")).isFalse();
    assertThat(NetworkAddresses.valid("10.20.0")).isFalse();
    assertThat(NetworkAddresses.valid("10.20.0.1.")).isFalse();
  }

  @Test
  void boxesBeginAtRoundNumbersOrWhereTheBuilderSays() {
    Addressing tens = policy(SlotSplit.WHOLE_PIXELS, 21).with(new BoxStarts(10, Map.of("B", 55)));
    SlotCursor cursor = new SlotCursor(tens);
    cursor.startBox("A");
    assertThat(cursor.take(3, 1, 300)).extracting(SlotRow::universe).containsExactly(30, 31);
    cursor.startBox("B");
    assertThat(cursor.take(3, 1, 10)).extracting(SlotRow::universe).containsExactly(55);
    cursor.startBox("C");
    assertThat(cursor.take(3, 1, 10)).extracting(SlotRow::universe).containsExactly(60);
  }

  @Test
  void theLastSlotOfAUniverseIsGivenOut() {
    SlotCursor cursor = new SlotCursor(policy(SlotSplit.FULL_UNIVERSE, 1));
    assertThat(cursor.take(1, 1, 513))
        .containsExactly(new SlotRow(1, 1, 512, 1, 512), new SlotRow(2, 1, 1, 513, 513));
    SlotCursor boards = new SlotCursor(policy(SlotSplit.WHOLE_PIXELS, 1));
    assertThat(boards.together(500)).contains(new SlotRow(1, 1, 500, 1, 1));
    assertThat(boards.together(12)).as("501 to 512").contains(new SlotRow(1, 501, 512, 1, 1));
    assertThat(boards.together(512)).as("a whole one").contains(new SlotRow(2, 1, 512, 1, 1));
  }

  @Test
  void aLastSlotThatIsFreeIsUsed() {
    SlotCursor cursor = new SlotCursor(policy(SlotSplit.WHOLE_PIXELS, 1));
    assertThat(cursor.together(511)).contains(new SlotRow(1, 1, 511, 1, 1));
    assertThat(cursor.together(1)).contains(new SlotRow(1, 512, 512, 1, 1));
    assertThat(cursor.together(1)).contains(new SlotRow(2, 1, 1, 1, 1));
  }
}
