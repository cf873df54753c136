package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.units.Lengths;

/** A measured lead that is shorter than the way that the places say. */
final class LeadBesidePlaces implements Check {
  /** Places are drawn, leads measured: a difference below this is nobody's mistake, metres. */
  private static final double DRAWN_M = 0.5;

  @Override
  public String code() {
    return "lead-beside-places";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A lead cannot be shorter than the straight way from its box to its first pixel.";
  }

  @Override
  public String source() {
    return "geometry";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (SegmentReading s : reading.segments()) {
      Run run = s.run();
      boolean first = s.segment().firstPixel() == 1 && s.segment().position() == 1;
      if (first && run.leadM().isPresent()) {
        Point box =
            reading.decisions().controllers().stream()
                .filter(c -> c.controller().id().equals(s.segment().controller()))
                .map(c -> c.controller().at())
                .findFirst()
                .orElse(run.start());
        double straight = box.distanceTo(run.start());
        double lead = run.leadM().getAsDouble();
        if (lead < straight - DRAWN_M) {
          to.report(
              Subject.Kind.RUN,
              run.name(),
              lead,
              straight,
              "m",
              "Run "
                  + run.name()
                  + ": its lead is "
                  + Lengths.of(reading.show()).rough(lead)
                  + ", and its first pixel is "
                  + Lengths.of(reading.show()).rough(straight)
                  + " from "
                  + s.segment().controller()
                  + " as the crow flies: "
                  + Lengths.of(reading.show()).rough(straight - lead)
                  + " too short. Put box or run where they are, or measure the lead to this"
                  + " box.");
        }
      }
    }
  }
}
