package bunting.core.dc;

/**
 * What a source holds its two poles at, volts above the ground of the supply: a supply's own are at
 * its volts and at 0, a board's terminals have lost some on either way.
 */
public record Poles(double plus, double ground) {
  /** Of a supply. */
  public static Poles supply(double volts) {
    return new Poles(volts, 0);
  }

  /** Volts halfway between them: where this differs, current goes from source to source. */
  double middle() {
    return (plus + ground) / 2;
  }

  /** Volts across them. */
  public double across() {
    return plus - ground;
  }
}
