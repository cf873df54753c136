package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;

/** A supply in a closed box runs hot: load it to the share you chose and no further. */
final class SupplyHeadroom implements Check {
  @Override
  public String code() {
    return "supply-headroom";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "A supply in a closed box runs hot: load it to the share you chose and no further.";
  }

  @Override
  public String source() {
    return "common practice (ways of 75 and 80 %)";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    double percent = reading.show().settings().supplyLoadPercentMax();
    for (var s : reading.supplies()) {
      double usable = s.type().usableWatts(percent);
      if (s.loadWatts() > usable * (1 + 1e-9)) {
        to.report(
            Subject.Kind.SUPPLY,
            s.supply().id(),
            s.loadWatts(),
            usable,
            "W",
            "Supply "
                + s.supply().id()
                + " delivers "
                + fixed(s.loadWatts(), 1)
                + " W of "
                + number(percent)
                + " % of "
                + number(s.type().watts())
                + " W = "
                + fixed(usable, 1)
                + " W.");
      }
    }
  }
}
