package bunting.core.island;

import bunting.core.show.Segment;

/** How bright the pixels of a show are. */
@FunctionalInterface
public interface Brightness {
  /** Percents of the pixels of a segment, in its order; one number: all of them. */
  double[] of(Segment segment);

  /** All alike. */
  static Brightness of(double percent) {
    double[] all = {percent};
    return s -> all;
  }
}
