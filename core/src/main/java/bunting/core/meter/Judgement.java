package bunting.core.meter;

import bunting.core.show.Texts;

/** What one reading tells beside what was expected. */
public enum Judgement {
  /** As expected. */
  RIGHT,
  /** Too few volts. */
  LOW,
  /** Too many volts. */
  HIGH;

  /** Meters, contacts and warm copper: so much of the nominal volts is no news. */
  private static final double TOLERANCE_SHARE = 0.015;

  private static final double TOLERANCE_LEAST_VOLTS = 0.05;

  /** A clamp meter and what pixels differ among themselves (common practice, no source). */
  private static final double AMPS_SHARE = 0.05;

  private static final double AMPS_LEAST = 0.1;

  /** Judges amps. */
  public static Judgement ofAmps(double expected, double read) {
    double tolerance = Math.max(AMPS_LEAST, AMPS_SHARE * expected);
    return Math.abs(read - expected) <= tolerance ? RIGHT : read < expected ? LOW : HIGH;
  }

  /** The same in words, with by how much. */
  public static String ampsText(double expected, double read) {
    String off = Texts.fixed(Math.abs(read - expected), 2) + " A ";
    return switch (ofAmps(expected, read)) {
      case RIGHT -> "right";
      case LOW -> off + "less";
      case HIGH -> off + "more";
    };
  }

  /** Judges a reading. */
  public static Judgement of(double expected, double nominal, double read) {
    double tolerance = Math.max(TOLERANCE_LEAST_VOLTS, TOLERANCE_SHARE * nominal);
    return Math.abs(read - expected) <= tolerance ? RIGHT : read < expected ? LOW : HIGH;
  }

  /** The same in words, with by how much. */
  public static String text(double expected, double nominal, double read) {
    String off = Texts.fixed(Math.abs(read - expected), 2) + " V ";
    return switch (of(expected, nominal, read)) {
      case RIGHT -> "right";
      case LOW -> off + "low";
      case HIGH -> off + "high";
    };
  }
}
