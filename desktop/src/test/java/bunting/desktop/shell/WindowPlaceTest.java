package bunting.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.Rectangle2D;
import org.junit.jupiter.api.Test;

/** A window is put where it stood, but always on a screen that is there, and no larger. */
class WindowPlaceTest {
  private static final Rectangle2D SMALL = new Rectangle2D(0, 24, 1366, 744);
  private static final Rectangle2D RIGHT = new Rectangle2D(1366, 0, 1920, 1080);

  private static Rectangle2D within(double x, double y, double w, double h) {
    return WindowPlace.within(new Rectangle2D(x, y, w, h), List.of(SMALL, RIGHT));
  }

  @Test
  void whereItFitsItStays() {
    assertThat(within(40, 60, 1100, 700)).isEqualTo(new Rectangle2D(40, 60, 1100, 700));
    assertThat(within(1500, 100, 1280, 840)).isEqualTo(new Rectangle2D(1500, 100, 1280, 840));
  }

  /** 1366 x 768: what is made for 1280 x 800 fills the height and its head stays on the screen. */
  @Test
  void onASmallScreenItIsNoLargerAndItsHeadIsInSight() {
    Rectangle2D at = WindowPlace.within(new Rectangle2D(0, 0, 1280, 840), List.of(SMALL));
    assertThat(at.getMinY()).isEqualTo(24);
    assertThat(at.getMaxY()).isEqualTo(768);
    assertThat(at.getWidth()).isEqualTo(1280);
    Rectangle2D smallest =
        WindowPlace.within(
            new Rectangle2D(-50, -90, 1280, 840), List.of(new Rectangle2D(0, 0, 1024, 700)));
    assertThat(smallest).isEqualTo(new Rectangle2D(0, 0, 1024, 700));
  }

  @Test
  void overAnEdgeItIsPushedBack() {
    Rectangle2D at = within(1200, 500, 1000, 700);
    assertThat(RIGHT.contains(at)).as("most of it was on the right screen").isTrue();
    Rectangle2D left = within(-300, 200, 1000, 600);
    assertThat(left.getMinX()).isZero();
    assertThat(SMALL.contains(left)).isTrue();
  }

  @Test
  void onAScreenThatIsGoneItComesBackToTheFirst() {
    Rectangle2D at = within(9000, 9000, 1000, 600);
    assertThat(SMALL.contains(at)).isTrue();
    assertThat(at.getMinX()).isEqualTo(SMALL.getMinX());
  }
}
