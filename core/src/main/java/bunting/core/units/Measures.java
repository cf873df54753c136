package bunting.core.units;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Lengths and counts as people write them: {@code 12'6"}, {@code 12 ft 6 1/2 in}, {@code 3,75 m},
 * {@code 375 cm}, {@code 1,250}. A foot is 0.3048 m.
 */
public final class Measures {
  /** What a bare number stands for. */
  public enum Unit {
    METRES("1"),
    CENTIMETRES("0.01"),
    MILLIMETRES("0.001"),
    FEET("0.3048"),
    INCHES("0.0254");

    private final BigDecimal metres;

    Unit(String metres) {
      this.metres = new BigDecimal(metres);
    }
  }

  private static final String NUMBER = "(\\d{1,9}(?:[.,]\\d{1,9})?)";
  private static final String FRACTION = "(?:\\s*(\\d{1,3})\\s*/\\s*(\\d{1,3}))?";
  private static final Pattern FEET_INCHES =
      Pattern.compile(
          NUMBER
              + "\\s*(?:'|′|’|ft\\.?|feet|foot)\\s*-?\\s*(?:"
              + NUMBER
              + FRACTION
              + "\\s*(?:\"|″|”|''|in\\.?|inch(?:es)?)?)?");
  private static final Pattern INCHES =
      Pattern.compile(NUMBER + FRACTION + "\\s*(?:\"|″|”|''|in\\.?|inch(?:es)?)");
  private static final Pattern METRIC =
      Pattern.compile(NUMBER + "\\s*(m|metres?|meters?|cm|mm)\\.?");
  private static final Pattern BARE = Pattern.compile(NUMBER);
  private static final Pattern COUNT =
      Pattern.compile("\\d{1,3}(?:[ .,'’\\u00a0]\\d{3})+|\\d{1,9}");

  private Measures() {}

  /** The metres of a length; empty where it is none. */
  public static Optional<BigDecimal> metres(String raw, Unit bare) {
    String text = raw.strip().toLowerCase(Locale.ROOT);
    Matcher m = FEET_INCHES.matcher(text);
    if (m.matches()) {
      BigDecimal feet = decimal(m.group(1)).multiply(Unit.FEET.metres);
      return m.group(2) == null
          ? Optional.of(feet)
          : inches(m.group(2), m.group(3), m.group(4)).map(feet::add);
    }
    m = INCHES.matcher(text);
    if (m.matches()) {
      return inches(m.group(1), m.group(2), m.group(3));
    }
    m = METRIC.matcher(text);
    if (m.matches()) {
      Unit unit =
          switch (m.group(2)) {
            case "cm" -> Unit.CENTIMETRES;
            case "mm" -> Unit.MILLIMETRES;
            default -> Unit.METRES;
          };
      return Optional.of(decimal(m.group(1)).multiply(unit.metres));
    }
    m = BARE.matcher(text);
    return m.matches() ? Optional.of(decimal(m.group(1)).multiply(bare.metres)) : Optional.empty();
  }

  /** Whether a text says itself that it is feet or inches. */
  public static boolean imperial(String raw) {
    String text = raw.strip().toLowerCase(Locale.ROOT);
    return FEET_INCHES.matcher(text).matches() || INCHES.matcher(text).matches();
  }

  /** Whether a text says itself that it is a length. */
  public static boolean hasUnit(String raw) {
    return imperial(raw) || METRIC.matcher(raw.strip().toLowerCase(Locale.ROOT)).matches();
  }

  private static Optional<BigDecimal> inches(
      String whole,
      @org.jspecify.annotations.Nullable String over,
      @org.jspecify.annotations.Nullable String under) {
    BigDecimal inches = decimal(whole);
    if (over != null && under != null) {
      if (Integer.parseInt(under) == 0) {
        return Optional.empty();
      }
      inches =
          inches.add(new BigDecimal(over).divide(new BigDecimal(under), MathContext.DECIMAL64));
    }
    return Optional.of(inches.multiply(Unit.INCHES.metres));
  }

  private static BigDecimal decimal(String text) {
    return new BigDecimal(text.replace(',', '.'));
  }

  /** A count, with or without marks between thousands, or a whole number with zeros behind it. */
  public static OptionalInt count(String raw) {
    String text = raw.strip().replaceAll("(?i)\\s*(pixels?|px|leds?|nodes?|pcs?)$", "");
    text = text.replaceAll("[.,]0+$", "");
    if (!COUNT.matcher(text).matches()) {
      return OptionalInt.empty();
    }
    String digits = text.replaceAll("\\D", "");
    return digits.length() > 9 ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(digits));
  }

  /** Metres as feet and inches to the nearest eighth: {@code 12'6 1/2"}. */
  public static String feetInches(double metres) {
    long eighths = Math.round(metres / 0.0254 * 8);
    long feet = eighths / 96;
    long inches = eighths % 96 / 8;
    long rest = eighths % 8;
    String fraction =
        rest == 0
            ? ""
            : rest % 4 == 0 ? " 1/2" : rest % 2 == 0 ? " " + rest / 2 + "/4" : " " + rest + "/8";
    return feet + "'" + inches + fraction + "\"";
  }
}
