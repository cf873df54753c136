package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
import bunting.core.copper.Rails;

/** A run's own rails bear what they carry, where their type says what that is. */
final class RailLimit implements Check {
  @Override
  public String code() {
    return "rail-over-limit";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "The strip itself is a conductor too: past what it bears its copper and its solder"
        + " joints cook.";
  }

  @Override
  public String source() {
    return "the limit of the pixel type";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (var s : reading.segments()) {
      Rails.Limit limit = Rails.of(s.type());
      var flow = reading.worst().segments().get(s.segment().id());
      if (limit.given() && Fuses.over(flow.railAmps(), limit.amps())) {
        to.report(
            Subject.Kind.SEGMENT,
            s.segment().id(),
            flow.railAmps(),
            limit.amps(),
            "A",
            "The rail of "
                + s.run().name()
                + " carries "
                + fixed(flow.railAmps(), 2)
                + " A behind pixel "
                + flow.railAfter()
                + ", and bears "
                + number(limit.amps())
                + " A: add a feed there, so that each stretch carries less.");
      }
    }
  }
}
