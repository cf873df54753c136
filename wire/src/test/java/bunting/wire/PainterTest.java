package bunting.wire;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.addressing.SlotRow;
import bunting.core.patch.LightMap;
import bunting.core.patch.LightPiece;
import bunting.core.pattern.Colour;
import bunting.core.pattern.Painter;
import bunting.core.pattern.Pattern;
import bunting.core.pattern.Scope;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PainterTest {
  private static final LightMap MILL = Maps.mill();

  private static byte[] frame(Pattern pattern, long number) {
    byte[] slots = new byte[MILL.frameBytes()];
    new Painter(MILL, pattern, 40).paint(number, slots);
    return slots;
  }

  /** A pixel's channels in the letters of its order, those that are on; - for none. */
  private static String shows(LightMap map, byte[] frame, int piece, int set) {
    StringBuilder on = new StringBuilder();
    for (int c = 0; c < map.pieces().get(piece).channels(); c++) {
      int slot = map.slot(piece, set, c);
      on.append(
          frame[slot] == 0
              ? ""
              : map.pieces().get(piece).order().substring(c, c + 1).toUpperCase(Locale.ROOT));
    }
    return on.isEmpty() ? "-" : on.toString();
  }

  private static String shows(byte[] frame, int piece, int set) {
    return shows(MILL, frame, piece, set);
  }

  @Test
  void slotsFollowTheOrderOfThePixel() {
    byte[] red = frame(Pattern.RED, 0);
    // Paddle is GRB: its red is the second slot of universe 5.
    assertThat(red[0]).isZero();
    assertThat(red[1]).isEqualTo((byte) 255);
    assertThat(shows(red, 0, 199)).isEqualTo("R");
    assertThat(shows(red, 1, 0)).isEqualTo("R");
    assertThat(shows(frame(Pattern.GREEN, 0), 1, 9)).isEqualTo("G");
    assertThat(shows(frame(Pattern.BLUE, 0), 2, 29)).isEqualTo("B");
  }

  @Test
  void whiteIsEveryChannelAndNothingElse() {
    byte[] white = frame(Pattern.WHITE, 3);
    assertThat(shows(white, 0, 0)).isEqualTo("GRB");
    assertThat(shows(white, 1, 5)).isEqualTo("RGBW");
    long on = IntStream.range(0, white.length).filter(i -> white[i] != 0).count();
    assertThat(on).isEqualTo(200 * 3 + 10 * 4 + 30 * 3);
    assertThat(frame(Pattern.BLACK, 3)).containsOnly(0);
  }

  @Test
  void chaseGoesOneStepAFrameThroughThePlan() {
    for (int f : new int[] {0, 1, 199, 200, 209, 210, 239, 240, 241}) {
      byte[] frame = frame(Pattern.CHASE, f);
      int set = f % 240;
      int piece = set < 200 ? 0 : set < 210 ? 1 : 2;
      int at = set - (piece == 0 ? 0 : piece == 1 ? 200 : 210);
      assertThat(shows(frame, piece, at))
          .as("frame %s", f)
          .isEqualTo(piece == 0 ? "GRB" : piece == 1 ? "RGBW" : "RGB");
      long on = IntStream.range(0, frame.length).filter(i -> frame[i] != 0).count();
      assertThat(on).isEqualTo(MILL.pieces().get(piece).channels());
    }
  }

  @Test
  void aColourForEachPortAndBox() {
    byte[] ports = frame(Pattern.PORTS, 0);
    assertThat(shows(ports, 0, 0)).isEqualTo("R");
    assertThat(shows(ports, 1, 0)).isEqualTo("G");
    assertThat(shows(ports, 2, 0)).isEqualTo("R");
    byte[] on = frame(Pattern.IDENTIFY, 19);
    assertThat(shows(on, 1, 0)).isEqualTo("R");
    assertThat(shows(on, 2, 0)).isEqualTo("G");
    assertThat(frame(Pattern.IDENTIFY, 20)).containsOnly(0);
    assertThat(frame(Pattern.IDENTIFY, 39)).containsOnly(0);
    assertThat(shows(frame(Pattern.IDENTIFY, 40), 2, 0)).isEqualTo("G");
  }

  @Test
  void theRowOfSevenBeginsAnew() {
    assertThat(IntStream.rangeClosed(1, 9).mapToObj(Colour::ofNumber))
        .containsExactly(
            Colour.RED,
            Colour.GREEN,
            Colour.BLUE,
            Colour.YELLOW,
            Colour.CYAN,
            Colour.MAGENTA,
            Colour.WHITE,
            Colour.RED,
            Colour.GREEN);
  }

  @Test
  void everyTenthAndFiftieth() {
    byte[] tens = frame(Pattern.TENS, 0);
    assertThat(shows(tens, 0, 8)).isEqualTo("-");
    assertThat(shows(tens, 0, 9)).isEqualTo("G");
    assertThat(shows(tens, 0, 49)).isEqualTo("R");
    assertThat(shows(tens, 2, 29)).isEqualTo("G");
    byte[] fifties = frame(Pattern.FIFTIES, 0);
    assertThat(shows(fifties, 0, 49)).isEqualTo("GRB");
    assertThat(shows(fifties, 0, 9)).isEqualTo("-");
  }

  @Test
  void universesAndFeedsHaveTheirColours() {
    byte[] universes = frame(Pattern.UNIVERSES, 0);
    assertThat(shows(universes, 0, 169)).isEqualTo("R");
    assertThat(shows(universes, 0, 170)).isEqualTo("G");
    assertThat(shows(universes, 2, 0)).isEqualTo("B");
    byte[] feeds = frame(Pattern.FEEDS, 0);
    assertThat(shows(feeds, 0, 0)).isEqualTo("R");
    assertThat(shows(feeds, 0, 199)).isEqualTo("G");
  }

  @Test
  void scopeLevelAndSpeed() {
    byte[] slots = new byte[MILL.frameBytes()];
    new Painter(MILL, Pattern.WHITE, Scope.ofPort("C1", 2), 40, 0.2, 1).paint(0, slots);
    assertThat(shows(slots, 0, 0)).isEqualTo("-");
    assertThat(slots[MILL.slot(1, 0, 0)]).isEqualTo((byte) 51);
    new Painter(MILL, Pattern.CHASE, Scope.ofRun("Weir"), 40, 1, 0.25).paint(8, slots);
    assertThat(shows(slots, 2, 2)).isEqualTo("RGB");
    new Painter(MILL, Pattern.RED, Scope.ofBox("nobody"), 40, 1, 1).paint(8, slots);
    assertThat(slots).containsOnly(0);
    new Painter(MILL, Pattern.CHASE, Scope.ofBox("nobody"), 40, 1, 1).paint(8, slots);
    assertThat(slots).containsOnly(0);
  }

  @Test
  void neighboursThatShareSlotsAndRunsFromTheFarEnd() {
    LightPiece piece =
        new LightPiece(
            "a",
            "a",
            0,
            1,
            1,
            11,
            17,
            3,
            "RGB",
            2,
            true,
            List.of(new SlotRow(1, 1, 12, 17, 11)),
            List.of());
    LightMap map = new LightMap(List.of(new LightMap.Place("C1", "")), List.of(piece));
    byte[] slots = new byte[map.frameBytes()];
    new Painter(map, Pattern.CHASE, 40).paint(0, slots);
    // Pixels 11 and 12 have the last of four sets of slots.
    assertThat(slots[9]).isEqualTo((byte) 255);
    assertThat(map.sets()).isEqualTo(4);
    new Painter(map, Pattern.TENS, 40).paint(0, slots);
    assertThat(slots).containsOnly(0);
  }

  @Test
  void aPixelThatStraddlesTwoUniverses() {
    LightPiece piece =
        new LightPiece(
            "a",
            "a",
            0,
            1,
            1,
            1,
            171,
            3,
            "RGB",
            1,
            false,
            List.of(new SlotRow(1, 1, 512, 1, 171), new SlotRow(2, 1, 1, 171, 171)),
            List.of());
    LightMap map = new LightMap(List.of(new LightMap.Place("C1", "")), List.of(piece));
    byte[] slots = new byte[map.frameBytes()];
    new Painter(map, Pattern.CHASE, 40).paint(170, slots);
    assertThat(IntStream.range(0, 1024).filter(i -> slots[i] != 0)).containsExactly(510, 511, 512);
  }

  @ParameterizedTest
  @EnumSource(Pattern.class)
  void everyPatternIsTheSameEachTimeAndKeepsToItsSlots(Pattern pattern) {
    byte[] white = frame(Pattern.WHITE, 0);
    for (int f = 0; f < 200; f += 7) {
      byte[] once = frame(pattern, f);
      assertThat(frame(pattern, f)).isEqualTo(once);
      for (int i = 0; i < once.length; i++) {
        assertThat(once[i] == 0 || white[i] != 0).isTrue();
      }
    }
    assertThat(Pattern.of(pattern.id())).contains(pattern);
  }
}
