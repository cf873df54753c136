package bunting.core.show;

import java.util.List;
import java.util.Optional;

/**
 * What was decided about lights that are not pixels.
 *
 * @param dimmers the boards, in the order of their slots
 * @param outputs which set is on which outputs, in that order
 * @param chains bulb strings plugged into each other
 */
public record OtherDecisions(List<Dimmer> dimmers, List<Output> outputs, List<Chain> chains) {
  /** Nothing to decide. */
  public static final OtherDecisions NONE = new OtherDecisions(List.of(), List.of(), List.of());

  public OtherDecisions {
    dimmers = List.copyOf(dimmers);
    outputs = List.copyOf(outputs);
    chains = List.copyOf(chains);
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
