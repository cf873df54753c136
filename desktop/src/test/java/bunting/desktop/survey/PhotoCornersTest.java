package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A photo is never mirrored or turned by the order in which its corners are set. */
class PhotoCornersTest {
  /** A wall seen from the side: lower left, lower right, upper right, upper left. */
  private static final List<Point> WALL =
      List.of(new Point(1, 1), new Point(5, 1.4), new Point(5.2, 3), new Point(0.8, 3.6));

  @Test
  void everyDirectionAndEveryFirstCornerMeanTheSame() {
    for (List<Point> round : List.of(WALL, WALL.reversed())) {
      for (int first = 0; first < WALL.size(); first++) {
        List<Point> set = new ArrayList<>(round);
        Collections.rotate(set, first);
        assertThat(PhotoCorners.inOrder(set)).isEqualTo(WALL);
      }
    }
  }
}
