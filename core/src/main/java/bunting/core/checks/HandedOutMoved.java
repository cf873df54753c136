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
      } else if (c.state() == State.OTHER_COLOURS || c.state() == State.OTHER_BOX) {
        boolean colours = c.state() == State.OTHER_COLOURS;
        to.report(
            Subject.Kind.RUN,
            c.run(),
            1,
            0,
            "",
            c.run()
                + " keeps its slots, but "
                + (colours ? "they mean other colours" : "another box listens to them")
                + ": handed out at "
                + c.before()
                + ", now "
                + c.after()
                + (colours
                    ? ". Put the order of its colours back, or tell whoever has the addresses."
                    : ". Whoever sends to one box alone must send to the other as well; hang it"
                        + " back, or tell them."));
      }
    }
  }
}
