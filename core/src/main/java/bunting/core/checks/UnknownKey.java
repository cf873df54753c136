package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.show.Leftovers;

/** A setting that is misspelt does nothing, and nobody notices. */
final class UnknownKey implements Check {
  @Override
  public String code() {
    return "unknown-setting";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A setting that is misspelt does nothing, and nobody notices.";
  }

  @Override
  public String source() {
    return "the settings file";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (Leftovers.Stray stray : reading.show().leftovers().strays()) {
      String path = stray.where();
      to.report(
          Subject.Kind.SETTING,
          path,
          1,
          0,
          "",
          "The setting "
              + path
              + " means nothing to Bunting and is left aside (it is kept in the file): check its"
              + " spelling.");
    }
  }
}
