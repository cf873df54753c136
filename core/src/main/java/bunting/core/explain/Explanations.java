package bunting.core.explain;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.FeedReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.ports.PortRules;
import bunting.core.show.Fitting;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Wire;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The arithmetic behind a port and behind a run. */
public final class Explanations {
  private final Reading reading;
  private final Map<String, Wire> wires;

  private Explanations(Reading reading) {
    this.reading = reading;
    this.wires = reading.show().catalogue().wiresById();
  }

  /** What a port carries, and why its fuses are what they are. */
  public static List<Line> ofPort(Reading reading, PortReading port) {
    return new Explanations(reading).port(port);
  }

  /** What a run draws, where it lies and why it is fed as it is. */
  public static List<Line> ofRun(Reading reading, Run run) {
    return new Explanations(reading).run(run);
  }

  private List<Line> port(PortReading port) {
    List<Line> lines = new ArrayList<>();
    if (port.segments().isEmpty()) {
      lines.add(new Line("Load", "0 A", "nothing hangs on this port yet"));
      return lines;
    }
    lines.add(load(port.segments()));
    for (SegmentReading s : port.segments()) {
      feeds(s, lines, port.segments().size() > 1);
    }
    lines.add(
        new Line(
            "Through the port",
            fixed(port.amps(), 2) + " A",
            "at most " + number(port.type().portAmpsMax()) + " A a port"));
    lines.add(
        new Line(
            "Time on the wire",
            fixed(port.refreshHz(), 0) + " fps",
            fixed(port.micros(), 0)
                + " us of pixels + "
                + number(PortRules.LATCH_MICROS)
                + " us; "
                + number(reading.show().settings().targetFps())
                + " fps wanted"));
    lines.add(slots(port.segments()));
    lines.add(leastVolts(port.segments()));
    return lines;
  }

  private List<Line> run(Run run) {
    PixelType type = reading.show().catalogue().pixelTypesById().get(run.type());
    List<SegmentReading> segments = reading.segmentsOf(run.name());
    List<Line> lines = new ArrayList<>();
    double milliamps = type.amps(reading.show().settings().brightnessPercent()) * 1000;
    lines.add(
        new Line(
            "Load",
            fixed(run.pixels() * milliamps / 1000, 1) + " A",
            run.pixels() + " px x " + number(milliamps) + " mA at " + number(type.volts()) + " V"));
    for (SegmentReading s : segments) {
      lines.add(
          new Line(
              segments.size() > 1
                  ? "Pixels " + s.segment().firstPixel() + " to " + s.segment().lastPixel()
                  : "Where",
              s.segment().controller() + " · port " + s.segment().port(),
              "place "
                  + s.segment().position()
                  + " in the chain, "
                  + (s.segment().position() == 1 ? "cable " : "joint ")
                  + Lengths.of(reading.show()).rough(s.leadM())
                  + s.segment().leadWire().map(w -> " of " + w).orElse(", data alone")));
      feeds(s, lines, false);
    }
    if (!segments.isEmpty()) {
      lines.add(slots(segments));
      lines.add(leastVolts(segments));
    }
    lines.add(ruleOfThumb(run, type, segments));
    return lines;
  }

  /**
   * The step of the rule of thumb, pixels (common practice, no source): 5 V every 150 px, 12 V
   * every 5 to 10 m, 24 V every 300 to 350 px.
   */
  public static int thumbPixels(PixelType type) {
    if (type.volts() < 9) {
      return 150;
    }
    return type.volts() < 20 ? (int) Math.max(1, 5 * type.pitchPerM()) : 325;
  }

  private Line ruleOfThumb(Run run, PixelType type, List<SegmentReading> segments) {
    int every = thumbPixels(type);
    int posts = Math.max(1, (int) Math.ceil(run.pixels() / (double) every));
    int planned = segments.stream().mapToInt(s -> reading.feedsOf(s.segment().id()).size()).sum();
    return new Line(
        "Rule of thumb",
        posts + (posts == 1 ? " feed" : " feeds"),
        "one each " + every + " px, common practice; solved: " + planned);
  }

  private static Line load(List<SegmentReading> segments) {
    Map<String, int[]> counts = new LinkedHashMap<>();
    Map<String, PixelType> types = new LinkedHashMap<>();
    for (SegmentReading s : segments) {
      counts.computeIfAbsent(s.type().id(), k -> new int[1])[0] += s.segment().pixels();
      types.put(s.type().id(), s.type());
    }
    List<String> parts = new ArrayList<>();
    double amps = 0;
    for (Map.Entry<String, PixelType> e : types.entrySet()) {
      int count = counts.get(e.getKey())[0];
      parts.add(count + " px x " + number(e.getValue().milliampsFull()) + " mA");
      amps += count * e.getValue().milliampsFull() / 1000;
    }
    return new Line("At full white", fixed(amps, 1) + " A", String.join(" + ", parts));
  }

  private void feeds(SegmentReading s, List<Line> lines, boolean named) {
    List<FeedReading> feeds = new ArrayList<>(reading.feedsOf(s.segment().id()));
    feeds.sort(Comparator.comparingInt(f -> f.feed().atPixel()));
    for (FeedReading f : feeds) {
      Wire wire = wires.get(f.feed().wire());
      lines.add(
          new Line(
              "Feed at " + f.feed().atPixel() + (f.feed().viaPort() ? ", by the port" : ""),
              number(f.feed().fuseAmps()) + " A fuse",
              (named ? s.run().name() + ": " : "")
                  + FuseWords.of(reading, f.feed())
                  + "; "
                  + wire.id()
                  + " bears "
                  + number(wire.fuseAmpsMax())
                  + " A; "
                  + Lengths.of(reading.show()).rough(f.lengthM())));
    }
  }

  private static Line slots(List<SegmentReading> segments) {
    int slots =
        segments.stream()
            .mapToInt(s -> s.run().fitting().sets(s.segment().pixels()) * s.type().channels())
            .sum();
    var first = segments.getFirst().slots().getFirst();
    var last = segments.getLast().slots().getLast();
    return new Line(
        "Slots",
        Integer.toString(slots),
        "u"
            + first.universe()
            + "."
            + first.firstSlot()
            + " to u"
            + last.universe()
            + "."
            + last.lastSlot()
            + fitting(segments));
  }

  /** How slots lie on the pixels, where all segments are of one run and it is not the plain way. */
  private static String fitting(List<SegmentReading> segments) {
    Fitting f = segments.getFirst().run().fitting();
    boolean alike = segments.stream().allMatch(s -> s.run().fitting().equals(f));
    String shared = alike && f.grouping() > 1 ? "; " + f.grouping() + " px a set" : "";
    return shared + (alike && f.reversed() ? "; from the far end" : "");
  }

  private Line leastVolts(List<SegmentReading> segments) {
    SegmentReading low = segments.getFirst();
    for (SegmentReading s : segments) {
      low = s.volts().lowest() < low.volts().lowest() ? s : low;
    }
    double limit = low.type().volts() * reading.show().settings().minVoltsPercent() / 100;
    return new Line(
        "Least volts",
        fixed(low.volts().lowest(), 2) + " V",
        "pixel "
            + low.minAtPixel()
            + " of "
            + low.run().name()
            + "; "
            + fixed(limit, 2)
            + " V is the least allowed");
  }
}
