package bunting.desktop.line;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.Feed;
import bunting.core.show.Texts;
import bunting.desktop.look.Fonts;
import bunting.desktop.picture.BuntingLine;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.text.Font;

/**
 * Lays a port's chain out on the board. Across: pixels, from the port to the flag of its capacity.
 * Down: volts, to one scale on all lines: the way from the nominal volts to the least allowed is
 * always the same, and a cord that falls below falls as far as it does.
 */
final class LineGeometry {
  static final double CORD_TOP = 18;
  static final double SAG_TO_LEAST = 30;
  static final double CLOTH = 15;
  static final double TAG_HEIGHT = 16;
  private static final double LEFT = 52;
  private static final double RIGHT = 104;
  private static final double JOINT = 7;
  private static final double BELOW_CLOTH = 50;
  private static final double PENNANT_WIDTH = 10;
  private static final double TAG_GAP = 4;
  private static final double NARROWEST = 0.05;

  private final BuntingLine line;
  private final double width;
  private final double flag;

  private LineGeometry(BuntingLine line, double width) {
    this.line = line;
    this.width = width;
    this.flag = width - RIGHT;
  }

  /**
   * The shape of a line.
   *
   * @param capacity pixels at the flag
   * @param width of the whole line
   */
  static LineShape of(Reading reading, PortReading port, int capacity, double width) {
    double share = leastShare(reading);
    double joints = JOINT * Math.max(0, port.segments().size() - 1);
    double each = Math.max(NARROWEST, (width - LEFT - RIGHT - joints) / Math.max(1, capacity));
    BuntingLine.Scale scale =
        new BuntingLine.Scale(
            LEFT, each, JOINT, PENNANT_WIDTH, (volts, nominal) -> y(volts, nominal, share));
    return new LineGeometry(new BuntingLine(reading, port, scale), width).shape();
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

  private static double y(double volts, double nominal, double leastShare) {
    return CORD_TOP + (1 - volts / nominal) / (1 - leastShare) * SAG_TO_LEAST;
  }

  private LineShape shape() {
    double bottom = Math.max(CORD_TOP + SAG_TO_LEAST, line.lowestY()) + CLOTH;
    return new LineShape(
        line,
        bottom + BELOW_CLOTH,
        CORD_TOP + SAG_TO_LEAST,
        bottom + 6,
        posts(),
        stitches(),
        spans(),
        flag);
  }

  /** Stitches; the labels of those that stand too close to the next one are left out. */
  private List<LineShape.Stitch> stitches() {
    List<LineShape.Stitch> all = new ArrayList<>();
    List<BuntingLine.Stitch> from = line.stitches();
    for (int i = 0; i < from.size(); i++) {
      BuntingLine.Stitch s = from.get(i);
      double next = i + 1 < from.size() ? from.get(i + 1).x() : flag + 40;
      boolean room = next - s.x() >= Fonts.width(s.label(), Fonts.plain(Fonts.SMALL)) + 4;
      all.add(new LineShape.Stitch(s.x(), room ? s.label() : "", s.boundary()));
    }
    return all;
  }

  private List<LineShape.Span> spans() {
    Font font = Fonts.plain(Fonts.SMALL);
    return line.spans().stream()
        .map(
            s -> {
              SegmentReading segment = s.segment();
              String name = segment.run().name();
              String full = name + " · " + segment.segment().pixels();
              double room = s.x2() - s.x1() + JOINT - 2;
              return new LineShape.Span(
                  s.x1(),
                  s.x2(),
                  Fonts.width(full, font) <= room ? full : Fonts.fitted(name, font, room),
                  name,
                  segment.segment().firstPixel());
            })
        .toList();
  }

  /** Feeds with tags where there is room: fuse and wire, else the fuse alone, else nothing. */
  private List<LineShape.Post> posts() {
    Font font = Fonts.bold(Fonts.SMALL);
    List<BuntingLine.Post> from = line.posts();
    List<LineShape.Post> tagged = new ArrayList<>();
    double free = 0;
    for (int i = 0; i < from.size(); i++) {
      BuntingLine.Post p = from.get(i);
      Feed feed = p.feed().feed();
      double limit = (i + 1 < from.size() ? from.get(i + 1).x() : flag) + 10;
      String fuse = Texts.number(feed.fuseAmps()) + " A";
      String tag = "";
      double left = p.x();
      double wide = 0;
      for (String candidate : List.of(fuse + " · " + feed.wire(), fuse)) {
        double w = Fonts.width(candidate, font) + 10;
        double at = Math.max(free, Math.min(p.x() - 8, width - RIGHT - w));
        if (tag.isEmpty() && at <= p.x() + 2 && at + w + TAG_GAP <= limit) {
          tag = candidate;
          left = at;
          wide = w;
        }
      }
      free = tag.isEmpty() ? free : left + wide + TAG_GAP;
      tagged.add(
          new LineShape.Post(
              p.x(), p.y(), tag, left, wide, feed.viaPort(), p.feed().attach(), feed.id()));
    }
    return tagged;
  }
}
