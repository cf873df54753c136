package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.show.Signal;

/** A long one-wire data lead picks up noise before the first pixel cleans it. */
final class LongDataLead implements Check {
  private static final double MOST_M = 5;

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

    for (var p : reading.ports()) {
      if (!p.segments().isEmpty()) {
        var s = p.segments().getFirst();
        if (s.leadM() > MOST_M && s.type().signal() != Signal.CLOCKED) {
          to.report(
              Subject.Kind.SEGMENT,
              s.segment().id(),
              s.leadM(),
              MOST_M,
              "m",
              "The data lead to "
                  + s.run().name()
                  + " is "
                  + fixed(s.leadM(), 1)
                  + " m, over "
                  + number(MOST_M)
                  + " m: put a buffer near its first pixel, or a differential pair.");
        }
      }
    }
  }
}
