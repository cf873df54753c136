package bunting.core.plan;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.explain.Line;
import bunting.core.ports.BoxLoads;
import bunting.core.show.PortReport;
import bunting.core.show.Run;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Why a run is where it is, and what keeps it from other boxes. */
public final class WhyHere {
  private static final int OTHERS_SHOWN = 3;

  private WhyHere() {}

  /** The lines for a run that is placed; none for one that is not. */
  public static List<Line> of(Reading reading, Run run) {
    List<SegmentReading> own = reading.segmentsOf(run.name());
    if (own.isEmpty()) {
      return List.of();
    }
    List<Line> lines = new ArrayList<>();
    BoxLoads boxes = new BoxLoads(reading.show(), reading.decisions(), run.name());
    SegmentReading first = own.getFirst();
    String here = first.segment().controller();
    BoxLoads.Fit now = boxes.fit(run, 1, 1, here, first.segment().port());
    lines.add(
        new Line(
            "Why here?",
            here + " · port " + first.segment().port(),
            reason(reading, run, boxes, here, now.metres())));
    List<BoxLoads.Fit> hindered = new ArrayList<>();
    for (String box : boxes.ids()) {
      if (!box.equals(here)) {
        BoxLoads.Fit fit = boxes.best(run, box);
        if (fit.hindrance().isPresent()) {
          hindered.add(fit);
        }
      }
    }
    Comparator<BoxLoads.Fit> nearest = Comparator.comparingDouble(BoxLoads.Fit::metres);
    hindered.stream()
        .sorted(nearest)
        .limit(OTHERS_SHOWN)
        .forEach(
            f ->
                lines.add(
                    new Line(
                        "Not on " + f.controller(),
                        "port " + f.port(),
                        f.hindrance().orElseThrow() + "; that would have to give")));
    return lines;
  }

  private static String reason(
      Reading reading, Run run, BoxLoads boxes, String here, double metres) {
    var allotting = reading.show().allotting();
    if (allotting.byHand().stream().anyMatch(h -> h.run().equals(run.name()))) {
      return "put there by hand; " + Lengths.of(reading.show()).rough(metres) + " of lead";
    }
    if (run.pin().isPresent()) {
      return "pinned to "
          + run.pin().get().text()
          + "; "
          + Lengths.of(reading.show()).rough(metres)
          + " of lead";
    }
    if (allotting.handOut().filter(h -> !h.of(run.name()).isEmpty()).isPresent()) {
      return "its addresses were handed out there; "
          + Lengths.of(reading.show()).rough(metres)
          + " of lead";
    }
    long nearer =
        boxes.ids().stream()
            .filter(b -> !b.equals(here))
            .map(b -> boxes.best(run, b))
            .filter(f -> f.hindrance().isEmpty() && f.metres() < metres - 1e-9)
            .count();
    String proof =
        reading.decisions().report().goals().stream()
            .filter(g -> !g.proven())
            .findFirst()
            .map(PortReport.Reached::goal)
            .map(g -> "; not proven to be the " + g.text())
            .orElse("; proven");
    String lead = Lengths.of(reading.show()).rough(metres) + " of lead";
    if (nearer == 0) {
      return "nearest box that takes it: " + lead;
    }
    return lead
        + "; "
        + nearer
        + (nearer == 1 ? " box is nearer" : " boxes are nearer")
        + ", but the plan as a whole is better so"
        + run.group().map(g -> " (group " + g + " stays together)").orElse(proof);
  }
}
