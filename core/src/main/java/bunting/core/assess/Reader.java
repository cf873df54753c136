package bunting.core.assess;

import bunting.core.addressing.SlotBook;
import bunting.core.addressing.SlotRow;
import bunting.core.mains.CircuitPlanner;
import bunting.core.ports.PortRules;
import bunting.core.ports.Prices;
import bunting.core.show.Circuit;
import bunting.core.show.ControllerType;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.LeadHelper;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.SupplyType;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Compiles a show and its decisions into chains, solves them and keys the results by the user's ids
 * again.
 */
final class Reader {
  private final Show show;
  private final Decisions decisions;
  private final Map<String, Run> runs;
  private final Map<String, PixelType> pixelTypes;
  private final Map<String, ControllerType> controllerTypes;
  private final Map<String, Segment> segments;
  private final Map<String, Point> boxes = new HashMap<>();
  private final Map<String, Double> feedM = new HashMap<>();
  private final Map<String, Double> feedAmps = new HashMap<>();
  private final SlotBook cursor;
  private final List<SegmentReading> segmentReadings = new ArrayList<>();
  private final List<IslandSolver.Solved> solved = new ArrayList<>();
  private final Map<String, Double> busVolts = new HashMap<>();
  private final Collection<IslandSolver.Solved> before;

  Reader(Show show, Decisions decisions, Collection<IslandSolver.Solved> before) {
    this.show = show;
    this.before = before;
    this.decisions = decisions;
    this.cursor = new SlotBook(show);
    this.runs = show.runs().stream().collect(Collectors.toMap(Run::name, Function.identity()));
    this.pixelTypes = show.catalogue().pixelTypesById();
    this.controllerTypes = show.catalogue().controllerTypesById();
    this.segments =
        decisions.segments().stream().collect(Collectors.toMap(Segment::id, Function.identity()));
    decisions.controllers().forEach(c -> boxes.put(c.controller().id(), c.controller().at()));
  }

  Reading read() {
    for (Feed feed : decisions.feeds()) {
      Segment s = segments.get(feed.segment());
      Run run = runs.get(s.run());
      double metres =
          Geometry.boxToPixel(
              boxes.get(s.controller()), run, pixelTypes.get(run.type()), feed.atPixel());
      feedM.put(feed.id(), feed.lengthM().orElse(metres));
    }
    List<PortReading> ports = ports();
    List<FeedReading> feeds =
        decisions.feeds().stream()
            .map(f -> new FeedReading(f, feedM.get(f.id()), feedAmps.getOrDefault(f.id(), 0.0)))
            .toList();
    OtherReading others = OtherReader.read(show, decisions.others(), cursor);
    List<SupplyReading> supplies = supplies(feeds, others);
    return new Reading(
        show,
        decisions,
        ports,
        segmentReadings,
        feeds,
        supplies,
        circuits(supplies, others),
        totals(ports, feeds, supplies, others),
        others,
        feeds.stream().collect(Collectors.groupingBy(f -> f.feed().segment())),
        solved,
        busVolts);
  }

  private List<PortReading> ports() {
    Map<String, List<Segment>> chains =
        decisions.segments().stream()
            .collect(Collectors.groupingBy(s -> s.controller() + "\0" + s.port()));
    Map<String, List<Integer>> breaks = new HashMap<>();
    decisions
        .breaks()
        .forEach(
            b -> breaks.computeIfAbsent(b.segment(), k -> new ArrayList<>()).add(b.afterPixel()));
    Map<String, List<Feed>> feeds =
        decisions.feeds().stream().collect(Collectors.groupingBy(Feed::segment));
    BoxSolver solver = new BoxSolver(show, feeds, breaks, feedM, before);
    List<PortReading> ports = new ArrayList<>();
    for (PlacedController box : decisions.controllers()) {
      ControllerType type = controllerTypes.get(box.controller().type());
      boolean begun = false;
      List<List<IslandSolver.Link>> links = new ArrayList<>();
      for (int port = 1; port <= type.ports(); port++) {
        links.add(links(chains.getOrDefault(box.controller().id() + "\0" + port, List.of())));
      }
      BoxSolver.Answer answer = solver.solve(box, links);
      busVolts.put(box.controller().id(), answer.busVolts());
      answer.ports().forEach(o -> o.ifPresent(this::take));
      for (int port = 1; port <= type.ports(); port++) {
        List<Segment> chain = chains.getOrDefault(box.controller().id() + "\0" + port, List.of());
        if (!chain.isEmpty()) {
          if (!begun) {
            cursor.startBox(box.controller().id());
            begun = true;
          }
          cursor.startPort();
        }
        List<SegmentReading> read = chain(links.get(port - 1), answer.ports().get(port - 1));
        segmentReadings.addAll(read);
        ports.add(port(box, type, port, read, feeds));
      }
    }
    return ports;
  }

  private List<IslandSolver.Link> links(List<Segment> chain) {
    List<IslandSolver.Link> links = new ArrayList<>();
    for (Segment s : chain) {
      links.add(new IslandSolver.Link(s, type(s), leadM(s, links)));
    }
    return links;
  }

  private void take(IslandSolver.Solved one) {
    solved.add(one);
    for (IslandReading island : one.islands()) {
      island
          .solution()
          .ifPresent(
              s -> {
                for (int f = 0; f < island.feeds().size(); f++) {
                  feedAmps.put(island.feeds().get(f).id(), s.feedAmps().at(f));
                }
              });
    }
  }

  private List<SegmentReading> chain(
      List<IslandSolver.Link> links, Optional<IslandSolver.Solved> one) {
    List<SegmentReading> read = new ArrayList<>();
    for (int i = 0; i < links.size(); i++) {
      Segment s = links.get(i).segment();
      IslandSolver.Volts volts = one.orElseThrow().volts().get(i);
      List<SlotRow> slots =
          cursor.take(
              s.run(),
              type(s).channels(),
              runs.get(s.run()).fitting(),
              s.firstPixel(),
              s.lastPixel());
      read.add(
          new SegmentReading(
              s,
              runs.get(s.run()),
              type(s),
              links.get(i).leadM(),
              slots,
              volts.profile(),
              volts.stands(),
              help(type(s), links.get(i).leadM())));
    }
    return read;
  }

  private Optional<LeadHelper> help(PixelType type, double metres) {
    return Prices.needsHelp(type.signal(), metres)
        ? Prices.help(show.catalogue().leadHelpers(), metres)
        : Optional.empty();
  }

  private PixelType type(Segment s) {
    return pixelTypes.get(runs.get(s.run()).type());
  }

  private double leadM(Segment s, List<IslandSolver.Link> before) {
    Run run = runs.get(s.run());
    if (before.isEmpty()) {
      return Geometry.boxToPixel(boxes.get(s.controller()), run, type(s), s.firstPixel());
    }
    Segment last = before.getLast().segment();
    return Geometry.joint(
        Geometry.pixel(runs.get(last.run()), type(last), last.lastPixel()),
        Geometry.pixel(run, type(s), s.firstPixel()));
  }

  private PortReading port(
      PlacedController box,
      ControllerType type,
      int port,
      List<SegmentReading> chain,
      Map<String, List<Feed>> feeds) {
    int pixels = 0;
    double micros = 0;
    double amps = 0;
    for (SegmentReading s : chain) {
      pixels += s.segment().pixels();
      micros += s.segment().pixels() * s.type().wireMicros();
      for (Feed feed : feeds.getOrDefault(s.segment().id(), List.of())) {
        amps += feed.viaPort() ? feedAmps.getOrDefault(feed.id(), 0.0) : 0;
      }
    }
    return new PortReading(
        box, type, port, chain, pixels, micros, PortRules.refreshHz(micros), amps);
  }

  private List<SupplyReading> supplies(List<FeedReading> feeds, OtherReading others) {
    Map<String, Double> amps = new HashMap<>();
    feeds.forEach(f -> amps.merge(f.feed().supply(), f.amps(), Double::sum));
    others.boards().forEach(b -> amps.merge(b.dimmer().supply(), b.amps(), Double::sum));
    Map<String, SupplyType> types = show.catalogue().supplyTypesById();
    return decisions.supplies().stream()
        .map(
            s ->
                new SupplyReading(
                    s,
                    types.get(s.type()),
                    amps.getOrDefault(s.id(), 0.0),
                    show.wiring().conductors().supplyVolts(types.get(s.type()).volts())))
        .toList();
  }

  private List<CircuitReading> circuits(List<SupplyReading> supplies, OtherReading others) {
    Map<String, Double> amps = new LinkedHashMap<>();
    Map<String, Circuit> known = new HashMap<>();
    List<Circuit> circuits = show.circuits().orElse(List.of());
    circuits.forEach(c -> known.put(c.id(), c));
    for (SupplyReading s : supplies) {
      s.supply()
          .circuit()
          .ifPresent(
              id -> {
                double input =
                    CircuitPlanner.inputAmps(s.type(), s.loadWatts(), known.get(id).volts());
                amps.merge(id, input, Double::sum);
              });
    }
    for (OtherReading.Chain c : others.chains()) {
      double voltAmps = c.amps() * show.settings().mainsVolts();
      c.chain()
          .circuit()
          .filter(known::containsKey)
          .ifPresent(id -> amps.merge(id, voltAmps / known.get(id).volts(), Double::sum));
    }
    return circuits.stream()
        .map(c -> new CircuitReading(c, amps.getOrDefault(c.id(), 0.0)))
        .toList();
  }

  private Totals totals(
      List<PortReading> ports,
      List<FeedReading> feeds,
      List<SupplyReading> supplies,
      OtherReading others) {
    long pixels = 0;
    long channels = 0;
    double least = 100;
    Set<Integer> universes = new HashSet<>();
    double helped = 0;
    for (SegmentReading s : segmentReadings) {
      pixels += s.segment().pixels();
      channels += (long) s.run().fitting().sets(s.segment().pixels()) * s.type().channels();
      least = Math.min(least, s.minPercent());
      s.slots().forEach(row -> universes.add(row.universe()));
      helped += s.help().map(LeadHelper::cost).orElse(0.0);
    }
    for (OtherReading.Set set : others.sets()) {
      channels += set.set().channels();
      set.slots().ifPresent(row -> universes.add(row.universe()));
    }
    double cost = helped + others.boards().stream().mapToDouble(b -> b.type().cost()).sum();
    Map<String, Integer> shelf = new HashMap<>();
    var planning = show.allotting().planning();
    planning.ownedBoxes().forEach(o -> shelf.merge(o.type(), o.count(), Integer::sum));
    planning.ownedSupplies().forEach(o -> shelf.merge("s " + o.type(), o.count(), Integer::sum));
    for (PlacedController c : decisions.controllers()) {
      String type = c.controller().type();
      boolean owned = shelf.merge(type, -1, Integer::sum) >= 0;
      cost += owned ? 0 : controllerTypes.get(type).cost();
    }
    double amps = 0;
    double watts = 0;
    for (SupplyReading s : supplies) {
      boolean owned = shelf.merge("s " + s.type().id(), -1, Integer::sum) >= 0;
      cost += owned ? 0 : s.type().cost();
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
        supplies.size(),
        feeds.size(),
        amps,
        watts,
        least,
        decisions.controllersLowerBound(),
        cost,
        others.sets().size(),
        others.chains().stream().mapToInt(c -> c.strings().size()).sum());
  }
}
