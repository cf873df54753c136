package bunting.core.loads;

import java.util.ArrayList;
import java.util.List;

/**
 * Bulb strings on the mains both ways round: bulbs to amps, and amps to bulbs. Amps are watts by
 * 110/120 of the mains, to be on the safe side (common practice).
 */
public final class BulbSums {
  /**
   * Over so much line the far bulbs of mains strings are plainly dimmer, metres (common practice).
   */
  public static final double EVEN_METRES = 150;

  /** Volts that watts are divided by, of the mains volts. */
  public static final double SAFE_SHARE = 110.0 / 120;

  private static final double ROUNDING = 1e-9;

  private BulbSums() {}

  /** Amps of so many bulbs. */
  public static double amps(double bulbs, double wattsPerBulb, double mainsVolts) {
    return bulbs * wattsPerBulb / (mainsVolts * SAFE_SHARE);
  }

  /** The most bulbs behind one cord of so many amps. */
  public static int bulbs(double cordAmps, double wattsPerBulb, double mainsVolts) {
    double most = cordAmps * mainsVolts * SAFE_SHARE / wattsPerBulb;
    return (int) Math.min(Integer.MAX_VALUE, Math.floor(most + ROUNDING));
  }

  /**
   * A feed of a long line.
   *
   * @param firstBulb from 1
   * @param startM where it begins, metres along the line
   * @param because it begins here: the cord was full, or the line too long for even light
   */
  public record Feed(
      int firstBulb, int lastBulb, double startM, double amps, double lengthM, Because because) {}

  /** Why a feed begins where it does. */
  public enum Because {
    START,
    CORD_FULL,
    TOO_LONG
  }

  /**
   * A line of bulbs in one feed after the other, each as long as its cord bears and light is even.
   *
   * @param spacingM from bulb to bulb, metres; 0: not known
   * @return empty where the cord does not bear even one
   */
  public static List<Feed> line(
      int bulbs, double wattsPerBulb, double cordAmps, double mainsVolts, double spacingM) {
    int byCord = bulbs(cordAmps, wattsPerBulb, mainsVolts);
    int byLength =
        spacingM > 0
            ? (int) Math.min(Integer.MAX_VALUE - 1, Math.floor(EVEN_METRES / spacingM + ROUNDING))
                + 1
            : Integer.MAX_VALUE;
    int each = Math.min(byCord, byLength);
    List<Feed> feeds = new ArrayList<>();
    if (each < 1) {
      return feeds;
    }
    for (int first = 1; first <= bulbs; first += each) {
      int last = (int) Math.min(bulbs, (long) first + each - 1);
      Because because =
          first == 1 ? Because.START : byCord <= byLength ? Because.CORD_FULL : Because.TOO_LONG;
      feeds.add(
          new Feed(
              first,
              last,
              (first - 1) * spacingM,
              amps(last - first + 1, wattsPerBulb, mainsVolts),
              (last - first) * spacingM,
              because));
      if (last == bulbs) {
        break;
      }
    }
    return feeds;
  }
}
