package bunting.core.ports;

import bunting.core.show.Goal;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.solve.ExactSolver;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Searches for the boxes of a part of the show, in two steps that talk to each other. A model
 * ({@link BoxModel}) deals the runs out to the boxes, goal after goal: each is brought as low as it
 * goes and then held. Then every box is asked whether its ports take what it was dealt ({@link
 * PortFill}); where they do not, that deal is forbidden and the model is asked again (logic-based
 * Benders decomposition, Mathematical Programming 96, 2003). What the model proves holds for every
 * allotment, since it asks less than the ports do.
 */
final class BoxSearch {
  private static final int ROUNDS = 40;

  /** Goals that a deal of runs to boxes settles; the others are settled by ports and feeds. */
  private static final Set<Goal> MODELLED =
      EnumSet.of(Goal.COST, Goal.GROUPS, Goal.BOXES, Goal.CABLE);

  /** Which run may go on which box. */
  @FunctionalInterface
  interface Allowed {
    boolean may(Run run, BoxLoad box);
  }

  /**
   * What was found.
   *
   * @param boxes filled, in the order of the candidates; unused ones are empty
   * @param bounds by goal, in the goal's own unit; not of goals that were not reached in time
   */
  record Found(List<BoxLoad> boxes, List<Run> left, Map<Goal, Double> bounds) {}

  /** Which of two is better by the show's goals. */
  @FunctionalInterface
  interface Judge {
    boolean better(Found one, Found other);
  }

  private record Forbidden(List<Run> together, BoxLoad where) {}

  private final Show show;
  private final Prices prices;
  private final List<Run> runs;
  private final List<BoxLoad> candidates;
  private final Allowed allowed;
  private final SearchWatch watch;
  private final Judge judge;
  private final Optional<boolean[][]> start;
  private final PortFill fill;
  private final List<Forbidden> forbidden = new ArrayList<>();
  private Map<Goal, Double> proven = Map.of();
  private double effort;

  BoxSearch(
      Show show,
      Prices prices,
      List<Run> runs,
      List<BoxLoad> candidates,
      Allowed allowed,
      SearchWatch watch,
      Judge judge,
      Optional<boolean[][]> start) {
    this.judge = judge;
    this.start = start;
    this.show = show;
    this.prices = prices;
    this.runs = runs;
    this.candidates = candidates;
    this.allowed = allowed;
    this.watch = watch;
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    this.fill = new PortFill(types, show.settings().targetFps());
  }

  /**
   * The best deal that the ports take, within the effort; empty when there is none.
   *
   * @param most deterministic seconds
   * @param carefully whether a box keeps a universe in hand, so that it fits wherever it begins
   */
  Optional<Found> go(boolean carefully, double most) {
    effort = most;
    Optional<Found> best = Optional.empty();
    for (int round = 0; round < ROUNDS && effort > 0 && !watch.stopped(); round++) {
      BoxModel model = new BoxModel(show, prices, runs, candidates, allowed, carefully);
      forbidden.forEach(f -> model.forbid(f.together(), f.where()));
      Map<Goal, Double> bounds = new EnumMap<>(Goal.class);
      boolean[][] deal = deal(model, bounds);
      if (deal.length < runs.size()) {
        return best;
      }
      // What later rounds prove leaves out deals that only our filling could not place.
      proven = round == 0 ? bounds : proven;
      int known = forbidden.size();
      Optional<Found> found = filled(deal, proven);
      if (found.isPresent() && (best.isEmpty() || judge.better(found.get(), best.get()))) {
        best = found;
      }
      if (forbidden.size() == known) {
        return best;
      }
    }
    return best;
  }

  /** Goal after goal; an empty deal when not even the first was reached. */
  private boolean[][] deal(BoxModel model, Map<Goal, Double> bounds) {
    boolean[][] best = new boolean[0][];
    List<LinearExpr> stages = new ArrayList<>(List.of(model.missing()));
    List<Goal> goals =
        show.allotting().planning().goals().stream().filter(MODELLED::contains).toList();
    goals.forEach(g -> stages.add(model.of(g)));
    for (int s = 0; s < stages.size() && effort > 0 && !watch.stopped(); s++) {
      model.model.minimize(stages.get(s));
      if (best.length > 0) {
        hint(model, best);
      } else {
        start.ifPresent(d -> hint(model, d));
      }
      CpSolver solver = ExactSolver.within(effort);
      boolean found = solve(solver, model);
      effort -= solver.response().getDeterministicTime();
      if (!found) {
        break;
      }
      best = read(solver, model);
      long reached = Math.round(solver.objectiveValue());
      if (s > 0) {
        Goal goal = goals.get(s - 1);
        boolean scaled = goal == Goal.COST || goal == Goal.CABLE;
        double bound = solver.bestObjectiveBound();
        bounds.put(goal, scaled ? bound / BoxModel.SCALE : bound);
      }
      model.model.addLessOrEqual(stages.get(s), reached);
    }
    return best;
  }

  /** Only pairs that are allowed: all others are one constant, which may not be hinted twice. */
  private void hint(BoxModel model, boolean[][] deal) {
    model.model.clearHints();
    for (int r = 0; r < deal.length; r++) {
      for (int b = 0; b < model.boxCount(); b++) {
        boolean may = allowed.may(runs.get(r), candidates.get(b));
        if (may && model.on[r][b] instanceof com.google.ortools.sat.BoolVar x) {
          model.model.addHint(x, deal[r][b] ? 1 : 0);
        }
      }
    }
  }

  private boolean[][] read(CpSolver solver, BoxModel model) {
    boolean[][] deal = new boolean[runs.size()][candidates.size()];
    for (int r = 0; r < runs.size(); r++) {
      for (int b = 0; b < candidates.size(); b++) {
        Literal x = model.on[r][b];
        deal[r][b] = allowed.may(runs.get(r), candidates.get(b)) && solver.booleanValue(x);
      }
    }
    return deal;
  }

  /** Solves, with an eye on whoever wants to stop. */
  private boolean solve(CpSolver solver, BoxModel model) {
    if (watch == SearchWatch.NOBODY) {
      return ExactSolver.found(solver, model.model);
    }
    Thread guard =
        Thread.ofVirtual()
            .start(
                () -> {
                  try {
                    while (!watch.stopped()) {
                      Thread.sleep(50);
                    }
                    solver.stopSearch();
                  } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                  }
                });
    try {
      return ExactSolver.found(solver, model.model);
    } finally {
      guard.interrupt();
    }
  }

  private Optional<Found> filled(boolean[][] deal, Map<Goal, Double> bounds) {
    List<BoxLoad> boxes = new ArrayList<>();
    List<Run> left = new ArrayList<>();
    List<Run> over = new ArrayList<>();
    for (int r = 0; r < runs.size(); r++) {
      boolean dealt = false;
      for (boolean there : deal[r]) {
        dealt |= there;
      }
      if (!dealt) {
        left.add(runs.get(r));
      }
    }
    for (int b = 0; b < candidates.size(); b++) {
      List<Run> own = new ArrayList<>();
      for (int r = 0; r < runs.size(); r++) {
        if (deal[r][b]) {
          own.add(runs.get(r));
        }
      }
      BoxLoad base = candidates.get(b);
      Optional<BoxLoad> box = fill.fill(base, own);
      if (box.isEmpty()) {
        forbidden.add(new Forbidden(tooMuch(base, own), base));
        List<Run> spilt = new ArrayList<>();
        box = Optional.of(fill.most(base, own, spilt));
        over.addAll(spilt);
      }
      boxes.add(box.get());
    }
    return elsewhere(boxes, over) ? Optional.of(new Found(boxes, left, bounds)) : Optional.empty();
  }

  /** A smallest part of these runs that the box does not take either: it forbids more. */
  private List<Run> tooMuch(BoxLoad base, List<Run> runs) {
    List<Run> core = new ArrayList<>(runs);
    for (Run run : runs) {
      if (core.size() > 1) {
        List<Run> less = new ArrayList<>(core);
        less.remove(run);
        if (fill.fill(base, less).isEmpty()) {
          core = less;
        }
      }
    }
    return core;
  }

  /** What was too much for its box goes on another one that is in use and takes it. */
  private boolean elsewhere(List<BoxLoad> boxes, List<Run> over) {
    for (Run run : over) {
      boolean placed = false;
      for (int b = 0; b < boxes.size() && !placed; b++) {
        if (!boxes.get(b).isEmpty() && allowed.may(run, boxes.get(b))) {
          Optional<BoxLoad> more = fill.fill(boxes.get(b), List.of(run));
          if (more.isPresent()) {
            boxes.set(b, more.get());
            placed = true;
          }
        }
      }
      if (!placed) {
        return false;
      }
    }
    return true;
  }
}
