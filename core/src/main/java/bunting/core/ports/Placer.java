package bunting.core.ports;

import bunting.core.show.PixelType;
import bunting.core.show.Run;
import java.util.ArrayList;
import java.util.List;

/**
 * Puts pieces of one run after another onto boxes, and takes them back if the run does not fit
 * whole.
 */
final class Placer {
  private final double targetFps;
  private final UniverseRoom universes;
  private final List<BoxLoad> all;
  private boolean spread;

  /** From now on a port that is free goes before one that is in use. */
  Placer spreading() {
    spread = true;
    return this;
  }

  Placer(double targetFps, UniverseRoom universes, List<BoxLoad> all) {
    this.targetFps = targetFps;
    this.universes = universes;
    this.all = all;
  }

  double targetFps() {
    return targetFps;
  }

  /** The run in one piece on the first port that takes it; {@code onlyPort} 0 means any. */
  boolean placeWhole(Run run, PixelType type, List<BoxLoad> boxes, int onlyPort) {
    for (BoxLoad box : boxes) {
      for (int port : onlyPort == 0 ? order(box) : List.of(onlyPort)) {
        if (box.room(port, type, targetFps) >= run.pixels()
            && tryAppend(box, port, new Piece(run, type, 1, run.pixels()))) {
          return true;
        }
      }
    }
    return false;
  }

  /** Free ports first where that is asked for; then the emptiest. */
  private List<Integer> order(BoxLoad box) {
    return spread
        ? box.order().stream()
            .sorted(java.util.Comparator.comparingInt(p -> box.ports().get(p - 1).pixels()))
            .toList()
        : box.order();
  }

  /**
   * The run in pieces, cut at cut marks, over the free room of these boxes in order; or not at all.
   */
  boolean placeSplit(Run run, PixelType type, List<BoxLoad> boxes) {
    List<Runnable> undo = new ArrayList<>();
    int next = 1;
    for (BoxLoad box : boxes) {
      for (int port : box.order()) {
        int placed = appendMost(run, type, box, port, next);
        if (placed > 0) {
          undo.add(() -> box.removeLast(port));
          next += placed;
        }
      }
    }
    if (next > run.pixels()) {
      return true;
    }
    undo.reversed().forEach(Runnable::run);
    return false;
  }

  /**
   * Pixels of the run that these boxes would still take: the largest single room, or the sum of
   * all.
   */
  int roomFor(PixelType type, List<BoxLoad> boxes, int onlyPort, boolean sum) {
    long total = 0;
    int most = 0;
    for (BoxLoad box : boxes) {
      for (int port : onlyPort == 0 ? box.order() : List.of(onlyPort)) {
        int room = box.room(port, type, targetFps);
        total += room - room % type.cutEvery();
        most = Math.max(most, room);
      }
    }
    return sum ? (int) Math.min(total, Run.PIXELS_MAX) : most;
  }

  /** Appends as much of the run from pixel {@code next} as the port takes; returns how much. */
  private int appendMost(Run run, PixelType type, BoxLoad box, int port, int next) {
    if (next > run.pixels()) {
      return 0;
    }
    int left = run.pixels() - next + 1;
    int room = box.room(port, type, targetFps);
    // A group longer than a port is divided all the same.
    int unit = cutUnit(run, type) <= room ? cutUnit(run, type) : type.cutEvery();
    int most = atCutMark(Math.min(left, room), left, unit);
    if (most <= 0) {
      return 0;
    }
    if (tryAppend(box, port, new Piece(run, type, next, next + most - 1))) {
      return most;
    }
    int fits = 0; // in cut units: the most that the universes still take
    int tooMany = (most + unit - 1) / unit;
    while (tooMany - fits > 1) {
      int middle = (fits + tooMany) >>> 1;
      Piece piece = new Piece(run, type, next, next + middle * unit - 1);
      if (tryAppend(box, port, piece)) {
        box.removeLast(port);
        fits = middle;
      } else {
        tooMany = middle;
      }
    }
    int pixels = fits * unit;
    if (pixels > 0) {
      box.append(port, new Piece(run, type, next, next + pixels - 1));
    }
    return pixels;
  }

  /** Cut marks at which no group of pixels on one set of slots is divided. */
  private static int cutUnit(Run run, PixelType type) {
    int unit = type.cutEvery();
    while (unit % run.fitting().grouping() != 0) {
      unit += type.cutEvery();
    }
    return unit;
  }

  private static int atCutMark(int pixels, int left, int cutEvery) {
    return pixels == left ? pixels : pixels - pixels % cutEvery;
  }

  /** Whether a box takes as little of a run as can be cut off, the universes regarded. */
  boolean takesAny(PixelType type, BoxLoad box, Run run) {
    int port = box.order().getFirst();
    int pixels = Math.min(run.pixels(), cutUnit(run, type));
    boolean takes = placePiece(new Piece(run, type, 1, pixels), box, port);
    if (takes) {
      box.removeLast(port);
    }
    return takes;
  }

  /** That piece on that port, where it has room. */
  boolean placePiece(Piece piece, BoxLoad box, int port) {
    return box.room(port, piece.type(), targetFps) >= piece.pixels() && tryAppend(box, port, piece);
  }

  /** The same; right behind the pixels before it, it becomes one piece with them. */
  boolean placeBehind(Piece piece, BoxLoad box, int port) {
    List<Piece> chain = box.ports().get(port - 1).pieces();
    Piece last = chain.isEmpty() ? piece : chain.getLast();
    boolean joins = last.run().equals(piece.run()) && last.last() + 1 == piece.first();
    if (!joins) {
      return placePiece(piece, box, port);
    }
    box.removeLast(port);
    return placePiece(new Piece(piece.run(), piece.type(), last.first(), piece.last()), box, port);
  }

  private boolean tryAppend(BoxLoad box, int port, Piece piece) {
    box.append(port, piece);
    if (universes.fits(all)) {
      return true;
    }
    box.removeLast(port);
    return false;
  }
}
