package bunting.core.power;

import bunting.core.copper.Fuses;
import bunting.core.cost.JoinPlaces;
import bunting.core.injection.FeedPlaces;
import bunting.core.injection.LeastCopper;
import bunting.core.injection.Sites;
import bunting.core.show.HeldPost;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Feeds for one island by the show's school. Best of all: as few as hold when they stand evenly
 * from end to end, by doubling and halving; then, as far as the show's size allows, the fewest that
 * hold anywhere ({@link FeedPlaces}) and of so many the places and sizes with the least copper
 * ({@link LeastCopper}; of more than two feeds less copper, by moving them about). The count is
 * found with the thickest wire; sizes are thinned afterwards.
 */
final class FeedSearch {
  /** Beyond so many feeds each keeps the common gauge: nobody wants fifty kinds of lead. */
  private static final int FEEDS_THINNED_ONE_BY_ONE = 24;

  /** Counts above these are proven no more: their proof takes longer than a tenth of a second. */
  private static final int FEEDS_EXACT = 4;

  private static final int PIXELS_EXACT = 400;

  /**
   * A cable is not thinned below what the island's other fuses can send into it from behind for
   * less copper than this share.
   */
  private static final double BACK_FEED_SHARE = 0.05;

  /** The least copper is proven for so many feeds, and looked for by moving up to so many. */
  private static final int FEEDS_LEAST_COPPER = 2;

  private static final int FEEDS_MOVED = 6;

  private final Stretch stretch;
  private final PowerRules rules;
  private final Wire thickest;

  FeedSearch(Stretch stretch, PowerRules rules) {
    this.stretch = stretch;
    this.rules = rules;
    this.thickest = rules.thickest();
  }

  /** One feed at the first pixel, thickest wire. */
  FeedTrial single(Optional<PortLimit> port) {
    return evenly(1, port);
  }

  /**
   * One feed, thickest wire: at the first pixel, or where it holds best; as it comes if none does.
   */
  FeedTrial one(Optional<PortLimit> port) {
    FeedTrial front = single(port);
    boolean anywhere = port.isEmpty() && rules.effort() != PowerRules.Effort.EVEN;
    if (front.holds() || !anywhere) {
      return front;
    }
    return FeedMemo.answer(
        asked("one", port, List.of()),
        () ->
            FeedPlaces.any(sites(port), rules.aimVolts(), 1)
                .map(f -> trial(f.places(), port))
                .filter(FeedTrial::holds)
                .orElse(front));
  }

  /** As the school has it, thickest wire; when it does not hold, the densest that was tried. */
  FeedTrial fewest(Optional<PortLimit> port) {
    int last = stretch.size() - 1;
    return switch (rules.ways().school()) {
      case FRONT -> single(port);
      case ENDS -> last == 0 ? single(port) : trial(new int[] {0, last}, port);
      case EVERY -> trial(every(), port);
      case PORT_FIRST, BEST, SECOND_SUPPLY, TRUNK -> best(port);
    };
  }

  private int[] every() {
    return every(stretch.size(), rules.ways().everyPixels());
  }

  /** The first of so many pixels, and after every so many. */
  static int[] every(int pixels, int step) {
    int[] at = new int[(pixels - 1) / step + 1];
    for (int f = 0; f < at.length; f++) {
      at[f] = f * step;
    }
    return at;
  }

  private FeedTrial best(Optional<PortLimit> port) {
    return FeedMemo.answer(asked("fewest", port, List.of()), () -> searched(port));
  }

  private FeedMemo.Asked asked(String what, Optional<PortLimit> port, List<Post> from) {
    return new FeedMemo.Asked(what, stretch.box(), stretch.pieces(), rules, port, from);
  }

  private FeedTrial searched(Optional<PortLimit> port) {
    FeedTrial even = fewestEven(port);
    boolean enough = even.count() == 1 && even.holds();
    if (enough || rules.effort() == PowerRules.Effort.EVEN) {
      return even;
    }
    boolean exact = even.count() <= FEEDS_EXACT && stretch.size() <= PIXELS_EXACT;
    int most = even.holds() ? even.count() - (exact ? 1 : 0) : stretch.size();
    if (most == 0) {
      return even;
    }
    Sites sites = sites(port);
    Optional<FeedTrial> found =
        (exact
                ? FeedPlaces.any(sites, rules.aimVolts(), most)
                : FeedPlaces.near(sites, rules.aimVolts(), most))
            .map(f -> trial(f.places(), port))
            .filter(FeedTrial::holds);
    return found.filter(f -> !even.holds() || f.count() < even.count()).orElse(even);
  }

  private FeedTrial fewestEven(Optional<PortLimit> port) {
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

  /** What a feed of the thickest wire would be at each pixel. */
  private Sites sites(Optional<PortLimit> port) {
    return sites(thickest, thickestAt(port), port);
  }

  /** The thickest wire that goes into a port's terminal. */
  private Wire thickestAt(Optional<PortLimit> port) {
    return port.flatMap(p -> rules.wires().reversed().stream().filter(p::takes).findFirst())
        .orElse(thickest);
  }

  private Sites sites(Wire wire, Wire atPort, Optional<PortLimit> port) {
    int n = stretch.size();
    double[] ohms = new double[n];
    double[] most = new double[n];
    double joint = stretch.pieces().size() > 1 ? thickest.fuseAmpsMax() : Double.MAX_VALUE;
    OptionalDouble fuse = Fuses.largest(Math.min(wire.fuseAmpsMax(), joint));
    for (int i = 0; i < n; i++) {
      ohms[i] = rules.copper().feedOhms(wire, stretch.feedM(i), false).loop();
      Stretch.Place at = stretch.place(i);
      boolean mark = JoinPlaces.atCutMark(stretch.pieces().get(at.piece()).type(), at.pixel());
      most[i] = mark ? fuse.orElse(0) / rules.margin() : 0;
    }
    port.ifPresent(
        p -> {
          ohms[0] = rules.copper().feedOhms(atPort, stretch.feedM(0), true).loop();
          boolean no = !p.takes(atPort) || (p.shared() && atPort.fuseAmpsMax() < p.fuseMax());
          double bears = Fuses.largest(Math.min(atPort.fuseAmpsMax(), joint)).orElse(0);
          most[0] = no ? 0 : Math.min(p.ampsMax(), Math.min(bears, p.fuseMax()) / rules.margin());
        });
    double source = port.isPresent() ? rules.bus().across() : rules.supplyVolts();
    return new Sites(
        stretch.bare(rules.brightness(), thickest), source, ohms, most, port.isPresent());
  }

  /** The same feeds with the thinnest wires that hold, or as many elsewhere with less copper. */
  FeedTrial thinned(FeedTrial thick) {
    return FeedMemo.answer(asked("thinned", thick.port, thick.posts), () -> searchedThinner(thick));
  }

  private FeedTrial searchedThinner(FeedTrial thick) {
    FeedTrial thin = thinnedInPlace(thick);
    boolean free = thick.posts.stream().allMatch(p -> p.held().isEmpty());
    boolean searched =
        free
            && rules.effort() == PowerRules.Effort.EXACT
            && stretch.size() <= PIXELS_EXACT
            && thick.count() <= FEEDS_MOVED
            && switch (rules.ways().school()) {
              case PORT_FIRST, BEST, SECOND_SUPPLY -> true;
              case FRONT, ENDS, EVERY, TRUNK -> false;
            };
    if (!searched || !thin.holds()) {
      return thin;
    }
    return thick.count() <= FEEDS_LEAST_COPPER && stretch.pieces().size() == 1
        ? leastCopper(thick, thin)
        : lessCopper(thick, thin);
  }

  /** The least copper of all places and sizes. */
  private FeedTrial leastCopper(FeedTrial thick, FeedTrial thin) {
    List<Sites> sizes = new ArrayList<>();
    List<double[]> copper = new ArrayList<>();
    for (Wire wire : rules.wires()) {
      sizes.add(sites(wire, wire, thick.port));
      double[] cost = new double[stretch.size()];
      for (int i = 0; i < cost.length; i++) {
        cost[i] = 2 * stretch.feedM(i) * wire.copperMm2();
      }
      copper.add(cost);
    }
    double known = thin.copper() - 2 * stretch.jointMetres() * thin.joints.copperMm2();
    return LeastCopper.find(sizes, copper, rules.aimVolts(), thick.count(), known)
        .map(c -> chosen(c, thin))
        .filter(FeedTrial::holds)
        .orElse(thin);
  }

  /** Less copper by moving feeds about, one at a time: by much first, then by little. */
  private FeedTrial lessCopper(FeedTrial thick, FeedTrial thin) {
    FeedTrial best = thin;
    FeedTrial even = evenly(thick.count(), thick.port);
    if (even.holds()) {
      FeedTrial other = thinnedInPlace(even);
      best = other.copper() < best.copper() ? other : best;
    }
    for (int reach = Math.max(1, stretch.size() / 8); reach >= 1; reach /= 2) {
      for (int f = best.port.isPresent() ? 1 : 0; f < best.count(); f++) {
        for (int by : new int[] {-reach, reach}) {
          best = movedFor(best, f, by);
        }
      }
    }
    return best;
  }

  private FeedTrial movedFor(FeedTrial from, int feed, int by) {
    int at = from.posts.get(feed).at() + by;
    boolean crosses =
        at < 0
            || at >= stretch.size()
            || from.posts.stream().anyMatch(p -> p.at() == at)
            || (feed > 0 && at < from.posts.get(feed - 1).at())
            || (feed + 1 < from.count() && at > from.posts.get(feed + 1).at());
    if (crosses) {
      return from;
    }
    int[] places = from.posts.stream().mapToInt(Post::at).toArray();
    places[feed] = at;
    FeedTrial thick = trial(places, from.port);
    FeedTrial thin = thick.holds() ? thinnedInPlace(thick) : from;
    return thin.copper() < from.copper() ? thin : from;
  }

  private FeedTrial chosen(LeastCopper.Choice choice, FeedTrial like) {
    List<Post> posts = new ArrayList<>();
    for (int f = 0; f < choice.at().size(); f++) {
      int at = choice.at().get(f);
      posts.add(new Post(at, stretch.feedM(at), rules.wires().get(choice.size().get(f))));
    }
    return new FeedTrial(stretch, rules, like.port, posts, like.joints);
  }

  /** The thinnest wires that hold in these places: one gauge for all first, then one by one. */
  FeedTrial thinnedInPlace(FeedTrial thick) {
    FeedTrial best = thick;
    if (!thick.holds()) {
      return thick;
    }
    for (Wire wire : rules.wires()) {
      List<Post> all = thick.posts.stream().map(p -> p.free() ? p.with(wire) : p).toList();
      FeedTrial trial = with(thick, all, wire);
      if (trial.holds()) {
        best = trial;
        break;
      }
    }
    if (best.count() == 1 || best.count() > FEEDS_THINNED_ONE_BY_ONE) {
      return best;
    }
    for (int f = best.count() - 1; f >= 0; f--) {
      best = thinnedAt(best, f);
    }
    return best;
  }

  private FeedTrial thinnedAt(FeedTrial from, int feed) {
    FeedTrial best = from;
    List<Wire> wires = rules.wires();
    if (!from.posts.get(feed).free()) {
      return from;
    }
    for (int w = wires.indexOf(from.posts.get(feed).wire()) - 1; w >= 0; w--) {
      List<Post> one = new ArrayList<>(best.posts);
      one.set(feed, one.get(feed).with(wires.get(w)));
      FeedTrial trial = with(best, one, best.joints);
      if (!trial.holds()) {
        break;
      }
      boolean bares = best.protectedFromBehind() && !trial.protectedFromBehind();
      if (bares && best.copper() - trial.copper() < BACK_FEED_SHARE * best.copper()) {
        break;
      }
      best = trial;
    }
    return best;
  }

  /** The same places with each wire brought up to the next of these sizes. */
  FeedTrial standardised(FeedTrial from, List<Wire> sizes) {
    List<Post> posts =
        from.posts.stream().map(p -> p.free() ? p.with(up(p.wire(), sizes)) : p).toList();
    FeedTrial trial = with(from, posts, up(from.joints, sizes));
    return trial.holds() ? trial : from;
  }

  private static Wire up(Wire wire, List<Wire> sizes) {
    return sizes.stream()
        .filter(w -> w.copperMm2() >= wire.copperMm2() && w.fuseAmpsMax() >= wire.fuseAmpsMax())
        .findFirst()
        .orElse(wire);
  }

  private FeedTrial with(FeedTrial like, List<Post> posts, Wire joints) {
    return new FeedTrial(stretch, rules, like.port, posts, joints);
  }

  /** So many feeds from end to end, thickest wire. */
  FeedTrial evenly(int count, Optional<PortLimit> port) {
    int[] at = new int[count];
    for (int f = 1; f < count; f++) {
      at[f] = (int) Math.round(f * (stretch.size() - 1) / (double) (count - 1));
    }
    return trial(at, port);
  }

  private FeedTrial trial(int[] at, Optional<PortLimit> port) {
    List<Post> posts = new ArrayList<>();
    for (int i : Arrays.stream(at).map(stretch::atMark).distinct().toArray()) {
      boolean first = posts.isEmpty() && port.isPresent();
      posts.add(new Post(i, stretch.feedM(i), first ? thickestAt(port) : thickest));
    }
    return new FeedTrial(stretch, rules, port, posts, thickest);
  }

  /** The builder's own posts; wires that he left open as thin as holds. */
  FeedTrial held(List<HeldPost> held, Optional<PortLimit> port) {
    List<Post> posts = new ArrayList<>();
    for (HeldPost h : held) {
      int at = stretch.index(h.run(), h.atPixel());
      Optional<Wire> wire =
          h.wire().flatMap(id -> rules.wires().stream().filter(w -> w.id().equals(id)).findFirst());
      posts.add(
          new Post(
              at,
              h.lengthM().orElse(stretch.feedM(at)),
              wire.orElse(posts.isEmpty() ? thickestAt(port) : thickest),
              Optional.of(h)));
    }
    FeedTrial trial = new FeedTrial(stretch, rules, port, posts, thickest);
    return thinnedInPlace(trial);
  }
}
