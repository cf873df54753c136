package bunting.core.assess;

import bunting.core.show.Input;

/**
 * A board's input and what it carries.
 *
 * @param amps over all its wires together
 * @param terminalVolts what the board has behind it
 */
public record InputReading(Input input, double amps, double terminalVolts) {
  /** Amps in each of its equal wires. */
  public double eachAmps() {
    return amps / input.wires();
  }

  /** Amps in each of the others when one is lost; of a single wire none is left. */
  public double withoutOneAmps() {
    return input.wires() == 1 ? 0 : amps / (input.wires() - 1);
  }
}
