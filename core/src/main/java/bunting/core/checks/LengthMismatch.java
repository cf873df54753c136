package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.units.Lengths;
import java.util.Map;

/** When count, tape measure and picture disagree, one of them is wrong. */
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
      drawn(reading, run, to);
      if (run.lengthM().isPresent()) {
        double byTape = run.lengthM().getAsDouble() * types.get(run.type()).pitchPerM();
        double gap = Math.abs(run.pixels() - byTape) / byTape;
        if (gap > 0.02 && Math.abs(run.pixels() - byTape) > rounding(run, types.get(run.type()))) {
          to.report(
              Subject.Kind.RUN,
              run.name(),
              run.pixels(),
              byTape,
              "pixels",
              "Run "
                  + run.name()
                  + ": "
                  + Lengths.of(reading.show()).round(run.lengthM().getAsDouble())
                  + " at "
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

  /** A path is drawn less exactly than a tape measures, but not by more than this share. */
  private static final double DRAWN = 0.1;

  /** A path in the picture that is much longer or shorter than what was measured. */
  private static void drawn(Reading reading, Run run, Reporter to) {
    if (run.hanging().course().isEmpty() || run.lengthM().isEmpty()) {
      return;
    }
    double drawn = run.hanging().course().get().lengthM();
    double measured = run.lengthM().getAsDouble();
    if (Math.abs(drawn - measured) > DRAWN * measured) {
      Lengths lengths = Lengths.of(reading.show());
      to.report(
          Subject.Kind.RUN,
          run.name(),
          drawn,
          measured,
          "m",
          "Run "
              + run.name()
              + " is "
              + lengths.round(drawn)
              + " long in the picture, but its length is given as "
              + lengths.round(measured)
              + ". Draw its path again, or correct the length.");
    }
  }

  /** Each of several strands is rounded down to a whole cut unit: that much is no mistake. */
  private static int rounding(Run run, PixelType type) {
    int strands = run.hanging().course().map(c -> c.strandCount()).orElse(1);
    return strands == 1 ? 0 : strands * type.cutEvery();
  }
}
