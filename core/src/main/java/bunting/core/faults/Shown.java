package bunting.core.faults;

import bunting.core.addressing.SlotCursor;
import bunting.core.patch.LightMap;
import bunting.core.patch.LightPiece;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/**
 * What the pixels of a chain are told while a frame is on the wire and, maybe, something is wrong:
 * levels of red, green, blue and white, one row a pixel. Power is no business of it.
 */
final class Shown {
  private static final int CHANNELS = 4;
  private static final String LETTERS = "RGBW";
  private static final double LEVEL_MAX = 255;

  /** A limiter that was never raised lets so much through. */
  private static final double LIMITER_SHARE = 0.2;

  /** Of the pixels that noise tears, so many do so in one frame. */
  private static final double TORN = 0.3;

  private final Layout layout;
  private final LightMap map;
  private final BoxLimits limits;
  private final Map<String, Integer> pieces = new HashMap<>();

  Shown(Layout layout) {
    this.layout = layout;
    this.map = layout.map();
    this.limits = new BoxLimits(layout);
    for (int p = 0; p < map.pieces().size(); p++) {
      pieces.put(map.pieces().get(p).segment(), p);
    }
  }

  /** What is on the wire. */
  @SuppressWarnings("ArrayRecordComponent")
  record Wire(byte[] frame, byte[] held, long tick) {}

  /** Levels of a chain, 0 to 1; before power and before data are cut. */
  double[][] levels(Layout.Chain chain, Wire wire, Optional<Fault> fault) {
    if (fault.isPresent()) {
      Fault f = fault.get();
      if (holds(f, chain, wire)) {
        return plain(chain, wire.held(), 0, Optional.empty());
      }
      return with(f, chain, wire);
    }
    return plain(chain, wire.frame(), 0, Optional.empty());
  }

  /** Whether a box shows what it showed. */
  private boolean holds(Fault fault, Layout.Chain chain, Wire wire) {
    return switch (fault) {
      case Fault.ControllerHung f -> f.controller().equals(chain.controller());
      case Fault.AtBox f ->
          f.kind() == FaultKind.STARVED
              && f.controller().equals(chain.controller())
              && bright(chain, wire.frame());
      default -> false;
    };
  }

  /** Whether a box is asked for most of what it can. */
  private boolean bright(Layout.Chain chain, byte[] frame) {
    double sum = 0;
    int pixels = 0;
    for (Layout.Chain own : layout.chains()) {
      if (own.box() == chain.box()) {
        for (double[] level : plain(own, frame, 0, Optional.empty())) {
          sum += (level[0] + level[1] + level[2]) / 3;
          pixels++;
        }
      }
    }
    return sum > 0.6 * pixels;
  }

  private double[][] with(Fault fault, Layout.Chain chain, Wire wire) {
    return switch (fault) {
      case Fault.PortsSwapped f -> {
        boolean here =
            chain.controller().equals(f.controller())
                && (chain.port() == f.port() || chain.port() == f.other());
        int port = chain.port() == f.port() ? f.other() : f.port();
        Optional<Layout.Chain> other =
            layout.chains().stream()
                .filter(c -> here && c.box() == chain.box() && c.port() == port)
                .findFirst();
        double[][] own = plain(chain, wire.frame(), 0, Optional.empty());
        yield other
            .map(o -> cut(plain(o, wire.frame(), 0, Optional.empty()), own.length))
            .orElse(own);
      }
      case Fault.OrderWrong f -> plain(chain, wire.frame(), 0, Optional.of(f));
      case Fault.UniverseOff f ->
          plain(
              chain,
              wire.frame(),
              f.controller().equals(chain.controller()) ? f.by() : 0,
              Optional.empty());
      case Fault.RunReversed f -> reversed(f, chain, wire);
      case Fault.CountOff f -> counted(f, chain, wire);
      case Fault.Noise f -> torn(f, chain, wire);
      case Fault.AtBox f -> {
        double[][] levels = plain(chain, wire.frame(), 0, Optional.empty());
        if (f.kind() == FaultKind.LIMITER_LOW && f.controller().equals(chain.controller())) {
          for (double[] level : levels) {
            for (int c = 0; c < CHANNELS; c++) {
              level[c] *= LIMITER_SHARE;
            }
          }
        }
        yield levels;
      }
      default -> plain(chain, wire.frame(), 0, Optional.empty());
    };
  }

  private static double[][] cut(double[][] levels, int length) {
    double[][] all = new double[length][CHANNELS];
    System.arraycopy(levels, 0, all, 0, Math.min(length, levels.length));
    return all;
  }

  /** As it comes over the wire, by universes so many higher, in another order for one run. */
  private double[][] plain(
      Layout.Chain chain, byte[] frame, int higher, Optional<Fault.OrderWrong> order) {
    double[][] levels = new double[chain.pixels()][CHANNELS];
    for (int s = 0; s < chain.segments().size(); s++) {
      var segment = chain.segments().get(s);
      int p = pieces.get(segment.segment().id());
      LightPiece piece = map.pieces().get(p);
      String letters =
          order
              .filter(o -> o.run().equals(piece.run()))
              .map(Fault.OrderWrong::order)
              .orElse(piece.order());
      int driven =
          Math.min(piece.pixels(), limits.pixels(chain.controller()) - chain.starts().get(s));
      for (int i = 0; i < driven; i++) {
        int set = i / piece.grouping();
        double[] to = levels[chain.starts().get(s) + i];
        for (int c = 0; c < piece.channels(); c++) {
          int own = map.slot(p, set, c);
          int slot = own < 0 || !limits.hears(piece.box(), own) ? -1 : moved(own, higher);
          double level = slot < 0 ? 0 : (frame[slot] & 0xff) / LEVEL_MAX;
          int at = c < letters.length() ? LETTERS.indexOf(letters.charAt(c)) : -1;
          to[at < 0 ? CHANNELS - 1 : at] = Math.max(to[at < 0 ? CHANNELS - 1 : at], level);
        }
      }
    }
    return levels;
  }

  /** The same slot some universes higher; -1 where nobody sends those. */
  private int moved(int slot, int higher) {
    if (higher == 0) {
      return slot;
    }
    int universe = map.universeIndex(map.universe(slot / SlotCursor.SLOTS) + higher);
    return universe < 0 ? -1 : universe * SlotCursor.SLOTS + slot % SlotCursor.SLOTS;
  }

  private double[][] reversed(Fault.RunReversed f, Layout.Chain chain, Wire wire) {
    double[][] levels = plain(chain, wire.frame(), 0, Optional.empty());
    for (Layout.Part part : layout.parts(f.run())) {
      if (part.chain().index() == chain.index()) {
        int from = part.start();
        int to = from + part.segment().segment().pixels() - 1;
        for (; from < to; from++, to--) {
          double[] first = levels[from];
          levels[from] = levels[to];
          levels[to] = first;
        }
      }
    }
    return levels;
  }

  private double[][] counted(Fault.CountOff f, Layout.Chain chain, Wire wire) {
    double[][] levels = plain(chain, wire.frame(), 0, Optional.empty());
    int behind = levels.length;
    for (Layout.Part part : layout.parts(f.run())) {
      if (part.chain().index() == chain.index()) {
        behind = part.start() + part.segment().segment().pixels();
      }
    }
    double[][] all = new double[levels.length][];
    for (int i = 0; i < all.length; i++) {
      int from = i < behind ? i : i + f.by();
      all[i] = from >= 0 && from < levels.length ? levels[from] : new double[CHANNELS];
    }
    return all;
  }

  private double[][] torn(Fault.Noise f, Layout.Chain chain, Wire wire) {
    double[][] levels = plain(chain, wire.frame(), 0, Optional.empty());
    Layout.Part from = layout.part(f.segment());
    if (from.chain().index() == chain.index()) {
      Random random = new Random(wire.tick() * 31 + chain.index());
      for (int i = from.start(); i < levels.length; i++) {
        for (int c = 0; c < CHANNELS - 1 && random.nextDouble() < TORN; c++) {
          levels[i][c] = random.nextDouble();
        }
      }
    }
    return levels;
  }
}
