package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.copper.BoxAir;
import bunting.core.show.Point;
import bunting.core.show.PowerWays;
import java.util.LinkedHashMap;
import java.util.Map;

/** Supplies in a closed box heat its air. */
final class ClosedBoxHeat implements Check {
  private static final double MOST_CELSIUS = 55;

  @Override
  public String code() {
    return "closed-box-heat";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A supply gives less and lives shorter in hot air; most are rated at 40 to 50 degC.";
  }

  @Override
  public String source() {
    return "watts lost over 5.5 W for each m2 and K of the box (order of IEC TR 60890, from"
        + " memory)";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    PowerWays ways = reading.show().wiring().ways();
    if (ways.boxLitres() <= 0) {
      return;
    }
    Map<Point, Double> heat = new LinkedHashMap<>();
    Map<Point, Integer> count = new LinkedHashMap<>();
    for (var s : reading.worst().supplies()) {
      heat.merge(s.supply().at(), s.loadWatts() * (1 / s.type().efficiency() - 1), Double::sum);
      count.merge(s.supply().at(), 1, Integer::sum);
    }
    int hot = 0;
    double worst = 0;
    for (var e : heat.entrySet()) {
      double litres = ways.boxLitres() * count.get(e.getKey());
      double air = BoxAir.celsius(litres, ways.ambientCelsius(), e.getValue());
      hot += air > MOST_CELSIUS ? 1 : 0;
      worst = Math.max(worst, air);
    }
    if (hot > 0) {
      to.report(
          Subject.Kind.SHOW,
          reading.show().settings().name(),
          worst,
          MOST_CELSIUS,
          "degC",
          hot
              + (hot == 1 ? " closed box" : " closed boxes")
              + " would reach "
              + fixed(worst, 0)
              + " degC at full load ("
              + number(ways.boxLitres())
              + " l for each supply, "
              + number(ways.ambientCelsius())
              + " degC outside): larger boxes, vents or fewer watts.");
    }
  }
}
