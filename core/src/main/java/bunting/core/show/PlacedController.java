package bunting.core.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A controller in the plan: the volts of its bank, and the supply that the bank hangs on where it
 * has one; of several boards those of the first that is in use.
 *
 * @param boards each of them; none: it has one
 */
public record PlacedController(
    Controller controller, double volts, Optional<String> supply, List<PlacedBoard> boards) {
  public PlacedController {
    boards = List.copyOf(boards);
  }

  /** With one board. */
  public PlacedController(Controller controller, double volts, Optional<String> supply) {
    this(controller, volts, supply, List.of());
  }

  /** Every board of it, at least one. */
  public List<PlacedBoard> everyBoard() {
    return boards.isEmpty() ? List.of(new PlacedBoard(controller, 0, volts, supply)) : boards;
  }

  /** The board that its own electronics hang on: the first that has a supply. */
  public PlacedBoard brain() {
    return everyBoard().stream()
        .filter(b -> b.supply().isPresent())
        .findFirst()
        .orElse(everyBoard().getFirst());
  }

  /** The volts of its boards, such as {@code 5 and 24 V}. */
  public String voltsText() {
    List<String> volts =
        everyBoard().stream().map(b -> Texts.number(b.volts())).distinct().toList();
    return String.join(" and ", volts) + " V";
  }

  /** Ids of all supplies that its boards hang on. */
  public List<String> supplies() {
    List<String> ids = new ArrayList<>();
    everyBoard().forEach(b -> b.supply().filter(s -> !ids.contains(s)).ifPresent(ids::add));
    return ids;
  }

  /** Whether one of its boards hangs on that supply. */
  public boolean hangsOn(String id) {
    return supplies().contains(id);
  }
}
