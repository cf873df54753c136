package bunting.core.show;

import java.util.Optional;

/**
 * A controller in the plan: the volts of its bank, and the supply that the bank hangs on where it
 * has one.
 */
public record PlacedController(Controller controller, double volts, Optional<String> supply) {}
