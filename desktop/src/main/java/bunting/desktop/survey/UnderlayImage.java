package bunting.desktop.survey;

import bunting.core.show.Picture;
import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.Image;

/**
 * A picture under the elevation as images: drawings are drawn once, finely enough to zoom; then
 * each is halved again and again, so that lines do not fall to pieces when it is shown small.
 */
final class UnderlayImage {
  /** A drawing is drawn with so many pixels in all, and no side longer than the other figure. */
  private static final double DRAWN_AREA = 9e6;

  private static final double DRAWN_SIDE = 7000;
  private static final double PHOTO_PX = 2400;
  private static final int SMALLEST_PX = 200;

  private Optional<Picture> of = Optional.empty();
  private final List<Image> levels = new ArrayList<>();

  /**
   * The image of a picture that suits a width on the screen; empty where it cannot be drawn.
   *
   * @param px width on the screen
   */
  Optional<Image> of(Picture picture, double px) {
    if (of.isEmpty() || !of.get().equals(picture)) {
      of = Optional.of(picture);
      levels.clear();
      (picture.kind() == Picture.Kind.SVG ? drawn(picture) : photo(picture)).ifPresent(this::halve);
    }
    Optional<Image> best = levels.stream().findFirst();
    for (Image level : levels) {
      best = level.getWidth() >= px ? Optional.of(level) : best;
    }
    return best;
  }

  private void halve(BufferedImage full) {
    BufferedImage level = full;
    levels.add(SwingFXUtils.toFXImage(level, null));
    while (level.getWidth() > SMALLEST_PX && level.getHeight() > 1) {
      BufferedImage half =
          new BufferedImage(
              Math.max(1, level.getWidth() / 2),
              Math.max(1, level.getHeight() / 2),
              BufferedImage.TYPE_INT_ARGB);
      Graphics2D g = half.createGraphics();
      g.setRenderingHint(
          RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
      g.drawImage(level, 0, 0, half.getWidth(), half.getHeight(), null);
      g.dispose();
      level = half;
      levels.add(SwingFXUtils.toFXImage(level, null));
    }
  }

  private static Optional<BufferedImage> photo(Picture picture) {
    double most = Math.max(picture.width(), picture.height());
    double share = Math.min(1, PHOTO_PX / most);
    Image image =
        new Image(
            new ByteArrayInputStream(picture.bytes()),
            picture.width() * share,
            picture.height() * share,
            true,
            true);
    return image.isError() ? Optional.empty() : Optional.of(SwingFXUtils.fromFXImage(image, null));
  }

  private static Optional<BufferedImage> drawn(Picture picture) {
    SVGDocument drawing =
        new SVGLoader()
            .load(new ByteArrayInputStream(picture.bytes()), null, LoaderContext.createDefault());
    if (drawing == null) {
      return Optional.empty();
    }
    double share =
        Math.min(
            Math.sqrt(DRAWN_AREA / picture.width() / picture.height()),
            DRAWN_SIDE / Math.max(picture.width(), picture.height()));
    int width = (int) Math.max(1, Math.round(picture.width() * share));
    int height = (int) Math.max(1, Math.round(picture.height() * share));
    BufferedImage buffer = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = buffer.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    drawing.render((java.awt.Component) null, g, new ViewBox(width, height));
    g.dispose();
    return Optional.of(buffer);
  }
}
