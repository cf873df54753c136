package bunting.core.show;

import java.util.List;

/**
 * Ports of a controller that stand on one power board, with one supply behind them.
 *
 * @param ports sorted
 * @param volts that its supply may have; none: those of the type
 * @param ampsMax most amps through all of its ports together; 0: as the type's board
 */
public record Bank(List<Integer> ports, List<Double> volts, double ampsMax) {
  public Bank {
    ports = ports.stream().sorted().toList();
    volts = List.copyOf(volts);
    ampsMax += 0.0;
  }
}
