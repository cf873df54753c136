package bunting.core.show;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * A measured line of pixels of one type.
 *
 * @param name unique name
 * @param type id of its pixel type
 * @param pixels how many, 1 to 1,000,000
 * @param lengthM measured length, where one was given, metres
 * @param start where pixel 1 is
 * @param end where the last pixel is, where it was given
 * @param leadM cable from the box to pixel 1, where it was measured, metres
 * @param group runs of one group belong on one controller
 * @param pin where the builder wants it
 * @param split whether it may be divided between ports
 * @param notes columns that are not ours, kept
 */
public record Run(
    String name,
    String type,
    int pixels,
    OptionalDouble lengthM,
    Point start,
    Optional<Point> end,
    OptionalDouble leadM,
    Optional<String> group,
    Optional<Pin> pin,
    boolean split,
    Map<String, String> notes) {
  /** Most pixels that a run may have. */
  public static final int PIXELS_MAX = 1_000_000;

  public Run {
    notes = java.util.Collections.unmodifiableMap(new TreeMap<>(notes));
  }

  /** A run with nothing but the necessary. */
  public static Run of(String name, String type, int pixels) {
    return new Run(
        name,
        type,
        pixels,
        OptionalDouble.empty(),
        new Point(0, 0),
        Optional.empty(),
        OptionalDouble.empty(),
        Optional.empty(),
        Optional.empty(),
        true,
        Map.of());
  }

  /** The same with another count. */
  public Run withPixels(int count) {
    return new Run(name, type, count, lengthM, start, end, leadM, group, pin, split, notes);
  }

  /** The same with another pixel type. */
  public Run withType(String id) {
    return new Run(name, id, pixels, lengthM, start, end, leadM, group, pin, split, notes);
  }

  /** The same with another measured lead; empty: by the rule for lengths. */
  public Run withLead(OptionalDouble metres) {
    return new Run(name, type, pixels, lengthM, start, end, metres, group, pin, split, notes);
  }

  /** The same with another pin; empty: free. */
  public Run withPin(Optional<Pin> to) {
    return new Run(name, type, pixels, lengthM, start, end, leadM, group, to, split, notes);
  }
}
