package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.loads.BulbSums;
import bunting.core.units.Lengths;

/** Over 150 m of line the far bulbs of mains strings are plainly dimmer. */
final class LongBulbLine implements Check {
  private static final double METRES_MAX = BulbSums.EVEN_METRES;

  @Override
  public String code() {
    return "long-bulb-line";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Over 150 m of line the far bulbs of mains strings are plainly dimmer.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (var c : reading.others().chains()) {
      if (c.lengthM() > METRES_MAX) {
        to.report(
            Subject.Kind.RUN,
            c.chain().strings().getFirst(),
            c.lengthM(),
            METRES_MAX,
            "m",
            "The bulb strings from "
                + c.chain().strings().getFirst()
                + " on are "
                + Lengths.of(reading.show()).round(c.lengthM())
                + " of line; over "
                + Lengths.of(reading.show()).round(METRES_MAX)
                + " the far end is dimmer: start a new feed.");
      }
    }
  }
}
