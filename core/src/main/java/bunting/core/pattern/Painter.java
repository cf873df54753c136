package bunting.core.pattern;

import bunting.core.addressing.SlotCursor;
import bunting.core.patch.LightMap;
import bunting.core.patch.LightPiece;
import java.util.Arrays;

/**
 * Paints frames of a pattern. A pure function of the frame's number: frame 0 is the first.
 *
 * <p>Counted pixels (every 10th, every 50th) count in their run; the chase goes through the plan in
 * the order controller, port, position, pixel. Where neighbours share slots it steps from one set
 * of slots to the next, and a pixel that is counted lights its set.
 */
public final class Painter {
  /** All of a channel. */
  public static final int FULL = 255;

  private static final double RAMP_SECONDS = 4;
  private static final int TEN = 10;
  private static final int FIFTY = 50;
  private static final Colour[] STEPS = {Colour.RED, Colour.GREEN, Colour.BLUE};
  private static final Colour[] ORDER = {Colour.RED, Colour.GREEN, Colour.BLUE, Colour.WHITE};

  private final LightMap map;
  private final Pattern pattern;
  private final Scope scope;
  private final double fps;
  private final double level;
  private final double speed;
  private final int[] inScope;
  private final int setsInScope;

  /** The whole show, all that a channel can, at its own speed. */
  public Painter(LightMap map, Pattern pattern, double fps) {
    this(map, pattern, Scope.SHOW, fps, 1, 1);
  }

  /**
   * A painter.
   *
   * @param fps frames a second
   * @param level share of full, 0 to 1
   * @param speed 1: its own; 0.5: half as fast
   */
  public Painter(
      LightMap map, Pattern pattern, Scope scope, double fps, double level, double speed) {
    this.map = map;
    this.pattern = pattern;
    this.scope = scope;
    this.fps = fps;
    this.level = level;
    this.speed = speed;
    var pieces = map.pieces();
    this.inScope =
        java.util.stream.IntStream.range(0, pieces.size())
            .filter(p -> scope.holds(map, pieces.get(p)))
            .toArray();
    this.setsInScope = Arrays.stream(inScope).map(p -> pieces.get(p).sets()).sum();
  }

  /** What it paints. */
  public Pattern pattern() {
    return pattern;
  }

  /** Where. */
  public Scope scope() {
    return scope;
  }

  /** Paints a frame over all that was there. */
  public void paint(long frame, byte[] slots) {
    Arrays.fill(slots, (byte) 0);
    double step = frame * speed;
    if (pattern == Pattern.CHASE) {
      chase((long) step, slots);
    } else if (pattern != Pattern.BLACK) {
      double seconds = step / fps;
      int value = (int) Math.round(FULL * level * ramp(seconds));
      for (int p : inScope) {
        piece(p, seconds, value, slots);
      }
    }
  }

  private double ramp(double seconds) {
    double phase = seconds / RAMP_SECONDS % 1;
    return pattern == Pattern.RAMP ? 1 - Math.abs(1 - 2 * phase) : 1;
  }

  private void chase(long step, byte[] slots) {
    if (setsInScope == 0) {
      return;
    }
    int set = (int) (step % setsInScope);
    for (int p : inScope) {
      int sets = map.pieces().get(p).sets();
      if (set < sets) {
        set(p, set, Colour.WHITE, (int) Math.round(FULL * level), slots);
        return;
      }
      set -= sets;
    }
  }

  private void piece(int p, double seconds, int value, byte[] slots) {
    LightPiece piece = map.pieces().get(p);
    for (int set = 0; set < piece.sets(); set++) {
      set(p, set, colour(piece, p, set, seconds), value, slots);
    }
  }

  private Colour colour(LightPiece piece, int p, int set, double seconds) {
    return switch (pattern) {
      case WHITE, RAMP -> Colour.WHITE;
      case RED -> Colour.RED;
      case GREEN -> Colour.GREEN;
      case BLUE -> Colour.BLUE;
      case RGB_STEP -> STEPS[(int) (seconds % STEPS.length)];
      case PORTS -> Colour.ofNumber(piece.port());
      case IDENTIFY -> seconds % 1 < 0.5 ? Colour.ofNumber(piece.box() + 1) : Colour.BLACK;
      case UNIVERSES -> universe(p, set);
      case FEEDS -> feed(piece, set);
      case TENS -> counted(piece, set, FIFTY) ? Colour.RED : tens(piece, set);
      case FIFTIES -> counted(piece, set, FIFTY) ? Colour.WHITE : Colour.BLACK;
      case ORDER -> ORDER[(piece.pixelOf(set) - 1) % ORDER.length];
      case CHASE, BLACK -> Colour.BLACK;
    };
  }

  private static Colour tens(LightPiece piece, int set) {
    return counted(piece, set, TEN) ? Colour.GREEN : Colour.BLACK;
  }

  /** Whether a set has a pixel whose number is a whole multiple. */
  private static boolean counted(LightPiece piece, int set, int every) {
    int first = piece.pixelOf(set);
    int last = Math.min(piece.lastPixel(), first + piece.grouping() - 1);
    return last / every > (first - 1) / every;
  }

  private Colour universe(int p, int set) {
    int slot = map.slot(p, set, 0);
    return slot < 0 ? Colour.BLACK : Colour.ofNumber(slot / SlotCursor.SLOTS + 1);
  }

  /** The nearest of the piece's own feeds; all of a piece without one are of one colour. */
  private static Colour feed(LightPiece piece, int set) {
    int pixel = piece.pixelOf(set);
    int nearest = 0;
    for (int f = 1; f < piece.feedsAt().size(); f++) {
      int off = Math.abs(piece.feedsAt().get(f) - pixel);
      nearest = off < Math.abs(piece.feedsAt().get(nearest) - pixel) ? f : nearest;
    }
    return Colour.ofNumber(nearest + 1);
  }

  private void set(int piece, int set, Colour colour, int value, byte[] slots) {
    LightPiece of = map.pieces().get(piece);
    for (int c = 0; c < of.channels(); c++) {
      int slot = map.slot(piece, set, c);
      if (slot >= 0 && colour.lights(of.order(), c)) {
        slots[slot] = (byte) value;
      }
    }
  }
}
