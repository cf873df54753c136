package bunting.desktop.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.geometry.Rectangle2D;

/**
 * Finds places for labels beside what they name, so that none lies over another or over anything
 * that is to stay free, and as few as can be are left out.
 *
 * <p>Method: greedy, in the order given (what matters most comes first). Each label tries its sides
 * close by, then places farther away on rings, from where a leader leads back to what it names; the
 * nearest free one is taken; only where there is none, one over what should be avoided. To place
 * the most labels is NP-hard (Formann and Wagner 1991, from memory: already with four places each);
 * greedy is within a few labels of it on what we draw, and the same input gives the same places.
 * What is taken is kept in a grid of cells, so a label costs its candidates times the few
 * neighbours of each.
 */
public final class LabelPlaces {
  private static final double CELL = 48;

  /** Distances of the rings from what is named, pixels. */
  private static final double[] RINGS = {20, 34, 50, 68, 90};

  private static final int DIRECTIONS = 16;

  /** A label at a place; {@code leader} says that a line must lead to what it names. */
  public record Placed(Wanted label, Rectangle2D at, boolean leader) {}

  /**
   * A label to be placed.
   *
   * @param x of what it names
   * @param y of what it names
   * @param clear it stays so far from that point, pixels
   * @param width of the label
   * @param height of the label
   */
  public record Wanted(String text, double x, double y, double clear, double width, double height) {
    private Rectangle2D at(double left, double top) {
      return new Rectangle2D(left, top, width, height);
    }

    /** Beside it: right, right above and below, above, below, left. */
    private List<Rectangle2D> sides() {
      double right = x + clear;
      double left = x - clear - width;
      double middle = y - height / 2;
      double above = y - clear - height;
      double below = y + clear;
      return List.of(
          at(right, middle),
          at(right, above),
          at(right, below),
          at(x - width / 2, above),
          at(x - width / 2, below),
          at(left, middle),
          at(left, above),
          at(left, below));
    }

    /** On a ring, the edge of the label that faces the point being on it. */
    private Rectangle2D onRing(double radius, double angle) {
      double cos = Math.cos(angle);
      double sin = Math.sin(angle);
      return at(
          x + (clear + radius) * cos - width / 2 + cos * width / 2,
          y + (clear + radius) * sin - height / 2 + sin * height / 2);
    }
  }

  private final Rectangle2D bounds;
  private final Map<Long, List<Rectangle2D>> taken = new HashMap<>();
  private final Map<Long, List<Rectangle2D>> shy = new HashMap<>();

  /** On a picture of some size. */
  public LabelPlaces(double width, double height) {
    bounds = new Rectangle2D(0, 0, Math.max(0, width), Math.max(0, height));
  }

  /** Nothing is to lie here. */
  public void keepFree(Rectangle2D part) {
    forCells(part, key -> taken.computeIfAbsent(key, k -> new ArrayList<>()).add(part));
  }

  /** Nothing should lie here, as long as there is a place elsewhere. */
  public void avoid(Rectangle2D part) {
    forCells(part, key -> shy.computeIfAbsent(key, k -> new ArrayList<>()).add(part));
  }

  /** Places of the labels; those that find none are left out. */
  public List<Placed> place(List<Wanted> labels) {
    List<Placed> placed = new ArrayList<>();
    for (Wanted label : labels) {
      Predicate<Rectangle2D> well = at -> isFree(taken, at) && isFree(shy, at);
      Predicate<Rectangle2D> somehow = at -> isFree(taken, at);
      Optional<Placed> found =
          near(label, well)
              .or(() -> far(label, well))
              .or(() -> near(label, somehow))
              .or(() -> far(label, somehow));
      found.ifPresent(
          p -> {
            keepFree(p.at());
            placed.add(p);
          });
    }
    return placed;
  }

  private static Optional<Placed> near(Wanted label, Predicate<Rectangle2D> free) {
    return label.sides().stream().filter(free).findFirst().map(at -> new Placed(label, at, false));
  }

  private static Optional<Placed> far(Wanted label, Predicate<Rectangle2D> free) {
    for (double ring : RINGS) {
      for (int d = 0; d < DIRECTIONS; d++) {
        Rectangle2D at = label.onRing(ring, 2 * Math.PI * d / DIRECTIONS - Math.PI / 2);
        if (free.test(at)) {
          return Optional.of(new Placed(label, at, true));
        }
      }
    }
    return Optional.empty();
  }

  private boolean isFree(Map<Long, List<Rectangle2D>> parts, Rectangle2D at) {
    if (!bounds.contains(at)) {
      return false;
    }
    boolean[] free = {true};
    forCells(
        at,
        key -> {
          for (Rectangle2D other : parts.getOrDefault(key, List.of())) {
            free[0] &= !other.intersects(at);
          }
        });
    return free[0];
  }

  private interface ByCell {
    void take(long key);
  }

  private static void forCells(Rectangle2D part, ByCell work) {
    long left = (long) Math.floor(part.getMinX() / CELL);
    long right = (long) Math.floor(part.getMaxX() / CELL);
    long top = (long) Math.floor(part.getMinY() / CELL);
    long bottom = (long) Math.floor(part.getMaxY() / CELL);
    for (long cx = left; cx <= right; cx++) {
      for (long cy = top; cy <= bottom; cy++) {
        work.take(cx * 1_000_003 + cy);
      }
    }
  }
}
