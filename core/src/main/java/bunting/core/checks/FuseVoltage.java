package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;

/** Common blade fuses are rated 32 V: above that one may not put out its own arc. */
final class FuseVoltage implements Check {
  @Override
  public String code() {
    return "fuse-voltage";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Common blade fuses are rated 32 V: above that one may not put out its own arc.";
  }

  @Override
  public String source() {
    return "ISO 8820-3, from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    for (var s : reading.supplies()) {
      if (s.type().volts() > 32) {
        to.report(
            Subject.Kind.SUPPLY,
            s.supply().id(),
            s.type().volts(),
            32,
            "V",
            "Supply "
                + s.supply().id()
                + " gives "
                + number(s.type().volts())
                + " V: its fuses and holders must be rated for that.");
      }
    }
  }
}
