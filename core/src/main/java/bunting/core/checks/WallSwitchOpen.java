package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.hookup.MainsSheet;
import bunting.core.show.WallSwitch;

/** Somebody may turn the lights off at the wall. */
final class WallSwitchOpen implements Check {
  @Override
  public String code() {
    return "wall-switch";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A wall switch that anybody may press ends the show, and boxes hang or start anew.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (MainsSheet.OnCircuit c : MainsSheet.circuits(reading)) {
      if (c.used() && c.circuit().facts().wallSwitch() == WallSwitch.OPEN) {
        to.report(
            Subject.Kind.CIRCUIT,
            c.circuit().id(),
            1,
            0,
            "switches",
            "Circuit "
                + c.circuit().id()
                + " has a wall switch that anybody may press: put a guard over it, or have it"
                + " bypassed by somebody who may.");
      }
    }
  }
}
