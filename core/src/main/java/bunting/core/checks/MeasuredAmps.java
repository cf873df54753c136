package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;

/** Spec sheets lie: where a meter says otherwise, the meter holds. */
final class MeasuredAmps implements Check {
  /** Less than this share is within what a clamp meter can tell. */
  private static final double SHARE = 0.05;

  @Override
  public String code() {
    return "measured-amps";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "Where a meter says something else than the sheet, the meter holds.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (var type : reading.show().catalogue().pixelTypes()) {
      double sheet = type.sheetMilliampsFull().orElse(type.milliampsFull());
      boolean used = reading.show().runs().stream().anyMatch(r -> r.type().equals(type.id()));
      if (used && Math.abs(type.milliampsFull() - sheet) > SHARE * sheet) {
        to.report(
            Subject.Kind.SETTING,
            type.id(),
            type.milliampsFull(),
            sheet,
            "mA",
            type.name()
                + ": measured "
                + fixed(type.milliampsFull(), 1)
                + " mA a pixel, the sheet says "
                + number(sheet)
                + " mA; the plan takes what was measured.");
      }
    }
  }
}
