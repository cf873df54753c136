package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;

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
    for (var s : reading.worst().supplies()) {
      double usable = s.usableAmps(percent);
      if (Fuses.over(s.loadAmps(), usable)) {
        boolean trimmedDown = s.volts() < s.type().volts();
        double load = trimmedDown ? s.loadAmps() : s.loadWatts();
        double most = trimmedDown ? usable : s.type().usableWatts(percent);
        double rated = trimmedDown ? s.type().ratedAmps(s.volts()) : s.type().watts();
        String unit = trimmedDown ? "A" : "W";
        to.report(
            Subject.Kind.SUPPLY,
            s.supply().id(),
            load,
            most,
            unit,
            "Supply "
                + s.supply().id()
                + " delivers "
                + fixed(load, 1)
                + " "
                + unit
                + " of "
                + number(percent)
                + " % of "
                + number(rated)
                + " "
                + unit
                + " = "
                + fixed(most, 1)
                + " "
                + unit
                + (trimmedDown ? " (trimmed down, it gives no more amps)." : "."));
      }
    }
  }
}
