package bunting.desktop.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javafx.geometry.Rectangle2D;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Labels never lie over each other, over what is to stay free, or beyond the edge. */
class LabelPlacesTest {
  private static LabelPlaces.Wanted label(String text, double x, double y) {
    return new LabelPlaces.Wanted(text, x, y, 6, 70, 16);
  }

  @Property(tries = 300, seed = "20261126")
  void noneCollides(@ForAll long seed) {
    Random random = new Random(seed);
    double width = 300 + random.nextInt(900);
    double height = 200 + random.nextInt(600);
    LabelPlaces places = new LabelPlaces(width, height);
    List<Rectangle2D> free = new ArrayList<>();
    for (int i = 0; i < random.nextInt(20); i++) {
      Rectangle2D r =
          new Rectangle2D(random.nextDouble() * width, random.nextDouble() * height, 18, 18);
      free.add(r);
      places.keepFree(r);
    }
    List<LabelPlaces.Wanted> wanted = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(120); i++) {
      wanted.add(
          new LabelPlaces.Wanted(
              "l" + i,
              random.nextDouble() * width,
              random.nextDouble() * height,
              random.nextInt(14),
              20 + random.nextInt(160),
              16));
    }
    List<LabelPlaces.Placed> placed = places.place(wanted);
    for (int i = 0; i < placed.size(); i++) {
      Rectangle2D a = placed.get(i).at();
      assertThat(new Rectangle2D(0, 0, width, height).contains(a)).isTrue();
      assertThat(free).noneMatch(f -> f.intersects(a));
      for (int k = 0; k < i; k++) {
        assertThat(placed.get(k).at().intersects(a)).isFalse();
      }
      assertThat(placed.get(i).leader() || away(placed.get(i)) <= 14)
          .as("a label far from what it names has a leader")
          .isTrue();
    }
    assertThat(places(width, height, free).place(wanted)).as("the same again").isEqualTo(placed);
  }

  private static LabelPlaces places(double width, double height, List<Rectangle2D> free) {
    LabelPlaces places = new LabelPlaces(width, height);
    free.forEach(places::keepFree);
    return places;
  }

  private static double away(LabelPlaces.Placed p) {
    double dx =
        Math.max(0, Math.max(p.at().getMinX() - p.label().x(), p.label().x() - p.at().getMaxX()));
    double dy =
        Math.max(0, Math.max(p.at().getMinY() - p.label().y(), p.label().y() - p.at().getMaxY()));
    return Math.max(dx, dy);
  }

  @Test
  void aLoneLabelStandsAtTheRightAndWithoutALeader() {
    LabelPlaces.Placed p =
        new LabelPlaces(400, 300).place(List.of(label("Weir", 100, 100))).getFirst();
    assertThat(p.leader()).isFalse();
    assertThat(p.at()).isEqualTo(new Rectangle2D(106, 92, 70, 16));
  }

  @Test
  void whatShouldBeAvoidedIsCoveredOnlyWhereThereIsNoOtherPlace() {
    LabelPlaces places = new LabelPlaces(400, 300);
    places.avoid(new Rectangle2D(106, 80, 80, 40));
    LabelPlaces.Placed p = places.place(List.of(label("Weir", 100, 100))).getFirst();
    assertThat(p.at().intersects(new Rectangle2D(106, 80, 80, 40))).isFalse();
    LabelPlaces narrow = new LabelPlaces(80, 18);
    narrow.avoid(new Rectangle2D(0, 0, 80, 18));
    assertThat(narrow.place(List.of(label("Weir", 4, 9)))).hasSize(1);
  }

  @Test
  void atTheRightEdgeItGoesElsewhere() {
    LabelPlaces.Placed p =
        new LabelPlaces(400, 300).place(List.of(label("Weir", 390, 100))).getFirst();
    assertThat(p.at().getMaxX()).isLessThanOrEqualTo(400);
  }

  /** Twelve spokes begin at one hub: all are named, most by leaders. */
  @Test
  void twelveAtOnePlaceAreAllNamed() {
    List<LabelPlaces.Wanted> spokes = new ArrayList<>();
    for (int i = 1; i <= 12; i++) {
      spokes.add(label("Spoke " + i, 400 + i * 0.1, 300));
    }
    List<LabelPlaces.Placed> placed = new LabelPlaces(800, 600).place(spokes);
    assertThat(placed).hasSize(12);
    assertThat(placed.stream().filter(LabelPlaces.Placed::leader).count()).isBetween(1L, 10L);
  }

  @Test
  void whatComesFirstIsNamedWhereThereIsRoomForOne() {
    List<LabelPlaces.Placed> placed =
        new LabelPlaces(80, 18).place(List.of(label("first", 4, 9), label("second", 4, 9)));
    assertThat(placed).hasSize(1);
    assertThat(placed.getFirst().label().text()).isEqualTo("first");
  }
}
