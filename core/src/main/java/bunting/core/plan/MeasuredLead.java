package bunting.core.plan;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.island.Island;
import bunting.core.limits.Range;
import bunting.core.show.Conductors;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A feed's cable that measures more than it was planned: the cable of the same wire that has those
 * ohms, and the plan with it. It is the right thing where the cable is longer than thought and
 * stays; a bad joint is mended instead.
 */
public final class MeasuredLead {
  private MeasuredLead() {}

  /**
   * The cable that has so much more loop resistance than the planned one.
   *
   * @param ohms over the planned, at least 0
   * @return metres, to 10 cm; empty: there is no such feed, or no cable is as long
   */
  public static OptionalDouble metres(Reading reading, String feed, double ohms) {
    Optional<FeedReading> found = find(reading, feed);
    if (found.isEmpty()) {
      return OptionalDouble.empty();
    }
    Wire wire = reading.show().catalogue().wiresById().get(found.get().feed().wire());
    Conductors copper = reading.show().wiring().conductors();
    double perM = copper.leadOhms(wire, 1) - copper.leadOhms(wire, 0);
    double metres = Math.round(10 * (found.get().lengthM() + ohms / perM)) / 10.0;
    return Range.LENGTH.holds(metres) ? OptionalDouble.of(metres) : OptionalDouble.empty();
  }

  /** Why the plan cannot take a measured cable for a feed; empty: it can. */
  public static Optional<String> hindrance(Reading reading, String feed) {
    Optional<Island> island = find(reading, feed).flatMap(f -> island(reading, f.feed()));
    if (island.isEmpty()) {
      return Optional.of("Nothing is fed by " + feed + " any more.");
    }
    Feed own = find(reading, feed).orElseThrow().feed();
    return own.viaPort() && !ofTheRun(own)
        ? Optional.of(
            "It is the lead of a piece within its run and is as long as box and piece stand apart:"
                + " move the box, or measure the run anew.")
        : Posts.hindrance(reading, island.get());
  }

  /** The show with a feed's cable as it was measured, and all wires of its line as they hang. */
  public static Show planned(Show show, Reading reading, String feed, double metres) {
    Feed own = find(reading, feed).orElseThrow().feed();
    Island island = island(reading, own).orElseThrow();
    Decisions built =
        own.viaPort() ? reading.decisions() : Posts.stretched(reading.decisions(), feed, metres);
    Reading measured = Reading.of(show, built, reading);
    Show held = show;
    for (Feed f : island.feeds()) {
      held = Posts.keep(held, measured, island, Optional.of(f.id()));
    }
    if (!own.viaPort()) {
      return held;
    }
    Run longer =
        show.run(segment(reading, own).run()).orElseThrow().withLead(OptionalDouble.of(metres));
    return held.withRun(longer);
  }

  /** Whether a port's own feed lies in the lead of its run, whose metres may be typed. */
  private static boolean ofTheRun(Feed feed) {
    return feed.atPixel() == 1;
  }

  private static Optional<FeedReading> find(Reading reading, String feed) {
    return reading.feeds().stream().filter(f -> f.feed().id().equals(feed)).findFirst();
  }

  private static Segment segment(Reading reading, Feed feed) {
    return reading.decisions().segments().stream()
        .filter(s -> s.id().equals(feed.segment()))
        .findFirst()
        .orElseThrow();
  }

  private static Optional<Island> island(Reading reading, Feed feed) {
    return reading.islands().stream()
        .filter(i -> i.feeds().stream().anyMatch(f -> f.id().equals(feed.id())))
        .findFirst();
  }
}
