package bunting.testkit;

import java.util.Set;
import java.util.TreeSet;

/** Places along corners, worked out apart from the planner. */
final class Corners {
  private Corners() {}

  /** The corners of {@code 0 0; 4 0; 4 2.5} and how far along each lies, as {x, y, metres}. */
  private static double[][] corners(String course) {
    String[] texts = course.split(";", -1);
    double[][] corners = new double[texts.length][];
    for (int i = 0; i < texts.length; i++) {
      String[] xy = texts[i].strip().split(" ", -1);
      corners[i] = new double[] {Double.parseDouble(xy[0]), Double.parseDouble(xy[1]), 0};
      if (i > 0) {
        double dx = corners[i][0] - corners[i - 1][0];
        double dy = corners[i][1] - corners[i - 1][1];
        corners[i][2] = corners[i - 1][2] + Math.sqrt(dx * dx + dy * dy);
      }
    }
    return corners;
  }

  /** Whether corners end where they began: a whole ring, whose last pixel is a pitch before. */
  static boolean closed(String course) {
    double[][] corners = corners(course);
    double[] last = corners[corners.length - 1];
    return corners.length > 2 && corners[0][0] == last[0] && corners[0][1] == last[1];
  }

  /** The last pixels before the corners of a strip, which is cut at every {@code cut} pixels. */
  static Set<Integer> cutAfter(String course, int pixels, int cut) {
    double[][] corners = corners(course);
    double all = corners[corners.length - 1][2];
    Set<Integer> after = new TreeSet<>();
    for (int i = 1; i < corners.length - 1; i++) {
      int pixel = (int) Math.floor(corners[i][2] / all * pixels + 1e-6) / cut * cut;
      if (pixel > 0 && pixel < pixels) {
        after.add(pixel);
      }
    }
    return after;
  }

  /** The point at a share of the way along corners such as {@code 0 0; 4 0; 4 2.5}. */
  static double[] at(String course, double share) {
    double[][] corners = corners(course);
    double wanted = share * corners[corners.length - 1][2];
    int leg = 1;
    while (leg < corners.length - 1 && corners[leg][2] < wanted) {
      leg++;
    }
    double length = corners[leg][2] - corners[leg - 1][2];
    double t = length == 0 ? 0 : (wanted - corners[leg - 1][2]) / length;
    return new double[] {
      corners[leg - 1][0] + t * (corners[leg][0] - corners[leg - 1][0]),
      corners[leg - 1][1] + t * (corners[leg][1] - corners[leg - 1][1])
    };
  }
}
