package bunting.core.island;

import java.util.List;
import java.util.Optional;

/**
 * A box as it was solved.
 *
 * @param ports one a port, empty where nothing hangs on it
 * @param trunks those that something hangs on
 * @param terminalVolts of its board; 0 where the box cannot stand
 * @param inputAmps over the board's input
 * @param stands false: its input and what hangs on it ask for more than its supply can send there
 */
public record SolvedBox(
    BoxNetwork network,
    List<Optional<SolvedChain>> ports,
    List<SolvedTrunk> trunks,
    double terminalVolts,
    double inputAmps,
    boolean stands) {
  public SolvedBox {
    ports = List.copyOf(ports);
    trunks = List.copyOf(trunks);
  }
}
