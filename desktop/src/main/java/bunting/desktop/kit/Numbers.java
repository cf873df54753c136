package bunting.desktop.kit;

import bunting.core.limits.Range;
import java.util.Optional;
import java.util.regex.Pattern;

/** Numbers as people type them: with a point or a comma. */
public final class Numbers {
  private static final Pattern DECIMAL = Pattern.compile("-?\\d{1,9}([.,]\\d{1,6})?");
  private static final Pattern WHOLE = Pattern.compile("-?\\d{1,9}");

  private Numbers() {}

  /** A number in a range; empty where it is none. */
  public static Optional<Double> in(Range range, String text) {
    String bare = text.strip();
    return DECIMAL.matcher(bare).matches()
        ? Optional.of(Double.valueOf(bare.replace(',', '.'))).filter(range::holds)
        : Optional.empty();
  }

  /** A whole number in a range; empty where it is none. */
  public static Optional<Integer> wholeIn(Range range, String text) {
    String bare = text.strip();
    return WHOLE.matcher(bare).matches()
        ? Optional.of(Integer.valueOf(bare)).filter(range::holds)
        : Optional.empty();
  }

  /** What to say where {@link #in} found none. */
  public static String wanted(Range range) {
    return "Give a number " + range.text() + ".";
  }

  /** What to say where {@link #wholeIn} found none. */
  public static String wantedWhole(Range range) {
    return "Give a whole number " + range.text() + ".";
  }
}
