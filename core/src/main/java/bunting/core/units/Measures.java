package bunting.core.units;

import bunting.core.limits.Range;
import java.math.BigDecimal;
import java.math.MathContext;
import java.text.Normalizer;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Lengths and counts as people write them: {@code 12'6"}, {@code 12 ft 6 1/2 in}, {@code 19 1/2
 * ft}, {@code 20-6}, {@code 3,75 m}, {@code 5 m 40}, {@code 375 cm}, {@code 1,250}. A foot is
 * 0.3048 m, a yard three of them (international yard, 1959).
 */
public final class Measures {
  /** What a bare number stands for. */
  public enum Unit {
    METRES("1", "metres"),
    CENTIMETRES("0.01", "cm"),
    MILLIMETRES("0.001", "mm"),
    FEET("0.3048", "feet"),
    INCHES("0.0254", "inches"),
    YARDS("0.9144", "yards");

    private final BigDecimal metres;
    private final String text;

    Unit(String metres, String text) {
      this.metres = new BigDecimal(metres);
      this.text = text;
    }

    /** As people read it. */
    public String text() {
      return text;
    }
  }

  private static final int INCHES_A_FOOT = 12;

  private static final String FOOT = "'|ft|feet|foot|fuss|fus|pieds?|pies?|piedi|piede|voet|vt";
  private static final String INCH =
      "\"|''|in|inch(?:es)?|zoll|pouces?|po|pulgadas?|pulg|duim|pollici|pollice";
  private static final String METRE =
      "m|metres?|meters?|metros?|metri|metro|metern|mts?|mtrs?|lfm|rm";
  private static final String CENTIMETRE =
      "cm|centimet(?:re|er)s?|zentimetern?|centimetros?|centimetri";
  private static final String MILLIMETRE =
      "mm|millimet(?:re|er)s?|millimetern?|milimetros?|millimetri";
  private static final String YARD = "yd|yds|yards?";

  private static final Map<Unit, Pattern> WORDS =
      Map.of(
          Unit.FEET, word(FOOT),
          Unit.INCHES, word(INCH),
          Unit.CENTIMETRES, word(CENTIMETRE),
          Unit.MILLIMETRES, word(MILLIMETRE),
          Unit.YARDS, word(YARD),
          Unit.METRES, word(METRE));

  private static final String NUMBER = "(\\d{1,9}(?:\\.\\d{1,9})?)";
  private static final String FRACTION = "(?:[\\s-]+(\\d{1,3})\\s*/\\s*(\\d{1,3}))?";
  private static final String VALUE = NUMBER + FRACTION;
  private static final Pattern FEET_INCHES =
      Pattern.compile(
          VALUE
              + "\\s*(?:"
              + FOOT
              + ")\\.?(?:[\\s,-]*(?:and\\s+|und\\s+|&\\s*)?"
              + VALUE
              + "\\s*(?:"
              + INCH
              + ")?\\.?)?");
  private static final Pattern DASHED =
      Pattern.compile("(\\d{1,5})\\s*-\\s*" + VALUE + "\\s*(" + INCH + ")?\\.?");
  private static final Pattern INCHES = Pattern.compile(VALUE + "\\s*(?:" + INCH + ")\\.?");
  private static final Pattern BARE_FRACTION =
      Pattern.compile("(\\d{1,3})\\s*/\\s*(\\d{1,3})\\s*(.*)");
  private static final Pattern METRES_AND =
      Pattern.compile(
          NUMBER
              + "\\s*(?:"
              + METRE
              + ")\\.?\\s*(?:(\\d{2})|(\\d{1,2})\\s*(?:"
              + CENTIMETRE
              + ")\\.?)");
  private static final Pattern WITH_WORD = Pattern.compile(VALUE + "\\s*-?\\s*([a-z]+)\\.?");
  private static final Pattern WITH_UNIT =
      Pattern.compile(NUMBER + "\\s*(?:[a-z]{1,8}(?:\\s*/\\s*[a-z]{1,6})?)?");
  private static final Pattern BARE = Pattern.compile(VALUE);
  private static final Pattern ABOUT =
      Pattern.compile(
          "^(?:~|≈|±|ca\\.?|circa|about|around|approx(?:imately|\\.)?|roughly|etwa|ungefahr|rund"
              + "|environ|env\\.?|aprox\\.?|ongeveer|ong\\.?)\\s*(?=\\d)");
  private static final Set<Unit> METRIC =
      EnumSet.of(Unit.METRES, Unit.CENTIMETRES, Unit.MILLIMETRES);

  private static final Pattern COUNT_WORDS =
      Pattern.compile(
          "\\s*(?:pixels?|px|pix|leds?|nodes?|pcs?|points?|lights?|lamps?|bulbs?|stk|stuck|st"
              + "|lampen|lichter|lampes|luces|luci|punti|puntos|uds?|pz|pezzi|stuks)\\.?$");
  private static final Pattern TIMES = Pattern.compile("(\\d{1,4})\\s*[x×*]\\s*(\\d{1,6})");
  private static final Pattern COUNT =
      Pattern.compile("\\d{1,3}(?:[ .,'’\\u00a0\\u2009\\u202f]\\d{3})+|\\d{1,9}");

  private static final Pattern VULGAR = Pattern.compile("[\\u00bc-\\u00be\\u2150-\\u215e]");

  private Measures() {}

  private static Pattern word(String words) {
    return Pattern.compile("(?:" + words + ")\\.?");
  }

  /** The metres of a length; empty where it is none. */
  public static Optional<BigDecimal> metres(String raw, Unit bare) {
    return metres(raw, bare, Mark.EITHER);
  }

  /** The metres of a length whose decimals stand behind a mark; empty where it is none. */
  public static Optional<BigDecimal> metres(String raw, Unit bare, Mark mark) {
    String text = ABOUT.matcher(mark.plain(simple(raw))).replaceFirst("");
    String whole = BARE_FRACTION.matcher(text).matches() ? "0 " + text : text;
    return feetAndInches(whole)
        .or(() -> inches(INCHES, whole))
        .or(() -> dashed(whole, bare))
        .or(() -> metresAnd(whole))
        .or(() -> value(BARE.matcher(whole)).map(n -> n.multiply(bare.metres)))
        .or(() -> withWord(whole));
  }

  private static Optional<BigDecimal> feetAndInches(String text) {
    Matcher m = FEET_INCHES.matcher(text);
    if (!m.matches()) {
      return Optional.empty();
    }
    Optional<BigDecimal> feet = sized(m, 1).map(f -> f.multiply(Unit.FEET.metres));
    return m.group(4) == null ? feet : feet.flatMap(f -> below(m, 4).map(f::add));
  }

  /** Twenty and a half feet as builders jot it down: 20-6. */
  private static Optional<BigDecimal> dashed(String text, Unit bare) {
    Matcher m = DASHED.matcher(text);
    if (!m.matches() || (bare != Unit.FEET && m.group(5) == null)) {
      return Optional.empty();
    }
    BigDecimal feet = new BigDecimal(m.group(1)).multiply(Unit.FEET.metres);
    return below(m, 2).map(feet::add);
  }

  private static Optional<BigDecimal> inches(Pattern pattern, String text) {
    return value(pattern.matcher(text)).map(n -> n.multiply(Unit.INCHES.metres));
  }

  private static Optional<BigDecimal> metresAnd(String text) {
    Matcher m = METRES_AND.matcher(text);
    return m.matches()
        ? Optional.of(
            new BigDecimal(m.group(1))
                .add(
                    new BigDecimal(m.group(2) == null ? m.group(3) : m.group(2))
                        .multiply(Unit.CENTIMETRES.metres)))
        : Optional.empty();
  }

  private static Optional<BigDecimal> withWord(String text) {
    Matcher m = WITH_WORD.matcher(text);
    return m.matches()
        ? unit(m.group(4)).flatMap(u -> sized(m, 1).map(n -> n.multiply(u.metres)))
        : Optional.empty();
  }

  private static Optional<BigDecimal> value(Matcher m) {
    return m.matches() ? sized(m, 1) : Optional.empty();
  }

  /** Inches beside feet: there are less than twelve. */
  private static Optional<BigDecimal> below(Matcher m, int group) {
    return sized(m, group)
        .filter(i -> i.intValue() < INCHES_A_FOOT)
        .map(i -> i.multiply(Unit.INCHES.metres));
  }

  /** A number and its fraction in three groups. */
  private static Optional<BigDecimal> sized(Matcher m, int group) {
    BigDecimal whole = new BigDecimal(m.group(group));
    if (m.group(group + 1) == null) {
      return Optional.of(whole);
    }
    BigDecimal under = new BigDecimal(m.group(group + 2));
    return under.signum() == 0
        ? Optional.empty()
        : Optional.of(
            whole.add(new BigDecimal(m.group(group + 1)).divide(under, MathContext.DECIMAL64)));
  }

  /** The unit that a word stands for, in any of six languages. */
  public static Optional<Unit> unit(String word) {
    String plain = simple(word);
    return Arrays.stream(Unit.values())
        .filter(u -> WORDS.get(u).matcher(plain).matches())
        .findFirst();
  }

  /** Whether a text says itself that it is a guess. */
  public static boolean about(String raw) {
    return ABOUT.matcher(simple(raw)).find();
  }

  /** Whether a text says itself that it is feet or inches. */
  public static boolean imperial(String raw) {
    String text = Mark.EITHER.plain(ABOUT.matcher(simple(raw)).replaceFirst(""));
    String whole = BARE_FRACTION.matcher(text).matches() ? "0 " + text : text;
    return feetAndInches(whole).isPresent() || inches(INCHES, whole).isPresent();
  }

  /** Whether a text says itself that it is metres, centimetres or millimetres. */
  public static boolean metric(String raw) {
    String text = Mark.EITHER.plain(ABOUT.matcher(simple(raw)).replaceFirst(""));
    Matcher word = WITH_WORD.matcher(text);
    return metresAnd(text).isPresent()
        || (word.matches() && unit(word.group(4)).filter(METRIC::contains).isPresent());
  }

  /** Whether a text says itself that it is a length. */
  public static boolean hasUnit(String raw) {
    String text = Mark.EITHER.plain(ABOUT.matcher(simple(raw)).replaceFirst(""));
    return imperial(raw) || metresAnd(text).isPresent() || withWord(text).isPresent();
  }

  /** A number with or without a unit behind it: {@code 0,24 W}, {@code 12V}. */
  public static Optional<BigDecimal> number(String raw, Mark mark) {
    Matcher m = WITH_UNIT.matcher(mark.plain(simple(raw)));
    return m.matches() ? Optional.of(new BigDecimal(m.group(1))) : Optional.empty();
  }

  /** A count, with or without marks between thousands, or a whole number with zeros behind it. */
  public static OptionalInt count(String raw) {
    String text = COUNT_WORDS.matcher(ABOUT.matcher(simple(raw)).replaceFirst("")).replaceAll("");
    Matcher times = TIMES.matcher(text);
    if (times.matches()) {
      long product = Long.parseLong(times.group(1)) * Long.parseLong(times.group(2));
      return product <= Range.PIXELS.most()
          ? OptionalInt.of(Math.toIntExact(product))
          : OptionalInt.empty();
    }
    text = text.replaceAll("[.,]0{1,2}$", "");
    if (!COUNT.matcher(text).matches()) {
      return OptionalInt.empty();
    }
    String digits = text.replaceAll("\\D", "");
    return digits.length() > 9 ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(digits));
  }

  /** Small letters without accents, primes as they are typed, fractions written out. */
  private static String simple(String raw) {
    String text =
        VULGAR
            .matcher(raw.strip())
            .replaceAll(m -> " " + Normalizer.normalize(m.group(), Normalizer.Form.NFKD))
            .replace('\u2044', '/')
            .replace('\u2032', '\'')
            .replace('\u2019', '\'')
            .replace('\u2018', '\'')
            .replace('\u2033', '"')
            .replace('\u201d', '"')
            .replace('\u201c', '"')
            .replace('\u2013', '-')
            .replace("ß", "ss");
    return Normalizer.normalize(text, Normalizer.Form.NFD)
        .replaceAll("\\p{M}", "")
        .toLowerCase(Locale.ROOT)
        .strip();
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
