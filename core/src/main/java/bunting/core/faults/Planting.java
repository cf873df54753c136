package bunting.core.faults;

import bunting.core.assess.SegmentReading;
import bunting.core.pattern.Colour;
import bunting.core.show.Feed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/**
 * Plants faults, for practice and for tests: one of a kind at a random place of a plan where
 * something of it can be seen or measured. The same seed plants the same.
 */
public final class Planting {
  /** Places that are tried before it is said that the plan has none. */
  private static final int TRIES = 60;

  /** What a meter tells for sure, share of the nominal volts. */
  private static final double TOLD_SHARE = 0.05;

  private static final double AT_JOINTS = 0.7;

  private final Pictures pictures;
  private final Layout layout;
  private final Random random;

  /** Of a plan, by a seed. */
  public Planting(Pictures pictures, long seed) {
    this.pictures = pictures;
    this.layout = pictures.layout();
    this.random = new Random(seed);
  }

  /** A fault of a kind; empty: the plan has no place for it. */
  public Optional<Fault> plant(FaultKind kind) {
    for (int i = 0; i < TRIES; i++) {
      Optional<Fault> fault = any(kind);
      if (fault.isPresent() && !showing(fault.get()).isEmpty()) {
        return fault;
      }
    }
    return Optional.empty();
  }

  /**
   * Where a fault is first noticed: parts of runs that look wrong under the first pattern that
   * shows it anywhere, or, where none does, that measure wrong under white.
   */
  public List<Notice> showing(Fault fault) {
    for (Observed.Sending sending : NextTests.SENT) {
      List<Notice> found = showing(fault, sending, false);
      if (!found.isEmpty()) {
        return found;
      }
    }
    return showing(fault, NextTests.SENT.getFirst(), true);
  }

  /** A part of a run that a fault is noticed at, by eye or by meter. */
  public record Notice(Observed.Sending sending, Layout.Part part, boolean byMeter, int pixel) {}

  private List<Notice> showing(Fault fault, Observed.Sending sending, boolean meter) {
    List<Notice> found = new ArrayList<>();
    Set<Integer> chains = Places.of(layout, fault).chains();
    for (int index : new java.util.TreeSet<>(chains)) {
      Layout.Chain chain = layout.chains().get(index);
      Picture picture = pictures.of(fault, sending, chain);
      Picture sound = pictures.sound(sending, chain);
      for (int s = 0; s < chain.segments().size(); s++) {
        SegmentReading segment = chain.segments().get(s);
        Layout.Part part = layout.part(segment.segment().id());
        int odd = odd(picture, sound, part, meter);
        if (odd >= 0) {
          int pixel = segment.segment().firstPixel() + odd - part.start();
          found.add(new Notice(sending, part, meter, pixel));
        }
      }
    }
    return found;
  }

  /** The pixel of a part that is oddest, as an index on the chain; -1: none. */
  private static int odd(Picture picture, Picture sound, Layout.Part part, boolean meter) {
    int end = part.start() + part.segment().segment().pixels();
    double most = TOLD_SHARE * part.segment().type().volts();
    int odd = -1;
    for (int i = part.start(); i < end; i++) {
      double off = Math.abs(picture.volts()[i] - sound.volts()[i]);
      if (meter && off > most) {
        most = off;
        odd = i;
      } else if (!meter
          && picture.looks()[i].isPresent()
          && !picture.looks()[i].equals(sound.looks()[i])) {
        return i;
      }
    }
    return odd;
  }

  private Optional<Fault> any(FaultKind kind) {
    var decisions = layout.reading().decisions();
    return switch (kind) {
      case FUSE_OPEN -> of(decisions.feeds()).map(f -> new Fault.FuseOpen(f.fuse()));
      case FEED_OPEN -> of(decisions.feeds()).map(f -> new Fault.FeedOpen(f.id()));
      case SUPPLY_OFF -> of(decisions.supplies()).map(s -> new Fault.SupplyOff(s.id()));
      case CIRCUIT_OFF ->
          of(decisions.supplies()).flatMap(s -> s.circuit()).map(Fault.CircuitOff::new);
      case DATA_OPEN -> part().map(p -> new Fault.DataOpen(run(p), joint(p)));
      case DEAD_PIXEL -> part().map(p -> new Fault.DeadPixel(run(p), pixel(p)));
      case PORT_DEAD -> chain().map(c -> new Fault.PortDead(c.controller(), c.port()));
      case CONTROLLER_OFF -> chain().map(c -> new Fault.ControllerOff(c.controller()));
      case CONTROLLER_HUNG -> chain().map(c -> new Fault.ControllerHung(c.controller()));
      case PORTS_SWAPPED -> chain().flatMap(this::swapped);
      case ORDER_WRONG -> part().flatMap(this::order);
      case RUN_REVERSED -> part().map(p -> new Fault.RunReversed(run(p)));
      case UNIVERSE_OFF ->
          chain().map(c -> new Fault.UniverseOff(c.controller(), random.nextBoolean() ? 1 : -1));
      case COUNT_OFF ->
          part().map(p -> new Fault.CountOff(run(p), List.of(-1, 1, -3).get(random.nextInt(3))));
      case NOISE -> part().map(p -> new Fault.Noise(p.segment().segment().id()));
      case THIN_LEAD ->
          of(decisions.feeds())
              .map(f -> new Fault.ThinLead(f.id(), 0.05 * Math.exp(3 * random.nextDouble())));
      case SUPPLY_LOW -> low();
      case LIMITER_LOW, OTHER_SUBNET, STARVED ->
          chain().map(c -> new Fault.AtBox(kind, c.controller()));
      case FED_BACK -> chain().map(c -> new Fault.AtPort(kind, c.controller(), c.port()));
      case SHORT_TO_METAL, PAST_THE_SWITCH ->
          of(decisions.feeds()).map(f -> new Fault.AtFeed(kind, f.id()));
    };
  }

  private <T> Optional<T> of(List<T> list) {
    return list.isEmpty() ? Optional.empty() : Optional.of(list.get(random.nextInt(list.size())));
  }

  private Optional<Layout.Chain> chain() {
    return of(layout.chains());
  }

  private Optional<Layout.Part> part() {
    return of(layout.reading().segments()).map(s -> layout.part(s.segment().id()));
  }

  private static String run(Layout.Part part) {
    return part.segment().run().name();
  }

  private int pixel(Layout.Part part) {
    var s = part.segment().segment();
    return s.firstPixel() + random.nextInt(s.pixels());
  }

  /** Mostly a joint of the pieces that it is made of. */
  private int joint(Layout.Part part) {
    int any = pixel(part);
    var s = part.segment().segment();
    int pack = part.segment().type().packPixels();
    int joint = (any - 1) / pack * pack + 1;
    return random.nextDouble() < AT_JOINTS ? Math.max(s.firstPixel(), joint) : any;
  }

  private Optional<Fault> swapped(Layout.Chain chain) {
    return of(layout.chains().stream()
            .filter(c -> c.box() == chain.box())
            .filter(c -> Colour.ofNumber(c.port()) != Colour.ofNumber(chain.port()))
            .toList())
        .map(
            o ->
                new Fault.PortsSwapped(
                    chain.controller(),
                    Math.min(o.port(), chain.port()),
                    Math.max(o.port(), chain.port())));
  }

  private Optional<Fault> order(Layout.Part part) {
    String planned = part.segment().order();
    return of(Orders.others(planned)).map(o -> new Fault.OrderWrong(run(part), o));
  }

  private Optional<Fault> low() {
    var types = layout.reading().show().catalogue().supplyTypesById();
    Optional<Feed> feed = of(layout.reading().decisions().feeds());
    return feed.flatMap(
        f ->
            layout.reading().decisions().supplies().stream()
                .filter(s -> s.id().equals(f.supply()))
                .findFirst()
                .map(
                    s -> {
                      double volts = java.util.Objects.requireNonNull(types.get(s.type())).volts();
                      double share = 0.75 + 0.18 * random.nextDouble();
                      return new Fault.SupplyLow(s.id(), volts * share);
                    }));
  }
}
