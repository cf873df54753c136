package bunting.core.power;

import bunting.core.show.Wire;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Feeds for one island: as few as hold when they stand evenly from end to end, then the thinnest
 * wires that still hold. The count is searched with the thickest wire by doubling and halving; a
 * trial decides each step, so what comes out holds even where more feeds should not help. Cost:
 * some log2(pixels) + feeds x wires solves.
 */
final class FeedSearch {
  /** Beyond so many feeds each keeps the common gauge: nobody wants fifty kinds of lead. */
  private static final int FEEDS_THINNED_ONE_BY_ONE = 24;

  private final Stretch stretch;
  private final PowerRules rules;

  FeedSearch(Stretch stretch, PowerRules rules) {
    this.stretch = stretch;
    this.rules = rules;
  }

  /** One feed at the first pixel, thickest wire. */
  FeedTrial single(Optional<PortLimit> port) {
    return evenly(1, port);
  }

  /** As few feeds as hold, thickest wire; when none hold, the densest that was tried. */
  FeedTrial fewest(Optional<PortLimit> port) {
    int fails = 0;
    int count = 1;
    FeedTrial trial = evenly(count, port);
    while (!trial.holds() && count < stretch.size()) {
      fails = count;
      count = Math.min(stretch.size(), count < 4 ? count + 1 : count + count / 2);
      trial = evenly(count, port);
    }
    while (trial.holds() && count - fails > 1) {
      int middle = (count + fails) >>> 1;
      FeedTrial fewer = evenly(middle, port);
      if (fewer.holds()) {
        trial = fewer;
        count = middle;
      } else {
        fails = middle;
      }
    }
    return trial;
  }

  /** The same feeds with the thinnest wires that hold: one gauge for all first, then one by one. */
  FeedTrial thinned(FeedTrial thick) {
    FeedTrial best = thick;
    for (Wire wire : rules.wires()) {
      Wire[] all = new Wire[thick.at.length];
      Arrays.fill(all, wire);
      FeedTrial trial = with(thick, all, wire);
      if (trial.holds()) {
        best = trial;
        break;
      }
    }
    if (best.at.length == 1 || best.at.length > FEEDS_THINNED_ONE_BY_ONE) {
      return best;
    }
    for (int f = best.at.length - 1; f >= 0; f--) {
      best = thinnedAt(best, f);
    }
    return best;
  }

  private FeedTrial thinnedAt(FeedTrial from, int feed) {
    FeedTrial best = from;
    List<Wire> wires = rules.wires();
    for (int w = wires.indexOf(from.wires[feed]) - 1; w >= 0; w--) {
      Wire[] one = best.wires.clone();
      one[feed] = wires.get(w);
      FeedTrial trial = with(best, one, best.joints);
      if (!trial.holds()) {
        break;
      }
      best = trial;
    }
    return best;
  }

  private FeedTrial with(FeedTrial like, Wire[] wires, Wire joints) {
    return new FeedTrial(stretch, rules, like.port, like.at, like.metres, wires, joints);
  }

  /** So many feeds from end to end, thickest wire. */
  FeedTrial evenly(int count, Optional<PortLimit> port) {
    int[] at = new int[count];
    double[] metres = new double[count];
    for (int f = 1; f < count; f++) {
      at[f] = (int) Math.round(f * (stretch.size() - 1) / (double) (count - 1));
    }
    for (int f = 0; f < count; f++) {
      metres[f] = stretch.feedM(at[f]);
    }
    Wire[] wires = new Wire[count];
    Wire thickest = rules.wires().getLast();
    Arrays.fill(wires, thickest);
    return new FeedTrial(stretch, rules, port, at, metres, wires, thickest);
  }
}
