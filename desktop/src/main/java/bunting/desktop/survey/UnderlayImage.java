package bunting.desktop.survey;

import bunting.core.show.Picture;
import bunting.desktop.session.Background;
import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.renderer.NullPlatformSupport;
import com.github.weisj.jsvg.renderer.output.Output;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.Image;
import javafx.util.Duration;

/**
 * A picture under the elevation as images: drawings are drawn once, finely enough to zoom; then
 * each is halved again and again, so that lines do not fall to pieces when it is shown small. All
 * that is done beside the interface; what takes too long is given up and told.
 */
final class UnderlayImage {
  /** A drawing is drawn with so many pixels in all, and no side longer than the other figure. */
  private static final double DRAWN_AREA = 9e6;

  private static final double DRAWN_SIDE = 7000;
  private static final double PHOTO_PX = 2400;
  private static final int SMALLEST_PX = 200;

  /** What is not drawn by then is given up. */
  private static final Duration PATIENCE = Duration.seconds(15);

  private final Background.Lane lane;
  private final Runnable arrived;
  private final Consumer<String> say;
  private final PauseTransition patience;
  private Optional<Picture> of = Optional.empty();
  private List<Image> levels = List.of();

  /**
   * @param arrived called when there is something to paint
   * @param say takes a sentence where a picture cannot be drawn
   */
  UnderlayImage(Background background, Runnable arrived, Consumer<String> say) {
    this(background, arrived, say, PATIENCE);
  }

  UnderlayImage(Background background, Runnable arrived, Consumer<String> say, Duration longest) {
    this.lane = background.lane();
    this.arrived = arrived;
    this.say = say;
    this.patience = new PauseTransition(longest);
    patience.setOnFinished(
        e -> {
          if (lane.busy()) {
            stop("takes too long to draw");
          }
        });
  }

  /** Whether a picture is being drawn. */
  boolean busy() {
    return lane.busy();
  }

  /** Gives up what is being drawn. */
  void stop() {
    if (lane.busy()) {
      stop("is not drawn");
    }
  }

  private void stop(String what) {
    lane.abandon();
    say.accept(
        "The picture "
            + of.map(Picture::name).orElse("")
            + " "
            + what
            + " and is not shown; it stays in the show. Save it simpler, as PNG for example.");
  }

  /**
   * The image of a picture that suits a width on the screen; empty while it is being drawn, and
   * where it cannot be.
   *
   * @param px width on the screen
   */
  Optional<Image> of(Picture picture, double px) {
    if (of.isEmpty() || !of.get().equals(picture)) {
      draw(picture);
    }
    Optional<Image> best = levels.stream().findFirst();
    for (Image level : levels) {
      best = level.getWidth() >= px ? Optional.of(level) : best;
    }
    return best;
  }

  private void draw(Picture picture) {
    of = Optional.of(picture);
    levels = List.of();
    patience.playFromStart();
    lane.submit(
        "drawing the picture",
        job -> halved(picture.kind() == Picture.Kind.SVG ? drawn(picture, job) : photo(picture)),
        images -> {
          patience.stop();
          levels = images;
          if (images.isEmpty()) {
            say.accept("The picture " + picture.name() + " cannot be drawn; try a copy of it.");
          }
          arrived.run();
        },
        why -> {
          patience.stop();
          say.accept("The picture " + picture.name() + " cannot be drawn. " + why);
        });
  }

  private static List<Image> halved(Optional<BufferedImage> full) {
    List<Image> levels = new ArrayList<>();
    Optional<BufferedImage> next = full;
    while (next.isPresent()) {
      BufferedImage level = next.get();
      levels.add(SwingFXUtils.toFXImage(level, null));
      boolean more = level.getWidth() > SMALLEST_PX && level.getHeight() > 1;
      next = more ? Optional.of(half(level)) : Optional.empty();
    }
    return levels;
  }

  private static BufferedImage half(BufferedImage level) {
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
    return half;
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

  private static Optional<BufferedImage> drawn(Picture picture, Background.Job job) {
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
    drawing.renderWithPlatform(
        NullPlatformSupport.INSTANCE,
        new GuardedOutput(Output.createForGraphics(g), job::stopped),
        new ViewBox(width, height));
    g.dispose();
    return Optional.of(buffer);
  }
}
