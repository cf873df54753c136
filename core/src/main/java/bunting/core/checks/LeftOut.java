package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.show.Leftovers;

/** What a file referred to and the show has not is left out, and its builder should know. */
final class LeftOut implements Check {
  @Override
  public String code() {
    return "left-out";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "What refers to something that is not there has no effect; it is gone with the next"
        + " save.";
  }

  @Override
  public String source() {
    return "the show file";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (Leftovers.Dropped dropped : reading.show().leftovers().dropped()) {
      boolean known = dropped.run().flatMap(reading.show()::run).isPresent();
      to.report(
          known ? Subject.Kind.RUN : Subject.Kind.SHOW,
          known ? dropped.run().orElseThrow() : reading.show().settings().name(),
          1,
          0,
          "",
          dropped.what());
    }
  }
}
