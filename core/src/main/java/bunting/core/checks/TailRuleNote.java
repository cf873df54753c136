package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.copper.TailRule;
import bunting.core.show.Feed;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Tails that bear less than their trunk's fuse are told, with the rule that allows it. */
final class TailRuleNote implements Check {
  @Override
  public String code() {
    return "tail-rule";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "A tail that bears less than the fuse before it is allowed where it is short and cannot"
        + " carry more than its load; whether your place allows it, its code says.";
  }

  @Override
  public String source() {
    return "NFPA 70 240.21(B)(1), from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Map<String, Wire> wires = reading.show().catalogue().wiresById();
    List<Feed> thin =
        reading.decisions().feeds().stream()
            .filter(f -> f.trunk().isPresent())
            .filter(f -> wires.get(f.wire()).fuseAmpsMax() < f.fuseAmps())
            .toList();
    Optional<Feed> first =
        thin.stream()
            .max(Comparator.comparingDouble(f -> f.fuseAmps() / wires.get(f.wire()).fuseAmpsMax()));
    if (first.isEmpty()) {
      return;
    }
    Feed f = first.get();
    double bears = wires.get(f.wire()).fuseAmpsMax();
    to.report(
        Subject.Kind.FEED,
        f.id(),
        f.fuseAmps(),
        bears,
        "A",
        Texts.count(thin.size(), "tail bears", "tails bear")
            + " less than the trunk's fuse, at the worst "
            + number(bears)
            + " A behind "
            + number(f.fuseAmps())
            + " A: keep tails short, "
            + number(Feed.TAIL_M)
            + " m as planned and never over "
            + number(TailRule.METRES_MAX)
            + " m, or let them bear it (power.backFeed: protect). Ask what your place allows.",
        thin.stream()
            .map(
                t ->
                    t.id()
                        + " of "
                        + t.wire()
                        + " bears "
                        + number(wires.get(t.wire()).fuseAmpsMax())
                        + " A behind "
                        + t.fuse())
            .toList());
  }
}
