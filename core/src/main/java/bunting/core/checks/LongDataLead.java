package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.ports.Prices;
import bunting.core.units.Lengths;

/** A long one-wire data lead picks up noise before the first pixel cleans it. */
final class LongDataLead implements Check {
  @Override
  public String code() {
    return "long-data-lead";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A long one-wire data lead picks up noise before the first pixel cleans it.";
  }

  @Override
  public String source() {
    return "common practice, 3 to 5 m";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Lengths lengths = Lengths.of(reading.show());
    for (var s : reading.segments()) {
      double most = s.type().signal().bareLeadM();
      if (Prices.needsHelp(s.type().signal(), s.leadM()) && s.help().isEmpty()) {
        double reach =
            reading.show().catalogue().leadHelpers().stream()
                .mapToDouble(h -> h.reachM())
                .max()
                .orElse(most);
        to.report(
            Subject.Kind.SEGMENT,
            s.segment().id(),
            s.leadM(),
            Math.max(most, reach),
            "m",
            "The data lead to "
                + s.run().name()
                + " is "
                + lengths.rough(s.leadM())
                + "; bare it works for "
                + lengths.round(most)
                + ", with help of the list for "
                + lengths.round(Math.max(most, reach))
                + ": put a box nearer.");
      }
    }
  }
}
