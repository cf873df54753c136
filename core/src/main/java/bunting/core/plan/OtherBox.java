package bunting.core.plan;

import static bunting.core.show.Texts.fixed;

import bunting.core.assess.Reading;
import bunting.core.explain.Line;
import bunting.core.ports.BoxLoads;
import bunting.core.show.Decisions;
import bunting.core.show.Held;
import bunting.core.show.Pin;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What it would cost to have a run on another box while all others stay on their ports: found by
 * planning feeds, supplies and circuits anew with it there, so that everything counts. The nearest
 * boxes that take it whole are tried.
 */
public final class OtherBox {
  /** So many boxes are tried. */
  private static final int BOXES_TRIED = 4;

  private final Reading plan;
  private final Run run;

  private OtherBox(Reading plan, Run run) {
    this.plan = plan;
    this.run = run;
  }

  /**
   * The cheapest of them.
   *
   * @param fit the port there
   * @param costMore of building, beside the run staying where it is; below 0: it would be cheaper
   * @param metresMore of lead
   * @param show with the run pinned to that box
   */
  public record Place(BoxLoads.Fit fit, double costMore, double metresMore, Show show) {
    /** As people read it. */
    public Line line() {
      ShowSettings settings = show.settings();
      return new Line(
          "Next best",
          fit.controller() + " · port " + fit.port(),
          (costMore >= 0 ? "+" : "-")
              + settings.price(Math.rint(Math.abs(costMore)))
              + " to build, feeds, supplies and work counted, by planning it there; "
              + (metresMore >= 0 ? "+" : "-")
              + Lengths.of(show).rough(Math.abs(metresMore))
              + " of lead; the port would carry "
              + fit.pixels()
              + " px at "
              + fixed(fit.hz(), 0)
              + " fps");
    }
  }

  /** The next best place of a run that is placed; empty: no other box takes it as it is. */
  public static Optional<Place> next(Reading plan, Run run) {
    return plan.segmentsOf(run.name()).isEmpty()
        ? Optional.empty()
        : new OtherBox(plan, run).cheapest();
  }

  private Optional<Place> cheapest() {
    Segment here = plan.segmentsOf(run.name()).getFirst().segment();
    BoxLoads boxes = new BoxLoads(plan.show(), plan.decisions(), run.name());
    double metres = boxes.fit(run, 1, 1, here.controller(), here.port()).metres();
    List<Held> others = new ArrayList<>();
    List<Held> own = new ArrayList<>();
    for (var s : plan.segments()) {
      (s.run().name().equals(run.name()) ? own : others).add(Held.of(s.segment()));
    }
    List<Held> all = new ArrayList<>(others);
    all.addAll(own);
    Optional<Double> now =
        planned(ByHand.with(plan.show(), plan, all)).map(r -> r.totals().buildCost());
    return now.flatMap(
        cost ->
            boxes.ids().stream()
                .filter(id -> !id.equals(here.controller()))
                .map(id -> boxes.best(run, id))
                .filter(fit -> fit.hindrance().isEmpty())
                .sorted(Comparator.comparingDouble(BoxLoads.Fit::metres))
                .limit(BOXES_TRIED)
                .flatMap(fit -> place(others, fit, cost, fit.metres() - metres).stream())
                .min(Comparator.comparingDouble(Place::costMore)));
  }

  /** With the run on a box, on whichever of its ports is best. */
  private Optional<Place> place(List<Held> others, BoxLoads.Fit near, double now, double metres) {
    Show held = ByHand.with(plan.show(), plan, others);
    Pin pin = new Pin(near.controller(), OptionalInt.empty());
    Run there = run.withPin(Optional.of(pin));
    Show trial = held.withRun(there);
    Show pinned = HandOuts.withBoxes(plan.show(), plan, id -> true).withRun(there);
    return planned(trial)
        .map(
            found -> {
              BoxLoads boxes = new BoxLoads(trial, found.decisions(), run.name());
              Segment s = found.segmentsOf(run.name()).getFirst().segment();
              BoxLoads.Fit fit = boxes.fit(run, 1, run.pixels(), s.controller(), s.port());
              return new Place(fit, found.totals().buildCost() - now, metres, pinned);
            });
  }

  /** The show as planned; empty: some run that had a place has none. */
  private Optional<Reading> planned(Show show) {
    Decisions decisions = Planner.sketch(show);
    boolean all =
        decisions.unplaced().stream()
            .allMatch(
                u -> plan.decisions().unplaced().stream().anyMatch(b -> b.run().equals(u.run())));
    return all ? Optional.of(Reading.of(show, decisions)) : Optional.empty();
  }
}
