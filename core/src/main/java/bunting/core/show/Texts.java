package bunting.core.show;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as people read them, the same everywhere. */
public final class Texts {
  private Texts() {}

  /** Without needless decimals: 5, 7.5, 0.04. At most three decimals. */
  public static String number(double value) {
    BigDecimal rounded =
        BigDecimal.valueOf(value).setScale(3, RoundingMode.HALF_UP).stripTrailingZeros();
    return rounded.signum() == 0 ? "0" : rounded.toPlainString();
  }

  /** With exactly so many decimals. */
  public static String fixed(double value, int decimals) {
    return BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP).toPlainString();
  }

  /** So many of something: {@code 1 box}, {@code 2 boxes}. */
  public static String count(long n, String one, String many) {
    return n + " " + (n == 1 ? one : many);
  }
}
