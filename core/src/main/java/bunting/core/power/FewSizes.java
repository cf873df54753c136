package bunting.core.power;

import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Brings all wires of a plan to few sizes where that costs little: the fewest sizes whose copper is
 * at most {@value #MORE_COPPER} times what each feed's own thinnest wire would have (common
 * practice: two or three reels of cable, no source). Every set of sizes in use is weighed; each
 * wire goes up to the next size of the set that also bears its fuse.
 */
final class FewSizes {
  private static final double MORE_COPPER = 1.15;

  private FewSizes() {}

  static void bring(List<WiredBox> boxes) {
    List<Wire> used = used(boxes);
    if (used.size() < 2) {
      return;
    }
    List<Wire> sizes = choose(boxes, used);
    if (sizes.size() == used.size()) {
      return;
    }
    for (WiredBox box : boxes) {
      for (List<PortWiring.Island> port : box.ports()) {
        for (int i = 0; i < port.size(); i++) {
          PortWiring.Island before = port.get(i);
          if (before.onTrunk()) {
            continue;
          }
          FeedTrial trial = before.trial();
          FeedSearch search = new FeedSearch(trial.stretch, box.rules());
          port.set(i, before.with(search.standardised(trial, sizes)));
          if (before.onBank() && box.bankAmps() > box.rules().supplyAmps()) {
            port.set(i, before);
          }
        }
      }
    }
  }

  private static List<FeedTrial> trials(List<WiredBox> boxes) {
    return boxes.stream()
        .flatMap(b -> b.ports().stream())
        .flatMap(List::stream)
        .filter(i -> !i.onTrunk())
        .map(PortWiring.Island::trial)
        .toList();
  }

  private static List<Wire> used(List<WiredBox> boxes) {
    TreeSet<Wire> used =
        new TreeSet<>(Comparator.comparingDouble(Wire::copperMm2).thenComparing(Wire::id));
    for (FeedTrial trial : trials(boxes)) {
      trial.posts.forEach(p -> used.add(p.wire()));
      if (trial.stretch.pieces().size() > 1) {
        used.add(trial.joints);
      }
    }
    return List.copyOf(used);
  }

  /** The set of the fewest sizes, the thickest always among them, that costs little. */
  private static List<Wire> choose(List<WiredBox> boxes, List<Wire> used) {
    double[] metres = new double[used.size()];
    for (FeedTrial trial : trials(boxes)) {
      trial.posts.forEach(p -> metres[used.indexOf(p.wire())] += p.metres());
      if (trial.stretch.pieces().size() > 1) {
        metres[used.indexOf(trial.joints)] += trial.stretch.jointMetres();
      }
    }
    double own = copper(used, metres, used);
    List<List<Wire>> sets = new ArrayList<>();
    int thickest = 1 << (used.size() - 1);
    for (int mask = 0; mask < thickest; mask++) {
      int all = mask | thickest;
      sets.add(
          java.util.stream.IntStream.range(0, used.size())
              .filter(i -> (all >> i & 1) == 1)
              .mapToObj(used::get)
              .collect(Collectors.toList()));
    }
    return sets.stream()
        .filter(set -> copper(used, metres, set) <= MORE_COPPER * own)
        .min(
            Comparator.<List<Wire>>comparingInt(List::size)
                .thenComparingDouble(set -> copper(used, metres, set)))
        .orElse(used);
  }

  private static double copper(List<Wire> used, double[] metres, List<Wire> set) {
    double sum = 0;
    for (int i = 0; i < metres.length; i++) {
      Wire wire = used.get(i);
      double mm2 =
          set.stream()
              .filter(w -> w.copperMm2() >= wire.copperMm2())
              .filter(w -> w.fuseAmpsMax() >= wire.fuseAmpsMax())
              .mapToDouble(Wire::copperMm2)
              .min()
              .orElse(wire.copperMm2());
      sum += metres[i] * mm2;
    }
    return sum;
  }
}
