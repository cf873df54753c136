package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
import java.util.HashMap;
import java.util.Map;

/** A plain set keeps to what its outputs, its fuse and its lead bear. */
final class SetAmps implements Check {
  @Override
  public String code() {
    return "set-amps";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "An output that carries more than it bears fails, and a fuse that is too small opens in"
        + " mid-show.";
  }

  @Override
  public String source() {
    return "continuous load x 1.25: NFPA 70 210.20(A), from memory; outputs by their sheet";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    double margin = reading.show().settings().fuseMargin();
    var wires = reading.show().catalogue().wiresById();
    Map<String, Double> outputMost = new HashMap<>();
    reading
        .worst()
        .others()
        .boards()
        .forEach(b -> outputMost.put(b.dimmer().id(), b.type().outputAmpsMax()));
    for (OtherReading.Set s : reading.worst().others().sets()) {
      String name = s.set().name();
      double fuse = s.output().fuseAmps();
      double bears = wires.get(s.output().wire()).fuseAmpsMax();
      double most = outputMost.get(s.output().dimmer());
      if (Fuses.over(margin * s.amps(), fuse)) {
        report(name, margin * s.amps(), fuse, "is more than its " + number(fuse) + " A fuse", to);
      }
      if (fuse > bears) {
        String wire = s.output().wire();
        report(name, fuse, bears, "of fuse is more than " + wire + " bears: a thicker lead", to);
      }
      if (Fuses.over(s.outputAmps(), most)) {
        String what = "an output is more than the " + number(most) + " A that it bears";
        report(name, s.outputAmps(), most, what, to);
      }
    }
  }

  private static void report(
      String set, double measured, double allowed, String what, Reporter to) {
    String message = set + ": " + fixed(measured, 2) + " A " + what + ".";
    to.report(Subject.Kind.RUN, set, measured, allowed, "A", message);
  }
}
