package bunting.desktop.look;

import bunting.core.show.Texts;
import bunting.files.Measures;
import java.math.BigDecimal;
import java.util.Optional;

/** Lengths as the builder reads and types them: metres, or feet and inches. */
public record Lengths(boolean feet) {
  /** A length with its unit. */
  public String text(double metres) {
    return feet ? Measures.feetInches(metres) : Texts.fixed(metres, 2) + " m";
  }

  /** A round length with its unit, without needless decimals. */
  public String round(double metres) {
    return feet ? Texts.number(metres / 0.3048) + " ft" : Texts.number(metres) + " m";
  }

  /** A length to be edited, without a unit where that is metres. */
  public String plain(double metres) {
    return feet ? Measures.feetInches(metres) : Texts.number(metres);
  }

  /** What follows a field. */
  public String unit() {
    return feet ? "ft in" : "m";
  }

  /** The metres of what was typed; empty where it is no length. */
  public Optional<Double> metres(String text) {
    return Measures.metres(text, feet ? Measures.Unit.FEET : Measures.Unit.METRES)
        .map(BigDecimal::doubleValue);
  }
}
