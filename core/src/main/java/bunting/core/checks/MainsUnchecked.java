package bunting.core.checks;

import bunting.core.assess.Reading;

/** Without circuits nobody has looked whether the house bears it. */
final class MainsUnchecked implements Check {
  @Override
  public String code() {
    return "mains-unchecked";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "Without circuits nobody has looked whether the house bears it.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    if (reading.show().circuits().isEmpty()) {
      to.report(
          Subject.Kind.SHOW,
          reading.show().settings().name(),
          0,
          1,
          "circuits",
          "No mains circuits are given, so the mains are not checked: name each circuit, its"
              + " breaker and what else is on it.");
    }
  }
}
