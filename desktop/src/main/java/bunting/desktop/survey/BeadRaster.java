package bunting.desktop.survey;

import java.util.Arrays;
import java.util.function.IntUnaryOperator;

/**
 * Paints beads into a block of pixels: discs near by, single dots far away, where neighbours that
 * fall on one dot are painted once. 100,000 ovals on a canvas would take seconds.
 */
public final class BeadRaster {
  private static final double RADIUS_MAX = 5;

  /** Beads smaller than this are dots. */
  private static final double DOTS_BELOW = 1.2;

  private final int width;
  private final int height;
  private final int[] argb;

  /**
   * A raster over a block of its size, row by row, alpha first, not multiplied in (all is opaque or
   * clear).
   */
  public BeadRaster(int width, int height, int[] argb) {
    this.width = width;
    this.height = height;
    this.argb = argb;
  }

  /**
   * Paints all beads of a view.
   *
   * @param colours of each bead, 0xRRGGBB
   * @param edge colour around light beads, 0xRRGGBB
   * @return how many beads were painted
   */
  public int paint(Beads beads, IntUnaryOperator colours, Viewport view, int edge) {
    Arrays.fill(argb, 0);
    int painted = 0;
    for (Beads.Strip strip : beads.strips()) {
      double pitchPx = view.pxPerM() / strip.type().pitchPerM();
      double radius = Math.min(RADIUS_MAX, pitchPx * 0.42);
      if (radius < DOTS_BELOW) {
        // Light beads that run together get an edge along the whole strip, else paper swallows
        // them.
        line(beads, colours, strip, view, edge);
      }
      painted += strip(beads, colours, strip, view, radius, edge);
    }
    return painted;
  }

  private void line(
      Beads beads, IntUnaryOperator colours, Beads.Strip strip, Viewport view, int edge) {
    for (int i = strip.first(); i < strip.first() + strip.count(); i++) {
      if (!Double.isNaN(beads.x(i)) && light(colours.applyAsInt(i))) {
        int x = (int) Math.round(view.x(beads.x(i)));
        int y = (int) Math.round(view.y(beads.y(i)));
        square(x - 1, y - 1, 4, 0xFF000000 | edge);
      }
    }
  }

  private int strip(
      Beads beads,
      IntUnaryOperator colours,
      Beads.Strip strip,
      Viewport view,
      double radius,
      int edge) {
    int painted = 0;
    int lastX = Integer.MIN_VALUE;
    int lastY = Integer.MIN_VALUE;
    for (int i = strip.first(); i < strip.first() + strip.count(); i++) {
      int x = (int) Math.round(view.x(beads.x(i)));
      int y = (int) Math.round(view.y(beads.y(i)));
      boolean seen =
          !Double.isNaN(beads.x(i)) && x >= -6 && y >= -6 && x < width + 6 && y < height + 6;
      if (seen && (x != lastX || y != lastY)) {
        bead(x, y, radius, colours.applyAsInt(i), edge);
        painted++;
        lastX = x;
        lastY = y;
      }
    }
    return painted;
  }

  private void bead(int x, int y, double radius, int rgb, int edge) {
    int argbColour = 0xFF000000 | rgb;
    if (radius < DOTS_BELOW) {
      square(x, y, 2, argbColour);
      return;
    }
    if (light(rgb)) {
      disc(x, y, radius + 0.6, 0xFF000000 | edge);
      disc(x, y, Math.max(0.6, radius - 0.7), argbColour);
    } else {
      disc(x, y, radius, argbColour);
    }
  }

  private static boolean light(int rgb) {
    return ((rgb >> 16) & 0xFF) * 0.3 + ((rgb >> 8) & 0xFF) * 0.59 + (rgb & 0xFF) * 0.11 > 205;
  }

  private void square(int x, int y, int size, int colour) {
    for (int dy = 0; dy < size; dy++) {
      for (int dx = 0; dx < size; dx++) {
        dot(x + dx - 1, y + dy - 1, colour);
      }
    }
  }

  private void disc(int x, int y, double radius, int colour) {
    int r = (int) Math.ceil(radius);
    double most = radius * radius + 0.3;
    for (int dy = -r; dy <= r; dy++) {
      for (int dx = -r; dx <= r; dx++) {
        if (dx * dx + dy * dy <= most) {
          dot(x + dx, y + dy, colour);
        }
      }
    }
  }

  private void dot(int x, int y, int colour) {
    if (x >= 0 && y >= 0 && x < width && y < height) {
      argb[y * width + x] = colour;
    }
  }
}
