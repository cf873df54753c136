package bunting.desktop.inspect;

import java.util.Optional;
import java.util.regex.Pattern;

/** Numbers as people type them. */
final class Numbers {
  private static final Pattern DECIMAL = Pattern.compile("\\d{1,7}([.,]\\d{1,6})?");
  private static final Pattern WHOLE = Pattern.compile("\\d{1,7}");

  private Numbers() {}

  /** A number of zero or more, with a point or a comma. */
  static Optional<Double> decimal(String text) {
    return DECIMAL.matcher(text).matches()
        ? Optional.of(Double.valueOf(text.replace(',', '.')))
        : Optional.empty();
  }

  /** A number, also under zero. */
  static Optional<Double> signed(String text) {
    return text.startsWith("-") ? decimal(text.substring(1).strip()).map(v -> -v) : decimal(text);
  }

  /** A whole number of zero or more. */
  static Optional<Integer> whole(String text) {
    return WHOLE.matcher(text).matches() ? Optional.of(Integer.valueOf(text)) : Optional.empty();
  }
}
