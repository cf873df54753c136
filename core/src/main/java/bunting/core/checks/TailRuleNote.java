package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.assess.TrunkReading;
import bunting.core.copper.TailRule;
import bunting.core.show.Feed;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import java.util.ArrayList;
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
    List<String> each = new ArrayList<>();
    int count = 0;
    double worst = 0;
    Optional<Feed> first = Optional.empty();
    for (TrunkReading t : reading.trunks()) {
      List<Feed> thin =
          reading.decisions().feeds().stream()
              .filter(f -> t.trunk().tails().contains(f.id()))
              .filter(f -> wires.get(f.wire()).fuseAmpsMax() < t.fuseAmps())
              .toList();
      count += thin.size();
      for (Feed f : thin) {
        double bears = wires.get(f.wire()).fuseAmpsMax();
        if (t.fuseAmps() / bears > worst) {
          worst = t.fuseAmps() / bears;
          first = Optional.of(f);
        }
        each.add(
            f.id() + " of " + f.wire() + " bears " + number(bears) + " A behind " + t.trunk().id());
      }
    }
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
        Texts.count(count, "tail bears", "tails bear")
            + " less than the trunk's fuse, at the worst "
            + number(bears)
            + " A behind "
            + number(f.fuseAmps())
            + " A: keep tails short, "
            + number(Feed.TAIL_M)
            + " m as planned and never over "
            + number(TailRule.METRES_MAX)
            + " m, or let them bear it (power.backFeed: protect). Ask what your place allows.",
        each);
  }
}
