package bunting.desktop.power;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.Texts;
import bunting.desktop.look.Fonts;
import bunting.desktop.picture.BuntingLine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * One port's line, large: volts to scale down the side, pixels across. The scale goes as low as the
 * cord does; what is dark lies on the floor.
 */
final class CordLayout {
  static final double TOP = 42;
  static final double CLOTH = 20;
  private static final double LEFT = 52;
  private static final double RIGHT = 18;
  private static final double JOINT = 12;
  private static final double FOOT = 50;
  private static final double PENNANT = 13;
  private static final double ROOM_ABOVE = 0.06;
  private static final double ROOM_BELOW = 0.35;

  /** A line of the scale. */
  record Grid(double y, String label) {}

  /** The lowest pixel. */
  record Least(double x, double y, String label, boolean enough) {}

  /** Where slots begin; {@code label} is empty where there is no room for one. */
  record Stitch(double x, String label) {}

  private final double width;
  private final double floor;
  private final double high;
  private final double low;
  private final double leastVolts;
  private final BuntingLine line;
  private final List<Grid> grids = new ArrayList<>();
  private Optional<Least> least = Optional.empty();

  CordLayout(Reading reading, PortReading port, double width, double height) {
    this.width = width;
    this.floor = height - FOOT;
    double nominal = port.segments().getFirst().type().volts();
    double percent = reading.show().settings().minVoltsPercent();
    this.leastVolts = nominal * percent / 100;
    double supply = reading.show().wiring().conductors().supplyVolts(nominal);
    double lowest = leastVolts;
    for (SegmentReading s : port.segments()) {
      for (int i = 0; i < s.volts().size(); i++) {
        double v = s.volts().at(i);
        lowest = v > 0 ? Math.min(lowest, v) : lowest;
      }
    }
    double top = Math.max(supply, nominal);
    double range = Math.max(top - lowest, 0.02 * nominal);
    this.high = top + ROOM_ABOVE * range;
    this.low = Math.max(0, lowest - ROOM_BELOW * range);
    grid();
    int gaps = port.segments().size() - 1;
    double each = (width - LEFT - RIGHT - gaps * JOINT) / Math.max(1, port.pixels());
    line =
        new BuntingLine(
            reading,
            port,
            new BuntingLine.Scale(LEFT, each, JOINT, PENNANT, (volts, of) -> y(volts)));
    lowest();
  }

  /** Down: the picture's y of some volts. */
  double y(double volts) {
    return TOP + (high - Math.max(volts, low)) / (high - low) * (floor - TOP);
  }

  private void grid() {
    double range = high - low;
    double step = Math.pow(10, Math.floor(Math.log10(range / 3)));
    while (range / step > 6) {
      step *= range / step > 12 ? 5 : 2;
    }
    for (double v = Math.ceil(low / step) * step; v <= high + 1e-9; v += step) {
      grids.add(new Grid(y(v), Texts.fixed(v, step < 0.1 ? 2 : 1) + " V"));
    }
  }

  private void lowest() {
    double worst = Double.MAX_VALUE;
    for (BuntingLine.Span span : line.spans()) {
      SegmentReading s = span.segment();
      double v = s.volts().lowest();
      if (v < worst) {
        worst = v;
        String label =
            v <= 0
                ? "dark from pixel " + s.minAtPixel() + " of " + s.run().name()
                : "least " + Texts.fixed(v, 2) + " V at pixel " + s.minAtPixel();
        least =
            Optional.of(new Least(span.xOf(s.minAtPixel()), y(v), label, v >= leastVolts - 1e-9));
      }
    }
  }

  double width() {
    return width;
  }

  double floor() {
    return floor;
  }

  double leastVolts() {
    return leastVolts;
  }

  /** The bunting itself. */
  BuntingLine line() {
    return line;
  }

  List<Grid> grids() {
    return grids;
  }

  /** Where slots begin; a label is left out where the one before it reaches so far. */
  List<Stitch> stitches() {
    List<Stitch> all = new ArrayList<>();
    double free = 0;
    for (BuntingLine.Stitch s : line.stitches()) {
      boolean room = s.x() >= free;
      all.add(new Stitch(s.x(), room ? s.label() : ""));
      free = room ? s.x() + Fonts.width(s.label(), Fonts.plain(Fonts.SMALL)) + 8 : free;
    }
    return all;
  }

  Optional<Least> least() {
    return least;
  }

  /** The segment at x; the nearest where x is beside all. */
  BuntingLine.Span spanAt(double x) {
    return line.spans().stream()
        .min(Comparator.comparingDouble(s -> Math.max(0, Math.max(s.x1() - x, x - s.x2()))))
        .orElseThrow();
  }

  /** The post within reach of x. */
  Optional<BuntingLine.Post> postAt(double x) {
    return line.posts().stream()
        .filter(p -> Math.abs(p.x() - x) <= 7)
        .min(Comparator.comparingDouble(p -> Math.abs(p.x() - x)));
  }
}
