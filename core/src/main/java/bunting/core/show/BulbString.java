package bunting.core.show;

/**
 * A string of bulbs on the mains.
 *
 * @param name unique among runs and sets
 * @param bulbs how many
 * @param wattsPerBulb each
 * @param cordAmpsMax most amps of its cord, or of the fuse in its plug where that is less
 * @param lengthM length of the lit line, metres; 0 where it is not known
 * @param at where its plug is, metres
 */
public record BulbString(
    String name, int bulbs, double wattsPerBulb, double cordAmpsMax, double lengthM, Point at) {

  /** Watts of the string. */
  public double watts() {
    return bulbs * wattsPerBulb;
  }

  /**
   * Amps at a mains voltage, taken 110/120 of it to be on the safe side: watts / 110 at 120 V
   * (common practice).
   */
  public double amps(double mainsVolts) {
    return watts() / (mainsVolts * 110 / 120);
  }
}
