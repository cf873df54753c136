package bunting.core.show;

import java.util.Optional;

/**
 * A power board of a controller in the plan: the bank of its ports, with the volts and the supply
 * that it has.
 *
 * @param bank from 1; 0: the controller has one board
 */
public record PlacedBoard(Controller controller, int bank, double volts, Optional<String> supply) {
  /** What a board is called: its controller, and its number where there are several. */
  public String id() {
    return id(controller.id(), bank);
  }

  /** The name of a board of a controller. */
  public static String id(String controller, int bank) {
    return bank == 0 ? controller : controller + "/" + bank;
  }
}
