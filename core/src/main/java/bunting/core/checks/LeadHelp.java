package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;

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
                          + fixed(s.leadM(), 1)
                          + " m, over "
                          + number(s.type().signal().bareLeadM())
                          + " m: planned with a "
                          + h.name()
                          + " ("
                          + number(h.cost())
                          + ")."));
    }
  }
}
