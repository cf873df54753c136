package bunting.core.checks;

import bunting.core.assess.Reading;

/** An output without a slot cannot be told anything. */
final class NoSlots implements Check {
  @Override
  public String code() {
    return "no-slots";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "An output without a slot cannot be told anything.";
  }

  @Override
  public String source() {
    return "ANSI E1.31 and Art-Net: numbers of universes";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (var s : reading.others().sets()) {
      if (s.slots().isEmpty()) {
        to.report(
            Subject.Kind.RUN,
            s.set().name(),
            s.set().channels(),
            0,
            "slots",
            "Set "
                + s.set().name()
                + " needs "
                + s.set().channels()
                + " slots, and the universes of the protocol are used up: begin at a lower one.");
      }
    }
  }
}
