package bunting.core.island;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.show.Feed;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * One island of V+ with its consequences.
 *
 * @param controller whose port
 * @param port from 1
 * @param parts the pixels of segments that it is made of, in order
 * @param line as it was solved
 * @param feeds in the order of the solution's amps
 * @param solution empty: it has no feed, or cannot stand
 */
public record Island(
    String controller,
    int port,
    List<Part> parts,
    Line line,
    List<Feed> feeds,
    Optional<LineSolution.Stands> solution) {
  public Island {
    parts = List.copyOf(parts);
    feeds = List.copyOf(feeds);
  }

  /**
   * Pixels of a segment on an island.
   *
   * @param firstPixel in the run's numbering
   * @param from index of that pixel on the island
   */
  public record Part(String segment, String run, int firstPixel, int from, int count) {}

  /** Index on the island of a feed's pixel. */
  public int indexOf(Feed feed) {
    for (Part part : parts) {
      int offset = feed.atPixel() - part.firstPixel();
      if (part.segment().equals(feed.segment()) && offset >= 0 && offset < part.count()) {
        return part.from() + offset;
      }
    }
    throw new IllegalArgumentException(feed.id());
  }

  /** The same with another solution. */
  Island with(Optional<LineSolution.Stands> other) {
    return new Island(controller, port, parts, line, feeds, other);
  }

  /** The same on another line. */
  Island on(Line other) {
    return new Island(controller, port, parts, other, feeds, solution);
  }

  /** Whether it hangs on a trunk. */
  public boolean onTrunk() {
    return feeds.stream().anyMatch(f -> f.trunk().isPresent());
  }

  /** The feed that hangs on the board's terminals, by its place in the list. */
  public OptionalInt portFeed() {
    return IntStream.range(0, feeds.size()).filter(f -> feeds.get(f).viaPort()).findFirst();
  }

  /** Amps over that feed. */
  public double portAmps() {
    return portFeed().isPresent() && solution.isPresent()
        ? solution.get().feedAmps().at(portFeed().getAsInt())
        : 0;
  }
}
