package bunting.core.ports;

import bunting.core.show.Run;
import java.util.Random;

/**
 * Makes an allotment better by the show's goals, with the true price of wiring it.
 *
 * <p><b>Method.</b> Moves, each taken as soon as it helps, until none does: a run to another place
 * on any port, two runs for each other, a box opened where it saves cable and the runs that are
 * cheaper from there drawn to it, a box closed, a box of another kind. Each is judged by all that
 * follows from it: feeds, supplies, groups ({@link Score}). Runs move by {@link RunMoves}, boxes by
 * {@link BoxMoves}; what lies where is in the {@link Deal}.
 *
 * <p><b>Why this beside the exact search.</b> {@link BoxSearch} deals runs to boxes with the price
 * of each run by itself; what chains, shared fuses and supplies make of that is not linear and is
 * known only when a box is wired.
 *
 * <p><b>Cost.</b> A move wires one or two ports anew; chains that were wired before are remembered.
 * Moves that cannot pay, even if all that the run costs where it is were saved, are not tried. At
 * most so many pixels are wired as the budget says; the answer is then what was reached.
 */
final class LocalSearch {
  private LocalSearch() {}

  /** Runs that are put anywhere before the moves begin again. */
  private static final int KICKED = 2;

  /** From a little beside where it is: moves end in a dip, and the next one may be deeper. */
  static Allotment kicked(Deal deal, Random random) {
    RunMoves runs = new RunMoves(deal);
    for (int i = 0; i < KICKED; i++) {
      runs.kicked(random);
    }
    return improve(deal);
  }

  /** The best that was reached. */
  static Allotment improve(Deal deal) {
    RunMoves runs = new RunMoves(deal);
    BoxMoves boxes = new BoxMoves(deal);
    boolean better = true;
    while (better && deal.going()) {
      better = false;
      for (Run run : deal.movable()) {
        better |= deal.going() && runs.moved(run);
      }
      better |= runs.swapped();
      better |= runs.divided();
      better = better || boxes.closed();
      if (deal.show.mayAddBoxes() && !better) {
        better = boxes.opened() || boxes.retyped();
      }
    }
    return deal.allotment();
  }
}
