package bunting.core.assess;

import bunting.core.addressing.SlotBook;
import bunting.core.addressing.SlotRow;
import bunting.core.cost.BuildCost;
import bunting.core.cost.JoinPlaces;
import bunting.core.island.Chain;
import bunting.core.island.SolvedBox;
import bunting.core.island.TrunkLaid;
import bunting.core.ports.PortRules;
import bunting.core.ports.Prices;
import bunting.core.show.Attach;
import bunting.core.show.ControllerType;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.LeadHelper;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.PowerWays;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Compiles a show and its decisions into networks ({@link Electrics}), has them solved, counts
 * slots and keys all results by the user's ids again.
 */
final class Reader {
  private final Show show;
  private final Decisions decisions;
  private final Map<String, Run> runs;
  private final Map<String, ControllerType> controllerTypes;
  private final SlotBook cursor;
  private final List<SegmentReading> segmentReadings = new ArrayList<>();
  private final Map<String, SegmentReading> bySegment = new HashMap<>();
  private final Electrics electrics;

  Reader(Show show, Decisions decisions, Collection<SolvedBox> before, boolean failed) {
    this.show = show;
    this.decisions = decisions;
    this.cursor = SlotBook.of(show, decisions);
    this.runs = show.runs().stream().collect(Collectors.toMap(Run::name, Function.identity()));
    this.controllerTypes = show.catalogue().controllerTypesById();
    this.electrics = new Electrics(show, decisions, before, failed);
  }

  Reading read() {
    double percent = show.settings().brightnessPercent();
    double most = show.wiring().ways().mostSent(percent);
    Consequence bare = electrics.at(percent, OtherReading.NONE);
    List<PortReading> ports = ports(bare);
    OtherReading others = OtherReader.read(show, decisions, cursor);
    Consequence designed = electrics.at(percent, others);
    Consequence worst = most == percent ? designed : electrics.at(most, others);
    Consequence white =
        most == PowerWays.FULL_PERCENT ? worst : electrics.at(PowerWays.FULL_PERCENT, others);
    List<FeedReading> feeds =
        decisions.feeds().stream()
            .map(
                f ->
                    new FeedReading(
                        f,
                        electrics.networks().feedM(f.id()),
                        designed.feedAmps(f.id()),
                        attach(f)))
            .toList();
    List<TrunkReading> trunks =
        electrics.networks().trunks().stream().map(t -> trunk(t, designed)).toList();
    return new Reading(
        show,
        decisions,
        ports,
        segmentReadings,
        feeds,
        trunks,
        totals(ports, feeds, trunks, designed),
        feeds.stream().collect(Collectors.groupingBy(f -> f.feed().segment())),
        designed,
        worst,
        white);
  }

  private List<PortReading> ports(Consequence designed) {
    List<PortReading> ports = new ArrayList<>();
    int before = 0;
    for (PlacedController box : decisions.controllers()) {
      ControllerType type = controllerTypes.get(box.controller().type());
      boolean begun = false;
      for (int port = 1; port <= type.ports(); port++) {
        List<Chain.Link> links = electrics.networks().links(box.controller().id(), port);
        if (!links.isEmpty()) {
          if (!begun) {
            cursor.startBox(box.controller().id());
            begun = true;
          }
          cursor.startPort();
        }
        List<SegmentReading> read = chain(links, designed);
        segmentReadings.addAll(read);
        read.forEach(r -> bySegment.put(r.segment().id(), r));
        // The boards of a box stand one after the other, in the order of their numbers.
        int board = before + Math.max(0, type.bankOf(port) - 1);
        SolvedBox solved = designed.boxes().get(board);
        double amps =
            solved.ports().get(port - 1).stream()
                .flatMap(c -> c.islands().stream())
                .mapToDouble(bunting.core.island.Island::portAmps)
                .sum();
        ports.add(port(box, type, port, read, amps));
      }
      before += box.everyBoard().size();
    }
    return ports;
  }

  private List<SegmentReading> chain(List<Chain.Link> links, Consequence designed) {
    List<SegmentReading> read = new ArrayList<>();
    for (Chain.Link link : links) {
      Segment s = link.segment();
      Run run = runs.get(s.run());
      PixelType type = link.type();
      var flow = designed.segments().get(s.id());
      List<SlotRow> slots =
          cursor.take(s.run(), type.channels(), run.fitting(), s.firstPixel(), s.lastPixel());
      read.add(
          new SegmentReading(
              s,
              run,
              type,
              link.leadM(),
              slots,
              flow.volts(),
              flow.stands(),
              help(type, link.leadM())));
    }
    return read;
  }

  private Optional<LeadHelper> help(PixelType type, double metres) {
    return Prices.needsHelp(type.signal(), metres)
        ? Prices.help(show.catalogue().leadHelpers(), metres)
        : Optional.empty();
  }

  private static PortReading port(
      PlacedController box,
      ControllerType type,
      int port,
      List<SegmentReading> chain,
      double amps) {
    int pixels = 0;
    double micros = 0;
    for (SegmentReading s : chain) {
      pixels += s.segment().pixels();
      micros += s.segment().pixels() * s.type().wireMicros();
    }
    return new PortReading(
        box, type, port, chain, pixels, micros, PortRules.refreshHz(micros), amps);
  }

  private TrunkReading trunk(TrunkLaid laid, Consequence designed) {
    List<Feed> tails =
        decisions.feeds().stream()
            .filter(f -> f.trunk().filter(laid.trunk().id()::equals).isPresent())
            .toList();
    Feed first = tails.getFirst();
    return new TrunkReading(
        laid,
        bySegment.get(first.segment()).segment().controller(),
        first.supply(),
        first.fuseAmps(),
        tails.stream().mapToDouble(f -> designed.feedAmps(f.id())).sum());
  }

  private Totals totals(
      List<PortReading> ports,
      List<FeedReading> feeds,
      List<TrunkReading> trunks,
      Consequence designed) {
    OtherReading others = designed.others();
    long pixels = 0;
    long channels = 0;
    double least = 100;
    Set<Integer> universes = new HashSet<>();
    for (SegmentReading s : segmentReadings) {
      pixels += s.segment().pixels();
      channels += (long) s.run().fitting().sets(s.segment().pixels()) * s.type().channels();
      least = Math.min(least, s.minPercent());
      s.slots().forEach(row -> universes.add(row.universe()));
    }
    for (OtherReading.Set set : others.sets()) {
      channels += set.set().channels();
      set.slots().ifPresent(row -> universes.add(row.universe()));
    }
    double amps = 0;
    double watts = 0;
    for (SupplyReading s : designed.supplies()) {
      watts += s.loadWatts();
    }
    for (FeedReading f : feeds) {
      amps += f.amps();
    }
    for (OtherReading.Board b : others.boards()) {
      amps += b.amps();
    }
    int runCount = (int) segmentReadings.stream().map(s -> s.run().name()).distinct().count();
    int used = (int) ports.stream().filter(p -> p.pixels() > 0).count();
    return new Totals(
        runCount,
        pixels,
        channels,
        universes.size(),
        decisions.controllers().size(),
        used,
        designed.supplies().size(),
        feeds.size(),
        amps,
        watts,
        least,
        decisions.controllersLowerBound(),
        build(feeds, trunks),
        others.sets().size(),
        others.chains().stream().mapToInt(c -> c.strings().size()).sum());
  }

  private BuildCost build(List<FeedReading> feeds, List<TrunkReading> trunks) {
    Map<String, Double> cables =
        feeds.stream().collect(Collectors.toMap(f -> f.feed().id(), FeedReading::lengthM));
    Map<String, Double> heavy =
        trunks.stream().collect(Collectors.toMap(t -> t.trunk().id(), TrunkReading::metres));
    return BuildCost.of(
        show,
        decisions,
        s -> bySegment.containsKey(s.id()) ? bySegment.get(s.id()).leadM() : 0,
        f -> cables.getOrDefault(f.id(), 0.0),
        t -> heavy.getOrDefault(t.id(), 0.0));
  }

  private Attach attach(Feed feed) {
    SegmentReading s = bySegment.get(feed.segment());
    if (s == null) {
      return Attach.CUT;
    }
    Segment d = s.segment();
    return JoinPlaces.at(
        s.run(), s.type(), d.firstPixel(), d.lastPixel(), feed.atPixel(), feed.viaPort());
  }
}
