package bunting.core.units;

import bunting.core.limits.Range;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import java.math.BigDecimal;
import java.util.Optional;

/** Lengths as the builder reads and types them: metres, or feet and inches. */
public record Lengths(boolean feet) {
  private static final double METRES_A_FOOT = 0.3048;
  private static final long INCHES = 12;
  private static final long ROUGH_FEET = 30;

  /** Those of a show. */
  public static Lengths of(Show show) {
    return new Lengths(show.survey().feet());
  }

  /** A length with its unit. */
  public String text(double metres) {
    return feet ? feetInches(metres) : Texts.fixed(metres, 2) + " m";
  }

  /** A length of cable with its unit: to a decimetre, or to an inch, over 30 feet to a foot. */
  public String rough(double metres) {
    if (!feet) {
      return Texts.fixed(metres, 1) + " m";
    }
    long inches = Math.round(metres / METRES_A_FOOT * INCHES);
    return inches > ROUGH_FEET * INCHES
        ? Math.round(metres / METRES_A_FOOT) + " ft"
        : inches / INCHES + "'" + inches % INCHES + "\"";
  }

  /** A length of all cable together, to a metre or a foot. */
  public String cable(double metres) {
    return bare(metres, 0) + " " + head();
  }

  /** So much a length: ohms, pixels. */
  public String per(double perMetre, int decimals, String unit) {
    return feet
        ? Texts.fixed(perMetre * METRES_A_FOOT, decimals) + " " + unit + "/ft"
        : Texts.fixed(perMetre, decimals) + " " + unit + "/m";
  }

  /** A length in the unit that a column is headed by. */
  public String bare(double metres, int decimals) {
    return Texts.fixed(feet ? metres / METRES_A_FOOT : metres, decimals);
  }

  /** What heads a column of {@link #bare} lengths. */
  public String head() {
    return feet ? "ft" : "m";
  }

  /** A round length with its unit, without needless decimals. */
  public String round(double metres) {
    return feet ? Texts.number(metres / METRES_A_FOOT) + " ft" : Texts.number(metres) + " m";
  }

  /** A length to be edited, without a unit where that is metres. */
  public String plain(double metres) {
    return feet ? feetInches(metres) : Texts.number(metres);
  }

  private static String feetInches(double metres) {
    return metres < 0 ? "-" + Measures.feetInches(-metres) : Measures.feetInches(metres);
  }

  /** What follows a field. */
  public String unit() {
    return feet ? "ft in" : "m";
  }

  /** The metres of what was typed, also under zero; empty where it is no length. */
  public Optional<Double> metres(String text) {
    String bare = text.strip();
    return bare.startsWith("-") ? sized(bare.substring(1)).map(m -> -m) : sized(bare);
  }

  private Optional<Double> sized(String text) {
    return Measures.metres(text, feet ? Measures.Unit.FEET : Measures.Unit.METRES)
        .map(BigDecimal::doubleValue);
  }

  /** What to say where no length in a range of metres was typed. */
  public String wanted(Range range) {
    String example = feet ? "12'6\"" : "3.5";
    return range.most() >= Range.LENGTH.most()
        ? "Give a length, such as " + example + "."
        : "Give a length, such as " + example + ", to " + round(range.most()) + ".";
  }
}
