package bunting.core.island;

import bunting.core.show.Break;
import bunting.core.show.Conductors;
import bunting.core.show.Feed;
import bunting.core.show.Input;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import bunting.core.survey.Geometry;
import bunting.core.survey.Jumpers;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The networks of a show's boxes as it was decided to wire them: segments, feeds, cables, inputs.
 */
public final class Networks {
  private final Show show;
  private final boolean sheds;
  private final Map<String, Run> runs;
  private final Map<String, PixelType> types;
  private final Map<String, Wire> wires;
  private final Map<String, Segment> byId = new HashMap<>();
  private final Map<String, Point> boxes = new HashMap<>();
  private final Map<String, Integer> ports = new HashMap<>();
  private final Map<String, Input> inputs = new HashMap<>();
  private final Map<String, List<Segment>> chains = new HashMap<>();
  private final Map<String, List<Feed>> feeds;
  private final Map<String, Double> feedM = new HashMap<>();
  private final Map<String, List<Integer>> breaks = new HashMap<>();

  /**
   * The networks of these decisions.
   *
   * @param sheds whether something has failed, so that pixels far below their volts shed load
   */
  public Networks(
      Show show,
      List<PlacedController> controllers,
      List<Segment> segments,
      List<Feed> feeds,
      List<Break> breaks,
      List<Input> inputs,
      boolean sheds) {
    this.show = show;
    this.sheds = sheds;
    this.runs = show.runs().stream().collect(Collectors.toMap(Run::name, Function.identity()));
    this.types = show.catalogue().pixelTypesById();
    this.wires = show.catalogue().wiresById();
    var kinds = show.catalogue().controllerTypesById();
    for (PlacedController c : controllers) {
      boxes.put(c.controller().id(), c.controller().at());
      ports.put(c.controller().id(), kinds.get(c.controller().type()).ports());
    }
    inputs.forEach(i -> this.inputs.put(i.board(), i));
    for (Segment s : segments) {
      byId.put(s.id(), s);
      chains.computeIfAbsent(key(s.controller(), s.port()), k -> new ArrayList<>()).add(s);
    }
    this.feeds = feeds.stream().collect(Collectors.groupingBy(Feed::segment));
    for (Feed f : feeds) {
      Segment s = byId.get(f.segment());
      Run run = runs.get(s.run());
      double metres = Geometry.boxToPixel(boxes.get(s.controller()), run, type(s), f.atPixel());
      feedM.put(f.id(), f.lengthM().orElse(metres));
    }
    breaks.forEach(
        b -> this.breaks.computeIfAbsent(b.segment(), k -> new ArrayList<>()).add(b.afterPixel()));
  }

  private static String key(String controller, int port) {
    return controller + "\0" + port;
  }

  private PixelType type(Segment s) {
    return types.get(runs.get(s.run()).type());
  }

  /** Metres of a feed's cable; of a trunk up to its first tap. */
  public double feedM(String feed) {
    return feedM.get(feed);
  }

  /** Metres of all of a feed's cable: a trunk goes on along its run, with a short tap at each. */
  public double cableM(Feed feed) {
    List<Integer> taps = feed.taps();
    if (taps.isEmpty()) {
      return feedM(feed.id());
    }
    Segment s = byId.get(feed.segment());
    double along = Jumpers.alongM(type(s), jumpers(s), taps.getFirst(), taps.getLast());
    return feedM(feed.id()) + along + taps.size() * Feed.TAP_M;
  }

  /** The feeds of a segment. */
  public List<Feed> feedsOf(String segment) {
    return feeds.getOrDefault(segment, List.of());
  }

  /** The chain of a port with the leads before its segments. */
  public List<Chain.Link> links(String controller, int port) {
    List<Chain.Link> links = new ArrayList<>();
    Optional<Segment> before = Optional.empty();
    for (Segment s : chains.getOrDefault(key(controller, port), List.of())) {
      links.add(new Chain.Link(s, type(s), leadM(s, before), jumpers(s)));
      before = Optional.of(s);
    }
    return links;
  }

  private List<Jumpers.Jumper> jumpers(Segment s) {
    return Jumpers.of(runs.get(s.run()), type(s));
  }

  /** A port's own feed goes over the lead, so a lead that was measured as a feed is so long. */
  private double leadM(Segment s, Optional<Segment> before) {
    Run run = runs.get(s.run());
    if (before.isEmpty()) {
      return feedsOf(s.id()).stream()
          .filter(f -> f.viaPort() && f.lengthM().isPresent())
          .mapToDouble(f -> f.lengthM().getAsDouble())
          .findFirst()
          .orElseGet(
              () -> Geometry.boxToPixel(boxes.get(s.controller()), run, type(s), s.firstPixel()));
    }
    Segment last = before.get();
    return Geometry.joint(
        Geometry.pixel(runs.get(last.run()), type(last), last.lastPixel()),
        Geometry.pixel(run, type(s), s.firstPixel()));
  }

  /** The network of a box. */
  public BoxNetwork of(PlacedController box, double brightnessPercent) {
    Conductors copper = show.wiring().conductors();
    String id = box.controller().id();
    List<Optional<Chain>> list = new ArrayList<>();
    for (int port = 1; port <= ports.get(id); port++) {
      List<Chain.Link> links = links(id, port);
      list.add(
          links.isEmpty()
              ? Optional.empty()
              : Optional.of(chain(links, brightnessPercent, copper)));
    }
    return new BoxNetwork(copper.supplyVolts(box.volts()), inputOhms(id, copper), list);
  }

  private double inputOhms(String controller, Conductors copper) {
    Input input = inputs.get(controller);
    return input == null ? 0 : copper.inputOhms(wires.get(input.wire()), input.wires());
  }

  private Chain chain(List<Chain.Link> links, double brightnessPercent, Conductors copper) {
    List<Chain.Cable> cables = new ArrayList<>();
    List<Integer> cuts = new ArrayList<>();
    int from = 0;
    for (Chain.Link link : links) {
      Segment s = link.segment();
      if (from > 0 && !s.powerFromPrevious()) {
        cuts.add(from - 1);
      }
      for (int pixel : breaks.getOrDefault(s.id(), List.of())) {
        cuts.add(from + pixel - s.firstPixel());
      }
      for (Feed feed : feedsOf(s.id())) {
        cables.add(new Chain.Cable(feed, feedM(feed.id())));
      }
      from += s.pixels();
    }
    cuts.sort(Integer::compare);
    return new Chain(links, cables, cuts, brightnessPercent, copper, sheds);
  }
}
