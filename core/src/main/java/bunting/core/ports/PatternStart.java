package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.solve.CuttingStock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Fewest ports for undivided runs: where boxes are chosen, the runs of one place and voltage are
 * packed into ports as pieces are cut from bars, and the ports into boxes of one kind after
 * another. This finds by patterns what an assignment of hundreds of runs would not.
 */
final class PatternStart {
  private static final int RUNS_MAX = 400;

  private final Show show;
  private final Map<String, PixelType> types;
  private final Predicate<BoxLoad> fresh;

  PatternStart(Show show, Predicate<BoxLoad> fresh) {
    this.show = show;
    this.types = show.catalogue().pixelTypesById();
    this.fresh = fresh;
  }

  /** One allotment for each place and kind of box that could serve it; the rest as it was. */
  List<Allotment> from(Allotment start) {
    Map<String, List<BoxLoad>> places = new LinkedHashMap<>();
    for (BoxLoad box : start.boxes()) {
      if (fresh.test(box)) {
        String key = box.controller().at() + " " + box.volts();
        places.computeIfAbsent(key, k -> new ArrayList<>()).add(box);
      }
    }
    List<Allotment> found = new ArrayList<>();
    for (List<BoxLoad> here : places.values()) {
      List<Run> runs =
          here.stream()
              .flatMap(b -> b.ports().stream())
              .flatMap(p -> p.pieces().stream())
              .map(Piece::run)
              .distinct()
              .toList();
      long signals = runs.stream().map(r -> type(r).signal()).distinct().count();
      boolean whole =
          here.stream()
              .flatMap(b -> b.ports().stream())
              .flatMap(p -> p.pieces().stream())
              .allMatch(p -> !p.run().split());
      if (signals == 1 && whole && here.size() > 1 && runs.size() <= RUNS_MAX) {
        for (ControllerType kind : show.catalogue().controllerTypes()) {
          packed(kind, here, runs)
              .ifPresent(
                  boxes -> {
                    List<BoxLoad> all = new ArrayList<>(start.boxes());
                    all.removeAll(here);
                    all.addAll(boxes);
                    found.add(new Allotment(all, start.unplaced()));
                  });
        }
      }
    }
    return found;
  }

  private PixelType type(Run run) {
    return java.util.Objects.requireNonNull(types.get(run.type()));
  }

  private Optional<List<BoxLoad>> packed(ControllerType kind, List<BoxLoad> here, List<Run> runs) {
    double fps = show.settings().targetFps();
    Optional<Bins> bins = Bins.of(kind, runs, types, fps);
    if (bins.isEmpty()) {
      return Optional.empty();
    }
    Point at = here.getFirst().controller().at();
    int usable = Math.max(1, kind.ports() - show.allotting().planning().sparePorts());
    int atLeast = (LowerBound.l2(bins.get().shares()) + usable - 1) / usable;
    boolean mayGain =
        here.stream().mapToDouble(b -> b.type().cost() + 1).sum()
            > atLeast * (kind.cost() + 1) + 1e-9;
    if (!mayGain) {
      return Optional.empty();
    }
    List<BoxLoad> boxes = new ArrayList<>();
    int spare = show.allotting().planning().sparePorts();
    var cuts =
        CuttingStock.solve(
                bins.get().sizes(), List.of(CuttingStock.Bar.endless(bins.get().bar(), 1)))
            .cuts()
            .stream()
            .map(c -> c.pieces().stream().sorted().toList())
            .sorted(Comparator.comparing(List::getFirst))
            .toList();
    Placer placer = new Placer(fps, b -> true, List.of());
    int used = 0;
    for (List<Integer> port : cuts) {
      if (boxes.isEmpty() || used == boxes.getLast().order().size()) {
        String id = "+" + kind.id() + " " + boxes.size();
        boxes.add(new BoxLoad(new Controller(id, kind.id(), at), kind, spare));
        used = 0;
      }
      BoxLoad box = boxes.getLast();
      for (int i : port) {
        Piece piece = new Piece(runs.get(i), type(runs.get(i)), 1, runs.get(i).pixels());
        if (!placer.placePiece(piece, box, box.order().get(used))) {
          return Optional.empty();
        }
      }
      used++;
    }
    return Optional.of(boxes);
  }
}
