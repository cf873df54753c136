package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.Preparation;
import bunting.core.show.TypePlug;

/** Two makes after each other on a port may have V+ on other sides. */
final class RailsCrossed implements Check {
  @Override
  public String code() {
    return "rails-crossed";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Two makes may have V+ and ground on other sides: joined straight, V+ meets ground.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Preparation known = reading.show().preparation();
    SegmentReading before = null;
    for (SegmentReading s : reading.segments()) {
      if (before != null
          && s.segment().position() > 1
          && plus(known, before).crosses(plus(known, s))) {
        to.report(
            Subject.Kind.RUN,
            s.run().name(),
            1,
            0,
            "joints",
            "Where "
                + before.run().name()
                + " ends and "
                + s.run().name()
                + " begins, V+ changes sides: cross the pair there, and measure before it is lit.");
      }
      before = s;
    }
  }

  private static TypePlug.Side plus(Preparation known, SegmentReading s) {
    return known.plugOf(s.type().id()).map(TypePlug::plus).orElse(TypePlug.Side.UNSAID);
  }
}
