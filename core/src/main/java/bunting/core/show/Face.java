package bunting.core.show;

import java.util.Optional;

/**
 * A vertical sheet that stands somewhere on the plan of the site: a wall, a roof's edge, the side
 * of a stage. Seen from outside it begins at the left.
 *
 * @param name unique, and not {@link #FRONT}
 * @param fromX where it begins, metres
 * @param fromZ where it begins, away from the front, metres
 * @param toX where it ends
 * @param toZ where it ends, away from the front
 * @param underlay a picture to trace on, laid on this face
 */
public record Face(
    String name, double fromX, double fromZ, double toX, double toZ, Optional<Underlay> underlay) {
  /** What the sheet is called that every site has, with no depth. */
  public static final String FRONT = "Front";

  /** A face is no narrower, metres. */
  public static final double LEAST_M = 0.01;

  /** There is one nought: the one below it would not come back from a file. */
  public Face {
    fromX += 0.0;
    fromZ += 0.0;
    toX += 0.0;
    toZ += 0.0;
  }

  /** Without a picture. */
  public Face(String name, double fromX, double fromZ, double toX, double toZ) {
    this(name, fromX, fromZ, toX, toZ, Optional.empty());
  }

  /** How wide it is, metres. */
  public double widthM() {
    return Math.hypot(toX - fromX, toZ - fromZ);
  }

  /** How it is turned from the front, degrees, seen from above, counter-clockwise. */
  public double turnDeg() {
    return Math.toDegrees(Math.atan2(toZ - fromZ, toX - fromX));
  }

  /** The same under another name. */
  public Face withName(String other) {
    return new Face(other, fromX, fromZ, toX, toZ, underlay);
  }

  /** The same with another picture, or none. */
  public Face withUnderlay(Optional<Underlay> other) {
    return new Face(name, fromX, fromZ, toX, toZ, other);
  }

  /** The same between other corners. */
  public Face between(double x1, double z1, double x2, double z2) {
    return new Face(name, x1, z1, x2, z2, underlay);
  }
}
