package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.hookup.Standby;
import bunting.core.show.Hours;
import java.util.List;

/** A board that hangs on a cut supply starts anew each evening. */
final class BoardCut implements Check {
  @Override
  public String code() {
    return "board-cut";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "A board without power forgets what it shows, and takes its time to start when the"
        + " supply comes back.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (String cut : reading.show().mains().hours().map(Hours::switched).orElse(List.of())) {
      List<String> boxes = Standby.reboots(reading, cut);
      if (!boxes.isEmpty()) {
        to.report(
            Subject.Kind.SUPPLY,
            cut,
            boxes.size(),
            0,
            "boards",
            "Supply "
                + cut
                + " is cut while all is dark, and "
                + String.join(", ", boxes)
                + " with it: give the board a small supply of its own and open the link between"
                + " the two, or let this one on.");
      }
    }
  }
}
