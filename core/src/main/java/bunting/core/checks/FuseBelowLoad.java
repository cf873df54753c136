package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
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
    Map<String, Double> load = reading.fuseAmps(reading.worst());
    for (var f : reading.feeds()) {
      double amps = load.get(f.feed().fuse());
      double fuse = f.feed().fuseAmps();
      if (Fuses.over(margin * amps, fuse)) {
        to.report(
            Subject.Kind.FEED,
            f.feed().id(),
            amps * margin,
            fuse,
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
                + number(fuse)
                + " A fuse: "
                + FuseCure.of(reading, f.feed(), amps)
                + ".");
      }
    }
  }
}
