package bunting.core.units;

import bunting.core.limits.Range;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import java.math.BigDecimal;
import java.util.Optional;

/** Lengths as the builder reads and types them: metres, or feet and inches. */
public record Lengths(boolean feet) {
  private static final double METRES_A_FOOT = 0.3048;

  /** Those of a show. */
  public static Lengths of(Show show) {
    return new Lengths(show.survey().feet());
  }

  /** A length with its unit. */
  public String text(double metres) {
    return feet ? feetInches(metres) : Texts.fixed(metres, 2) + " m";
  }

  /** A length of cable with its unit: to a decimetre, or to a foot. */
  public String rough(double metres) {
    return feet ? Texts.fixed(metres / METRES_A_FOOT, 0) + " ft" : Texts.fixed(metres, 1) + " m";
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
