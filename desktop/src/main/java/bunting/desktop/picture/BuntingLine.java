package bunting.desktop.picture;

import bunting.core.addressing.SlotRow;
import bunting.core.assess.FeedReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.dc.WhiteTest;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A port's chain as bunting, laid out at some scale. Across: pixels; down: volts. Cords sag between
 * the feeds that hold them up, cloth hangs under them, dyed as full white will really look there,
 * and stitches stand where universes begin. Pure; painting only reads it.
 */
public final class BuntingLine {
  /** Points of a cord are no nearer to each other than this, pixels of the screen. */
  private static final double FINEST = 0.7;

  /**
   * How large it is.
   *
   * @param left where the first pixel begins
   * @param each width of a pixel of the show
   * @param joint from one segment to the next
   * @param cloth width of a piece of cloth, about
   * @param down where some volts lie, of a line of some nominal volts
   */
  public record Scale(double left, double each, double joint, double cloth, Volts down) {}

  /** Down: where volts lie on the picture. */
  public interface Volts {
    /** The y of some volts, of a line of these nominal volts. */
    double y(double volts, double nominal);
  }

  /** The colour of cloth: 0xRRGGBB of some pixels of a segment, by index, the last left out. */
  @FunctionalInterface
  public interface Dye {
    /** Of one piece of cloth. */
    int rgb(SegmentReading segment, int from, int to);

    /** As full white will really look there. */
    Dye WHITE =
        (s, from, to) ->
            WhiteTest.rgb(
                s.type().load(), s.volts().part(from, to - from).lowest() / s.type().volts());
  }

  /** A segment, from {@code x1} to {@code x2}. */
  public record Span(SegmentReading segment, double x1, double x2) {
    /** The pixel there. */
    public int pixelAt(double x) {
      int n = segment.segment().pixels();
      int index = (int) Math.floor((x - x1) / (x2 - x1) * n);
      return segment.segment().firstPixel() + Math.clamp(index, 0, n - 1);
    }

    /** The middle of a pixel. */
    public double xOf(int pixel) {
      return edgeOf(pixel) + (x2 - x1) / segment.segment().pixels() / 2;
    }

    /** Where a pixel begins. */
    double edgeOf(int pixel) {
      int n = segment.segment().pixels();
      return x1 + (double) (pixel - segment.segment().firstPixel()) / n * (x2 - x1);
    }
  }

  /** A cable between two segments: with power, or with data alone. */
  public record Joint(double x1, double y1, double x2, double y2, boolean power) {}

  /** A piece of cloth on the cord, dyed by the white test. */
  public record Pennant(double x1, double y1, double x2, double y2, int rgb) {}

  /** A feed; {@code y} is its head on the cord. */
  public record Post(FeedReading feed, double x, double y) {}

  /**
   * Where slots begin, counted from the feed end of the line.
   *
   * @param slot the first slot of the pixel there, from 1
   * @param boundary whether a universe begins or ends there, not only a segment
   * @param reversed whether slots count down from there
   */
  public record Stitch(double x, int universe, int slot, boolean boundary, boolean reversed) {
    /** Universe and slot: {@code u22}, {@code u21.181}, {@code u1.508 ‹}. */
    public String label() {
      return "u" + universe + (slot == 1 ? "" : "." + slot) + (reversed ? " ‹" : "");
    }
  }

  private final Reading reading;
  private final Scale scale;
  private final Dye dye;
  private final List<Span> spans = new ArrayList<>();
  private final List<double[]> cords = new ArrayList<>();
  private final List<Joint> joints = new ArrayList<>();
  private final List<Pennant> pennants = new ArrayList<>();
  private final List<Post> posts = new ArrayList<>();
  private final List<Stitch> stitches = new ArrayList<>();
  private double lowestY;

  /** The line of a port, its cloth as full white will look. */
  public BuntingLine(Reading reading, PortReading port, Scale scale) {
    this(reading, port, scale, Dye.WHITE);
  }

  /** The line of a port. */
  public BuntingLine(Reading reading, PortReading port, Scale scale, Dye dye) {
    this.reading = reading;
    this.scale = scale;
    this.dye = dye;
    double x = scale.left();
    for (SegmentReading s : port.segments()) {
      Span span = new Span(s, x, x + s.segment().pixels() * scale.each());
      if (!spans.isEmpty()) {
        joint(spans.getLast(), span);
      }
      spans.add(span);
      cord(span);
      cloth(span);
      feeds(span);
      stitches(span);
      x = span.x2() + scale.joint();
    }
    posts.sort(Comparator.comparingDouble(Post::x));
  }

  private double y(SegmentReading s, int index) {
    return scale.down().y(s.volts().at(index), s.type().volts());
  }

  private void joint(Span before, Span span) {
    SegmentReading last = before.segment();
    joints.add(
        new Joint(
            before.x2(),
            y(last, last.volts().size() - 1),
            span.x1(),
            y(span.segment(), 0),
            span.segment().segment().powerFromPrevious()));
  }

  private void cord(Span span) {
    SegmentReading s = span.segment();
    Set<Integer> breaks = new HashSet<>();
    reading.decisions().breaks().stream()
        .filter(b -> b.segment().equals(s.segment().id()))
        .forEach(b -> breaks.add(b.afterPixel()));
    List<Double> points = new ArrayList<>();
    int n = s.volts().size();
    double before = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < n; i++) {
      int pixel = s.segment().firstPixel() + i;
      double x = span.xOf(pixel);
      boolean ends = i == n - 1 || breaks.contains(pixel);
      if (x - before >= FINEST || ends) {
        points.add(x);
        points.add(y(s, i));
        lowestY = Math.max(lowestY, y(s, i));
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
    int count = Math.clamp(Math.round((span.x2() - span.x1()) / scale.cloth()), 1, n);
    double each = (span.x2() - span.x1()) / n;
    for (int k = 0; k < count; k++) {
      int from = (int) ((long) n * k / count);
      int to = Math.max(from + 1, (int) ((long) n * (k + 1) / count));
      pennants.add(
          new Pennant(
              span.x1() + from * each,
              y(s, from),
              span.x1() + to * each,
              y(s, to - 1),
              dye.rgb(s, from, to)));
    }
  }

  private void feeds(Span span) {
    SegmentReading s = span.segment();
    for (FeedReading f : reading.feedsOf(s.segment().id())) {
      int index = f.feed().atPixel() - s.segment().firstPixel();
      posts.add(new Post(f, span.xOf(f.feed().atPixel()), y(s, index)));
    }
  }

  /** A stitch where the segment begins and at each change of universe, with the slots there. */
  private void stitches(Span span) {
    SegmentReading s = span.segment();
    boolean reversed = s.run().fitting().reversed();
    for (SlotRow row : reversed ? s.slots().reversed() : s.slots()) {
      int left = Math.min(row.firstPixel(), row.lastPixel());
      boolean begins = left == s.segment().firstPixel();
      int slot = reversed ? row.lastSlot() - s.type().channels() + 1 : row.firstSlot();
      boolean boundary = reversed ? !begins : slot == 1;
      if (boundary || begins) {
        stitches.add(new Stitch(span.edgeOf(left), row.universe(), slot, boundary, reversed));
      }
    }
  }

  /** The segments. */
  public List<Span> spans() {
    return spans;
  }

  /** One polyline an island, as x, y, x, y ... */
  public List<double[]> cords() {
    return cords;
  }

  /** Cables between the segments. */
  public List<Joint> joints() {
    return joints;
  }

  /** The cloth. */
  public List<Pennant> pennants() {
    return pennants;
  }

  /** The feeds, from left to right. */
  public List<Post> posts() {
    return posts;
  }

  /** Where slots begin, from left to right. */
  public List<Stitch> stitches() {
    return stitches;
  }

  /** The y of the lowest volts; 0 for a line without pixels. */
  public double lowestY() {
    return lowestY;
  }
}
