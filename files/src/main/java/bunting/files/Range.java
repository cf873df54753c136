package bunting.files;

import bunting.core.show.Texts;

/** The numbers that a field may have. */
record Range(double least, double most, boolean aboveLeast, String text) {
  static final Range PLACE = between(-100_000, 100_000);
  static final Range LENGTH = between(0, 100_000);

  static Range between(double least, double most) {
    return new Range(
        least, most, false, "from " + Texts.number(least) + " to " + Texts.number(most));
  }

  static Range atLeast(double least) {
    return new Range(least, Double.MAX_VALUE, false, "of at least " + Texts.number(least));
  }

  static Range above(double least) {
    return new Range(least, Double.MAX_VALUE, true, "over " + Texts.number(least));
  }

  static Range aboveTo(double least, double most) {
    return new Range(
        least, most, true, "over " + Texts.number(least) + ", to " + Texts.number(most));
  }

  boolean holds(double value) {
    return Double.isFinite(value) && value <= most && (aboveLeast ? value > least : value >= least);
  }
}
