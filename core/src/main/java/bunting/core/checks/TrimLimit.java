package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;

/** A trimmed supply must not give pixels more than they bear. */
final class TrimLimit implements Check {
  private static final double MOST_SHARE = 1.1;

  @Override
  public String code() {
    return "trim-limit";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "More volts cure a drop at the far end and are all there at the first pixel, where"
        + " nothing drops.";
  }

  @Override
  public String source() {
    return "many 5 V chips bear 5.5 V at the most (data sheets, from memory); others by the same"
        + " share";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    reading
        .show()
        .wiring()
        .conductors()
        .trims()
        .forEach(
            (nominal, volts) -> {
              double most = MOST_SHARE * nominal;
              if (volts > most + 1e-9) {
                to.report(
                    Subject.Kind.SHOW,
                    reading.show().settings().name(),
                    volts,
                    most,
                    "V",
                    number(nominal)
                        + " V supplies are trimmed to "
                        + fixed(volts, 2)
                        + " V; the first pixels bear "
                        + fixed(most, 2)
                        + " V at the most.");
              }
            });
  }
}
