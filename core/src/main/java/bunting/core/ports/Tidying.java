package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Allotments as people like them: boxes named in order, chains in order, fuses loaded evenly. */
final class Tidying {
  private final Show show;
  private final Prices prices;
  private final UniverseRoom universes;
  private final Set<String> held;

  /**
   * For a show.
   *
   * @param held names of runs that stay
   */
  Tidying(Show show, Prices prices, UniverseRoom universes, Set<String> held) {
    this.show = show;
    this.prices = prices;
    this.universes = universes;
    this.held = held;
  }

  /** With its boxes in order where the universes suffice for that; else another. */
  Allotment tidiest(Allotment raw, Allotment otherwise) {
    // In another order boxes begin elsewhere, and may need a universe more.
    for (Allotment next : List.of(tidied(raw, true), tidied(raw, false))) {
      if (universes.fits(next.boxes())) {
        return next;
      }
    }
    return otherwise;
  }

  /** Without added boxes that stayed empty, the others named in the order of their first runs. */
  Allotment tidied(Allotment raw) {
    return tidied(raw, true);
  }

  /** The same; in the order of their first runs, or as they stand. */
  private Allotment tidied(Allotment raw, boolean inOrder) {
    Map<String, Integer> order = new HashMap<>();
    show.runs().forEach(r -> order.put(r.name(), order.size()));
    List<BoxLoad> boxes = new ArrayList<>();
    List<BoxLoad> fresh = new ArrayList<>();
    for (BoxLoad box : raw.boxes()) {
      if (prices.isGiven(box.controller())) {
        boxes.add(box);
      } else if (!box.isEmpty()) {
        fresh.add(box);
      }
    }
    if (inOrder) {
      fresh.sort(Comparator.comparingInt(b -> firstRun(b, order)));
    }
    Set<String> taken = new HashSet<>();
    boxes.forEach(b -> taken.add(b.controller().id()));
    int n = 0;
    for (BoxLoad box : fresh) {
      do {
        n++;
      } while (taken.contains("C" + n));
      Controller old = box.controller();
      boolean same = old.id().equals("C" + n);
      boxes.add(same ? box : box.renamed(new Controller("C" + n, old.type(), old.at())));
    }
    return new Allotment(boxes, raw.unplaced());
  }

  private static int firstRun(BoxLoad box, Map<String, Integer> order) {
    return box.ports().stream()
        .flatMap(p -> p.pieces().stream())
        .mapToInt(p -> order.getOrDefault(p.run().name(), Integer.MAX_VALUE))
        .min()
        .orElse(Integer.MAX_VALUE);
  }

  /** With the chains of each box in their order, where the universes still suffice for that. */
  Allotment ordered(Allotment best) {
    List<BoxLoad> boxes = new ArrayList<>(best.boxes());
    for (int b = 0; b < boxes.size(); b++) {
      BoxLoad before = boxes.get(b);
      BoxLoad after = PortFill.copy(before);
      ChainOrder.arrange(after, held);
      if (chains(after).equals(chains(before))) {
        continue;
      }
      boxes.set(b, after);
      if (!universes.fits(boxes)) {
        boxes.set(b, before);
      }
    }
    return new Allotment(boxes, best.unplaced());
  }

  /** What is on each port. */
  static List<List<Piece>> chains(BoxLoad box) {
    return box.ports().stream().map(PortLoad::pieces).toList();
  }

  /** With the fuses of each box loaded evenly. */
  Allotment evened(Allotment best) {
    List<BoxLoad> even = best.boxes().stream().map(b -> EvenFuses.of(show, b, held)).toList();
    return universes.fits(even) ? new Allotment(even, best.unplaced()) : best;
  }
}
