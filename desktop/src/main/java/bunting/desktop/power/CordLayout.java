package bunting.desktop.power;

import bunting.core.addressing.SlotRow;
import bunting.core.assess.FeedReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.dc.WhiteTest;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

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
  private static final double STITCH_ROOM = 56;
  private static final double ROOM_ABOVE = 0.06;
  private static final double ROOM_BELOW = 0.35;

  /** A segment's pixels on the picture. */
  record Span(SegmentReading segment, double x1, double x2) {
    int pixelAt(double x) {
      int n = segment.segment().pixels();
      int index = (int) Math.floor((x - x1) / (x2 - x1) * n);
      return segment.segment().firstPixel() + Math.clamp(index, 0, n - 1);
    }

    double xOf(int pixel) {
      int n = segment.segment().pixels();
      return x1 + (pixel - segment.segment().firstPixel() + 0.5) / n * (x2 - x1);
    }
  }

  /** A post; {@code y} is its head on the cord. */
  record Post(FeedReading feed, double x, double y, List<Double> taps) {}

  /** Cloth under the cord. */
  record Pennant(double x1, double y1, double x2, double y2, int rgb) {}

  /** A line of the scale. */
  record Grid(double y, String label) {}

  /** The lowest pixel. */
  record Least(double x, double y, String label, boolean enough) {}

  /** A lead between segments. */
  record Joint(double x1, double y1, double x2, double y2, boolean power) {}

  /** Where a universe begins. */
  record Stitch(double x, String label) {}

  private final double width;
  private final double floor;
  private final double high;
  private final double low;
  private final double leastVolts;
  private final List<Span> spans = new ArrayList<>();
  private final List<Post> posts = new ArrayList<>();
  private final List<double[]> cords = new ArrayList<>();
  private final List<Pennant> pennants = new ArrayList<>();
  private final List<Grid> grids = new ArrayList<>();
  private final List<Joint> joints = new ArrayList<>();
  private final List<Stitch> stitches = new ArrayList<>();
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
    across(reading, port);
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

  private void across(Reading reading, PortReading port) {
    int pixels = port.pixels();
    int gaps = port.segments().size() - 1;
    double scale = (width - LEFT - RIGHT - gaps * JOINT) / Math.max(1, pixels);
    double x = LEFT;
    for (SegmentReading s : port.segments()) {
      double x2 = x + s.segment().pixels() * scale;
      Span span = new Span(s, x, x2);
      if (!spans.isEmpty()) {
        Span before = spans.getLast();
        joints.add(
            new Joint(
                before.x2(),
                y(before.segment().volts().at(before.segment().volts().size() - 1)),
                x,
                y(s.volts().at(0)),
                s.segment().powerFromPrevious()));
      }
      spans.add(span);
      cord(reading, span);
      cloth(span);
      for (FeedReading f : reading.feedsOf(s.segment().id())) {
        List<Double> taps = f.feed().taps().stream().map(span::xOf).toList();
        double volts = s.volts().at(f.feed().atPixel() - s.segment().firstPixel());
        posts.add(new Post(f, span.xOf(f.feed().atPixel()), y(volts), taps));
      }
      for (SlotRow row : s.slots()) {
        double at = span.xOf(Math.min(row.firstPixel(), row.lastPixel()));
        boolean room = stitches.isEmpty() || at - stitches.getLast().x() > STITCH_ROOM;
        stitches.add(new Stitch(at, room ? "u" + row.universe() + "." + row.firstSlot() : ""));
      }
      x = x2 + JOINT;
    }
    posts.sort(Comparator.comparingDouble(Post::x));
    lowest();
  }

  private void cord(Reading reading, Span span) {
    SegmentReading s = span.segment();
    Set<Integer> breaks = new HashSet<>();
    reading.decisions().breaks().stream()
        .filter(b -> b.segment().equals(s.segment().id()))
        .forEach(b -> breaks.add(b.afterPixel()));
    List<Double> points = new ArrayList<>();
    int n = s.volts().size();
    double before = -10;
    for (int i = 0; i < n; i++) {
      int pixel = s.segment().firstPixel() + i;
      double x = span.xOf(pixel);
      boolean ends = i == n - 1 || breaks.contains(pixel);
      if (x - before >= 0.7 || ends) {
        points.add(x);
        points.add(y(s.volts().at(i)));
        before = x;
      }
      if (ends) {
        cords.add(points.stream().mapToDouble(d -> d).toArray());
        points.clear();
      }
    }
  }

  private void cloth(Span span) {
    SegmentReading s = span.segment();
    int n = s.volts().size();
    int count = Math.clamp(Math.round((span.x2() - span.x1()) / PENNANT), 1, n);
    for (int k = 0; k < count; k++) {
      int from = (int) ((long) n * k / count);
      int to = Math.max(from + 1, (int) ((long) n * (k + 1) / count));
      double volts = s.volts().part(from, to - from).lowest();
      double wide = (span.x2() - span.x1()) / n;
      pennants.add(
          new Pennant(
              span.x1() + from * wide,
              y(s.volts().at(from)),
              span.x1() + to * wide,
              y(s.volts().at(to - 1)),
              WhiteTest.rgb(s.type().load(), volts / s.type().volts())));
    }
  }

  private void lowest() {
    double worst = Double.MAX_VALUE;
    for (Span span : spans) {
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

  List<Span> spans() {
    return spans;
  }

  List<Post> posts() {
    return posts;
  }

  List<double[]> cords() {
    return cords;
  }

  List<Pennant> pennants() {
    return pennants;
  }

  List<Grid> grids() {
    return grids;
  }

  List<Joint> joints() {
    return joints;
  }

  List<Stitch> stitches() {
    return stitches;
  }

  Optional<Least> least() {
    return least;
  }

  /** The segment at x; the nearest where x is beside all. */
  Span spanAt(double x) {
    return spans.stream()
        .min(Comparator.comparingDouble(s -> Math.max(0, Math.max(s.x1() - x, x - s.x2()))))
        .orElseThrow();
  }

  /** The post within reach of x. */
  Optional<Post> postAt(double x) {
    return posts.stream()
        .filter(p -> Math.abs(p.x() - x) <= 7)
        .min(Comparator.comparingDouble(p -> Math.abs(p.x() - x)));
  }
}
