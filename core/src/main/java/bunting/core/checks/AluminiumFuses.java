package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;

/** Cheap fuses with aluminium blades run hot. */
final class AluminiumFuses implements Check {
  private static final double FROM_AMPS = 10;

  @Override
  public String code() {
    return "aluminium-fuses";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "Blades of aluminium corrode, grip badly and run hot; the holder melts long before the"
        + " fuse opens.";
  }

  @Override
  public String source() {
    return "common practice, no source";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    double largest = reading.feeds().stream().mapToDouble(f -> f.feed().fuseAmps()).max().orElse(0);
    if (largest >= FROM_AMPS) {
      to.report(
          Subject.Kind.SHOW,
          reading.show().settings().name(),
          largest,
          FROM_AMPS,
          "A",
          "Fuses up to "
              + number(largest)
              + " A are fitted: buy ones with tinned copper or zinc blades, and spares of each"
              + " size.");
    }
  }
}
