package bunting.core.show;

import java.util.List;
import java.util.stream.IntStream;

/**
 * How a run hangs, measured, in metres on the elevation. A course is one or more strands; data goes
 * through them in order, and from one strand to the next over a jumper. The closed forms (arc
 * length, parallel lines) are plain geometry.
 */
public sealed interface Course {
  /** Most strands of one course. */
  int STRANDS_MAX = 1_000;

  /** Most corners of a traced course, or of a lead. */
  int CORNERS_MAX = 2_000;

  /** How many strands it has. */
  int strandCount();

  /** Returns a strand, from 0, in the order of the data; in constant time. */
  Strand strand(int index);

  /** Its strands, in the order of the data. */
  default List<Strand> strands() {
    return IntStream.range(0, strandCount()).mapToObj(this::strand).toList();
  }

  /** Measured length of all strands, without jumpers, metres. */
  default double lengthM() {
    return strands().stream().mapToDouble(Strand::lengthM).sum();
  }

  /** Where pixel 1 is. */
  default Point start() {
    return strand(0).at(0);
  }

  /** Where the last strand ends. */
  default Point end() {
    return strand(strandCount() - 1).at(1);
  }

  /** The same, moved by so many metres. */
  Course moved(double dx, double dy, double dz);

  /** The point that it is laid out about: a centre, a hub, or where it begins. */
  default Point anchor() {
    return start();
  }

  /** The same from its other end: the last strand first, each gone back. */
  default Course back() {
    return new Back(this);
  }

  /** A course gone back, where its kind has no way of its own to say so. */
  record Back(Course of) implements Course {
    @Override
    public int strandCount() {
      return of.strandCount();
    }

    @Override
    public Strand strand(int index) {
      return of.strand(of.strandCount() - 1 - index).back();
    }

    @Override
    public Course moved(double dx, double dy, double dz) {
      return new Back(of.moved(dx, dy, dz));
    }

    @Override
    public Course back() {
      return of;
    }

    @Override
    public Point anchor() {
      return of.anchor();
    }
  }

  /**
   * From corner to corner.
   *
   * @param path at least two corners, the feed end first
   */
  record Traced(Strand.Path path) implements Course {
    public Traced {
      if (path.corners().size() < 2) {
        throw new IllegalArgumentException("a traced run has at least two corners");
      }
    }

    /** Through these corners, at least two, the feed end first. */
    public Traced(List<Point> corners) {
      this(new Strand.Path(corners));
    }

    /** Its corners, the feed end first. */
    public List<Point> corners() {
      return path.corners();
    }

    @Override
    public int strandCount() {
      return 1;
    }

    @Override
    public Strand strand(int index) {
      return path;
    }

    @Override
    public Course back() {
      return new Traced(corners().reversed());
    }

    @Override
    public Course moved(double dx, double dy, double dz) {
      return new Traced(corners().stream().map(p -> p.plus(dx, dy, dz)).toList());
    }
  }

  /**
   * A ring or a part of one.
   *
   * @param startDeg where pixel 1 is, degrees from the right, counter-clockwise
   * @param sweepDeg how far it goes, counter-clockwise positive, 360 for a whole ring
   */
  record Ring(Point centre, double radiusM, double startDeg, double sweepDeg) implements Course {
    @Override
    public Point anchor() {
      return centre;
    }

    @Override
    public int strandCount() {
      return 1;
    }

    @Override
    public Strand strand(int index) {
      return new Strand.Arc(centre, radiusM, startDeg, sweepDeg);
    }

    @Override
    public Course back() {
      return new Ring(centre, radiusM, startDeg + sweepDeg, -sweepDeg);
    }

    @Override
    public Course moved(double dx, double dy, double dz) {
      return new Ring(centre.plus(dx, dy, dz), radiusM, startDeg, sweepDeg);
    }
  }

  /**
   * Parallel lines of one length: a curtain, a panel, verticals that hang from a beam.
   *
   * @param corner where pixel 1 is
   * @param lines how many
   * @param lineM length of a line
   * @param gapM from line to line
   * @param directionDeg where the first line goes, degrees from the right, counter-clockwise; the
   *     lines follow each other at a right angle to it: to the right of lines that go down or up,
   *     above lines that go to the right or to the left
   * @param serpentine every other line is gone back, so that jumpers are short; else each line
   *     begins at the same side
   */
  record Grid(
      Point corner, int lines, double lineM, double gapM, double directionDeg, boolean serpentine)
      implements Course {
    @Override
    public int strandCount() {
      return lines;
    }

    @Override
    public Strand strand(int index) {
      double along = Math.toRadians(directionDeg);
      double sx = -Math.sin(along) * gapM;
      double sy = Math.cos(along) * gapM;
      boolean turn = Math.abs(sx) > Math.abs(sy) ? sx < 0 : sy < 0;
      double k = turn ? -index : index;
      Point a = corner.plus(sx * k, sy * k);
      Point b = a.plus(Math.cos(along) * lineM, Math.sin(along) * lineM);
      return Strand.line(a, b, serpentine && index % 2 == 1);
    }

    @Override
    public Course moved(double dx, double dy, double dz) {
      return new Grid(corner.plus(dx, dy, dz), lines, lineM, gapM, directionDeg, serpentine);
    }
  }

  /**
   * Lines from a centre outwards.
   *
   * @param innerM where each begins, metres from the centre
   * @param outerM where each ends
   * @param startDeg direction of the first, degrees from the right, counter-clockwise
   * @param serpentine every other spoke is gone back; else each begins at the hub
   */
  record Spokes(
      Point centre, int count, double innerM, double outerM, double startDeg, boolean serpentine)
      implements Course {
    @Override
    public Point anchor() {
      return centre;
    }

    @Override
    public int strandCount() {
      return count;
    }

    @Override
    public Strand strand(int index) {
      double angle = Math.toRadians(startDeg + 360.0 * index / count);
      double x = Math.cos(angle);
      double y = Math.sin(angle);
      Point a = centre.plus(x * innerM, y * innerM);
      Point b = centre.plus(x * outerM, y * outerM);
      return Strand.line(a, b, serpentine && index % 2 == 1);
    }

    @Override
    public Course moved(double dx, double dy, double dz) {
      return new Spokes(centre.plus(dx, dy, dz), count, innerM, outerM, startDeg, serpentine);
    }
  }

  /**
   * A shape that does not face the front: turned about the plumb line through its anchor.
   *
   * @param flat as it would hang on the front
   * @param turnDeg degrees from the front, seen from above, counter-clockwise with z upwards
   */
  record Facing(Course flat, double turnDeg) implements Course {
    @Override
    public int strandCount() {
      return flat.strandCount();
    }

    @Override
    public Strand strand(int index) {
      return new Strand.Turned(flat.strand(index), flat.anchor(), turnDeg);
    }

    @Override
    public Course back() {
      return new Facing(flat.back(), turnDeg);
    }

    @Override
    public Course moved(double dx, double dy, double dz) {
      return new Facing(flat.moved(dx, dy, dz), turnDeg);
    }

    @Override
    public Point anchor() {
      return flat.anchor();
    }
  }

  /**
   * Wound round a bar or a trunk in even turns. Its length is that of the helix, the hypotenuse of
   * the bar and all turns laid flat.
   *
   * @param foot where the winding begins on the bar's axis
   * @param barM so much of the bar is wound
   * @param girthM once round it
   * @param turns how often it goes round
   * @param directionDeg where the bar goes, degrees from the right, counter-clockwise: 90 is up
   */
  record Wrap(Point foot, double barM, double girthM, double turns, double directionDeg)
      implements Course {
    @Override
    public int strandCount() {
      return 1;
    }

    @Override
    public Strand strand(int index) {
      return new Strand.Helix(foot, barM, girthM, turns, directionDeg, false);
    }

    @Override
    public Course moved(double dx, double dy, double dz) {
      return new Wrap(foot.plus(dx, dy, dz), barM, girthM, turns, directionDeg);
    }

    /** From turn to turn along the bar, metres. */
    public double pitchM() {
      return barM / turns;
    }

    @Override
    public Point anchor() {
      return foot;
    }
  }
}
