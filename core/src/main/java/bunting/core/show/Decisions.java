package bunting.core.show;

import java.util.List;
import java.util.Optional;

/**
 * Everything that was decided about a show: boxes, order on the ports, leads, feeds, fuses, breaks,
 * supplies, circuits. All consequences (slots, volts, amps) follow from a show and its decisions.
 * Segments are in the order controller, port, position; feeds in the order of their segments and
 * pixels.
 *
 * @param trunks heavy pairs whose tails are among the feeds
 * @param addresses those that were kept from an earlier plan; empty: they follow from the policy
 */
public record Decisions(
    List<PlacedController> controllers,
    List<Segment> segments,
    List<Feed> feeds,
    List<Trunk> trunks,
    List<Break> breaks,
    List<Supply> supplies,
    List<Input> inputs,
    List<Unplaced> unplaced,
    int controllersLowerBound,
    OtherDecisions others,
    PortReport report,
    Optional<Addresses> addresses) {
  public Decisions {
    controllers = List.copyOf(controllers);
    segments = List.copyOf(segments);
    feeds = List.copyOf(feeds);
    trunks = List.copyOf(trunks);
    breaks = List.copyOf(breaks);
    supplies = List.copyOf(supplies);
    inputs = List.copyOf(inputs);
    unplaced = List.copyOf(unplaced);
  }

  /** Decisions about pixels alone. */
  public Decisions(
      List<PlacedController> controllers,
      List<Segment> segments,
      List<Feed> feeds,
      List<Break> breaks,
      List<Supply> supplies,
      List<Unplaced> unplaced,
      int controllersLowerBound) {
    this(
        controllers,
        segments,
        feeds,
        List.of(),
        breaks,
        supplies,
        List.of(),
        unplaced,
        controllersLowerBound,
        OtherDecisions.NONE,
        PortReport.NONE,
        Optional.empty());
  }

  /** The boards of all controllers, in their order: what networks are listed by. */
  public List<PlacedBoard> boards() {
    return controllers.stream().flatMap(c -> c.everyBoard().stream()).toList();
  }

  /** The same with other supplies and other decisions about the rest. */
  public Decisions with(List<Supply> list, OtherDecisions rest) {
    return new Decisions(
        controllers,
        segments,
        feeds,
        trunks,
        breaks,
        list,
        inputs,
        unplaced,
        controllersLowerBound,
        rest,
        report,
        addresses);
  }

  /** The same with another report on the ports. */
  public Decisions with(PortReport other) {
    return new Decisions(
        controllers,
        segments,
        feeds,
        trunks,
        breaks,
        supplies,
        inputs,
        unplaced,
        controllersLowerBound,
        others,
        other,
        addresses);
  }

  /** Returns a copy with another list of what could not be placed. */
  public Decisions withUnplaced(List<Unplaced> list) {
    return new Decisions(
        controllers,
        segments,
        feeds,
        trunks,
        breaks,
        supplies,
        inputs,
        list,
        controllersLowerBound,
        others,
        report,
        addresses);
  }

  /** The same with other feeds. */
  public Decisions withFeeds(List<Feed> list) {
    return with(segments, list, breaks);
  }

  /** The same with other segments, and feeds and breaks that go with them. */
  public Decisions with(List<Segment> pieces, List<Feed> fed, List<Break> cuts) {
    return new Decisions(
        controllers,
        pieces,
        fed,
        trunks,
        cuts,
        supplies,
        inputs,
        unplaced,
        controllersLowerBound,
        others,
        report,
        addresses);
  }

  /** Returns a copy with these addresses kept. */
  public Decisions withAddresses(Addresses kept) {
    return new Decisions(
        controllers,
        segments,
        feeds,
        trunks,
        breaks,
        supplies,
        inputs,
        unplaced,
        controllersLowerBound,
        others,
        report,
        Optional.of(kept));
  }

  /** Returns a copy with another number of controllers that no plan undercuts. */
  public Decisions withBound(int controllers) {
    return new Decisions(
        this.controllers,
        segments,
        feeds,
        trunks,
        breaks,
        supplies,
        inputs,
        unplaced,
        controllers,
        others,
        report,
        addresses);
  }
}
