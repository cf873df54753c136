package bunting.core.hookup;

import bunting.core.assess.CircuitReading;
import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SupplyReading;
import bunting.core.show.Circuit;
import bunting.core.show.MainsDevice;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * How a plan hangs on the mains.
 *
 * @param circuits in the order of the show
 * @param phases those that are named, the lowest first
 * @param standby each supply, in the order of the plan
 * @param cords from outlets to what hangs on them
 */
public record MainsSheet(
    List<OnCircuit> circuits,
    List<Phase> phases,
    List<Standby.Dark> standby,
    List<Cords.Cord> cords) {
  public MainsSheet {
    circuits = List.copyOf(circuits);
    phases = List.copyOf(phases);
    standby = List.copyOf(standby);
    cords = List.copyOf(cords);
  }

  /**
   * A circuit and what hangs on it.
   *
   * @param loadAmps that the show draws as it is designed
   * @param worstAmps that it draws at the most that can be sent
   * @param hung what the show hangs on it, each with its amps at the most that can be sent
   * @param supplies ids
   * @param bulbChains ids
   * @param devices ids of small things
   * @param inrushAmps the spike if all of it started cold at once
   * @param starts what may start together, in order
   */
  public record OnCircuit(
      Circuit circuit,
      double loadAmps,
      double worstAmps,
      List<Hung> hung,
      List<String> supplies,
      List<String> bulbChains,
      List<String> devices,
      double inrushAmps,
      List<Starting.Group> starts) {
    public OnCircuit {
      hung = List.copyOf(hung);
      supplies = List.copyOf(supplies);
      bulbChains = List.copyOf(bulbChains);
      devices = List.copyOf(devices);
      starts = List.copyOf(starts);
    }

    /** Amps that are left of it for hours, at the most that can be sent. */
    public double leftAmps() {
      return circuit.usableAmps() - worstAmps;
    }

    /** Whether the show hangs anything on it. */
    public boolean used() {
      return !(supplies.isEmpty() && bulbChains.isEmpty() && devices.isEmpty());
    }
  }

  /** Something of the show on a circuit, and its amps there at the most that can be sent. */
  public record Hung(String id, double amps) {}

  /** A phase, and the amps that the show draws from all of its circuits. */
  public record Phase(int phase, double amps) {}

  /** Of a plan. Solves it once more, all dark. */
  public static MainsSheet of(Reading reading) {
    return new MainsSheet(
        circuits(reading), phases(reading), Standby.of(reading), Cords.of(reading));
  }

  /** What hangs on each circuit, in the order of the show. */
  public static List<OnCircuit> circuits(Reading reading) {
    List<OnCircuit> circuits = new ArrayList<>();
    for (int i = 0; i < reading.circuits().size(); i++) {
      CircuitReading c = reading.circuits().get(i);
      circuits.add(of(reading, c, reading.worst().circuits().get(i).loadAmps()));
    }
    return circuits;
  }

  private static List<Phase> phases(Reading reading) {
    Map<Integer, Double> phases = new TreeMap<>();
    for (CircuitReading c : reading.circuits()) {
      c.circuit().facts().phase().ifPresent(p -> phases.merge(p, c.loadAmps(), Double::sum));
    }
    return phases.entrySet().stream().map(e -> new Phase(e.getKey(), e.getValue())).toList();
  }

  private static OnCircuit of(Reading reading, CircuitReading read, double worst) {
    Circuit circuit = read.circuit();
    List<Starting.Starter> starters = new ArrayList<>();
    List<String> supplies = new ArrayList<>();
    for (SupplyReading s : reading.supplies()) {
      if (on(s.supply().circuit(), circuit)) {
        supplies.add(s.supply().id());
        double runs = s.type().voltAmps(s.loadWatts()) / circuit.volts();
        starters.add(
            new Starting.Starter(
                s.supply().id(),
                s.type().inrushAmps(circuit.volts()),
                runs,
                s.type().inrushAmps().isEmpty()));
      }
    }
    List<String> chains = new ArrayList<>();
    for (OtherReading.Chain c : reading.others().chains()) {
      if (on(c.chain().circuit(), circuit)) {
        chains.add(c.chain().id());
        starters.add(Starting.ofBulbs(c, reading.show().settings().mainsVolts(), circuit.volts()));
      }
    }
    List<String> devices =
        reading.show().mains().devices().stream()
            .map(MainsDevice::id)
            .filter(
                d ->
                    on(Optional.ofNullable(reading.decisions().others().devices().get(d)), circuit))
            .toList();
    return new OnCircuit(
        circuit,
        read.loadAmps(),
        worst,
        hung(reading, circuit),
        supplies,
        chains,
        devices,
        starters.stream().mapToDouble(Starting.Starter::inrushAmps).sum(),
        Starting.groups(circuit, starters));
  }

  private static List<Hung> hung(Reading reading, Circuit circuit) {
    List<Hung> hung = new ArrayList<>();
    for (SupplyReading s : reading.worst().supplies()) {
      if (on(s.supply().circuit(), circuit)) {
        hung.add(new Hung(s.supply().id(), s.type().voltAmps(s.loadWatts()) / circuit.volts()));
      }
    }
    double mains = reading.show().settings().mainsVolts();
    for (OtherReading.Chain c : reading.worst().others().chains()) {
      if (on(c.chain().circuit(), circuit)) {
        hung.add(new Hung(c.chain().id(), c.amps() * mains / circuit.volts()));
      }
    }
    for (MainsDevice d : reading.show().mains().devices()) {
      Optional<String> hangs =
          Optional.ofNullable(reading.decisions().others().devices().get(d.id()));
      if (on(hangs, circuit)) {
        hung.add(new Hung(d.id(), d.voltAmps() / circuit.volts()));
      }
    }
    return hung;
  }

  private static boolean on(Optional<String> hangs, Circuit circuit) {
    return hangs.filter(circuit.id()::equals).isPresent();
  }
}
