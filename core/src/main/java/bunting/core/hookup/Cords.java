package bunting.core.hookup;

import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SupplyReading;
import bunting.core.mains.Outlets;
import bunting.core.show.Circuit;
import bunting.core.show.Conductors;
import bunting.core.show.MainsDevice;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Cords from the outlets to the places where something of a circuit stands: one for each circuit
 * and place.
 *
 * <p><b>Method.</b> From the nearest outlet of the circuit along the axes, and {@value #SLACK_M} m
 * at each end. Of the sizes that the place sells the thinnest that bears the amps at the most that
 * can be sent, loses at most {@value #DROP_PERCENT_MAX} % of the mains over both conductors, and
 * bears what the usual plug does; where the breaker is larger than that, a fuse of the cord's own
 * stands before it. Where none is thick enough the thickest is taken, and says what it loses.
 *
 * <p><b>Sources.</b> Limits of flexible cords: NFPA 70 table 400.5(A)(1) and EN 50565-1, from
 * memory; 3 %: NFPA 70 210.19(A) informational note, IEC 60364-5-52 annex G for lighting, from
 * memory. Resistance as everywhere ({@link Wire}).
 */
public final class Cords {
  private static final double SLACK_M = 1;

  /** More is too much, percent of the mains. */
  public static final double DROP_PERCENT_MAX = 3;

  /** Below it gauges are American. */
  private static final double GAUGE_VOLTS = 200;

  /** The usual plugs of North America and of IEC countries, amps. */
  private static final double GAUGE_PLUG_AMPS = 15;

  private static final double METRIC_PLUG_AMPS = 16;

  private static final double ROUNDING_AMPS = 1e-9;

  /** A size of cord, and what it bears. */
  private record Size(String wire, double ampsMax) {}

  private static final List<Size> AMERICAN =
      List.of(
          new Size("16AWG", 13),
          new Size("14AWG", 15),
          new Size("12AWG", 20),
          new Size("10AWG", 30));

  private static final List<Size> METRIC =
      List.of(
          new Size("1.0mm2", 10),
          new Size("1.5mm2", 16),
          new Size("2.5mm2", 25),
          new Size("4.0mm2", 32),
          new Size("6.0mm2", 40));

  private Cords() {}

  /**
   * A cord.
   *
   * @param at where it leads
   * @param feeds ids of what hangs on it
   * @param lengthM metres; empty: no outlet of the circuit is on the elevation
   * @param amps at the most that can be sent
   * @param wire its conductors
   * @param ampsMax that they bear
   * @param dropVolts lost on it, go and return; 0 where its length is not known
   * @param ownFuseAmps the fuse or breaker that must stand before it, where the circuit's is larger
   */
  public record Cord(
      String circuit,
      Point at,
      List<String> feeds,
      OptionalDouble lengthM,
      double amps,
      Wire wire,
      double ampsMax,
      double dropVolts,
      OptionalDouble ownFuseAmps) {
    public Cord {
      feeds = List.copyOf(feeds);
    }
  }

  /** A place on a circuit, and what hangs there. */
  private record Place(String circuit, Point at) {}

  private static final class Load {
    final List<String> ids = new ArrayList<>();
    double voltAmps;

    void add(String id, double more) {
      ids.add(id);
      voltAmps += more;
    }
  }

  /** All of a plan, in the order of the circuits. */
  public static List<Cord> of(Reading reading) {
    Show show = reading.show();
    Map<Place, Load> loads = new LinkedHashMap<>();
    for (SupplyReading s : reading.worst().supplies()) {
      double voltAmps = s.type().voltAmps(s.loadWatts());
      s.supply()
          .circuit()
          .ifPresent(c -> at(loads, c, s.supply().at()).add(s.supply().id(), voltAmps));
    }
    double mains = show.settings().mainsVolts();
    for (OtherReading.Chain c : reading.others().chains()) {
      Point at = c.strings().getFirst().at();
      c.chain().circuit().ifPresent(k -> at(loads, k, at).add(c.chain().id(), c.amps() * mains));
    }
    for (MainsDevice d : show.mains().devices()) {
      String circuit = reading.decisions().others().devices().get(d.id());
      if (circuit != null && d.at().isPresent()) {
        at(loads, circuit, d.at().get()).add(d.id(), d.voltAmps());
      }
    }
    Map<String, List<Point>> outlets = Outlets.byCircuit(show);
    List<Cord> cords = new ArrayList<>();
    for (Circuit circuit : show.circuits().orElse(List.of())) {
      loads.forEach(
          (place, load) -> {
            if (place.circuit().equals(circuit.id())) {
              List<Point> near = outlets.getOrDefault(circuit.id(), List.of());
              cords.add(cord(circuit, place.at(), load, near, show.wiring().conductors()));
            }
          });
    }
    return cords;
  }

  private static Load at(Map<Place, Load> loads, String circuit, Point at) {
    return loads.computeIfAbsent(new Place(circuit, at), k -> new Load());
  }

  private static Cord cord(
      Circuit circuit, Point at, Load load, List<Point> outlets, Conductors copper) {
    OptionalDouble metres = outlets.stream().mapToDouble(o -> o.cableTo(at) + 2 * SLACK_M).min();
    double amps = load.voltAmps / circuit.volts();
    boolean gauges = circuit.volts() < GAUGE_VOLTS;
    List<Size> sizes = gauges ? AMERICAN : METRIC;
    double plug = Math.min(circuit.breakerAmps(), gauges ? GAUGE_PLUG_AMPS : METRIC_PLUG_AMPS);
    Size size =
        sizes.stream()
            .filter(s -> s.ampsMax() >= plug - ROUNDING_AMPS)
            .filter(s -> s.ampsMax() >= amps - ROUNDING_AMPS)
            .filter(s -> drop(s, metres, amps, copper) <= circuit.volts() * DROP_PERCENT_MAX / 100)
            .findFirst()
            .orElse(sizes.getLast());
    Optional<Double> fuse =
        size.ampsMax() < circuit.breakerAmps() ? Optional.of(size.ampsMax()) : Optional.empty();
    return new Cord(
        circuit.id(),
        at,
        load.ids,
        metres,
        amps,
        wire(size),
        size.ampsMax(),
        drop(size, metres, amps, copper),
        fuse.map(OptionalDouble::of).orElse(OptionalDouble.empty()));
  }

  private static Wire wire(Size size) {
    return Wire.parse(size.wire()).orElseThrow();
  }

  /** Volts lost on a cord, go and return, its copper as warm as that of all cables. */
  private static double drop(Size size, OptionalDouble metres, double amps, Conductors copper) {
    return wire(size).loopOhms(metres.orElse(0)) * copper.warmth() * amps;
  }
}
