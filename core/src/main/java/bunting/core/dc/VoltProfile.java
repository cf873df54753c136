package bunting.core.dc;

/** Volts along pixels, index from 0. Immutable. */
public final class VoltProfile {
  /**
   * Volts that differ by less are equal: far below the 0.1 mV that is shown, far above rounding.
   */
  private static final double EQUAL_VOLTS = 1e-9;

  private final double[] volts;
  private final int from;
  private final int size;

  VoltProfile(double[] volts, int from, int size) {
    this.volts = volts;
    this.from = from;
    this.size = size;
  }

  /** A profile of its own copy of these. */
  public static VoltProfile of(double... volts) {
    return new VoltProfile(volts.clone(), 0, volts.length);
  }

  /** How many pixels. */
  public int size() {
    return size;
  }

  /** Volts between V+ and ground at a pixel. */
  public double at(int index) {
    return volts[from + java.util.Objects.checkIndex(index, size)];
  }

  /** Index of the lowest; the first of those that are equal but for rounding. */
  public int lowestIndex() {
    double lowest = volts[from];
    for (int i = 1; i < size; i++) {
      lowest = Math.min(lowest, volts[from + i]);
    }
    int index = 0;
    while (volts[from + index] > lowest + EQUAL_VOLTS) {
      index++;
    }
    return index;
  }

  /** The lowest volts. */
  public double lowest() {
    return at(lowestIndex());
  }

  /** A part of it, sharing the numbers. */
  public VoltProfile part(int start, int count) {
    java.util.Objects.checkFromIndexSize(start, count, size);
    return new VoltProfile(volts, from + start, count);
  }
}
