package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;

/** At 24 V and more the inrush into the pixels' capacitors can kill the data chip. */
final class HotPlug implements Check {
  @Override
  public String code() {
    return "hot-plug";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "At 24 V and more the inrush into the pixels' capacitors can kill the data chip.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    for (var c : reading.decisions().controllers()) {
      boolean used =
          reading.segments().stream()
              .anyMatch(s -> s.segment().controller().equals(c.controller().id()));
      if (used && c.volts() >= 24) {
        to.report(
            Subject.Kind.CONTROLLER,
            c.controller().id(),
            c.volts(),
            24,
            "V",
            c.controller().id()
                + " runs at "
                + number(c.volts())
                + " V: switch it off before any plug is made or parted.");
      }
    }
  }
}
