package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.show.PixelType;
import java.util.Map;

/** When count and tape measure disagree, one of them was read wrong. */
final class LengthMismatch implements Check {
  @Override
  public String code() {
    return "length-mismatch";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "When count and tape measure disagree, one of them was read wrong.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    Map<String, PixelType> types = reading.show().catalogue().pixelTypesById();
    for (var run : reading.show().runs()) {
      if (run.lengthM().isPresent()) {
        double byTape = run.lengthM().getAsDouble() * types.get(run.type()).pitchPerM();
        double gap = Math.abs(run.pixels() - byTape) / byTape;
        if (gap > 0.02) {
          to.report(
              Subject.Kind.RUN,
              run.name(),
              run.pixels(),
              byTape,
              "pixels",
              "Run "
                  + run.name()
                  + ": "
                  + number(run.lengthM().getAsDouble())
                  + " m at "
                  + number(types.get(run.type()).pitchPerM())
                  + "/m is "
                  + fixed(byTape, 1)
                  + " pixels, but "
                  + run.pixels()
                  + " are given, "
                  + fixed(gap * 100, 1)
                  + " % apart: measure or count again.");
        }
      }
    }
  }
}
