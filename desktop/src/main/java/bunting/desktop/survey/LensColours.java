package bunting.desktop.survey;

import bunting.core.addressing.SlotRow;
import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.dc.WhiteTest;
import bunting.core.lens.LensPalette;
import bunting.core.show.LoadKind;
import bunting.core.show.Texts;
import bunting.desktop.session.OnTheWire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The colour of every bead under a lens, the legend, and the words at each run. */
public final class LensColours {
  /** Colour of a pixel that nothing is known of: not placed, not fed. */
  static final int UNKNOWN = 0x9A948A;

  private final int[] rgb;
  private final boolean night;
  private int within;
  private final List<Entry> legend = new ArrayList<>();
  private final Map<String, String> supplyOfChain = new HashMap<>();
  private final Map<String, String> words = new HashMap<>();
  private final Map<String, Integer> kinds = new LinkedHashMap<>();

  /** A line of the legend. */
  public record Entry(int rgb, String text) {}

  /**
   * Colours for a lens.
   *
   * @param plain the colour of the plain lens, 0xRRGGBB
   * @param night whether it is for the dark
   * @param wire what comes over the wire, where the bench is lit
   */
  public LensColours(Beads beads, Lens lens, int plain, boolean night, Optional<OnTheWire> wire) {
    this.night = night;
    rgb = new int[beads.count()];
    Optional<Reading> reading = beads.reading();
    Arrays.fill(rgb, lens == Lens.PLAIN ? plain : UNKNOWN);
    switch (lens) {
      case PLAIN -> legend.add(new Entry(plain, "a pixel where it hangs"));
      case TYPE -> types(beads);
      case WIRE -> wire(beads, wire);
      case PORT, SUPPLY, UNIVERSE, VOLTS, WHITE -> reading.ifPresent(r -> segments(beads, r, lens));
    }
    if (lens == Lens.VOLTS) {
      double least = beads.show().settings().minVoltsPercent();
      legend.add(new Entry(LensPalette.TOO_LOW, "under " + Texts.number(least) + " %"));
      for (int i = 0; i <= 4; i++) {
        double percent = least + (100 - least) * i / 4;
        legend.add(new Entry(LensPalette.ramp(i / 4.0), Texts.number(percent) + " %"));
      }
    } else if (lens == Lens.WHITE) {
      for (double share : new double[] {1, 0.8, 0.72, 0.6}) {
        legend.add(
            new Entry(
                WhiteTest.rgb(LoadKind.CONSTANT_CURRENT, share),
                Texts.number(share * 100) + " % of the volts"));
      }
    } else {
      kinds.forEach((k, n) -> legend.add(new Entry(LensPalette.kind(n, night), k)));
    }
    if (lens != Lens.PLAIN && lens != Lens.WIRE && Arrays.stream(rgb).anyMatch(c -> c == UNKNOWN)) {
      legend.add(new Entry(UNKNOWN, "not placed"));
    }
  }

  /** Colour of a bead, 0xRRGGBB. */
  public int rgb(int bead) {
    return rgb[bead];
  }

  /** The legend. */
  public List<Entry> legend() {
    return legend;
  }

  /** What the lens says of a run in words; empty where it says nothing. */
  public String words(String run) {
    return words.getOrDefault(run, "");
  }

  private int kind(String key) {
    return LensPalette.kind(kinds.computeIfAbsent(key, k -> kinds.size()), night);
  }

  private void wire(Beads beads, Optional<OnTheWire> wire) {
    legend.add(
        new Entry(
            UNKNOWN,
            wire.map(OnTheWire::text)
                .orElse("nothing is sent: the bench (F9) lights its stand-ins")));
    wire.ifPresent(
        w -> {
          for (Beads.Strip s : beads.strips()) {
            int[] own = w.rgb().getOrDefault(s.run().name(), new int[0]);
            System.arraycopy(own, 0, rgb, s.first(), Math.min(own.length, s.count()));
          }
        });
  }

  private void types(Beads beads) {
    for (Beads.Strip s : beads.strips()) {
      Arrays.fill(rgb, s.first(), s.first() + s.count(), kind(s.type().name()));
      words.put(s.run().name(), s.type().id());
    }
  }

  private void segments(Beads beads, Reading reading, Lens lens) {
    double least = reading.show().settings().minVoltsPercent() / 100;
    for (SegmentReading s : reading.segments()) {
      Optional<Beads.Strip> now = beads.strip(s.run().name());
      if (now.isEmpty()) {
        // A run of an earlier version.
        continue;
      }
      Beads.Strip strip = now.get();
      within = strip.first() + strip.count();
      int first = strip.first() + s.segment().firstPixel() - 1;
      int count = s.segment().pixels();
      switch (lens) {
        case PORT -> {
          String port = s.segment().controller() + " " + s.segment().port();
          fill(first, count, kind(port));
          say(s, "port " + s.segment().port());
        }
        case UNIVERSE -> universes(s, strip);
        case SUPPLY -> supplies(s, reading, first);
        case VOLTS -> {
          for (int i = 0; i < count; i++) {
            double share = s.volts().at(i) / s.type().volts();
            fill(
                first + i,
                1,
                share < least - 1e-9
                    ? LensPalette.TOO_LOW
                    : LensPalette.ramp((share - least) / Math.max(1e-9, 1 - least)));
          }
          say(s, "least " + Texts.fixed(s.volts().lowest(), 2) + " V");
        }
        case WHITE -> {
          for (int i = 0; i < count; i++) {
            fill(first + i, 1, WhiteTest.rgb(s.type().load(), s.volts().at(i) / s.type().volts()));
          }
          say(s, Texts.fixed(s.minPercent(), 1) + " %");
        }
        case PLAIN, TYPE, WIRE -> throw new IllegalArgumentException("does not look at segments");
      }
    }
  }

  /** What an earlier version had beyond the end of the run as it is now has no bead. */
  private void fill(int first, int count, int colour) {
    int to = Math.min(first + count, within);
    if (first < to) {
      Arrays.fill(rgb, first, to, colour);
    }
  }

  private void say(SegmentReading s, String text) {
    words.merge(s.run().name(), text, (a, b) -> a.equals(b) ? a : a + ", " + b);
  }

  private void universes(SegmentReading s, Beads.Strip strip) {
    int low = Integer.MAX_VALUE;
    int high = 0;
    for (SlotRow row : s.slots()) {
      int from = Math.min(row.firstPixel(), row.lastPixel());
      int to = Math.max(row.firstPixel(), row.lastPixel());
      fill(strip.first() + from - 1, to - from + 1, kind("u" + row.universe()));
      low = Math.min(low, row.universe());
      high = Math.max(high, row.universe());
    }
    say(s, low == high ? "u" + low : "u" + low + "–" + high);
  }

  /**
   * Each pixel hangs on the supply of the nearest feed of its segment; a segment without one, on
   * what the segment before it in the port's chain hangs on.
   */
  private void supplies(SegmentReading s, Reading reading, int first) {
    List<FeedReading> feeds = reading.feedsOf(s.segment().id());
    String chain = s.segment().controller() + "\0" + s.segment().port();
    String supply =
        feeds.isEmpty() ? supplyOfChain.getOrDefault(chain, "") : feeds.getFirst().feed().supply();
    int from = 0;
    for (FeedReading f : feeds) {
      int at = f.feed().atPixel() - s.segment().firstPixel();
      if (!f.feed().supply().equals(supply)) {
        int middle = (at + from) / 2;
        fill(first + from, middle - from, kind(supply));
        from = middle;
        supply = f.feed().supply();
      }
    }
    fill(first + from, s.segment().pixels() - from, kind(supply));
    supplyOfChain.put(chain, supply);
    say(s, supply);
  }
}
