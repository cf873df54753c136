package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;

/** A stretch of V+ without a feed stays dark. */
final class Unfed implements Check {
  @Override
  public String code() {
    return "unfed";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "A stretch of V+ without a feed stays dark.";
  }

  @Override
  public String source() {
    return "Kirchhoff's laws";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    for (var s : reading.segments()) {
      if (!reading.designed().segments().get(s.segment().id()).fed()) {
        to.report(
            Subject.Kind.SEGMENT,
            s.segment().id(),
            0,
            s.type().volts(),
            "V",
            "Some pixels of "
                + s.run().name()
                + " have no feed: they want "
                + number(s.type().volts())
                + " V.");
      }
    }
  }
}
