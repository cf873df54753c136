package bunting.core.show;

import java.util.List;
import java.util.Optional;

/**
 * Where a run hangs and how its lead gets there.
 *
 * @param start where pixel 1 is; that of the course, where there is one
 * @param end where the last pixel is, where that is known
 * @param course the measured course; empty: a straight line
 * @param route corners of the lead as it was drawn, from the box to pixel 1, neither included;
 *     empty: by the rule for lengths
 */
public record Hanging(
    Point start, Optional<Point> end, Optional<Course> course, List<Point> route) {
  public Hanging {
    route = List.copyOf(route);
    if (course.isPresent()) {
      start = course.get().start();
      end = Optional.of(course.get().end());
    }
  }

  /** A straight line. */
  public static Hanging straight(Point start, Optional<Point> end) {
    return new Hanging(start, end, Optional.empty(), List.of());
  }

  /** Along a course. */
  public static Hanging along(Course course) {
    return new Hanging(course.start(), Optional.empty(), Optional.of(course), List.of());
  }

  /** The same with the lead drawn through these corners. */
  public Hanging withRoute(List<Point> corners) {
    return new Hanging(start, end, course, corners);
  }

  /** The same, moved. */
  public Hanging moved(double dx, double dy, double dz) {
    return new Hanging(
        start.plus(dx, dy, dz),
        end.map(e -> e.plus(dx, dy, dz)),
        course.map(c -> c.moved(dx, dy, dz)),
        route);
  }
}
