package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Picture;
import bunting.core.show.Point;
import bunting.core.show.Underlay;
import bunting.core.survey.Perspective;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** A wall that is known, seen askew, and put straight again. */
class StraightPhotoTest {
  /** A door of 2 by 1 m with its lower left corner at 3, 1 on a wall of stripes. */
  private static final Point DOOR = new Point(3, 1);

  private static final List<Point> SEEN =
      List.of(new Point(310, 420), new Point(520, 400), new Point(505, 240), new Point(300, 300));

  /** What colour the wall has: stripes of half a metre, up and across. */
  private static int wall(double x, double y) {
    boolean a = Math.floorMod((long) Math.floor(x * 2), 2) == 0;
    boolean b = Math.floorMod((long) Math.floor(y * 2), 2) == 0;
    return 0xFF000000 | (a ? 0xE00000 : 0x200000) | (b ? 0x00D000 : 0x003000) | 0x40;
  }

  private static Underlay photo() throws IOException {
    Perspective view = Perspective.ofSquare(SEEN).orElseThrow();
    BufferedImage image = new BufferedImage(800, 600, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < 600; y++) {
      for (int x = 0; x < 800; x++) {
        int px = x;
        int py = y;
        view.plane(x + 0.5, y + 0.5)
            .ifPresent(p -> image.setRGB(px, py, wall(DOOR.x() + 2 * p.x(), DOOR.y() + p.y())));
      }
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(image, "png", bytes);
    Picture picture = new Picture("wall.jpg", Picture.Kind.PNG, 800, 600, bytes.toByteArray());
    return Underlay.fresh(picture, 12).dimmedTo(40);
  }

  @Test
  void everyPlaceOfTheWallLiesWhereItIs() throws Exception {
    Underlay straight = StraightPhoto.of(photo(), SEEN, 2, 1, DOOR, () -> false).orElseThrow();
    assertThat(straight.scaled()).isTrue();
    assertThat(straight.opacityPercent()).isEqualTo(40);
    assertThat(straight.picture().name()).isEqualTo("wall straight.png");
    BufferedImage image = ImageIO.read(new ByteArrayInputStream(straight.picture().bytes()));
    int seen = 0;
    for (double x = 2.25; x < 6; x += 0.5) {
      for (double y = 0.75; y < 3; y += 0.5) {
        int px = (int) ((x - straight.origin().x()) / straight.metresPerUnit());
        int py = (int) (image.getHeight() - (y - straight.origin().y()) / straight.metresPerUnit());
        int rgb = image.getRGB(px, py);
        if (rgb >>> 24 == 255) {
          seen++;
          for (int shift = 0; shift < 24; shift += 8) {
            assertThat((rgb >> shift) & 0xFF)
                .as("at %s %s", x, y)
                .isCloseTo((wall(x, y) >> shift) & 0xFF, within(24));
          }
        }
      }
    }
    assertThat(seen).isGreaterThan(25);
    Picture again = Pictures.of("x.png", straight.picture().bytes());
    assertThat(again.width()).isEqualTo(straight.picture().width());
  }

  @Test
  void whatCannotBePutStraightIsSaid() throws Exception {
    List<Point> crossed = List.of(SEEN.get(0), SEEN.get(2), SEEN.get(1), SEEN.get(3));
    assertThatThrownBy(() -> StraightPhoto.of(photo(), crossed, 2, 1, DOOR, () -> false))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("go round");
    Underlay drawing =
        Underlay.fresh(new Picture("a.svg", Picture.Kind.SVG, 10, 10, new byte[] {1}), 5);
    assertThatThrownBy(() -> StraightPhoto.of(drawing, SEEN, 2, 1, DOOR, () -> false))
        .hasMessageContaining("straight already");
    assertThat(StraightPhoto.of(photo(), SEEN, 2, 1, DOOR, () -> true)).isEmpty();
  }
}
