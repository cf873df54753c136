package bunting.core.power;

import bunting.core.copper.InputRule;
import bunting.core.ports.BoxLoad;
import java.util.List;

/**
 * A box with the islands of its ports, port 1 first. The inner lists may be changed.
 *
 * @param input how its board's input is wired, as it was reckoned with
 * @param trunks that islands hang on
 */
record WiredBox(
    BoxLoad box,
    PowerRules rules,
    InputRule.Choice input,
    List<List<PortWiring.Island>> ports,
    List<Hung> trunks) {
  /** A trunk with the places of its islands, in the order of its stops. */
  record Hung(TrunkPair pair, List<Place> at) {
    /** An island by its port, from 0, and its place there. */
    record Place(int port, int island) {}
  }

  /** Amps of all islands that hang on the bank. */
  double bankAmps() {
    return ports.stream()
        .flatMap(List::stream)
        .filter(PortWiring.Island::onBank)
        .mapToDouble(i -> i.trial().totalAmps())
        .sum();
  }
}
