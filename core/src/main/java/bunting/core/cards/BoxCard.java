package bunting.core.cards;

import bunting.core.addressing.SlotRow;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.assess.Strain;
import bunting.core.assess.Strains;
import bunting.core.network.NetworkPlan;
import bunting.core.show.PixelType;
import bunting.core.show.Protocol;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is typed into a box: its network, and output by output what hangs there. Universes, slots,
 * ports and pixels count from 1.
 *
 * @param box its name
 * @param kind of box, for people
 * @param address with its mask and router
 * @param protocol that it listens to
 * @param limiterPercent to set: the show's limiter, or 100 without one
 * @param mostPercent the most that its fuses, wires, supplies and circuits bear, rounded down
 * @param outputs every one of its ports
 */
public record BoxCard(
    String box,
    String kind,
    Address address,
    Protocol protocol,
    double fps,
    double volts,
    double limiterPercent,
    double mostPercent,
    List<Output> outputs) {
  /** A look to store in the box itself, for evenings without network or player. */
  public static final String TEST_LOOK =
      "Store one calm look in the box, warm white at 20 %: it shows that the box lives when the"
          + " network does not.";

  public BoxCard {
    outputs = List.copyOf(outputs);
  }

  /** Its place in the network. */
  public record Address(String ip, String mask, Optional<String> gateway) {}

  /**
   * An output.
   *
   * @param pixels on it
   * @param milliamps of its pixels at the limiter's setting, at their nominal volts
   * @param mostMilliamps of its pixels at the most that the box bears
   * @param pieces in the order of the wire; none: it is spare
   */
  public record Output(
      int port, int pixels, long milliamps, long mostMilliamps, List<Piece> pieces) {
    public Output {
      pieces = List.copyOf(pieces);
    }
  }

  /**
   * A stretch of a run on an output.
   *
   * @param order of colours on the wire
   * @param skipped pixels before it that show nothing
   * @param grouping neighbours that share one set of slots
   * @param start its first slot; empty: the universes did not suffice
   * @param end its last
   * @param firstByte its first byte by the box's own count from 0, as DDP numbers them
   */
  public record Piece(
      String run,
      int firstPixel,
      int lastPixel,
      PixelType type,
      String order,
      int skipped,
      int grouping,
      boolean reversed,
      Optional<Place> start,
      Optional<Place> end,
      long firstByte) {
    /** How many. */
    public int pixels() {
      return lastPixel - firstPixel + 1;
    }
  }

  /** A slot of a universe. */
  public record Place(int universe, int slot) {}

  /** Of every box of a plan that has something on it, in its order. */
  public static List<BoxCard> of(Reading reading) {
    NetworkPlan network = NetworkPlan.of(reading);
    Map<String, List<PortReading>> ports = new HashMap<>();
    reading
        .ports()
        .forEach(p -> ports.computeIfAbsent(p.controller(), k -> new ArrayList<>()).add(p));
    Map<String, Double> most = most(reading);
    List<BoxCard> cards = new ArrayList<>();
    for (NetworkPlan.Link link : network.links()) {
      List<PortReading> own = ports.getOrDefault(link.box(), List.of());
      double limiter = reading.worst().brightnessPercent();
      double bears = Math.max(limiter, most.getOrDefault(link.box(), 100.0));
      cards.add(
          new BoxCard(
              link.box(),
              link.type().name(),
              new Address(link.address(), network.mask(), network.network().lan().gateway()),
              reading.show().addressing().protocol(),
              reading.show().settings().targetFps(),
              own.isEmpty() ? 0 : own.getFirst().box().volts(),
              limiter,
              bears,
              outputs(own, limiter, bears)));
    }
    return cards;
  }

  /**
   * By box, how bright it could be before something gives: amps along the chord from what is
   * designed to full white, as {@link bunting.core.assess.Limiter} has it.
   */
  private static Map<String, Double> most(Reading reading) {
    double designed = reading.designed().brightnessPercent();
    List<Strain> low = Strains.of(reading, reading.designed());
    List<Strain> white = Strains.of(reading, reading.white());
    Map<String, Double> most = new HashMap<>();
    for (int i = 0; i < white.size(); i++) {
      Strain w = white.get(i);
      double from = low.get(i).carries();
      if (w.carries() > w.allowed() && w.carries() > from) {
        double share = Math.max(0, (w.allowed() - from) / (w.carries() - from));
        double percent = Math.floor(designed + share * (100 - designed));
        List<String> boxes =
            w.board().isEmpty()
                ? reading.decisions().controllers().stream().map(c -> c.controller().id()).toList()
                : List.of(w.board());
        boxes.forEach(b -> most.merge(b, percent, Math::min));
      }
    }
    return most;
  }

  private static List<Output> outputs(List<PortReading> ports, double limiter, double bears) {
    List<Output> outputs = new ArrayList<>();
    long at = 0;
    for (PortReading p : ports) {
      List<Piece> pieces = new ArrayList<>();
      double set = 0;
      double most = 0;
      for (SegmentReading s : p.segments()) {
        pieces.add(piece(s, at));
        at += (long) s.run().fitting().sets(s.segment().pixels()) * s.type().channels();
        set += s.segment().pixels() * s.type().amps(limiter);
        most += s.segment().pixels() * s.type().amps(bears);
      }
      outputs.add(
          new Output(
              p.port(),
              p.pixels(),
              (long) Math.floor(set * 1000 + ROUNDING),
              (long) Math.floor(most * 1000 + ROUNDING),
              pieces));
    }
    return outputs;
  }

  /** Sums of milliamps are exact to far less. */
  private static final double ROUNDING = 1e-6;

  private static Piece piece(SegmentReading s, long firstByte) {
    Optional<SlotRow> first = s.slots().stream().findFirst();
    Optional<SlotRow> last =
        s.slots().isEmpty() ? Optional.empty() : Optional.of(s.slots().getLast());
    return new Piece(
        s.run().name(),
        s.segment().firstPixel(),
        s.segment().lastPixel(),
        s.type(),
        s.order(),
        0,
        s.run().fitting().grouping(),
        s.run().fitting().reversed(),
        first.map(r -> new Place(r.universe(), r.firstSlot())),
        last.map(r -> new Place(r.universe(), r.lastSlot())),
        firstByte);
  }
}
