package bunting.core.checks;

import bunting.core.assess.Reading;

/** A run that nothing drives stays dark. */
final class UnplacedRun implements Check {
  @Override
  public String code() {
    return "unplaced";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "A run that nothing drives stays dark.";
  }

  @Override
  public String source() {
    return "arithmetic of ports, universes and volts";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    for (var u : reading.decisions().unplaced()) {
      to.report(
          Subject.Kind.RUN,
          u.run(),
          u.measured(),
          u.allowed(),
          u.unit(),
          (reading.show().run(u.run()).isPresent() ? "Run " : "Set or string ")
              + u.run()
              + " is not placed: it "
              + u.lacks()
              + ".");
    }
  }
}
