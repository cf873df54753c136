package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.show.UniverseRange;

/** Addresses handed out that someone else claims. */
final class ForeignSlots implements Check {
  @Override
  public String code() {
    return "foreign-slots";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "Universes that belong to someone else carry his light to our boxes, and ours to his.";
  }

  @Override
  public String source() {
    return "ANSI E1.31-2018, sources of one universe are merged by priority";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (var handOut : reading.show().allotting().handOut().stream().toList()) {
      for (var nail : handOut.nails()) {
        for (UniverseRange range : reading.show().addressing().reserved()) {
          int inside =
              nail.slots().stream()
                  .filter(s -> s.universe() >= range.first() && s.universe() <= range.last())
                  .mapToInt(s -> s.slots())
                  .sum();
          if (inside > 0) {
            to.report(
                Subject.Kind.RUN,
                nail.run(),
                inside,
                0,
                "slots",
                nail.run()
                    + " was handed out "
                    + inside
                    + " slots in universes "
                    + range.text()
                    + ", which belong to "
                    + (range.owner().isEmpty() ? "someone else" : range.owner())
                    + ": settle who keeps them, or take its addresses back.");
          }
        }
      }
    }
  }
}
