package bunting.core.island;

import bunting.core.dc.VoltProfile;
import java.util.List;

/** A chain's islands and what follows for its segments, in order. */
public record SolvedChain(Chain chain, List<Island> islands, List<SegmentFlow> segments) {
  public SolvedChain {
    islands = List.copyOf(islands);
    segments = List.copyOf(segments);
  }

  /** Volts of all its pixels, one after the other. */
  public double[] volts() {
    double[] volts = new double[segments.stream().mapToInt(s -> s.volts().size()).sum()];
    int at = 0;
    for (SegmentFlow flow : segments) {
      for (int i = 0; i < flow.volts().size(); i++) {
        volts[at++] = flow.volts().at(i);
      }
    }
    return volts;
  }

  /**
   * Volts and amps of one segment.
   *
   * @param volts one a pixel
   * @param stands whether all its islands stand; else some volts are 0
   * @param fed whether all its islands have a feed
   * @param railAmps the most that its own rail carries anywhere
   * @param railAfter the pixel behind which that is, in the run's numbering
   * @param jumperAmps the most over a jumper inside it; 0 without one
   * @param jumperAfter the pixel before that jumper, in the run's numbering
   * @param leadAmps over the lead that brings power from the segment before; 0 without one
   */
  public record SegmentFlow(
      String segment,
      VoltProfile volts,
      boolean stands,
      boolean fed,
      double railAmps,
      int railAfter,
      double jumperAmps,
      int jumperAfter,
      double leadAmps) {}
}
