package bunting.core.island;

import bunting.core.show.PairOhms;
import java.util.List;
import java.util.Optional;

/**
 * All that the volts of a box depend on.
 *
 * @param supplyVolts what the supply of its board holds
 * @param inputOhms resistance of the board's input, all its wires together
 * @param chains one a port, port 1 first; empty where nothing hangs on it
 * @param trunks that pass its runs
 */
public record BoxNetwork(
    double supplyVolts, PairOhms inputOhms, List<Optional<Chain>> chains, List<TrunkLaid> trunks) {
  public BoxNetwork {
    chains = List.copyOf(chains);
    trunks = List.copyOf(trunks);
  }

  /** What the supply of a trunk holds; its tails know. */
  double trunkVolts(TrunkLaid laid) {
    String id = laid.trunk().id();
    return chains.stream()
        .flatMap(Optional::stream)
        .flatMap(c -> c.cables().stream())
        .filter(c -> c.feed().trunk().filter(id::equals).isPresent())
        .mapToDouble(Chain.Cable::volts)
        .findFirst()
        .orElse(supplyVolts);
  }
}
