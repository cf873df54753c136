package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.show.PixelType;
import java.util.Map;

/** A strip can only be cut at its marks. */
final class OffCut implements Check {
  @Override
  public String code() {
    return "off-cut";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A strip can only be cut at its marks.";
  }

  @Override
  public String source() {
    return "the strip itself";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    Map<String, PixelType> types = reading.show().catalogue().pixelTypesById();
    for (var run : reading.show().runs()) {
      int cut = types.get(run.type()).cutEvery();
      if (run.pixels() % cut != 0) {
        to.report(
            Subject.Kind.RUN,
            run.name(),
            run.pixels(),
            run.pixels() - run.pixels() % cut,
            "pixels",
            "Run "
                + run.name()
                + " has "
                + run.pixels()
                + " pixels, but its strip is cut every "
                + cut
                + ": "
                + (run.pixels() - run.pixels() % cut)
                + " or "
                + (run.pixels() - run.pixels() % cut + cut)
                + ".");
      }
    }
  }
}
