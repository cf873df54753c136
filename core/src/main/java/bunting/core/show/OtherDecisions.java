package bunting.core.show;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/**
 * What was decided about lights that are not pixels.
 *
 * @param dimmers the boards, in the order of their slots
 * @param outputs which set is on which outputs, in that order
 * @param chains bulb strings plugged into each other
 * @param devices ids of small things on the mains that have a circuit, and that circuit
 */
public record OtherDecisions(
    List<Dimmer> dimmers, List<Output> outputs, List<Chain> chains, Map<String, String> devices) {
  /** Nothing to decide. */
  public static final OtherDecisions NONE = new OtherDecisions(List.of(), List.of(), List.of());

  public OtherDecisions {
    dimmers = List.copyOf(dimmers);
    outputs = List.copyOf(outputs);
    chains = List.copyOf(chains);
    devices = java.util.Collections.unmodifiableMap(new TreeMap<>(devices));
  }

  /** Nothing small on a circuit. */
  public OtherDecisions(List<Dimmer> dimmers, List<Output> outputs, List<Chain> chains) {
    this(dimmers, outputs, chains, Map.of());
  }

  /** Returns these decisions with circuits under other names. */
  OtherDecisions circuitsRenamed(UnaryOperator<String> name) {
    Map<String, String> on = new TreeMap<>();
    devices.forEach((id, circuit) -> on.put(id, name.apply(circuit)));
    return new OtherDecisions(
        dimmers,
        outputs,
        chains.stream()
            .map(c -> new Chain(c.id(), c.strings(), c.outlet(), c.circuit().map(name)))
            .toList(),
        on);
  }

  /** Returns these decisions with sets and light strings under other names. */
  OtherDecisions lightsRenamed(UnaryOperator<String> name) {
    return new OtherDecisions(
        dimmers,
        outputs.stream()
            .map(
                o ->
                    new Output(
                        name.apply(o.set()), o.dimmer(), o.firstOutput(), o.fuseAmps(), o.wire()))
            .toList(),
        chains.stream()
            .map(
                c ->
                    new Chain(
                        c.id(), c.strings().stream().map(name).toList(), c.outlet(), c.circuit()))
            .toList(),
        devices);
  }

  /**
   * A dimmer board in its box.
   *
   * @param fuseAmps the fuse before the board
   */
  public record Dimmer(
      String id, String type, Point at, double volts, String supply, double fuseAmps) {}

  /**
   * A plain set on a board.
   *
   * @param firstOutput its first output, from 1; the others follow
   * @param fuseAmps the fuse in its lead
   * @param wire the conductor of its lead
   */
  public record Output(String set, String dimmer, int firstOutput, double fuseAmps, String wire) {}

  /**
   * Bulb strings on one plug, the first nearest to the outlet.
   *
   * @param outlet where the plug goes, where outlets were placed
   * @param circuit the circuit that bears it, where one was found
   */
  public record Chain(
      String id, List<String> strings, Optional<String> outlet, Optional<String> circuit) {
    public Chain {
      strings = List.copyOf(strings);
    }
  }
}
