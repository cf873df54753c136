package bunting.core.island;

import bunting.core.show.Conductors;
import bunting.core.show.Feed;
import bunting.core.show.PixelType;
import bunting.core.show.Segment;
import bunting.core.survey.Jumpers;
import java.util.List;

/**
 * Everything that a port's volts depend on but its board's terminals.
 *
 * @param links its segments in order
 * @param cables its feeds
 * @param cutAfter indices of the pixels behind which V+ is cut, rising
 * @param brightness of its pixels
 * @param sheds whether pixels far below their volts draw less ({@link
 *     bunting.core.dc.Line#shedding})
 */
public record Chain(
    List<Link> links,
    List<Cable> cables,
    List<Integer> cutAfter,
    Dimming brightness,
    Conductors copper,
    boolean sheds) {
  public Chain {
    links = List.copyOf(links);
    cables = List.copyOf(cables);
    cutAfter = List.copyOf(cutAfter);
  }

  /**
   * A segment of the chain with what the solver needs to know of it.
   *
   * @param jumpers those inside its run, by pixel
   */
  public record Link(Segment segment, PixelType type, double leadM, List<Jumpers.Jumper> jumpers) {
    public Link {
      jumpers = List.copyOf(jumpers);
    }
  }

  /**
   * A feed and its cable.
   *
   * @param metres of it
   * @param extraOhms loop resistance that it has beyond that of its wire
   * @param volts what its supply holds
   */
  public record Cable(Feed feed, double metres, double extraOhms, double volts) {}

  /** Nominal volts. */
  double volts() {
    return links.getFirst().type().volts();
  }
}
