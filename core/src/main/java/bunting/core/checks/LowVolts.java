package bunting.core.checks;

import static bunting.core.show.Texts.fixed;

import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.units.Lengths;

/** Below its least volts a pixel turns orange, lives shorter and garbles data. */
final class LowVolts implements Check {
  @Override
  public String code() {
    return "low-volts";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "Below its least volts a pixel turns orange, lives shorter and garbles data.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    double least = reading.show().settings().minVoltsPercent();
    for (var s : reading.segments()) {
      double allowed = s.type().volts() * least / 100;
      if (s.stands() && s.volts().lowest() < allowed) {
        to.report(
            Subject.Kind.SEGMENT,
            s.segment().id(),
            s.volts().lowest(),
            allowed,
            "V",
            "Pixel "
                + s.minAtPixel()
                + " of "
                + s.run().name()
                + " has "
                + fixed(s.volts().lowest(), 2)
                + " V, "
                + fixed(allowed - s.volts().lowest(), 2)
                + " V under the least: add a feed or a thicker wire.");
      }
    }
    for (OtherReading.Set s : reading.designed().others().sets()) {
      double allowed = s.set().volts() * least / 100;
      if (s.volts() < allowed) {
        to.report(
            Subject.Kind.RUN,
            s.set().name(),
            s.volts(),
            allowed,
            "V",
            s.set().name()
                + " has "
                + fixed(Math.max(0, s.volts()), 2)
                + " V behind "
                + Lengths.of(reading.show()).text(s.leadM())
                + " of "
                + s.output().wire()
                + ", "
                + fixed(allowed - s.volts(), 2)
                + " V under the least: shorten its lead, or put a dimmer nearer to it.");
      }
    }
  }
}
