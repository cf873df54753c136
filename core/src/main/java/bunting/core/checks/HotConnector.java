package bunting.core.checks;

import static bunting.core.show.Texts.fixed;

import bunting.core.assess.Reading;

/** Small pluggable terminals get hot near their rating. */
final class HotConnector implements Check {
  private static final double HOT_AMPS = 8;

  @Override
  public String code() {
    return "hot-connector";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Ten amps through a small pluggable terminal is hot, and heat loosens it further.";
  }

  @Override
  public String source() {
    return "common practice, no source";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (var f : reading.feeds()) {
      double amps = reading.worst().feedAmps(f.feed().id());
      if (f.feed().viaPort() && amps > HOT_AMPS) {
        to.report(
            Subject.Kind.FEED,
            f.feed().id(),
            amps,
            HOT_AMPS,
            "A",
            "Feed "
                + f.feed().id()
                + ": "
                + fixed(amps, 1)
                + " A for hours through a board's pluggable terminal; use ferrules, feel it after"
                + " an hour of white, or feed this run from the distribution.");
      }
    }
  }
}
