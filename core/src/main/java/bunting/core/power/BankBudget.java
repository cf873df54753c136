package bunting.core.power;

import bunting.core.copper.Fuses;
import bunting.core.ports.BoxLoad;
import bunting.core.show.ControllerType;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a controller's board, fuse groups and bank supply still allow while its ports are wired one
 * after another.
 */
final class BankBudget implements Budget {
  private final ControllerType type;
  private final PowerRules rules;
  private final List<Integer> usedPorts;
  private final Map<List<Integer>, Double> groupAmps = new HashMap<>();
  private double boardAmps;
  private double bankAmps;
  private int portsWired;

  BankBudget(BoxLoad box, PowerRules rules) {
    this.type = box.type();
    this.rules = rules;
    this.usedPorts =
        java.util.stream.IntStream.rangeClosed(1, box.ports().size())
            .filter(p -> !box.ports().get(p - 1).pieces().isEmpty())
            .boxed()
            .toList();
  }

  /**
   * What the port's own feed may be; a fair share of what is left. Empty: the port gives no power.
   */
  @Override
  public Optional<PortLimit> portLimit(int port) {
    double bears =
        rules.wires().stream().mapToDouble(bunting.core.show.Wire::fuseAmpsMax).max().orElse(0);
    OptionalDouble fuse = Fuses.largest(Math.min(type.fuseAmpsMax(port), bears));
    if (type.portAmpsMax() <= 0 || fuse.isEmpty()) {
      return Optional.empty();
    }
    List<Integer> mates = type.fuseMates(port);
    long waitingMates = mates.stream().filter(p -> p >= port && usedPorts.contains(p)).count();
    double groupLeft = fuse.getAsDouble() / rules.margin() - groupAmps.getOrDefault(mates, 0.0);
    double boardLeft = type.boardAmpsMax() - boardAmps;
    int waitingPorts = Math.max(1, usedPorts.size() - portsWired);
    double amps =
        Math.min(
            type.portAmpsMax(),
            Math.min(groupLeft / Math.max(1, waitingMates), boardLeft / waitingPorts));
    return amps <= 0
        ? Optional.empty()
        : Optional.of(
            new PortLimit(amps, fuse.getAsDouble(), mates.size() > 1, type.terminalMm2Max()));
  }

  /** Whether an island of so many amps may hang on the bank's supply. */
  @Override
  public boolean bankHolds(double islandAmps) {
    return !Fuses.over(bankAmps + islandAmps, rules.supplyAmps());
  }

  /** Notes what a port's own feed and its island draw. */
  @Override
  public void take(int port, double portFeedAmps, double islandAmps) {
    groupAmps.merge(type.fuseMates(port), portFeedAmps, Double::sum);
    boardAmps += portFeedAmps;
    bankAmps += islandAmps;
  }

  @Override
  public void portDone() {
    portsWired++;
  }
}
