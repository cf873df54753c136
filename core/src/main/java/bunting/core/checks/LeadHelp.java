package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.units.Lengths;

/** A long data lead that help of the catalogue was planned for. */
final class LeadHelp implements Check {
  @Override
  public String code() {
    return "lead-help";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "A long data lead needs a driver before the first pixel, or a pair of wires.";
  }

  @Override
  public String source() {
    return "common practice, 3 to 5 m for one wire";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Lengths lengths = Lengths.of(reading.show());
    for (var s : reading.segments()) {
      s.help()
          .ifPresent(
              h ->
                  to.report(
                      Subject.Kind.SEGMENT,
                      s.segment().id(),
                      s.leadM(),
                      s.type().signal().bareLeadM(),
                      "m",
                      "The data lead to "
                          + s.run().name()
                          + " is "
                          + lengths.rough(s.leadM())
                          + ", over "
                          + lengths.round(s.type().signal().bareLeadM())
                          + ": planned with a "
                          + h.name()
                          + " ("
                          + reading.show().settings().price(h.cost())
                          + ")."));
    }
  }
}
