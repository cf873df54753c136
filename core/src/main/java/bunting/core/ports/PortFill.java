package bunting.core.ports;

import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.solve.CuttingStock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Puts the runs of one box on its ports: in list order where that fits, else the longest first,
 * else by the exact solver, else divided.
 */
final class PortFill {
  private static final int EXACT_RUNS_MAX = 60;

  /** Deterministic seconds for one box: it is asked many times. */
  private static final double EFFORT = 0.1;

  private final Map<String, PixelType> types;
  private final double targetFps;

  PortFill(Map<String, PixelType> types, double targetFps) {
    this.types = types;
    this.targetFps = targetFps;
  }

  /** The box with these runs on it, or nothing if they do not fit. The box given is not changed. */
  Optional<BoxLoad> fill(BoxLoad base, List<Run> runs) {
    List<Run> longest =
        runs.stream().sorted(Comparator.comparingInt(Run::pixels).reversed()).toList();
    return inOrder(base, runs)
        .or(() -> inOrder(base, longest))
        .or(() -> exactly(base, runs))
        .or(() -> divided(base, runs));
  }

  private PixelType type(Run run) {
    return java.util.Objects.requireNonNull(types.get(run.type()));
  }

  static BoxLoad copy(BoxLoad base) {
    BoxLoad box = base.emptied();
    for (int port = 1; port <= base.ports().size(); port++) {
      for (Piece piece : base.ports().get(port - 1).pieces()) {
        box.append(port, piece);
      }
    }
    return box;
  }

  private Optional<BoxLoad> inOrder(BoxLoad base, List<Run> runs) {
    BoxLoad box = copy(base);
    Placer placer = new Placer(targetFps, boxes -> true, List.of());
    for (Run run : runs) {
      if (!placer.placeWhole(run, type(run), List.of(box), 0)) {
        return Optional.empty();
      }
    }
    return Optional.of(box);
  }

  /** Bin packing, where all runs share one signal and the ports are empty. */
  private Optional<BoxLoad> exactly(BoxLoad base, List<Run> runs) {
    boolean one = runs.stream().map(r -> type(r).signal()).distinct().count() == 1;
    if (!one
        || runs.stream().allMatch(Run::split)
        || !base.isEmpty()
        || runs.size() > EXACT_RUNS_MAX) {
      return Optional.empty();
    }
    Optional<Bins> bins = Bins.of(base.type(), runs, types, targetFps);
    if (bins.isEmpty() || LowerBound.l2(bins.get().shares()) > base.order().size()) {
      return Optional.empty();
    }
    var cuts =
        CuttingStock.solve(
                bins.get().sizes(), List.of(CuttingStock.Bar.endless(bins.get().bar(), 1)), EFFORT)
            .cuts();
    if (cuts.size() > base.order().size()) {
      return Optional.empty();
    }
    BoxLoad box = base.emptied();
    Placer placer = new Placer(targetFps, boxes -> true, List.of());
    List<List<Integer>> ports =
        cuts.stream()
            .map(c -> c.pieces().stream().sorted().toList())
            .sorted(Comparator.comparing(List::getFirst))
            .toList();
    for (int k = 0; k < ports.size(); k++) {
      for (int i : ports.get(k)) {
        Run run = runs.get(i);
        if (!placer.placePiece(
            new Piece(run, type(run), 1, run.pixels()), box, box.order().get(k))) {
          return Optional.empty();
        }
      }
    }
    return Optional.of(box);
  }

  /** What may not be divided first, the longest before; the others fill up what is left. */
  private Optional<BoxLoad> divided(BoxLoad base, List<Run> runs) {
    List<Run> over = new ArrayList<>();
    BoxLoad box = most(base, runs, over);
    return over.isEmpty() ? Optional.of(box) : Optional.empty();
  }

  /** The box with as many of these runs as it takes; the others are added to {@code over}. */
  BoxLoad most(BoxLoad base, List<Run> runs, List<Run> over) {
    BoxLoad box = copy(base);
    Placer placer = new Placer(targetFps, boxes -> true, List.of());
    for (Run run : hardestFirst(runs)) {
      PixelType type = type(run);
      if (!placer.placeWhole(run, type, List.of(box), 0)
          && !(run.split() && placer.placeSplit(run, type, List.of(box)))) {
        over.add(run);
      }
    }
    return box;
  }

  private static List<Run> hardestFirst(List<Run> runs) {
    return runs.stream()
        .sorted(
            Comparator.comparing(Run::split)
                .thenComparing(Comparator.comparingInt(Run::pixels).reversed()))
        .toList();
  }
}
