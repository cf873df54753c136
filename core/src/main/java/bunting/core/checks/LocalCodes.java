package bunting.core.checks;

import bunting.core.assess.Reading;

/** Mains, permanent wiring and roofs can kill. */
final class LocalCodes implements Check {
  @Override
  public String code() {
    return "local-codes";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "Mains, permanent wiring and roofs can kill.";
  }

  @Override
  public String source() {
    return "local codes and licensed people";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    if (!reading.supplies().isEmpty()) {
      to.report(
          Subject.Kind.SHOW,
          reading.show().settings().name(),
          reading.supplies().size(),
          0,
          "supplies",
          "Mains wiring, permanent installation and work on roofs belong to local codes and, where"
              + " they say so, to a licensed person; an RCD or GFCI on every outdoor outlet.");
    }
  }
}
