package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.show.UniverseRange;
import java.util.Comparator;
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
    List<UniverseRange> ranges =
        reading.show().addressing().reserved().stream()
            .sorted(Comparator.comparingInt(UniverseRange::first))
            .toList();
    // Of those before, the one that reaches furthest, and the furthest of any other owner.
    UniverseRange furthest = null;
    UniverseRange others = null;
    for (UniverseRange range : ranges) {
      boolean own = furthest != null && furthest.owner().equals(range.owner());
      UniverseRange before = own ? others : furthest;
      if (before != null && before.last() >= range.first()) {
        report(to, before, range);
      }
      if (furthest == null || range.last() > furthest.last()) {
        others = own ? others : furthest;
        furthest = range;
      } else if (!own && (others == null || range.last() > others.last())) {
        others = range;
      }
    }
  }

  private static void report(Reporter to, UniverseRange a, UniverseRange b) {
    int shared = Math.min(a.last(), b.last()) - b.first() + 1;
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

  private static String who(UniverseRange range) {
    return range.owner().isEmpty() ? "Someone" : range.owner();
  }
}
