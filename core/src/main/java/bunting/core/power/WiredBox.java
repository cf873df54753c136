package bunting.core.power;

import bunting.core.copper.InputRule;
import bunting.core.ports.BoxLoad;
import java.util.List;

/**
 * A box with the islands of its ports, port 1 first. The inner lists may be changed.
 *
 * @param input how its board's input is wired, as it was reckoned with
 */
record WiredBox(
    BoxLoad box, PowerRules rules, InputRule.Choice input, List<List<PortWiring.Island>> ports) {
  /** Amps of all islands that hang on the bank. */
  double bankAmps() {
    return ports.stream()
        .flatMap(List::stream)
        .filter(PortWiring.Island::onBank)
        .mapToDouble(i -> i.trial().totalAmps())
        .sum();
  }
}
