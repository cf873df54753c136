package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.dc.Poles;
import bunting.core.island.Island;
import bunting.core.show.Feed;
import bunting.core.show.PairOhms;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/**
 * A fault in one feed's cable is fed from behind, over the strip, through the fuses of the others.
 */
final class BackFeed implements Check {
  @Override
  public String code() {
    return "back-feed";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "A short in one feed's cable is also fed through the strip by the island's other feeds,"
        + " behind their fuses and not behind its own.";
  }

  @Override
  public String source() {
    return "Kirchhoff's laws; each cable bears every fuse that can feed it, or the rest is left to"
        + " the strip's own resistance (common practice does the latter)";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Map<String, Wire> wires = reading.show().catalogue().wiresById();
    List<Bare> bare = new ArrayList<>();
    for (Island island : reading.worst().islands()) {
      // What a trunk's tails bear is judged with its fuse.
      for (int f = 0; f < island.feeds().size() && !island.onTrunk(); f++) {
        Feed feed = island.feeds().get(f);
        double bears = wires.get(feed.wire()).fuseAmpsMax();
        double other =
            island.feeds().stream()
                .filter(o -> !o.id().equals(feed.id()))
                .mapToDouble(Feed::fuseAmps)
                .max()
                .orElse(0);
        if (other > bears) {
          bare.add(new Bare(island, f, bears, other));
        }
      }
    }
    if (bare.isEmpty()) {
      return;
    }
    bare.sort(Comparator.comparingDouble(b -> -b.other() / b.bears()));
    Bare worst = bare.getFirst();
    to.report(
        Subject.Kind.FEED,
        worst.feed().id(),
        worst.other(),
        worst.bears(),
        "A",
        Texts.count(bare.size(), "cable lies", "cables lie")
            + " behind larger fuses than its own, since the strip joins them to other feeds: "
            + line(worst)
            + shorted(worst)
            + ". Let the cables bear it (power.backFeed: protect) where a fault is likely.",
        bare.stream().map(BackFeed::line).toList());
  }

  /** A cable that bears less than another fuse of its island. */
  private record Bare(Island island, int index, double bears, double other) {
    Feed feed() {
      return island.feeds().get(index);
    }
  }

  private static String line(Bare b) {
    return b.feed().id()
        + " of "
        + b.feed().wire()
        + " bears "
        + number(b.bears())
        + " A and is also behind a "
        + number(b.other())
        + " A fuse";
  }

  /** What would flow back into it if it were shorted at its fuse. */
  private static String shorted(Bare b) {
    Line line = b.island().line().shedding();
    Line.Feed whole = line.feeds().get(b.index());
    PairOhms cable = PairOhms.even(2 * whole.ohms().ground());
    Line.Feed cut = new Line.Feed(whole.at(), cable, Poles.supply(0));
    return LineSolver.solve(line.withFeed(b.index(), cut)) instanceof LineSolution.Stands s
        ? " (shorted at its fuse, it would carry " + fixed(-s.feedAmps().at(b.index()), 1) + " A)"
        : "";
  }
}
