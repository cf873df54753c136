package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import java.util.Map;

/** A fuse that runs for hours near its rating opens in mid-show. */
final class FuseBelowLoad implements Check {
  @Override
  public String code() {
    return "fuse-below-load";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "A fuse that runs for hours near its rating opens in mid-show.";
  }

  @Override
  public String source() {
    return "continuous load x 1.25: NFPA 70 210.20(A), from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    double margin = reading.show().settings().fuseMargin();
    Map<String, Double> load = FuseLoads.of(reading);
    for (var f : reading.feeds()) {
      double amps = f.feed().fuseGroup().map(load::get).orElse(f.amps());
      if (f.feed().fuseAmps() < margin * amps - FuseLoads.ROUNDING_AMPS) {
        to.report(
            Subject.Kind.FEED,
            f.feed().id(),
            amps * margin,
            f.feed().fuseAmps(),
            "A",
            "Feed "
                + f.feed().id()
                + ": "
                + fixed(amps, 2)
                + " A x "
                + number(margin)
                + " = "
                + fixed(amps * margin, 2)
                + " A is more than its "
                + number(f.feed().fuseAmps())
                + " A fuse: split the load.");
      }
    }
  }
}
