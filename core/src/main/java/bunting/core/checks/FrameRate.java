package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;

/** A port with too much data cannot keep the frame rate: movement stutters. */
final class FrameRate implements Check {
  @Override
  public String code() {
    return "frame-rate";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "A port with too much data cannot keep the frame rate: movement stutters.";
  }

  @Override
  public String source() {
    return "time on the wire, arithmetic";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    double target = reading.show().settings().targetFps();
    for (var p : reading.ports()) {
      if (p.refreshHz() < target * (1 - 1e-9)) {
        to.report(
            Subject.Kind.CONTROLLER,
            p.controller(),
            p.refreshHz(),
            target,
            "Hz",
            "Port "
                + p.port()
                + " of "
                + p.controller()
                + " reaches "
                + fixed(p.refreshHz(), 1)
                + " frames a second of "
                + number(target)
                + ".");
      }
    }
  }
}
