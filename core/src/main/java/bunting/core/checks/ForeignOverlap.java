package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.show.UniverseRange;
import java.util.List;

/** Foreign ranges that overlap. */
final class ForeignOverlap implements Check {
  @Override
  public String code() {
    return "foreign-overlap";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Two sources that both think a universe is theirs fight over it.";
  }

  @Override
  public String source() {
    return "ANSI E1.31-2018, sources of one universe are merged by priority";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    List<UniverseRange> ranges = reading.show().addressing().reserved();
    for (int i = 0; i < ranges.size(); i++) {
      for (int k = i + 1; k < ranges.size(); k++) {
        UniverseRange a = ranges.get(i);
        UniverseRange b = ranges.get(k);
        int shared = Math.min(a.last(), b.last()) - Math.max(a.first(), b.first()) + 1;
        if (shared > 0 && !a.owner().equals(b.owner())) {
          to.report(
              Subject.Kind.SETTING,
              "addressing.reserved",
              shared,
              0,
              "universes",
              who(a)
                  + " ("
                  + a.text()
                  + ") and "
                  + who(b)
                  + " ("
                  + b.text()
                  + ") both claim "
                  + shared
                  + " universes: ask them whose they are.");
        }
      }
    }
  }

  private static String who(UniverseRange range) {
    return range.owner().isEmpty() ? "Someone" : range.owner();
  }
}
