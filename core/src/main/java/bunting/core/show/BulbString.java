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

  /** The same under another name. */
  public BulbString withName(String other) {
    return new BulbString(other, bulbs, wattsPerBulb, cordAmpsMax, lengthM, at);
  }

  /** The same elsewhere. */
  public BulbString at(Point place) {
    return new BulbString(name, bulbs, wattsPerBulb, cordAmpsMax, lengthM, place);
  }

  /** The same with other figures. */
  public BulbString with(int count, double watts, double cordAmps, double metres) {
    return new BulbString(name, count, watts, cordAmps, metres, at);
  }

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
