package bunting.core.checks;

import bunting.core.addressing.HandingOut;
import bunting.core.addressing.HandingOut.State;
import bunting.core.assess.Patches;
import bunting.core.assess.Reading;

/** A handed-out run that is not there. */
final class HandedOutGone implements Check {
  @Override
  public String code() {
    return "handed-out-gone";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "Slots that were handed out stay free until they are taken back.";
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
    for (var c : HandingOut.changes(handOut.get(), Patches.of(reading))) {
      if (c.state() == State.GONE) {
        to.report(
            Subject.Kind.SETTING,
            "handOut",
            1,
            0,
            "",
            c.run()
                + " was handed out at "
                + c.before()
                + " and is not in the plan: its slots stay free until its addresses are taken"
                + " back.");
      }
    }
  }
}
