package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.Goal;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.Unplaced;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The exact search, part by part: runs dealt to boxes with all other parts as they are. */
final class PartSearch {
  /** With more parts than this, each gets less effort, and none is tried twice. */
  private static final int PARTS_AT_FULL_EFFORT = 8;

  private static final boolean[] BOTH_WAYS = {false, true};
  private static final boolean[] CAREFULLY = {true};

  private final Show show;
  private final Set<String> excluded;
  private final Set<PortPlanner.Forbidden> forbidden;
  private final UniverseRoom universes;
  private final Prices prices;
  private final Set<String> held;
  private final Tidying tidying;
  private final Map<Goal, Double> bounds = new EnumMap<>(Goal.class);
  private int parts;
  private int answered;

  PartSearch(
      Show show,
      Set<String> excluded,
      Set<PortPlanner.Forbidden> forbidden,
      UniverseRoom universes,
      Prices prices,
      Set<String> held,
      Tidying tidying) {
    this.show = show;
    this.excluded = excluded;
    this.forbidden = forbidden;
    this.universes = universes;
    this.prices = prices;
    this.held = held;
    this.tidying = tidying;
  }

  /** What no plan is below, by goal. */
  Map<Goal, Double> bounds() {
    return bounds;
  }

  /** How many parts were asked for. */
  int parts() {
    return parts;
  }

  /** How many of them were answered. */
  int answered() {
    return answered;
  }

  /** From a beginning; nothing is worse. */
  Allotment from(Allotment start, SearchWatch watch) {
    List<Run> free = new ArrayList<>();
    Set<String> staying = new HashSet<>(held);
    show.runs().stream().filter(r -> r.pin().isPresent()).forEach(r -> staying.add(r.name()));
    for (Run run : show.runs()) {
      if (!staying.contains(run.name()) && !excluded.contains(run.name())) {
        free.add(run);
      }
    }
    List<BoxLoad> given =
        start.boxes().stream()
            .filter(b -> prices.isGiven(b.controller()))
            .map(b -> only(b, staying))
            .toList();
    List<Parts.Part> parts = new Parts(show, forbidden).of(free, given);
    Set<Integer> asked = new HashSet<>();
    Set<Integer> replied = new HashSet<>();
    boolean whole = parts.stream().allMatch(Parts.Part::whole);
    int dealt = parts.stream().mapToInt(p -> p.runs().size()).sum();
    Allotment best = start;
    double effort =
        Math.min(
            show.allotting().planning().effort(),
            PARTS_AT_FULL_EFFORT * show.allotting().planning().effort() / parts.size());
    boolean[] ways = parts.size() > PARTS_AT_FULL_EFFORT ? CAREFULLY : BOTH_WAYS;
    for (boolean carefully : ways) {
      Allotment all = start;
      for (int i = 0; i < parts.size() && !watch.stopped(); i++) {
        Parts.Part part = parts.get(i);
        watch.step(
            i + 1, parts.size(), "boxes for " + Texts.count(part.runs().size(), "run", "runs"));
        Optional<BoxSearch.Found> found = search(all, part, watch).go(carefully, effort);
        asked.add(i);
        if (found.isPresent()) {
          replied.add(i);
        }
        if (!carefully) {
          found.ifPresent(f -> f.bounds().forEach((g, b) -> bounds.merge(g, b, Double::sum)));
        }
        // Carefully, a part is taken over even where it is no better: one that is filled to the
        // brim keeps the others from beginning elsewhere.
        Allotment before = all;
        all =
            found
                .flatMap(f -> with(before, part, f))
                .filter(a -> carefully || Score.better(show, prices, a, before))
                .orElse(all);
        best = Score.better(show, prices, all, best) && universes.fits(all.boxes()) ? all : best;
        Allotment alone = best;
        best =
            found
                .flatMap(f -> with(alone, part, f))
                .filter(a -> Score.better(show, prices, a, alone) && universes.fits(a.boxes()))
                .orElse(best);
      }
      if (universes.fits(all.boxes())) {
        break;
      }
    }
    this.parts = asked.size();
    this.answered = replied.size();
    // The deal divides no run between boxes, and prices each by itself: that bounds neither plans
    // that divide one, nor the price of any.
    boolean mayDivide = free.stream().anyMatch(Run::split);
    if (!whole || dealt < free.size() || mayDivide || answered < asked.size()) {
      bounds.clear();
    }
    bounds.keySet().removeIf(g -> g == Goal.COST || g == Goal.CABLE);
    return best;
  }

  private BoxSearch search(Allotment from, Parts.Part part, SearchWatch watch) {
    return new BoxSearch(
        show,
        prices,
        part.runs(),
        part.boxes(),
        part.allowed(),
        watch,
        (one, other) -> judged(from, part, one, other),
        hint(from, part));
  }

  private boolean judged(
      Allotment best, Parts.Part part, BoxSearch.Found one, BoxSearch.Found other) {
    Optional<Allotment> a = with(best, part, one);
    Optional<Allotment> b = with(best, part, other);
    return a.isPresent() && (b.isEmpty() || Score.better(show, prices, a.get(), b.get()));
  }

  /** The deal as the best allotment has it, where each run lies on one box. */
  private static Optional<boolean[][]> hint(Allotment best, Parts.Part part) {
    boolean[][] deal = new boolean[part.runs().size()][part.boxes().size()];
    Set<Integer> taken = new HashSet<>();
    for (BoxLoad box : best.boxes()) {
      int match = -1;
      for (int b = 0; b < part.boxes().size() && match < 0; b++) {
        Controller c = part.boxes().get(b).controller();
        boolean same =
            c.id().equals(box.controller().id())
                || (c.id().startsWith("+")
                    && c.type().equals(box.type().id())
                    && c.at().equals(box.controller().at()));
        match = same && !taken.contains(b) ? b : -1;
      }
      if (match >= 0) {
        taken.add(match);
        for (PortLoad port : box.ports()) {
          for (Piece p : port.pieces()) {
            int r = part.runs().indexOf(p.run());
            if (r >= 0) {
              deal[r][match] = true;
            }
          }
        }
      }
    }
    return Optional.of(deal);
  }

  private Optional<Allotment> with(Allotment best, Parts.Part part, BoxSearch.Found found) {
    Set<String> own = new HashSet<>();
    part.runs().forEach(r -> own.add(r.name()));
    Map<String, BoxLoad> filled = new HashMap<>();
    found.boxes().forEach(b -> filled.put(b.controller().id(), b));
    List<BoxLoad> boxes = new ArrayList<>();
    for (BoxLoad box : best.boxes()) {
      BoxLoad now = filled.remove(box.controller().id());
      if (now != null) {
        boxes.add(now);
      } else if (box.ports().stream()
          .flatMap(p -> p.pieces().stream())
          .anyMatch(p -> own.contains(p.run().name()))) {
        BoxLoad rest = PortFill.copy(box);
        own.forEach(rest::removeRun);
        boxes.add(rest);
      } else {
        boxes.add(box); // the same, so that it is not wired again
      }
    }
    found.boxes().stream().filter(b -> filled.containsKey(b.controller().id())).forEach(boxes::add);
    Set<String> left = new HashSet<>();
    found.left().forEach(r -> left.add(r.name()));
    List<Unplaced> unplaced = new ArrayList<>();
    for (Unplaced u : best.unplaced()) {
      if (!own.contains(u.run()) || left.remove(u.run())) {
        unplaced.add(u);
      }
    }
    // A run that had a place and now has none makes it no better.
    return left.isEmpty()
        ? Optional.of(tidying.tidied(new Allotment(boxes, unplaced)))
        : Optional.empty();
  }

  /** The box with nothing but these runs on it. */
  private static BoxLoad only(BoxLoad box, Set<String> staying) {
    BoxLoad copy = PortFill.copy(box);
    Set<String> others = new HashSet<>();
    for (PortLoad port : box.ports()) {
      port.pieces().stream()
          .map(p -> p.run().name())
          .filter(n -> !staying.contains(n))
          .forEach(others::add);
    }
    others.forEach(copy::removeRun);
    return copy;
  }
}
