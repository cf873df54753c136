package bunting.desktop.power;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.dc.WhiteTest;
import bunting.core.show.Conductors;
import bunting.core.show.Texts;

/** What is said of a pixel of the line: volts, drop, current and colour. */
final class CordWords {
  private static final int BLUE_OF_WHITE = 240;
  private static final int RED_OF_ORANGE = 220;
  private static final int GREEN_OF_YELLOW = 205;

  private CordWords() {}

  static String at(Reading reading, SegmentReading s, int pixel) {
    String what = "pixel " + pixel + " of " + s.run().name();
    int index = pixel - s.segment().firstPixel();
    double volts = s.volts().at(index);
    if (volts <= 0) {
      return what + " is dark";
    }
    double nominal = s.type().volts();
    Conductors copper = reading.show().wiring().conductors();
    double supply = copper.supplyVolts(nominal);
    double next = index + 1 < s.volts().size() ? s.volts().at(index + 1) : volts;
    double flow = (volts - next) / Math.max(1e-9, s.type().loopOhms() * copper.warmth());
    return what
        + ": "
        + Texts.fixed(volts, 3)
        + " V, "
        + Texts.fixed(supply - volts, 3)
        + " V lost, "
        + Texts.fixed(Math.abs(flow), 2)
        + (flow >= 0 ? " A to the right, " : " A to the left, ")
        + colour(WhiteTest.rgb(s.type().load(), volts / nominal));
  }

  /** What full white looks like as a colour of this name. */
  static String colour(int rgb) {
    if ((rgb & 0xFF) > BLUE_OF_WHITE) {
      return "white";
    }
    if ((rgb >> 16 & 0xFF) < RED_OF_ORANGE) {
      return "red-brown";
    }
    return (rgb >> 8 & 0xFF) > GREEN_OF_YELLOW ? "yellow" : "orange";
  }
}
