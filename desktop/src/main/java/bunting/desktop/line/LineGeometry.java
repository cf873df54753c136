package bunting.desktop.line;

import bunting.core.addressing.SlotRow;
import bunting.core.assess.FeedReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.dc.WhiteTest;
import bunting.core.show.Texts;
import bunting.desktop.look.Fonts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Lays a port's chain out as bunting. Across: pixels, from the peg to the flag of the port's
 * capacity. Down: volts, to one scale on all lines: the way from the nominal volts to the least
 * allowed is always the same, and a cord that falls below falls as far as it does.
 */
final class LineGeometry {
  static final double CORD_TOP = 16;
  static final double SAG_TO_LEAST = 30;
  static final double CLOTH = 15;
  private static final double LEFT = 52;
  private static final double RIGHT = 104;
  private static final double JOINT = 7;
  private static final double BELOW_CLOTH = 49;
  private static final double PENNANT_WIDTH = 10;
  private static final double SMALL_TEXT = 10.5;
  private static final double TAG_GAP = 4;

  private final Reading reading;
  private final PortReading port;
  private final double leastShare;
  private final double scale;
  private final double width;
  private final List<double[]> cords = new ArrayList<>();
  private final List<LineShape.Joint> joints = new ArrayList<>();
  private final List<LineShape.Pennant> pennants = new ArrayList<>();
  private final List<LineShape.Post> posts = new ArrayList<>();
  private final List<LineShape.Stitch> stitches = new ArrayList<>();
  private final List<LineShape.Span> spans = new ArrayList<>();
  private double lowestY = CORD_TOP + SAG_TO_LEAST;

  private LineGeometry(Reading reading, PortReading port, int capacity, double width) {
    this.reading = reading;
    this.port = port;
    this.width = width;
    this.leastShare = leastShare(reading);
    double joint = JOINT * Math.max(0, port.segments().size() - 1);
    this.scale = Math.max(0.05, (width - LEFT - RIGHT - joint) / Math.max(1, capacity));
  }

  /**
   * The shape of a line.
   *
   * @param capacity pixels at the flag
   * @param width of the whole line
   */
  static LineShape of(Reading reading, PortReading port, int capacity, double width) {
    return new LineGeometry(reading, port, capacity, width).shape();
  }

  /** Height of a line, without laying it out. */
  static double height(Reading reading, PortReading port) {
    double share = leastShare(reading);
    double lowest = CORD_TOP + SAG_TO_LEAST;
    for (SegmentReading s : port.segments()) {
      lowest = Math.max(lowest, y(s.volts().lowest(), s.type().volts(), share));
    }
    return lowest + CLOTH + BELOW_CLOTH;
  }

  private static double leastShare(Reading reading) {
    return Math.min(0.999, reading.show().settings().minVoltsPercent() / 100);
  }

  private double y(double volts, double nominal) {
    return y(volts, nominal, leastShare);
  }

  private static double y(double volts, double nominal, double leastShare) {
    return CORD_TOP + (1 - volts / nominal) / (1 - leastShare) * SAG_TO_LEAST;
  }

  private LineShape shape() {
    double x = LEFT;
    double[] before = {};
    for (SegmentReading s : port.segments()) {
      double x2 = x + s.segment().pixels() * scale;
      double firstY = y(s.volts().at(0), s.type().volts());
      if (before.length > 0) {
        joints.add(
            new LineShape.Joint(before[0], before[1], x, firstY, s.segment().powerFromPrevious()));
      }
      segment(s, x, x2);
      before = new double[] {x2, y(s.volts().at(s.volts().size() - 1), s.type().volts())};
      x = x2 + JOINT;
    }
    leaveRoom();
    double foot = lowestY + CLOTH + 6;
    List<LineShape.Post> tagged = withTags();
    double height = foot - 6 + BELOW_CLOTH;
    return new LineShape(
        height,
        CORD_TOP + SAG_TO_LEAST,
        foot,
        cords,
        joints,
        pennants,
        tagged,
        stitches,
        spans,
        width - RIGHT);
  }

  private void segment(SegmentReading s, double x1, double x2) {
    Set<Integer> breaks = new HashSet<>();
    if (!reading.decisions().breaks().isEmpty()) {
      reading.decisions().breaks().stream()
          .filter(b -> b.segment().equals(s.segment().id()))
          .forEach(b -> breaks.add(b.afterPixel() - s.segment().firstPixel()));
    }
    cord(s, x1, breaks);
    cloth(s, x1);
    for (FeedReading f : reading.feedsOf(s.segment().id())) {
      int index = f.feed().atPixel() - s.segment().firstPixel();
      double px = x1 + (index + 0.5) * scale;
      posts.add(
          new LineShape.Post(
              px,
              y(s.volts().at(index), s.type().volts()),
              tag(f),
              px,
              0,
              f.feed().viaPort(),
              f.feed().id()));
    }
    stitches(s, x1, scale);
    spans.add(
        new LineShape.Span(
            x1, x2, label(s, x2 - x1 + JOINT - 2), s.run().name(), s.segment().firstPixel()));
  }

  /** A stitch where the segment begins and at each change of universe, with the slots there. */
  private void stitches(SegmentReading s, double x1, double scale) {
    boolean reversed = s.run().fitting().reversed();
    for (SlotRow row : reversed ? s.slots().reversed() : s.slots()) {
      int left = Math.min(row.firstPixel(), row.lastPixel());
      boolean begins = left == s.segment().firstPixel();
      int slot = reversed ? row.lastSlot() - s.type().channels() + 1 : row.firstSlot();
      boolean universe = reversed ? !begins : slot == 1;
      if (universe || begins) {
        String label =
            "u" + row.universe() + (slot == 1 ? "" : "." + slot) + (reversed ? " ‹" : "");
        double at = x1 + (left - s.segment().firstPixel()) * scale;
        stitches.add(new LineShape.Stitch(at, label, universe));
      }
    }
  }

  /** Takes the labels off stitches that stand too close to the next one. */
  private void leaveRoom() {
    for (int i = 0; i < stitches.size(); i++) {
      LineShape.Stitch s = stitches.get(i);
      double next = i + 1 < stitches.size() ? stitches.get(i + 1).x() : width - RIGHT + 40;
      if (next - s.x() < Fonts.width(s.label(), Fonts.plain(SMALL_TEXT)) + 4) {
        stitches.set(i, new LineShape.Stitch(s.x(), "", s.universe()));
      }
    }
  }

  private String label(SegmentReading s, double room) {
    var font = Fonts.plain(11.5);
    String name = s.run().name();
    String full = name + " · " + s.segment().pixels();
    if (Fonts.width(full, font) <= room) {
      return full;
    }
    return Fonts.fitted(name, font, room);
  }

  private void cord(SegmentReading s, double x1, Set<Integer> breaks) {
    int n = s.volts().size();
    int step = (int) Math.max(1, Math.floor(1 / scale));
    List<Double> points = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      if (i % step == 0 || i == n - 1 || breaks.contains(i)) {
        double cy = y(s.volts().at(i), s.type().volts());
        lowestY = Math.max(lowestY, cy);
        points.add(x1 + (i + 0.5) * scale);
        points.add(cy);
      }
      if (breaks.contains(i) || i == n - 1) {
        cords.add(points.stream().mapToDouble(Double::doubleValue).toArray());
        points.clear();
      }
    }
  }

  private void cloth(SegmentReading s, double x1) {
    int n = s.volts().size();
    int each = (int) Math.max(1, Math.round(PENNANT_WIDTH / scale));
    int count = Math.max(1, (int) Math.round(n / (double) each));
    for (int k = 0; k < count; k++) {
      int from = (int) ((long) n * k / count);
      int to = Math.max(from + 1, (int) ((long) n * (k + 1) / count));
      double low = s.volts().part(from, to - from).lowest();
      int rgb = WhiteTest.rgb(s.type().load(), low / s.type().volts());
      pennants.add(
          new LineShape.Pennant(
              x1 + from * scale,
              y(s.volts().at(from), s.type().volts()),
              x1 + to * scale,
              y(s.volts().at(to - 1), s.type().volts()),
              rgb));
    }
  }

  private static String tag(FeedReading f) {
    return Texts.number(f.feed().fuseAmps()) + " A · " + f.feed().wire();
  }

  /** Tags where there is room: fuse and wire, else the fuse alone, else nothing. */
  private List<LineShape.Post> withTags() {
    posts.sort(Comparator.comparingDouble(LineShape.Post::x));
    Map<Integer, Double> limit = new HashMap<>();
    for (int i = 0; i < posts.size(); i++) {
      limit.put(i, i + 1 < posts.size() ? posts.get(i + 1).x() : width - RIGHT);
    }
    List<LineShape.Post> tagged = new ArrayList<>();
    double free = 0;
    for (int i = 0; i < posts.size(); i++) {
      LineShape.Post p = posts.get(i);
      String fuse = p.tag().substring(0, p.tag().indexOf(" ·"));
      String best = "";
      double left = Math.max(free, p.x() - 8);
      for (String candidate : List.of(p.tag(), fuse)) {
        double wide = Fonts.width(candidate, Fonts.bold(SMALL_TEXT)) + 10;
        double from = Math.max(free, Math.min(left, width - RIGHT - wide));
        if (best.isEmpty() && from <= p.x() + 2 && from + wide + TAG_GAP <= limit.get(i) + 10) {
          best = candidate;
          left = from;
        }
      }
      double wide = best.isEmpty() ? 0 : Fonts.width(best, Fonts.bold(SMALL_TEXT)) + 10;
      free = best.isEmpty() ? free : left + wide + TAG_GAP;
      tagged.add(new LineShape.Post(p.x(), p.topY(), best, left, wide, p.viaPort(), p.feed()));
    }
    return tagged;
  }
}
