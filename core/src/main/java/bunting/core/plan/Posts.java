package bunting.core.plan;

import bunting.core.assess.Reading;
import bunting.core.island.Island;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.HeldPost;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Wiring;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Feeds moved, planted, pulled and stretched by hand. A trial changes the decisions alone, so that
 * its consequences can be read at once; {@link #keep} makes a show of it that the planner respects.
 */
public final class Posts {
  private Posts() {}

  /** The decisions with a feed at another pixel of its segment; the board's own feeds stay. */
  public static Decisions moved(Decisions decisions, String feed, int pixel) {
    return changed(decisions, feed, f -> f.viaPort() ? f : f.at(pixel));
  }

  /** The decisions with another cable for a feed. */
  public static Decisions stretched(Decisions decisions, String feed, double metres) {
    return changed(decisions, feed, f -> f.withLength(metres));
  }

  /** The decisions with another wire for a feed. */
  public static Decisions rewired(Decisions decisions, String feed, String wire) {
    return changed(decisions, feed, f -> f.withWire(wire));
  }

  /** The decisions without a feed. */
  public static Decisions pulled(Decisions decisions, String feed) {
    return decisions.withFeeds(
        decisions.feeds().stream().filter(f -> !f.id().equals(feed)).toList());
  }

  /** The decisions with one feed more from the distribution, like the first of its island. */
  public static Decisions planted(Decisions decisions, Island island, String segment, int pixel) {
    Optional<Feed> like = island.feeds().stream().findFirst();
    if (like.isEmpty()) {
      return decisions;
    }
    Set<String> ids = decisions.feeds().stream().map(Feed::id).collect(Collectors.toSet());
    String id =
        IntStream.iterate(1, n -> n + 1)
            .mapToObj(n -> "F" + n)
            .filter(n -> !ids.contains(n))
            .findFirst()
            .orElseThrow();
    List<Feed> feeds = new ArrayList<>(decisions.feeds());
    feeds.add(
        new Feed(
            id,
            segment,
            pixel,
            false,
            like.get().supply(),
            Optional.empty(),
            like.get().fuseAmps(),
            like.get().wire()));
    return decisions.withFeeds(feeds);
  }

  private static Decisions changed(
      Decisions decisions, String feed, java.util.function.UnaryOperator<Feed> change) {
    return decisions.withFeeds(
        decisions.feeds().stream().map(f -> f.id().equals(feed) ? change.apply(f) : f).toList());
  }

  /** Why the posts of an island cannot be held by hand; empty: they can. */
  public static Optional<String> hindrance(Reading reading, Island island) {
    boolean cut =
        reading.decisions().breaks().stream()
            .anyMatch(b -> island.parts().stream().anyMatch(p -> p.segment().equals(b.segment())));
    boolean trunk = island.feeds().stream().anyMatch(f -> f.trunk().isPresent());
    return cut
        ? Optional.of(
            "This run hangs on several supplies with V+ cut between; its feeds are the planner's.")
        : trunk
            ? Optional.of(
                "A trunk's tails are the planner's; take another way of feeding to move feeds.")
            : Optional.empty();
  }

  /**
   * The show with the posts of an island held as they are in a reading of it; where none is left,
   * its runs are the planner's again. Posts of a run that is not there any more, or beyond its end,
   * are left aside.
   *
   * @param touched a feed whose wire is held too; others keep what was held of theirs
   */
  public static Show keep(Show show, Reading reading, Island island, Optional<String> touched) {
    Wiring wiring = show.wiring();
    List<Feed> feeds =
        reading.decisions().feeds().stream()
            .filter(f -> island.parts().stream().anyMatch(p -> isOn(p, f)))
            .sorted(Comparator.comparingInt(Feed::atPixel))
            .toList();
    for (Island.Part part : island.parts()) {
      int pixels = show.run(part.run()).map(Run::pixels).orElse(0);
      List<HeldPost> before = wiring.postsOf(part.run());
      List<HeldPost> posts = new ArrayList<>();
      boolean joined = part.from() > 0 && !feeds.isEmpty();
      if (joined) {
        posts.add(new HeldPost(part.run(), 0, false, Optional.empty(), OptionalDouble.empty()));
      }
      for (Feed f : feeds) {
        if (isOn(part, f)) {
          boolean wireHeld =
              touched.filter(f.id()::equals).isPresent()
                  || before.stream()
                      .anyMatch(p -> p.atPixel() == f.atPixel() && p.wire().isPresent());
          posts.add(
              new HeldPost(
                  part.run(),
                  f.atPixel(),
                  f.viaPort(),
                  wireHeld ? Optional.of(f.wire()) : Optional.empty(),
                  f.lengthM()));
        }
      }
      posts.removeIf(p -> p.atPixel() > pixels);
      wiring = wiring.withPosts(part.run(), pixels > 0 ? posts : List.of());
    }
    return show.withWiring(wiring);
  }

  private static boolean isOn(Island.Part part, Feed feed) {
    return part.segment().equals(feed.segment())
        && feed.atPixel() >= part.firstPixel()
        && feed.atPixel() < part.firstPixel() + part.count();
  }

  /** The show with the posts of an island the planner's again. */
  public static Show release(Show show, Island island) {
    Show next = show;
    for (Island.Part part : island.parts()) {
      next =
          next.withWiring(next.wiring().withPosts(part.run(), List.of()))
              .withAccepted(next.accepted().map(a -> a.withoutFeeds(part.run())));
    }
    return next;
  }
}
