package bunting.core.checks;

import static bunting.core.show.Texts.fixed;

import bunting.core.assess.Reading;

/** Dark is not off: each pixel draws about a milliamp while it shows black. */
final class DarkWatts implements Check {
  private static final double WORTH_A_SWITCH_WATTS = 20;

  @Override
  public String code() {
    return "dark-watts";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "Dark is not off: each pixel draws about a milliamp while it shows black.";
  }

  @Override
  public String source() {
    return "common practice, 0.5 to 1 mA";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    double watts = 0;
    for (var s : reading.segments()) {
      watts += s.segment().pixels() * s.type().milliampsIdle() / 1000 * s.type().volts();
    }
    if (watts > WORTH_A_SWITCH_WATTS) {
      to.report(
          Subject.Kind.SHOW,
          reading.show().settings().name(),
          watts,
          WORTH_A_SWITCH_WATTS,
          "W",
          "All dark, the pixels still draw "
              + fixed(watts, 0)
              + " W: put the supplies on relays or timed outlets, and the controllers on small"
              + " supplies of their own.");
    }
  }
}
