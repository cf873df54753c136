package bunting.core.show;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One unbroken line of a course. */
public sealed interface Strand {
  /** Its length, metres. */
  double lengthM();

  /** The point at a share of its length, 0 to 1. */
  Point at(double share);

  /** Points to draw it by; an arc as short chords. */
  List<Point> outline();

  /** The same, gone back. */
  Strand back();

  /** Whether its end meets its beginning: then the last pixel stands a pitch before the end. */
  default boolean closed() {
    return false;
  }

  /** Lengths along the strand, from its beginning, where it bends. */
  default List<Double> bendsM() {
    return List.of();
  }

  /** A straight strand from a to b, or gone back from b to a. */
  static Strand line(Point a, Point b, boolean back) {
    return new Path(back ? List.of(b, a) : List.of(a, b));
  }

  /** From corner to corner; what lies along it is found in logarithmic time. */
  final class Path implements Strand {
    private final List<Point> corners;
    private final double[] along;

    /** Through these corners. */
    public Path(List<Point> corners) {
      this.corners = List.copyOf(corners);
      along = new double[corners.size()];
      for (int i = 1; i < along.length; i++) {
        along[i] = along[i - 1] + corners.get(i - 1).distanceTo(corners.get(i));
      }
    }

    /** Its corners. */
    public List<Point> corners() {
      return corners;
    }

    @Override
    public double lengthM() {
      return along[along.length - 1];
    }

    @Override
    public Point at(double share) {
      double metres = lengthM() * share;
      if (share <= 0 || metres <= 0) {
        return corners.getFirst();
      }
      int found = Arrays.binarySearch(along, metres);
      int next = found < 0 ? -found - 1 : found;
      while (next > 1 && along[next - 1] >= metres) {
        next--; // corners in one place
      }
      return next >= along.length
          ? corners.getLast()
          : corners
              .get(next - 1)
              .towards(
                  corners.get(next), (metres - along[next - 1]) / (along[next] - along[next - 1]));
    }

    @Override
    public List<Point> outline() {
      return corners;
    }

    @Override
    public Strand back() {
      return new Path(corners.reversed());
    }

    /** A line that comes back to where it began. */
    @Override
    public boolean closed() {
      return corners.size() > 2 && corners.getFirst().equals(corners.getLast());
    }

    @Override
    public List<Double> bendsM() {
      return Arrays.stream(along, 1, Math.max(1, along.length - 1)).boxed().toList();
    }

    @Override
    public boolean equals(@Nullable Object other) {
      return other instanceof Path p && p.corners.equals(corners);
    }

    @Override
    public int hashCode() {
      return corners.hashCode();
    }

    @Override
    public String toString() {
      return "Path" + corners;
    }
  }

  /** Along a circle. */
  record Arc(Point centre, double radiusM, double startDeg, double sweepDeg) implements Strand {
    private static final double CHORD_DEG = 4;

    @Override
    public double lengthM() {
      return Math.toRadians(Math.abs(sweepDeg)) * radiusM;
    }

    @Override
    public Point at(double share) {
      double angle = Math.toRadians(startDeg + sweepDeg * share);
      return centre.plus(radiusM * Math.cos(angle), radiusM * Math.sin(angle));
    }

    @Override
    public List<Point> outline() {
      int chords = (int) Math.ceil(Math.abs(sweepDeg) / CHORD_DEG) + 1;
      List<Point> points = new ArrayList<>();
      for (int i = 0; i <= chords; i++) {
        points.add(at(i / (double) chords));
      }
      return points;
    }

    @Override
    public Strand back() {
      return new Arc(centre, radiusM, startDeg + sweepDeg, -sweepDeg);
    }

    @Override
    public boolean closed() {
      return Math.abs(sweepDeg) >= 360;
    }
  }

  /** Another one, turned about the plumb line through a point. */
  record Turned(Strand of, Point about, double turnDeg) implements Strand {
    private Point turned(Point p) {
      double angle = Math.toRadians(turnDeg);
      double dx = p.x() - about.x();
      double dz = p.z() - about.z();
      return new Point(
          about.x() + dx * Math.cos(angle) - dz * Math.sin(angle),
          p.y(),
          about.z() + dx * Math.sin(angle) + dz * Math.cos(angle));
    }

    @Override
    public double lengthM() {
      return of.lengthM();
    }

    @Override
    public Point at(double share) {
      return turned(of.at(share));
    }

    @Override
    public List<Point> outline() {
      return of.outline().stream().map(this::turned).toList();
    }

    @Override
    public Strand back() {
      return new Turned(of.back(), about, turnDeg);
    }

    @Override
    public boolean closed() {
      return of.closed();
    }

    @Override
    public List<Double> bendsM() {
      return of.bendsM();
    }
  }

  /**
   * A winding round a bar; it begins and, after whole turns, ends in front of it. Length by plain
   * geometry: a helix unrolled is a straight line.
   */
  record Helix(
      Point foot, double barM, double girthM, double turns, double directionDeg, boolean gone)
      implements Strand {
    private static final int CHORDS_A_TURN = 20;
    private static final int CHORDS_MOST = 4000;

    @Override
    public double lengthM() {
      return Math.hypot(barM, girthM * turns);
    }

    @Override
    public Point at(double share) {
      double t = gone ? 1 - share : share;
      double radius = girthM / (2 * Math.PI);
      double round = 2 * Math.PI * turns * t;
      double along = Math.toRadians(directionDeg);
      double aside = radius * Math.sin(round);
      return foot.plus(
          barM * t * Math.cos(along) - aside * Math.sin(along),
          barM * t * Math.sin(along) + aside * Math.cos(along),
          -radius * Math.cos(round));
    }

    @Override
    public List<Point> outline() {
      int chords = (int) Math.min(CHORDS_MOST, Math.ceil(turns * CHORDS_A_TURN) + 1);
      List<Point> points = new ArrayList<>();
      for (int i = 0; i <= chords; i++) {
        points.add(at(i / (double) chords));
      }
      return points;
    }

    @Override
    public Strand back() {
      return new Helix(foot, barM, girthM, turns, directionDeg, !gone);
    }
  }
}
