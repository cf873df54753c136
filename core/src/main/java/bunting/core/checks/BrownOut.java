package bunting.core.checks;

import static bunting.core.show.Texts.fixed;

import bunting.core.assess.Reading;
import bunting.core.island.SolvedBox;
import bunting.core.show.Conductors;
import bunting.core.show.PlacedBoard;
import java.util.List;

/** A board whose electronics share the pixels' supply must not lose its own volts. */
final class BrownOut implements Check {
  /** Boards run on down to about this share of their volts (common practice, no source). */
  private static final double LEAST_SHARE = 0.9;

  @Override
  public String code() {
    return "brown-out";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A controller that hangs behind the pixels' load stops when they go white: the lights"
        + " freeze in their last state.";
  }

  @Override
  public String source() {
    return "common practice, no source: feed it at the supply, or from one of its own";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Conductors copper = reading.show().wiring().conductors();
    if (!copper.brainOnBank()) {
      return;
    }
    List<PlacedBoard> boards = reading.decisions().boards();
    for (int b = 0; b < boards.size(); b++) {
      PlacedBoard box = boards.get(b);
      SolvedBox solved = reading.worst().boxes().get(b);
      double volts = solved.terminalVolts();
      double least = LEAST_SHARE * box.volts();
      if (solved.stands() && volts < least) {
        to.report(
            Subject.Kind.CONTROLLER,
            box.controller().id(),
            volts,
            least,
            "V",
            box.id()
                + ": its terminals fall to "
                + fixed(volts, 2)
                + " V under full load, below "
                + fixed(least, 2)
                + " V it may hang; thicken its input or feed the board's electronics at the"
                + " supply.");
      }
    }
  }
}
