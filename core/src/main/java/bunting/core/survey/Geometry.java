package bunting.core.survey;

import bunting.core.show.Course;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Strand;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.OptionalInt;

/** Where pixels are and how long cables are, by the one rule for lengths. Metres throughout. */
public final class Geometry {
  /** Slack at a box: a cable from it is this much longer than the way along the axes. */
  public static final double BOX_SLACK_M = 1.0;

  /** Slack between one segment's last pixel and the next one's first. */
  private static final double JOINT_SLACK_M = 0.5;

  private static final BigDecimal METRES_PER_FOOT = new BigDecimal("0.3048");

  private Geometry() {}

  /**
   * Where a pixel (from 1) of a run is. Pixels lie evenly between the ends of a straight run or of
   * each strand of a course; on a whole ring the last stands a pitch before the first.
   */
  public static Point pixel(Run run, PixelType type, int pixel) {
    if (run.hanging().course().isPresent()) {
      return onCourse(run.hanging().course().get(), run.pixels(), pixel);
    }
    Point end = end(run, type);
    double share = run.pixels() == 1 ? 0 : (pixel - 1) / (double) (run.pixels() - 1);
    return run.start().towards(end, share);
  }

  private static Point onCourse(Course course, int pixels, int pixel) {
    if (pixel > pixels) {
      return course.end();
    }
    OnStrand at = onStrand(pixels, course.strandCount(), pixel);
    Strand strand = course.strand(at.strand());
    return strand.at(share(strand, at.pixels(), pixel - at.first() + 1));
  }

  private static double share(Strand strand, int pixels, int pixel) {
    int gaps = strand.closed() ? pixels : pixels - 1;
    return gaps == 0 ? 0 : (pixel - 1) / (double) gaps;
  }

  /** Pixels on a strand (from 0) of so many: alike, the first ones one more where it must be. */
  public static int pixelsOnStrand(int pixels, int strands, int strand) {
    return pixels / strands + (strand < pixels % strands ? 1 : 0);
  }

  /**
   * A strand as a pixel of it finds it.
   *
   * @param strand its index, from 0
   * @param first its first pixel, in the run's numbering
   * @param pixels how many are on it, at least 1
   */
  public record OnStrand(int strand, int first, int pixels) {}

  /**
   * Returns the strand of a pixel, in constant time.
   *
   * @param pixels of the run
   * @param strands of its course
   * @param pixel from 1 to {@code pixels}
   */
  public static OnStrand onStrand(int pixels, int strands, int pixel) {
    int each = pixels / strands;
    int longer = pixels % strands;
    int onLonger = longer * (each + 1);
    int strand =
        pixel <= onLonger ? (pixel - 1) / (each + 1) : longer + (pixel - 1 - onLonger) / each;
    int first = strand * each + Math.min(strand, longer) + 1;
    return new OnStrand(strand, first, pixelsOnStrand(pixels, strands, strand));
  }

  /**
   * Where all pixels of a run are.
   *
   * @return x, y and z of each pixel in turn, metres
   */
  public static double[] pixels(Run run, PixelType type) {
    double[] places = new double[run.pixels() * 3];
    int at = 0;
    Point end = end(run, type);
    List<Strand> strands =
        run.hanging()
            .course()
            .map(Course::strands)
            .orElseGet(() -> List.of(Strand.line(run.start(), end, false)));
    for (int i = 0; i < strands.size(); i++) {
      int here = pixelsOnStrand(run.pixels(), strands.size(), i);
      for (int pixel = 1; pixel <= here; pixel++) {
        Point p = strands.get(i).at(share(strands.get(i), here, pixel));
        places[at++] = p.x();
        places[at++] = p.y();
        places[at++] = p.z();
      }
    }
    return places;
  }

  /** Where the last pixel is; where it was not given, (pixels - 1) / pitch metres to the right. */
  public static Point end(Run run, PixelType type) {
    if (run.hanging().course().isPresent()) {
      return pixel(run, type, run.pixels());
    }
    return run.end().orElseGet(() -> run.start().plus((run.pixels() - 1) / type.pitchPerM(), 0));
  }

  /** Lines to draw a run by, one a strand. */
  public static List<List<Point>> outlines(Run run, PixelType type) {
    return run.hanging()
        .course()
        .map(c -> c.strands().stream().map(Strand::outline).toList())
        .orElseGet(() -> List.of(List.of(run.start(), end(run, type))));
  }

  /** Length of a run: measured by tape, else as drawn, else pixels / pitch; metres. */
  public static double lengthM(Run run, PixelType type) {
    return run.lengthM()
        .orElseGet(
            () ->
                run.hanging()
                    .course()
                    .map(Course::lengthM)
                    .orElse(run.pixels() / type.pitchPerM()));
  }

  /**
   * Cable from a box to a pixel of a run. For pixel 1 a measured lead holds, else one that was
   * drawn (box, corners, pixel 1, as the crow flies, and the slack at the box).
   */
  public static double boxToPixel(Point box, Run run, PixelType type, int pixel) {
    if (pixel == 1 && run.leadM().isPresent()) {
      return run.leadM().getAsDouble();
    }
    if (pixel == 1 && !run.hanging().route().isEmpty()) {
      return routeM(box, run.hanging().route(), run.start()) + BOX_SLACK_M;
    }
    return box.cableTo(pixel(run, type, pixel)) + BOX_SLACK_M;
  }

  private static double routeM(Point box, List<Point> corners, Point to) {
    double sum = 0;
    Point last = box;
    for (Point corner : corners) {
      sum += last.distanceTo(corner);
      last = corner;
    }
    return sum + last.distanceTo(to);
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

  /**
   * Pixels of a course: each strand rounded down to a whole cut unit.
   *
   * @throws ArithmeticException if it does not fit an int
   */
  public static int pixelsOf(Course course, PixelType type) {
    int sum = 0;
    for (Strand strand : course.strands()) {
      // A tenth of a millimetre more, so that a measure that was drawn is not one pixel short.
      BigDecimal metres = BigDecimal.valueOf(strand.lengthM() + 1e-4);
      sum = Math.addExact(sum, pixelsOf(metres, type.pitchPerM(), type.cutEvery()));
    }
    return sum;
  }

  /** Pixels of a measured length; empty where that is none, or more than a run may have. */
  public static OptionalInt countOf(double metres, PixelType type) {
    if (metres * type.pitchPerM() > Run.PIXELS_MAX + 1.0) {
      return OptionalInt.empty();
    }
    int count = pixelsOf(BigDecimal.valueOf(metres), type.pitchPerM(), type.cutEvery());
    return count >= 1 && count <= Run.PIXELS_MAX ? OptionalInt.of(count) : OptionalInt.empty();
  }

  /** Feet in metres, exactly. */
  public static BigDecimal metresOfFeet(BigDecimal feet) {
    return feet.multiply(METRES_PER_FOOT);
  }
}
