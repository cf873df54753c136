package bunting.core.checks;

import bunting.core.assess.Reading;

/** A plan that could be better elsewhere should say so. */
final class NoSearch implements Check {
  @Override
  public String code() {
    return "no-search";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Without the exact solver a plan is right, but another machine may find a better one.";
  }

  @Override
  public String source() {
    return "the solver's native library";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    reading
        .decisions()
        .report()
        .noSearch()
        .ifPresent(
            why ->
                to.report(
                    Subject.Kind.SHOW,
                    reading.show().settings().name(),
                    1,
                    0,
                    "",
                    "The exact solver does not load on this machine ("
                        + why.replaceAll("\\s+", " ")
                        + "): ports are allotted by first fits alone, which is right and may not be"
                        + " the best."));
  }
}
