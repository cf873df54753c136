package bunting.core.island;

import java.util.Arrays;

/**
 * How bright each pixel of a chain is, in percent of the step from idle to full. Immutable; equal
 * where all pixels are.
 */
public final class Dimming {
  private final double percent;
  private final double[] each;

  private Dimming(double percent, double[] each) {
    this.percent = percent;
    this.each = each;
  }

  /** All alike. */
  public static Dimming of(double percent) {
    return new Dimming(percent, new double[0]);
  }

  /** Each its own, in the order of the chain. */
  public static Dimming of(double[] percents) {
    boolean alike = true;
    for (double p : percents) {
      alike &= p == percents[0];
    }
    return alike && percents.length > 0 ? of(percents[0]) : new Dimming(0, percents.clone());
  }

  /** Of the pixel of that index on the chain. */
  public double at(int index) {
    return each.length == 0 ? percent : each[index];
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Dimming d && percent == d.percent && Arrays.equals(each, d.each);
  }

  @Override
  public int hashCode() {
    return 31 * Double.hashCode(percent) + Arrays.hashCode(each);
  }
}
