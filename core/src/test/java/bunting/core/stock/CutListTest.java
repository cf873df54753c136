package bunting.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Course;
import bunting.core.show.Hanging;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.StandardCatalogue;
import bunting.core.show.Workshop;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CutListTest {
  private static final PixelType STRIP =
      StandardCatalogue.get().pixelTypesById().get("5v-strip-60");

  private static Run traced(String name, String type, int pixels, Point... corners) {
    return Run.of(name, type, pixels)
        .withHanging(Hanging.along(new Course.Traced(List.of(corners))));
  }

  @Test
  void aStripIsPartedAtItsCornersAndAStringIsNot() {
    Point[] corners = {new Point(0, 0), new Point(2, 0), new Point(2, 1)};
    List<Piece> pieces = Pieces.of(traced("r", STRIP.id(), 180, corners), STRIP);
    assertThat(pieces).extracting(Piece::pixels).containsExactly(120, 60);
    assertThat(pieces.getFirst().after()).isEqualTo(Piece.After.JUMPER);
    assertThat(pieces.getFirst().jumperM()).isEqualTo(0.15);
    assertThat(pieces.getLast().after()).isEqualTo(Piece.After.END);
    PixelType string = StandardCatalogue.get().pixelTypesById().get("12v-string-10");
    assertThat(Pieces.of(traced("r", string.id(), 30, corners), string)).hasSize(1);
  }

  @Test
  void cornersAreCutAtCutMarks() {
    PixelType sixes = StandardCatalogue.get().pixelTypesById().get("24v-strip-60-rgbw");
    Run run =
        traced("r", sixes.id(), 180, new Point(0, 0), new Point(1.05, 0), new Point(1.05, 1.95));
    assertThat(Pieces.of(run, sixes)).extracting(Piece::pixels).containsExactly(60, 120);
  }

  @Test
  void strandsOfAGridAreJoinedByJumpersAsLongAsTheirWay() {
    Run run =
        Run.of("curtain", STRIP.id(), 240)
            .withHanging(Hanging.along(new Course.Grid(new Point(0, 0), 4, 1, 0.5, -90, false)));
    List<Piece> pieces = Pieces.of(run, STRIP);
    assertThat(pieces).hasSize(4);
    assertThat(pieces.getFirst().jumperM())
        .isCloseTo(Math.hypot(1, 0.5) + 0.15, within(0.01 + 1e-9));
  }

  @Test
  void longRunsAreJoinedAndEverythingAddsUp() {
    Show show =
        Show.of(
            List.of(
                Run.of("arch", STRIP.id(), 643),
                Run.of("lintel", STRIP.id(), 198),
                Run.of("sill", STRIP.id(), 42),
                Run.of("step", STRIP.id(), 15)));
    CutList.OfType cut = CutList.of(show).types().getFirst();
    assertThat(cut.pixels()).isEqualTo(898);
    assertThat(cut.joints()).isEqualTo(2);
    // 643 = 300 + 300 + 43, and 43 + 198 + 42 + 15 = 298 of the third reel.
    assertThat(cut.reels()).hasSize(3);
    assertThat(cut.over()).isEqualTo(2);
    assertThat(cut.proven()).isTrue();
    // 5 % of 898 is 45 spares, 2 stay over, 43 want one reel more.
    assertThat(cut.sparePixels()).isEqualTo(45);
    assertThat(cut.orders()).containsExactly(new CutList.Order(300, 3, 1, 0));
  }

  @Test
  void restsAndSparesOfTheBuilderCount() {
    Show show =
        Show.of(List.of(Run.of("a", STRIP.id(), 270), Run.of("b", STRIP.id(), 40)))
            .withWorkshop(
                new Workshop(
                    List.of(new Workshop.Pack(STRIP.id(), 300, 12.5)),
                    List.of(new Workshop.Rest(STRIP.id(), 45, 1)),
                    Map.of(STRIP.id(), 10.0)));
    CutList.OfType cut = CutList.of(show).types().getFirst();
    assertThat(cut.reels()).extracting(CutList.Reel::rest).containsExactly(false, true);
    assertThat(cut.sparePixels()).isEqualTo(31);
    assertThat(cut.orders()).containsExactly(new CutList.Order(300, 1, 1, 12.5));
    assertThat(cut.cost()).isEqualTo(25);
  }

  /** Common practice, no source: strings of 50; a string cut 25 + 25 makes two sides even. */
  @Test
  void stringsOfFiftyMakeTwoSidesEven() {
    Show show =
        Show.of(List.of(Run.of("left", "12v-string-10", 75), Run.of("right", "12v-string-10", 75)));
    CutList.OfType cut = CutList.of(show).types().getFirst();
    assertThat(cut.reels()).hasSize(3);
    assertThat(cut.over()).isZero();
  }

  @Test
  void theBuiltCountIsWhatIsCut() {
    Run counted = Run.of("arch", STRIP.id(), 300).withBuilt(java.util.OptionalInt.of(298));
    assertThat(CutList.of(Show.of(List.of(counted))).types().getFirst().pixels()).isEqualTo(298);
  }

  private static CutList.Order only(Show show, String type) {
    CutList.OfType of =
        CutList.of(show).types().stream()
            .filter(t -> t.type().id().equals(type))
            .findFirst()
            .orElseThrow();
    assertThat(of.orders()).hasSize(1);
    return of.orders().getFirst();
  }

  private static Show stocked(Run run, int pack, double sparePercent) {
    return Show.of(List.of(run))
        .withWorkshop(
            new Workshop(
                List.of(new Workshop.Pack(run.type(), pack, 7)),
                List.of(),
                Map.of(run.type(), sparePercent)));
  }

  /** 280 of a reel of 300: 20 stay over, which are 5 % of 280 and more. */
  @Test
  void whatStaysOverCountsTowardsTheSpares() {
    CutList.Order enough = only(stocked(Run.of("r", STRIP.id(), 280), 300, 5), STRIP.id());
    assertThat(enough.cut()).isEqualTo(1);
    assertThat(enough.spare()).isZero();
    CutList.Order more = only(stocked(Run.of("r", STRIP.id(), 280), 300, 8), STRIP.id());
    assertThat(more.spare()).as("8 % are 23 and 20 are over").isEqualTo(1);
  }

  @Test
  void sparesJustCoveredByWhatIsOverNeedNoPack() {
    assertThat(only(stocked(Run.of("r", STRIP.id(), 285), 300, 5), STRIP.id()).spare())
        .as("14.25, so 15, and 15 are over")
        .isZero();
    assertThat(only(stocked(Run.of("r", STRIP.id(), 286), 300, 5), STRIP.id()).spare())
        .as("14.3, so 15, and 14 are over")
        .isEqualTo(1);
  }

  /** A strip that is cut every 6 pixels comes in pieces of whole sixes. */
  @Test
  void aPackIsAWholeNumberOfCutUnits() {
    PixelType sixes = StandardCatalogue.get().pixelTypesById().get("24v-strip-60-rgbw");
    CutList.Order order = only(stocked(Run.of("r", sixes.id(), 60), 100, 0), sixes.id());
    assertThat(order.packPixels()).isEqualTo(96);
    assertThat(order.packPixels() % sixes.cutEvery()).isZero();
    assertThat(Workshop.usualPack(sixes).pixels() % sixes.cutEvery()).isZero();
  }
}
