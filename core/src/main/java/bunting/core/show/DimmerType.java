package bunting.core.show;

import java.util.List;

/**
 * A kind of PWM dimmer board.
 *
 * @param id unique id
 * @param name for people
 * @param outputs PWM outputs, each a slot
 * @param volts voltages it takes
 * @param outputAmpsMax most amps of an output
 * @param boardAmpsMax most amps of all outputs together
 * @param cost price, 0 where none is known
 */
public record DimmerType(
    String id,
    String name,
    int outputs,
    List<Double> volts,
    double outputAmpsMax,
    double boardAmpsMax,
    double cost) {
  public DimmerType {
    volts = List.copyOf(volts);
  }
}
