package bunting.core.show;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

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
    return with(
        d -> {
          d.supplies = list;
          d.others = rest;
        });
  }

  /** The same with another report on the ports. */
  public Decisions with(PortReport other) {
    return with(d -> d.report = other);
  }

  /** Returns a copy with another list of what could not be placed. */
  public Decisions withUnplaced(List<Unplaced> list) {
    return with(d -> d.unplaced = list);
  }

  /** The same with other feeds. */
  public Decisions withFeeds(List<Feed> list) {
    return with(d -> d.feeds = list);
  }

  /** The same with other segments, and feeds and breaks that go with them. */
  public Decisions with(List<Segment> pieces, List<Feed> fed, List<Break> cuts) {
    return with(
        d -> {
          d.segments = pieces;
          d.feeds = fed;
          d.breaks = cuts;
        });
  }

  /** Returns a copy with these addresses kept. */
  public Decisions withAddresses(Addresses kept) {
    return with(d -> d.addresses = Optional.of(kept));
  }

  /** Returns a copy with another number of controllers that no plan undercuts. */
  public Decisions withBound(int least) {
    return with(d -> d.controllersLowerBound = least);
  }

  private Decisions with(Consumer<Draft> change) {
    Draft draft = new Draft(this);
    change.accept(draft);
    return draft.decisions();
  }

  /** The parts of decisions that are changed, while one of them is. */
  private static final class Draft {
    private final Decisions from;
    private List<Segment> segments;
    private List<Feed> feeds;
    private List<Break> breaks;
    private List<Supply> supplies;
    private List<Unplaced> unplaced;
    private int controllersLowerBound;
    private OtherDecisions others;
    private PortReport report;
    private Optional<Addresses> addresses;

    Draft(Decisions from) {
      this.from = from;
      segments = from.segments;
      feeds = from.feeds;
      breaks = from.breaks;
      supplies = from.supplies;
      unplaced = from.unplaced;
      controllersLowerBound = from.controllersLowerBound;
      others = from.others;
      report = from.report;
      addresses = from.addresses;
    }

    Decisions decisions() {
      return new Decisions(
          from.controllers,
          segments,
          feeds,
          from.trunks,
          breaks,
          supplies,
          from.inputs,
          unplaced,
          controllersLowerBound,
          others,
          report,
          addresses);
    }
  }
}
