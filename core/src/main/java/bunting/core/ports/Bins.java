package bunting.core.ports;

import bunting.core.show.ControllerType;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Runs as pieces and ports as bars, in whole numbers: pixels where all are of one type, so that the
 * fit is exact; else parts of a port, rounded up.
 */
record Bins(int bar, List<Integer> sizes) {
  private static final int PARTS = 4_000_000;

  Bins {
    sizes = List.copyOf(sizes);
  }

  /** Empty where a run does not fit one port whole. */
  static Optional<Bins> of(
      ControllerType kind, List<Run> runs, Map<String, PixelType> types, double fps) {
    List<Integer> sizes = new ArrayList<>();
    boolean alike = runs.stream().map(Run::type).distinct().count() == 1;
    int bar = PARTS;
    if (alike) {
      PixelType type = java.util.Objects.requireNonNull(types.get(runs.getFirst().type()));
      bar = PortRules.room(kind, type, fps, 0, 0);
    }
    for (Run run : runs) {
      PixelType type = java.util.Objects.requireNonNull(types.get(run.type()));
      double share = PortRules.share(kind, type, run.pixels(), fps);
      int size = alike ? run.pixels() : (int) Math.ceil(share * PARTS - 1e-3);
      if (size > bar || !kind.takes(type.volts())) {
        return Optional.empty();
      }
      sizes.add(size);
    }
    return Optional.of(new Bins(bar, sizes));
  }

  /** Parts of a port, largest first. */
  List<Double> shares() {
    return sizes.stream()
        .sorted(java.util.Comparator.reverseOrder())
        .map(s -> s / (double) bar)
        .toList();
  }
}
