package bunting.core.checks;

import bunting.core.addressing.HandingOut;
import bunting.core.addressing.HandingOut.Change;
import bunting.core.addressing.HandingOut.State;
import bunting.core.assess.Patches;
import bunting.core.assess.Reading;

/** A handed-out address that cannot stand any more. */
final class HandedOutMoved implements Check {
  @Override
  public String code() {
    return "handed-out-moved";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "Sequences are written against addresses; one that moves shows its light elsewhere.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    var handOut = reading.show().allotting().handOut();
    if (handOut.isEmpty()) {
      return;
    }
    for (Change c : HandingOut.changes(handOut.get(), Patches.of(reading))) {
      if (c.state() == State.MOVES) {
        to.report(
            Subject.Kind.RUN,
            c.run(),
            1,
            0,
            "",
            c.run()
                + " was handed out at "
                + c.before()
                + " and is now at "
                + c.after()
                + ": its channels, grouping or direction changed since; put them back, or take its"
                + " addresses back and tell whoever has them.");
      }
    }
  }
}
