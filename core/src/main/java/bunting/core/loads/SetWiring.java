package bunting.core.loads;

import bunting.core.copper.Fuses;
import bunting.core.copper.InputRule;
import bunting.core.cost.Shelf;
import bunting.core.show.Conductors;
import bunting.core.show.Decisions;
import bunting.core.show.Input;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PlainSet;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.SupplyType;
import bunting.core.show.Wire;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Supplies, inputs, fuses and leads of PWM boards. What a board or a set has in the plan before
 * stays as long as it suffices.
 */
final class SetWiring {
  private final Show show;
  private final double margin;
  private final double percent;
  private final Conductors copper;
  private final Map<String, Wire> wiresById;
  private final Shelf ownedSupplies;
  private final Map<String, Input> inputs = new HashMap<>();
  private final Map<String, String> supplyTypes = new HashMap<>();
  private final Map<String, OtherDecisions.Output> outputs = new HashMap<>();

  SetWiring(Show show, Optional<Decisions> before, Shelf ownedSupplies) {
    this.show = show;
    this.margin = show.settings().fuseMargin();
    this.percent = show.wiring().ways().mostSent(show.settings().brightnessPercent());
    this.copper = show.wiring().conductors();
    this.wiresById = show.catalogue().wiresById();
    this.ownedSupplies = ownedSupplies;
    before.ifPresent(
        d -> {
          d.inputs().forEach(i -> inputs.put(i.board(), i));
          d.supplies().forEach(s -> supplyTypes.put(s.id(), s.type()));
          d.others().outputs().forEach(o -> outputs.put(o.set(), o));
        });
  }

  /** Returns the amps of a set at the most that can be sent. */
  double amps(PlainSet set) {
    return set.amps(percent);
  }

  /** Returns the amps of its strongest output, likewise. */
  double outputAmps(PlainSet set) {
    return set.outputAmps(percent);
  }

  /** Returns whether an input and a supply of the catalogue carry so many amps. */
  boolean carries(double volts, double amps) {
    if (wires().isEmpty() || supply(volts, amps).isEmpty()) {
      return false;
    }
    InputRule.Choice choice = choose(volts, amps);
    return !Fuses.over(InputRule.leastFuse(amps, margin, choice.pairs()), choice.fuseAmps());
  }

  /** Returns whether a wire of the catalogue can be a set's lead at all. */
  boolean hasLead(PlainSet set, double leadM) {
    return wire(set, leadM, copper.supplyVolts(set.volts())).isPresent();
  }

  /** The supply that the board has while it suffices, else an owned one, else the cheapest. */
  Supply supply(SetBoard board, String id) {
    Map<String, SupplyType> types = show.catalogue().supplyTypesById();
    SupplyType type =
        board
            .id()
            .map(inputs::get)
            .map(i -> supplyTypes.get(i.supply()))
            .map(types::get)
            .filter(t -> t.volts() == board.volts() && bears(t, board.amps()))
            .orElseGet(() -> supply(board.volts(), board.amps()).orElseThrow());
    ownedSupplies.take(type.id());
    return new Supply(id, type.id(), board.at(), Optional.empty());
  }

  private Optional<SupplyType> supply(double volts, double amps) {
    return show.catalogue().supplyTypes().stream()
        .filter(t -> t.volts() == volts && bears(t, amps))
        .min(
            Comparator.<SupplyType, Boolean>comparing(t -> !ownedSupplies.has(t.id()))
                .thenComparingDouble(SupplyType::cost)
                .thenComparingDouble(SupplyType::watts)
                .thenComparing(SupplyType::id));
  }

  private boolean bears(SupplyType type, double amps) {
    double share = show.settings().supplyLoadPercentMax();
    return !Fuses.over(amps, type.usableAmps(share, copper.supplyVolts(type.volts())));
  }

  /** How a board's input is wired: as it is while that suffices. */
  Input input(SetBoard board, String id, String supply) {
    return board
        .id()
        .map(inputs::get)
        .filter(i -> suffices(i, board.amps()))
        .map(i -> new Input(id, supply, i.wires(), i.wire(), copper.inputM(), i.fuseAmps()))
        .orElseGet(
            () -> {
              InputRule.Choice c = choose(board.volts(), board.amps());
              return new Input(id, supply, c.pairs(), c.wire().id(), copper.inputM(), c.fuseAmps());
            });
  }

  private boolean suffices(Input input, double amps) {
    Wire wire = wiresById.get(input.wire());
    return wire != null
        && wire.fuseAmpsMax() >= input.fuseAmps()
        && copper.inputWire().isEmpty()
        && !Fuses.over(InputRule.leastFuse(amps, margin, input.wires()), input.fuseAmps());
  }

  private InputRule.Choice choose(double volts, double amps) {
    return InputRule.choose(amps, margin, copper.supplyVolts(volts), copper, wires());
  }

  /** The fuse and the lead of a set: as they are while they suffice. */
  OtherDecisions.Output output(
      PlainSet set, String board, int first, double leadM, double terminalVolts) {
    double fuse = fuse(set).orElseThrow();
    Wire wire = wire(set, leadM, terminalVolts).orElseThrow();
    OtherDecisions.Output had = outputs.get(set.name());
    Wire old = had == null ? null : wiresById.get(had.wire());
    boolean suffices =
        had != null
            && old != null
            && had.fuseAmps() >= fuse
            && old.fuseAmpsMax() >= had.fuseAmps()
            && (old.ohmsPerM() <= wire.ohmsPerM() || keepsVolts(old, set, leadM, terminalVolts));
    return suffices
        ? new OtherDecisions.Output(set.name(), board, first, had.fuseAmps(), had.wire())
        : new OtherDecisions.Output(set.name(), board, first, fuse, wire.id());
  }

  private OptionalDouble fuse(PlainSet set) {
    return Fuses.next(amps(set), margin, Double.MAX_VALUE);
  }

  private List<Wire> wires() {
    return show.catalogue().wires().stream()
        .filter(w -> w.fuseAmpsMax() > 0)
        .sorted(Comparator.comparingDouble(Wire::ohmsPerM).reversed().thenComparing(Wire::id))
        .toList();
  }

  /**
   * The thinnest wire that the set's fuse protects and over which the set keeps its minimum voltage
   * at the brightness that is designed for; where none does, the thickest, and a check reports it.
   */
  private Optional<Wire> wire(PlainSet set, double leadM, double terminalVolts) {
    OptionalDouble fuse = fuse(set);
    if (fuse.isEmpty()) {
      return Optional.empty();
    }
    List<Wire> bear = wires().stream().filter(w -> w.fuseAmpsMax() >= fuse.getAsDouble()).toList();
    return bear.stream()
        .filter(w -> keepsVolts(w, set, leadM, terminalVolts))
        .findFirst()
        .or(() -> bear.isEmpty() ? Optional.empty() : Optional.of(bear.getLast()));
  }

  private boolean keepsVolts(Wire wire, PlainSet set, double leadM, double terminalVolts) {
    double designed = show.settings().brightnessPercent();
    double drop = copper.setDropVolts(wire, leadM, set.amps(designed), set.outputAmps(designed));
    return terminalVolts - drop >= set.volts() * show.settings().minVoltsPercent() / 100;
  }

  /** Returns the volts downstream of a board's input at the brightness that is designed for. */
  double terminalVolts(double volts, Input input, Collection<PlainSet> sets) {
    double designed = show.settings().brightnessPercent();
    double amps = sets.stream().mapToDouble(s -> s.amps(designed)).sum();
    Wire wire = wiresById.get(input.wire());
    return copper.supplyVolts(volts) - amps * copper.inputOhms(wire, input.wires()).loop();
  }
}
