package bunting.core.kit;

import bunting.core.assess.FeedReading;
import bunting.core.assess.InputReading;
import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.assess.TrunkReading;
import bunting.core.hookup.Cords;
import bunting.core.show.Input;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.survey.Geometry;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * All cables of a plan, each with both ends, what it is made of, its plug and its way, in the order
 * of the boxes: leads of ports, feeds, trunks, supplies to boards, plain sets, mains cords.
 */
public final class Cables {
  /**
   * A cable.
   *
   * @param box the box that it belongs to; empty: none
   * @param from where it begins, in words
   * @param to where it ends, in words
   * @param metres empty: not known
   * @param wire conductor id; empty: a data lead of no given size
   * @param conductors side by side in it
   * @param plug at its far end; empty: screwed or soldered on
   * @param fuseAmps before it; empty: none of its own
   * @param way in words
   */
  public record Cable(
      Kind kind,
      Optional<String> box,
      String from,
      String to,
      OptionalDouble metres,
      Optional<String> wire,
      int conductors,
      Optional<Plug> plug,
      OptionalDouble fuseAmps,
      String way) {
    /** The same from elsewhere. */
    public Cable withFrom(String other) {
      return new Cable(kind, box, other, to, metres, wire, conductors, plug, fuseAmps, way);
    }
  }

  /** What a cable is for. */
  public enum Kind {
    /** From a port to the first pixel of its chain. */
    LEAD("lead of a port"),
    /** From the end of one run to the next on the same port. */
    JUMPER("lead to the next run"),
    /** From the distribution to a pixel. */
    FEED("feed"),
    /** The heavy pair that tails branch off. */
    TRUNK("trunk"),
    /** From a trunk to a pixel. */
    TAIL("tail of a trunk"),
    /** From a supply to a board. */
    INPUT("supply to board"),
    /** From a dimmer to a plain set. */
    SET("lead of a plain set"),
    /** From an outlet to a place. */
    CORD("mains cord");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    /** As people say it. */
    public String words() {
      return words;
    }
  }

  private final Reading reading;
  private final RouteWords words;
  private final Map<String, PlacedController> boxes = new HashMap<>();
  private final Map<String, Point> supplies = new HashMap<>();
  private final Map<String, List<Cable>> byBox = new LinkedHashMap<>();

  private Cables(Reading reading) {
    this.reading = reading;
    words = new RouteWords(Lengths.of(reading.show()), reading.show().survey().notes());
    for (PlacedController c : reading.decisions().controllers()) {
      boxes.put(c.controller().id(), c);
      byBox.put(c.controller().id(), new ArrayList<>());
    }
    reading.decisions().supplies().forEach(s -> supplies.put(s.id(), s.at()));
  }

  /** The cables of a plan. */
  public static List<Cable> of(Reading reading) {
    Cables all = new Cables(reading);
    Map<String, SegmentReading> segments = new HashMap<>();
    SegmentReading before = null;
    for (SegmentReading s : reading.segments()) {
      segments.put(s.segment().id(), s);
      all.lead(s, Optional.ofNullable(before).filter(b -> follows(b.segment(), s.segment())));
      before = s;
    }
    reading.feeds().stream()
        .filter(f -> !f.feed().viaPort())
        .forEach(
            f ->
                Optional.ofNullable(segments.get(f.feed().segment()))
                    .ifPresent(s -> all.feed(f, s)));
    reading.trunks().forEach(all::trunk);
    reading.designed().inputs().forEach(all::input);
    List<Cable> list = new ArrayList<>();
    all.byBox.values().forEach(list::addAll);
    reading.others().sets().forEach(s -> list.add(set(s)));
    Cords.of(reading).forEach(c -> list.add(cord(c)));
    return list;
  }

  private static boolean follows(Segment before, Segment s) {
    return s.position() > 1
        && before.controller().equals(s.controller())
        && before.port() == s.port();
  }

  private void add(String box, Cable cable) {
    byBox.computeIfAbsent(box, k -> new ArrayList<>()).add(cable);
  }

  private void lead(SegmentReading s, Optional<SegmentReading> before) {
    Segment d = s.segment();
    PlacedController box = boxes.get(d.controller());
    if (box == null) {
      return;
    }
    Point to = Geometry.pixel(s.run(), s.type(), d.firstPixel());
    Point from =
        before
            .map(b -> Geometry.pixel(b.run(), b.type(), b.segment().lastPixel()))
            .orElse(box.controller().at());
    Run run = s.run();
    boolean drawn = before.isEmpty() && d.firstPixel() == 1;
    boolean power = d.powerFromPrevious() && d.leadWire().isPresent();
    Plug plug = Plug.lead(reading.show().preparation(), s.type(), power, before.isEmpty());
    OptionalDouble fuse =
        reading.feedsBySegment().getOrDefault(d.id(), List.of()).stream()
            .filter(f -> f.feed().viaPort() && before.isEmpty())
            .mapToDouble(f -> f.feed().fuseAmps())
            .findFirst();
    add(
        d.controller(),
        new Cable(
            before.isPresent() ? Kind.JUMPER : Kind.LEAD,
            Optional.of(d.controller()),
            before
                .map(b -> pixel(b.run().name(), b.segment().lastPixel()))
                .orElse(d.controller() + " port " + d.port()),
            pixel(run.name(), d.firstPixel()),
            OptionalDouble.of(s.leadM()),
            d.leadWire(),
            plug.pins().size(),
            Optional.of(plug),
            fuse,
            words.of(from, drawn ? run.hanging().route() : List.of(), to)));
  }

  /** A pixel as the end of a cable. */
  public static String pixel(String run, int pixel) {
    return run + " pixel " + pixel;
  }

  private void feed(FeedReading f, SegmentReading s) {
    boolean tail = f.feed().trunk().isPresent();
    Point from = supplies.getOrDefault(f.feed().supply(), new Point(0, 0));
    Point to = Geometry.pixel(s.run(), s.type(), f.feed().atPixel());
    add(
        s.segment().controller(),
        new Cable(
            tail ? Kind.TAIL : Kind.FEED,
            Optional.of(s.segment().controller()),
            f.feed().trunk().map(t -> "trunk " + t).orElse("supply " + f.feed().supply()),
            pixel(s.run().name(), f.feed().atPixel()),
            OptionalDouble.of(f.lengthM()),
            Optional.of(f.feed().wire()),
            2,
            Optional.of(Plug.feed(reading.show().preparation(), s.type())),
            tail ? OptionalDouble.empty() : OptionalDouble.of(f.feed().fuseAmps()),
            tail ? "from the branch" : words.of(from, List.of(), to)));
  }

  private void trunk(TrunkReading t) {
    add(
        t.controller(),
        new Cable(
            Kind.TRUNK,
            Optional.of(t.controller()),
            "supply " + t.supply(),
            "trunk " + t.trunk().id(),
            OptionalDouble.of(t.metres()),
            Optional.of(t.trunk().wire()),
            2,
            Optional.empty(),
            OptionalDouble.of(t.fuseAmps()),
            "past the branches of its tails" + (t.trunk().ring() ? " and back" : "")));
  }

  private void input(InputReading reading) {
    Input i = reading.input();
    for (int n = 1; n <= i.wires(); n++) {
      String box = this.reading.controllerOf(i.board());
      add(
          box,
          new Cable(
              Kind.INPUT,
              Optional.of(box),
              "supply " + i.supply(),
              i.board() + " input" + (i.wires() > 1 ? " " + n : ""),
              OptionalDouble.of(i.cableM()),
              Optional.of(i.wire()),
              2,
              Optional.empty(),
              OptionalDouble.of(i.fuseAmps()),
              "inside the box"));
    }
  }

  private static Cable set(OtherReading.Set s) {
    int last = s.output().firstOutput() + s.set().channels() - 1;
    return new Cable(
        Kind.SET,
        Optional.of(s.output().dimmer()),
        s.output().dimmer() + " outputs " + s.output().firstOutput() + "-" + last,
        s.set().name(),
        OptionalDouble.of(s.leadM()),
        Optional.of(s.output().wire()),
        s.set().channels() + 1,
        Optional.empty(),
        OptionalDouble.of(s.output().fuseAmps()),
        "");
  }

  /** A mains cord as a cable. */
  public static Cable cord(Cords.Cord c) {
    return new Cable(
        Kind.CORD,
        Optional.empty(),
        "circuit " + c.circuit(),
        String.join(", ", c.feeds()),
        c.lengthM(),
        Optional.of(c.wire().id()),
        3,
        Optional.empty(),
        c.ownFuseAmps(),
        c.lengthM().isPresent() ? "from its nearest outlet" : "no outlet of it is drawn");
  }
}
