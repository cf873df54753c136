package bunting.core.assess;

import bunting.core.copper.InputRule;
import bunting.core.copper.Rails;
import bunting.core.island.SolvedChain;
import bunting.core.show.Feed;
import bunting.core.show.PlacedBoard;
import bunting.core.show.Segment;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * Everything that has a limit in amps, and what it carries: the one list that checks, limiter
 * settings and tests ask. A fuse may carry its rating over the margin for hours, a supply the share
 * of its school, a circuit 80 % less what else is on it, all others their limit. Rails are listed
 * where their type says what they bear.
 */
public final class Strains {
  private final Reading reading;
  private final Consequence at;
  private final double margin;
  private final Map<String, Segment> segments = new HashMap<>();
  private final List<Strain> list = new ArrayList<>();

  private Strains(Reading reading, Consequence at) {
    this.reading = reading;
    this.at = at;
    this.margin = reading.show().settings().fuseMargin();
    reading.segments().forEach(s -> segments.put(s.segment().id(), s.segment()));
  }

  /** All of a reading at some brightness, in a fixed order. */
  public static List<Strain> of(Reading reading, Consequence at) {
    Strains strains = new Strains(reading, at);
    strains.fuses();
    strains.boards();
    strains.inputs();
    strains.conductors();
    strains.supplies();
    strains.sets();
    return strains.list;
  }

  private void add(
      Strain.Kind kind,
      String id,
      String board,
      OptionalInt port,
      double carries,
      double allowed,
      double rating) {
    list.add(new Strain(kind, id, board, port, carries, allowed, rating));
  }

  private void fuses() {
    Map<String, Double> amps = reading.fuseAmps(at);
    Map<String, Feed> one = new HashMap<>();
    Map<String, Integer> ports = new HashMap<>();
    for (FeedReading f : reading.feeds()) {
      Feed feed = f.feed();
      one.putIfAbsent(feed.fuse(), feed);
      ports.merge(feed.fuse(), 1, Integer::sum);
    }
    amps.forEach(
        (fuse, sum) -> {
          Feed feed = one.get(fuse);
          Segment s = segments.get(feed.segment());
          OptionalInt port = ports.get(fuse) == 1 ? OptionalInt.of(s.port()) : OptionalInt.empty();
          double rating = feed.fuseAmps();
          add(Strain.Kind.FUSE, fuse, s.controller(), port, sum, rating / margin, rating);
        });
  }

  private void boards() {
    Map<String, Double> board = reading.boardAmps(at);
    Map<Consequence.PortName, Double> port = at.portAmps();
    Map<String, Boolean> seen = new HashMap<>();
    for (PortReading p : reading.ports()) {
      String id = p.controller();
      double portMost = p.type().portAmpsMax();
      add(
          Strain.Kind.PORT,
          id,
          id,
          OptionalInt.of(p.port()),
          port.getOrDefault(new Consequence.PortName(id, p.port()), 0.0),
          portMost,
          portMost);
      int bank = p.type().bankOf(p.port());
      String own = PlacedBoard.id(id, bank);
      if (seen.put(own, true) == null) {
        double most = p.type().boardAmps(bank);
        double amps = board.getOrDefault(own, 0.0);
        add(Strain.Kind.BOARD, own, id, OptionalInt.empty(), amps, most, most);
      }
    }
    for (OtherReading.Board b : at.others().boards()) {
      double most = b.type().boardAmpsMax();
      String id = b.dimmer().id();
      add(Strain.Kind.BOARD, id, id, OptionalInt.empty(), b.amps(), most, most);
    }
  }

  private void inputs() {
    for (InputReading i : at.inputs()) {
      String id = i.input().board();
      double fuse = i.input().fuseAmps();
      int pairs = i.input().wires();
      double allowed = fuse / InputRule.leastFuse(1, margin, pairs) / pairs;
      add(Strain.Kind.INPUT, id, id, OptionalInt.empty(), i.eachAmps(), allowed, fuse);
    }
  }

  private void conductors() {
    Map<String, Wire> wires = reading.show().catalogue().wiresById();
    trunks(wires);
    for (SegmentReading s : reading.segments()) {
      Segment d = s.segment();
      SolvedChain.SegmentFlow flow = at.segments().get(d.id());
      OptionalInt port = OptionalInt.of(d.port());
      if (d.position() > 1 && d.powerFromPrevious() && d.leadWire().isPresent()) {
        double bears = wires.get(d.leadWire().get()).fuseAmpsMax();
        add(Strain.Kind.LEAD, d.id(), d.controller(), port, flow.leadAmps(), bears, bears);
      }
      Rails.Limit rail = Rails.of(s.type());
      if (rail.given()) {
        double most = rail.amps();
        add(Strain.Kind.RAIL, d.id(), d.controller(), port, flow.railAmps(), most, most);
      }
      if (flow.jumperAmps() > 0) {
        double bears = reading.show().wiring().conductors().jumper().fuseAmpsMax();
        add(Strain.Kind.JUMPER, d.id(), d.controller(), port, flow.jumperAmps(), bears, bears);
      }
    }
  }

  /** Their tails lie behind a fuse that bears more than they do, so they are listed themselves. */
  private void trunks(Map<String, Wire> wires) {
    Map<String, Double> amps = at.trunkAmps();
    for (TrunkReading t : reading.trunks()) {
      double bears = wires.get(t.trunk().wire()).fuseAmpsMax();
      String id = t.trunk().id();
      double carries = amps.getOrDefault(id, 0.0);
      add(Strain.Kind.TRUNK, id, t.controller(), OptionalInt.empty(), carries, bears, bears);
    }
    for (FeedReading f : reading.feeds()) {
      if (f.feed().trunk().isPresent()) {
        Segment s = segments.get(f.feed().segment());
        double bears = wires.get(f.feed().wire()).fuseAmpsMax();
        String id = f.feed().id();
        OptionalInt port = OptionalInt.of(s.port());
        add(Strain.Kind.TAIL, id, s.controller(), port, at.feedAmps(id), bears, bears);
      }
    }
  }

  private void supplies() {
    double percent = reading.show().settings().supplyLoadPercentMax();
    for (SupplyReading s : at.supplies()) {
      add(
          Strain.Kind.SUPPLY,
          s.supply().id(),
          "",
          OptionalInt.empty(),
          s.loadAmps(),
          s.usableAmps(percent),
          s.type().ratedAmps(s.volts()));
    }
    for (CircuitReading c : at.circuits()) {
      add(
          Strain.Kind.CIRCUIT,
          c.circuit().id(),
          "",
          OptionalInt.empty(),
          c.loadAmps(),
          Math.max(0, c.circuit().usableAmps()),
          Math.max(0, c.circuit().breakerAmps() - c.circuit().existingAmps()));
    }
  }

  private void sets() {
    var types = reading.show().catalogue().dimmerTypesById();
    Map<String, String> typeOf = new HashMap<>();
    at.others().boards().forEach(b -> typeOf.put(b.dimmer().id(), b.dimmer().type()));
    for (OtherReading.Set s : at.others().sets()) {
      String board = s.output().dimmer();
      double fuse = s.output().fuseAmps();
      String name = s.set().name();
      add(Strain.Kind.SET_FUSE, name, board, OptionalInt.empty(), s.amps(), fuse / margin, fuse);
      double most = types.get(typeOf.get(board)).outputAmpsMax();
      add(Strain.Kind.SET_OUTPUT, name, board, OptionalInt.empty(), s.outputAmps(), most, most);
    }
  }
}
