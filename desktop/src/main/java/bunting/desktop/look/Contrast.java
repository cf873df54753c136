package bunting.desktop.look;

import javafx.scene.paint.Color;

/** How well one colour is read on another (WCAG 2.1, contrast ratio; from memory). */
public final class Contrast {
  /** What text needs at least (WCAG 2.1, 1.4.3, level AA, text of usual size). */
  public static final double AA = 4.5;

  private static final Color DARK = Color.web("#14202a");

  private Contrast() {}

  /** From 1, the same, to 21, black on white. */
  public static double ratio(Color a, Color b) {
    double x = luminance(a) + 0.05;
    double y = luminance(b) + 0.05;
    return Math.max(x, y) / Math.min(x, y);
  }

  /** Dark or white, whichever is read better. */
  public static Color inkOn(Color ground) {
    return ratio(DARK, ground) >= ratio(Color.WHITE, ground) ? DARK : Color.WHITE;
  }

  private static double luminance(Color c) {
    return 0.2126 * linear(c.getRed())
        + 0.7152 * linear(c.getGreen())
        + 0.0722 * linear(c.getBlue());
  }

  private static double linear(double v) {
    return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
  }
}
