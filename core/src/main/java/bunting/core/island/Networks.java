package bunting.core.island;

import bunting.core.show.Break;
import bunting.core.show.Conductors;
import bunting.core.show.ControllerType;
import bunting.core.show.Feed;
import bunting.core.show.Input;
import bunting.core.show.PairOhms;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedBoard;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Trunk;
import bunting.core.show.Wire;
import bunting.core.survey.Geometry;
import bunting.core.survey.Jumpers;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
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
  private final Map<String, ControllerType> kinds = new HashMap<>();
  private final Map<String, Input> inputs = new HashMap<>();
  private final Map<String, List<Segment>> chains = new HashMap<>();
  private final Map<String, List<Feed>> feeds;
  private final Map<String, Double> feedM = new HashMap<>();
  private final Map<String, List<TrunkLaid>> trunks = new LinkedHashMap<>();
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
      List<Trunk> trunks,
      List<Break> breaks,
      List<Input> inputs,
      boolean sheds) {
    this.show = show;
    this.sheds = sheds;
    this.runs = show.runs().stream().collect(Collectors.toMap(Run::name, Function.identity()));
    this.types = show.catalogue().pixelTypesById();
    this.wires = show.catalogue().wiresById();
    var all = show.catalogue().controllerTypesById();
    for (PlacedController c : controllers) {
      boxes.put(c.controller().id(), c.controller().at());
      kinds.put(c.controller().id(), all.get(c.controller().type()));
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
      double metres =
          f.trunk().isPresent()
              ? Feed.TAIL_M
              : Geometry.boxToPixel(boxes.get(s.controller()), run, type(s), f.atPixel());
      feedM.put(f.id(), f.lengthM().orElse(metres));
    }
    for (Trunk t : trunks) {
      List<Feed> tails =
          feeds.stream().filter(f -> f.trunk().filter(t.id()::equals).isPresent()).toList();
      if (!tails.isEmpty()) {
        TrunkLaid laid = laid(t, tails);
        String box = board(byId.get(tails.getFirst().segment()));
        this.trunks.computeIfAbsent(box, k -> new ArrayList<>()).add(laid);
      }
    }
    breaks.forEach(
        b -> this.breaks.computeIfAbsent(b.segment(), k -> new ArrayList<>()).add(b.afterPixel()));
  }

  /** The board that a segment's port is on. */
  private String board(Segment s) {
    return PlacedBoard.id(s.controller(), kinds.get(s.controller()).bankOf(s.port()));
  }

  private static String key(String controller, int port) {
    return controller + "\0" + port;
  }

  private PixelType type(Segment s) {
    return types.get(runs.get(s.run()).type());
  }

  /** Metres of a feed's cable, or of a tail. */
  public double feedM(String feed) {
    return feedM.get(feed);
  }

  /** All trunks that something hangs on. */
  public List<TrunkLaid> trunks() {
    return trunks.values().stream().flatMap(List::stream).toList();
  }

  /** By the pixels of its tails that are there: along a run as that lies, else across. */
  private TrunkLaid laid(Trunk trunk, List<Feed> all) {
    List<Feed> tails =
        trunk.tails().stream().flatMap(id -> all.stream().filter(f -> f.id().equals(id))).toList();
    Trunk left =
        new Trunk(trunk.id(), trunk.wire(), trunk.ring(), tails.stream().map(Feed::id).toList());
    List<Double> spans = new ArrayList<>();
    for (int k = 1; k < tails.size(); k++) {
      Feed before = tails.get(k - 1);
      Feed next = tails.get(k);
      Segment s = byId.get(next.segment());
      int from = Math.min(before.atPixel(), next.atPixel());
      int to = Math.max(before.atPixel(), next.atPixel());
      spans.add(
          before.segment().equals(next.segment())
              ? Jumpers.alongM(type(s), jumpers(s), from, to)
              : pixel(before).cableTo(pixel(next)));
    }
    Point box = boxes.get(byId.get(tails.getFirst().segment()).controller());
    return new TrunkLaid(
        left,
        box.cableTo(pixel(tails.getFirst())) + Geometry.BOX_SLACK_M,
        spans,
        trunk.ring()
            ? OptionalDouble.of(box.cableTo(pixel(tails.getLast())) + Geometry.BOX_SLACK_M)
            : OptionalDouble.empty());
  }

  private Point pixel(Feed feed) {
    Segment s = byId.get(feed.segment());
    return Geometry.pixel(runs.get(s.run()), type(s), feed.atPixel());
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

  /** The network of a board as planned, all of it at one brightness. */
  public BoxNetwork of(PlacedBoard box, double brightnessPercent) {
    return of(box, Brightness.of(brightnessPercent), Alteration.NONE);
  }

  /** The network of a board, otherwise than planned; ports of other boards are empty. */
  public BoxNetwork of(PlacedBoard box, Brightness brightness, Alteration otherwise) {
    Conductors copper = show.wiring().conductors();
    String id = box.controller().id();
    List<Optional<Chain>> list = new ArrayList<>();
    ControllerType kind = kinds.get(id);
    for (int port = 1; port <= kind.ports(); port++) {
      boolean own = kind.bankOf(port) == box.bank();
      List<Chain.Link> links = own ? links(id, port) : List.of();
      list.add(
          links.isEmpty()
              ? Optional.empty()
              : Optional.of(chain(links, brightness, copper, otherwise)));
    }
    double volts = copper.supplyVolts(box.volts());
    return new BoxNetwork(
        box.supply().map(s -> otherwise.supplyVolts().getOrDefault(s, volts)).orElse(volts),
        inputOhms(box.id(), copper),
        list,
        trunks.getOrDefault(box.id(), List.of()));
  }

  private PairOhms inputOhms(String controller, Conductors copper) {
    Input input = inputs.get(controller);
    return input == null ? PairOhms.NONE : copper.inputOhms(wires.get(input.wire()), input.wires());
  }

  private Chain chain(
      List<Chain.Link> links, Brightness brightness, Conductors copper, Alteration otherwise) {
    double volts = copper.supplyVolts(links.getFirst().type().volts());
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
        if (!otherwise.without().contains(feed.id())) {
          cables.add(
              new Chain.Cable(
                  feed,
                  feedM(feed.id()),
                  otherwise.extraOhms().getOrDefault(feed.id(), 0.0),
                  otherwise.supplyVolts().getOrDefault(feed.supply(), volts)));
        }
      }
      from += s.pixels();
    }
    cuts.sort(Integer::compare);
    return new Chain(links, cables, cuts, dimming(links, from, brightness), copper, sheds);
  }

  private static Dimming dimming(List<Chain.Link> links, int pixels, Brightness brightness) {
    double[] each = new double[pixels];
    int from = 0;
    for (Chain.Link link : links) {
      Segment s = link.segment();
      double[] own = brightness.of(s);
      for (int i = 0; i < s.pixels(); i++) {
        each[from + i] = own[own.length == 1 ? 0 : i];
      }
      from += s.pixels();
    }
    return Dimming.of(each);
  }
}
