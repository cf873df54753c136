package bunting.files;

import bunting.core.show.Picture;
import bunting.core.show.Point;
import bunting.core.show.Underlay;
import bunting.core.survey.Perspective;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javax.imageio.ImageIO;

/**
 * A photo put straight: four points of it are the corners of a rectangle whose measures are known,
 * and it is drawn anew as it would be seen from right before it.
 */
public final class StraightPhoto {
  /** The longer side of what is drawn, pixels. */
  private static final int SIDE_PX = 2000;

  /** So many rectangles beside the known one are drawn: farther off a photo is all blur. */
  private static final double BESIDE = 4;

  private static final int STEPS = 40;

  private StraightPhoto() {}

  /** What part of the plane is drawn, in rectangles from its lower left corner. */
  private record Part(double left, double bottom, double right, double top) {}

  /**
   * Draws it.
   *
   * @param corners in pixels of the photo from its upper left corner: lower left, lower right,
   *     upper right, upper left of the rectangle
   * @param widthM of the rectangle, metres
   * @param heightM of the rectangle
   * @param at where its lower left corner lies on the sheet
   * @param stop asked now and then; what is given up is empty
   */
  public static Optional<Underlay> of(
      Underlay photo,
      List<Point> corners,
      double widthM,
      double heightM,
      Point at,
      BooleanSupplier stop)
      throws BadInputException {
    if (photo.picture().kind() == Picture.Kind.SVG) {
      throw new BadInputException("A drawing is straight already; S sets its scale.");
    }
    Perspective view =
        Perspective.ofSquare(corners)
            .orElseThrow(
                () ->
                    new BadInputException(
                        "These are not four corners one after the other; begin at the lower left"
                            + " and go round."));
    BufferedImage image = image(photo.picture());
    Part part = part(view, image.getWidth(), image.getHeight());
    double wide = (part.right() - part.left()) * widthM;
    double high = (part.top() - part.bottom()) * heightM;
    double metresAPixel = Math.max(wide, high) / SIDE_PX;
    int width = (int) Math.max(1, Math.round(wide / metresAPixel));
    int height = (int) Math.max(1, Math.round(high / metresAPixel));
    BufferedImage straight = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    for (int y = 0; y < height; y++) {
      if (stop.getAsBoolean()) {
        return Optional.empty();
      }
      double v = part.top() - (y + 0.5) / height * (part.top() - part.bottom());
      for (int x = 0; x < width; x++) {
        double u = part.left() + (x + 0.5) / width * (part.right() - part.left());
        Optional<Point> seen = view.seen(u, v);
        if (seen.isPresent()) {
          straight.setRGB(x, y, colour(image, seen.get()));
        }
      }
    }
    Picture drawn =
        new Picture(name(photo.picture()), Picture.Kind.PNG, width, height, png(straight));
    Point origin = at.plus(part.left() * widthM, part.bottom() * heightM);
    return Optional.of(new Underlay(drawn, origin, metresAPixel, 0, photo.opacityPercent(), true));
  }

  private static String name(Picture photo) {
    String stem = photo.name().replaceAll("\\.[A-Za-z]{1,4}$", "");
    return (stem.length() > 150 ? stem.substring(0, 150) : stem) + " straight.png";
  }

  private static BufferedImage image(Picture photo) throws BadInputException {
    try {
      BufferedImage read = ImageIO.read(new ByteArrayInputStream(photo.bytes()));
      if (read == null) {
        throw new BadInputException("The picture cannot be drawn; try a copy of it.");
      }
      return read;
    } catch (IOException e) {
      throw new BadInputException("The picture cannot be drawn; try a copy of it.");
    }
  }

  /** All of the plane that the photo's edge encloses, but not too far from the rectangle. */
  private static Part part(Perspective view, int width, int height) {
    List<Point> edge = new ArrayList<>();
    for (int i = 0; i <= STEPS; i++) {
      double t = i / (double) STEPS;
      view.plane(t * width, 0).ifPresent(edge::add);
      view.plane(t * width, height).ifPresent(edge::add);
      view.plane(0, t * height).ifPresent(edge::add);
      view.plane(width, t * height).ifPresent(edge::add);
    }
    double left = 0;
    double bottom = 0;
    double right = 1;
    double top = 1;
    for (Point p : edge) {
      left = Math.min(left, Math.max(-BESIDE, p.x()));
      right = Math.max(right, Math.min(1 + BESIDE, p.x()));
      bottom = Math.min(bottom, Math.max(-BESIDE, p.y()));
      top = Math.max(top, Math.min(1 + BESIDE, p.y()));
    }
    return new Part(left, bottom, right, top);
  }

  /** Between four pixels; beyond the edge nothing. */
  private static int colour(BufferedImage image, Point at) {
    double x = at.x() - 0.5;
    double y = at.y() - 0.5;
    int x0 = (int) Math.floor(x);
    int y0 = (int) Math.floor(y);
    if (x < -0.5 || y < -0.5 || x > image.getWidth() - 0.5 || y > image.getHeight() - 0.5) {
      return 0;
    }
    int xa = Math.clamp(x0, 0, image.getWidth() - 1);
    int xb = Math.clamp(x0 + 1L, 0, image.getWidth() - 1);
    int ya = Math.clamp(y0, 0, image.getHeight() - 1);
    int yb = Math.clamp(y0 + 1L, 0, image.getHeight() - 1);
    int upper = mixed(image.getRGB(xa, ya), image.getRGB(xb, ya), x - x0);
    int lower = mixed(image.getRGB(xa, yb), image.getRGB(xb, yb), x - x0);
    return mixed(upper, lower, y - y0);
  }

  private static int mixed(int a, int b, double share) {
    int mixed = 0;
    for (int shift = 0; shift < 32; shift += 8) {
      int from = (a >>> shift) & 0xFF;
      int to = (b >>> shift) & 0xFF;
      mixed |= (int) Math.round(from + (to - from) * share) << shift;
    }
    return mixed;
  }

  private static byte[] png(BufferedImage image) throws BadInputException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", bytes);
    } catch (IOException e) {
      throw new BadInputException("The picture cannot be drawn; try a copy of it.");
    }
    return bytes.toByteArray();
  }
}
