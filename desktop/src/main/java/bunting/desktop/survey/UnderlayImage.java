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
import java.util.Optional;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.Image;

/** A picture under the elevation as an image; drawings are drawn once, finely enough to zoom. */
final class UnderlayImage {
  /** A drawing is drawn with so many pixels in all, and no side longer than the other figure. */
  private static final double DRAWN_AREA = 9e6;

  private static final double DRAWN_SIDE = 7000;
  private static final double PHOTO_PX = 2400;

  private Optional<Picture> of = Optional.empty();
  private Optional<Image> image = Optional.empty();

  /** The image of a picture; empty where it cannot be drawn. */
  Optional<Image> of(Picture picture) {
    if (of.isEmpty() || !of.get().equals(picture)) {
      of = Optional.of(picture);
      image = picture.kind() == Picture.Kind.SVG ? drawn(picture) : photo(picture);
    }
    return image;
  }

  private static Optional<Image> photo(Picture picture) {
    double most = Math.max(picture.width(), picture.height());
    double share = Math.min(1, PHOTO_PX / most);
    Image image =
        new Image(
            new ByteArrayInputStream(picture.bytes()),
            picture.width() * share,
            picture.height() * share,
            true,
            true);
    return Optional.of(image).filter(i -> !i.isError());
  }

  private static Optional<Image> drawn(Picture picture) {
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
    return Optional.of(SwingFXUtils.toFXImage(buffer, null));
  }
}
