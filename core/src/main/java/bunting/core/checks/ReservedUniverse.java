package bunting.core.checks;

import bunting.core.assess.Reading;

/** Two sources on one universe fight over the lights. */
final class ReservedUniverse implements Check {
  @Override
  public String code() {
    return "reserved-universe";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "Two sources on one universe fight over the lights.";
  }

  @Override
  public String source() {
    return "ANSI E1.31";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    for (var s : reading.segments()) {
      for (var row : s.slots()) {
        for (var range : reading.show().addressing().reserved()) {
          if (row.universe() >= range.first() && row.universe() <= range.last()) {
            to.report(
                Subject.Kind.SEGMENT,
                s.segment().id(),
                row.universe(),
                range.last() + 1.0,
                "universe",
                "Segment "
                    + s.segment().id()
                    + " lies on universe "
                    + row.universe()
                    + ", which belongs to someone else.");
          }
        }
      }
    }
  }
}
