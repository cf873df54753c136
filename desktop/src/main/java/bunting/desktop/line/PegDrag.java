package bunting.desktop.line;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.ByHand;
import bunting.core.plan.Planner;
import bunting.core.ports.BoxLoads;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.units.Lengths;
import java.util.Optional;

/**
 * A pennant in the hand, and what each peg would make of it. Pure but for what it remembers of the
 * peg under the hand.
 */
final class PegDrag {
  /** Shows of up to so many pixels are planned for trial, to tell the volts. */
  private static final int PIXELS_FOR_TRIAL = 20_000;

  private final Reading reading;
  private final BoxLoads boxes;
  private final Run run;
  private final int first;
  private final int last;
  private String overBox = "";
  private int overPort;
  private int overPosition = 1;
  private String overText = "";
  private boolean overFits;

  private PegDrag(Reading reading, Run run, int first, int last) {
    this.reading = reading;
    this.run = run;
    this.first = first;
    this.last = last;
    this.boxes = new BoxLoads(reading.show(), reading.decisions(), run.name());
  }

  /** A piece of a run, or a run that is not placed. */
  static Optional<PegDrag> of(Reading reading, String run, int firstPixel) {
    Optional<Run> found = reading.show().run(run);
    Optional<SegmentReading> piece =
        reading.segmentsOf(run).stream()
            .filter(s -> s.segment().firstPixel() == firstPixel)
            .findFirst();
    return found.map(
        r ->
            new PegDrag(
                reading,
                r,
                piece.map(s -> s.segment().firstPixel()).orElse(1),
                piece.map(s -> s.segment().lastPixel()).orElse(r.pixels())));
  }

  /** Whether this piece is the one that is dragged. */
  boolean holds(String name, int firstPixel) {
    return run.name().equals(name) && first == firstPixel;
  }

  /** The run that is dragged. */
  String run() {
    return run.name();
  }

  /** What the peg would carry. */
  BoxLoads.Fit fit(String controller, int port) {
    return boxes.fit(run, first, last, controller, port);
  }

  /** What it would carry, in a few words. */
  String brief(PortReading port) {
    BoxLoads.Fit fit = fit(port.controller(), port.port());
    return fit.hindrance()
        .map(why -> "✕ " + why)
        .orElse("✓ " + fit.pixels() + " px, " + Texts.fixed(fit.hz(), 0) + " fps");
  }

  /** The hand is over a peg; its volts are worked out once. */
  void over(PortReading port, int position) {
    boolean same =
        port.controller().equals(overBox) && port.port() == overPort && position == overPosition;
    if (same) {
      return;
    }
    overBox = port.controller();
    overPort = port.port();
    overPosition = position;
    BoxLoads.Fit fit = fit(overBox, overPort);
    overFits = fit.hindrance().isEmpty();
    overText =
        overFits
            ? fit.pixels()
                + " px · "
                + Texts.fixed(fit.hz(), 0)
                + " fps · "
                + Texts.fixed(fit.amps(), 1)
                + " A · "
                + Lengths.of(reading.show()).rough(fit.metres())
                + volts()
            : "not here: " + fit.hindrance().orElseThrow();
  }

  /** The hand is over nothing. */
  void overNothing() {
    overBox = "";
    overText = "";
    overFits = false;
  }

  private String volts() {
    if (reading.totals().pixels() > PIXELS_FOR_TRIAL) {
      return "";
    }
    Show moved = moved(reading.show());
    Reading trial = Reading.of(moved, Planner.sketch(moved));
    Optional<PortReading> port = trial.port(overBox, overPort);
    if (trial.decisions().unplaced().stream().anyMatch(u -> u.run().equals(run.name()))) {
      return " · cannot be powered there";
    }
    return port.stream()
        .flatMap(p -> p.segments().stream())
        .min(java.util.Comparator.comparingDouble(SegmentReading::minPercent))
        .map(s -> " · least " + Texts.fixed(s.volts().lowest(), 2) + " V")
        .orElse("");
  }

  /** A show with the pennant on the peg under the hand. */
  Show moved(Show now) {
    return ByHand.move(now, reading, run.name(), first, overBox, overPort, overPosition);
  }

  boolean isOverPeg() {
    return !overBox.isEmpty();
  }

  boolean fits() {
    return overFits;
  }

  String name() {
    return run.name() + " · " + (last - first + 1);
  }

  /** What the peg under the hand would make of it. */
  String text() {
    return overText;
  }

  /** Where it would go, for the message line. */
  String place() {
    return overBox + " port " + overPort;
  }
}
