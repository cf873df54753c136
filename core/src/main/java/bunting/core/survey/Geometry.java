package bunting.core.survey;

import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** Where pixels are and how long cables are, by the one rule for lengths. Metres throughout. */
public final class Geometry {
  /** Slack at a box: a cable from it is this much longer than the way along the axes. */
  private static final double BOX_SLACK_M = 1.0;

  /** Slack between one segment's last pixel and the next one's first. */
  private static final double JOINT_SLACK_M = 0.5;

  private static final BigDecimal METRES_PER_FOOT = new BigDecimal("0.3048");

  private Geometry() {}

  /** Where a pixel (from 1) of a run is. Pixels lie evenly between the ends. */
  public static Point pixel(Run run, PixelType type, int pixel) {
    Point end = end(run, type);
    double share = run.pixels() == 1 ? 0 : (pixel - 1) / (double) (run.pixels() - 1);
    return new Point(
        run.start().x() + (end.x() - run.start().x()) * share,
        run.start().y() + (end.y() - run.start().y()) * share);
  }

  /** Where the last pixel is; where it was not given, (pixels - 1) / pitch metres to the right. */
  public static Point end(Run run, PixelType type) {
    return run.end()
        .orElseGet(
            () ->
                new Point(
                    run.start().x() + (run.pixels() - 1) / type.pitchPerM(), run.start().y()));
  }

  /** Cable from a box to a pixel of a run; a measured lead holds for pixel 1. */
  public static double boxToPixel(Point box, Run run, PixelType type, int pixel) {
    if (pixel == 1 && run.leadM().isPresent()) {
      return run.leadM().getAsDouble();
    }
    return box.cableTo(pixel(run, type, pixel)) + BOX_SLACK_M;
  }

  /** Cable from one segment's last pixel to the next one's first. */
  public static double joint(Point lastPixel, Point firstPixel) {
    return lastPixel.cableTo(firstPixel) + JOINT_SLACK_M;
  }

  /**
   * Pixels of a measured length: length x pitch in decimals, rounded down to a whole cut unit.
   *
   * @return the count, possibly 0
   * @throws ArithmeticException if it does not fit an int
   */
  public static int pixelsOf(BigDecimal metres, double pitchPerM, int cutEvery) {
    BigDecimal pixels = metres.multiply(BigDecimal.valueOf(pitchPerM));
    BigDecimal units = pixels.divide(BigDecimal.valueOf(cutEvery), 0, RoundingMode.FLOOR);
    return units.multiply(BigDecimal.valueOf(cutEvery)).intValueExact();
  }

  /** Feet in metres, exactly. */
  public static BigDecimal metresOfFeet(BigDecimal feet) {
    return feet.multiply(METRES_PER_FOOT);
  }
}
