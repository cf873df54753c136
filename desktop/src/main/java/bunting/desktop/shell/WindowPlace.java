package bunting.desktop.shell;

import bunting.desktop.session.Preferences;
import bunting.files.UserPreferences;
import java.util.List;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;

/** Where the window stands: where it stood last, within a screen that is there. */
final class WindowPlace {
  /** What the window is made for; with its frame it may be larger than a small screen. */
  static final double WIDTH = 1280;

  static final double HEIGHT = 800;
  static final double LEAST_WIDTH = 1000;
  static final double LEAST_HEIGHT = 640;

  /** So much of a window is always on a screen, that it can be taken hold of. */
  private static final double IN_SIGHT = 120;

  private WindowPlace() {}

  /** Puts a stage in its place and remembers where it is when it closes. */
  static void keep(Stage stage, Preferences preferences) {
    List<Rectangle2D> screens = Screen.getScreens().stream().map(Screen::getVisualBounds).toList();
    stage.setMinWidth(LEAST_WIDTH);
    stage.setMinHeight(LEAST_HEIGHT);
    preferences
        .get()
        .place()
        .ifPresentOrElse(
            p -> {
              Rectangle2D at =
                  within(new Rectangle2D(p.x(), p.y(), p.width(), p.height()), screens);
              stage.setX(at.getMinX());
              stage.setY(at.getMinY());
              stage.setWidth(at.getWidth());
              stage.setHeight(at.getHeight());
              stage.setMaximized(p.filled());
            },
            () -> firstTime(stage, Screen.getPrimary().getVisualBounds()));
  }

  /** A screen that the usual size does not fit on is filled. */
  private static void firstTime(Stage stage, Rectangle2D screen) {
    if (screen.getWidth() < WIDTH + 1 || screen.getHeight() < HEIGHT + 40) {
      Rectangle2D at = within(new Rectangle2D(0, 0, WIDTH, HEIGHT + 40), List.of(screen));
      stage.setX(at.getMinX());
      stage.setY(at.getMinY());
      stage.setWidth(at.getWidth());
      stage.setHeight(at.getHeight());
    }
  }

  /** The place on the screen that has most of it, and no larger; pure. */
  static Rectangle2D within(Rectangle2D window, List<Rectangle2D> screens) {
    Rectangle2D best = screens.getFirst();
    double most = -1;
    for (Rectangle2D s : screens) {
      double shared = overlap(window, s);
      if (shared > most) {
        most = shared;
        best = s;
      }
    }
    double width = Math.min(window.getWidth(), best.getWidth());
    double height = Math.min(window.getHeight(), best.getHeight());
    boolean lost = most < IN_SIGHT * IN_SIGHT;
    double x = lost ? best.getMinX() : window.getMinX();
    double y = lost ? best.getMinY() : window.getMinY();
    return new Rectangle2D(
        Math.clamp(x, best.getMinX(), best.getMaxX() - width),
        Math.clamp(y, best.getMinY(), best.getMaxY() - height),
        width,
        height);
  }

  private static double overlap(Rectangle2D a, Rectangle2D b) {
    double w = Math.min(a.getMaxX(), b.getMaxX()) - Math.max(a.getMinX(), b.getMinX());
    double h = Math.min(a.getMaxY(), b.getMaxY()) - Math.max(a.getMinY(), b.getMinY());
    return Math.max(0, w) * Math.max(0, h);
  }

  /** Remembers where a stage stands. */
  static void remember(Stage stage, Preferences preferences) {
    if (!Double.isNaN(stage.getX()) && !Double.isNaN(stage.getWidth())) {
      preferences.change(
          p ->
              p.withPlace(
                  new UserPreferences.Place(
                      stage.getX(),
                      stage.getY(),
                      stage.getWidth(),
                      stage.getHeight(),
                      stage.isMaximized())));
    }
  }
}
