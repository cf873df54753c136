package bunting.files;

import bunting.core.dc.LineSolution;
import bunting.core.show.PixelType;
import bunting.core.show.Wire;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/** The answer of {@code drop} as JSON, and its question as it is typed. */
public final class DropWriter {
  /** Of a typed number: a micrometre, a nanoamp. */
  private static final int DECIMALS = 6;

  private DropWriter() {}

  /**
   * The command that solves a line of a type with these feeds, as it is typed; numbers to a
   * millionth, so that it answers what is known already.
   *
   * @param milliamps of a pixel
   * @param feedAt pixel indices, from 0
   * @param feedM metres of each feed's cable
   */
  public static String command(
      PixelType type, int pixels, double milliamps, int[] feedAt, double[] feedM, Wire wire) {
    StringBuilder text = new StringBuilder("./bunting drop --volts ");
    text.append(full(type.volts()))
        .append(" --pixels ")
        .append(pixels)
        .append(" --pitch ")
        .append(full(type.pitchPerM()))
        .append(" --ma ")
        .append(full(milliamps))
        .append(" --load ")
        .append(type.load().id())
        .append(" --rail-ohms-per-m ")
        .append(full(type.railOhmsPerM()));
    for (int f = 0; f < feedAt.length; f++) {
      text.append(" --feed ")
          .append(feedAt[f] + 1)
          .append(',')
          .append(full(feedM[f]))
          .append(',')
          .append(wire.id());
    }
    return text.toString();
  }

  private static String full(double value) {
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(DECIMALS, RoundingMode.HALF_UP);
    return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
  }

  /**
   * @param solution the solved line
   * @param feedAt pixel indices of its feeds, from 0
   * @param supplyVolts what the supply holds
   */
  public static String write(LineSolution.Stands solution, int[] feedAt, double supplyVolts) {
    return Json.text(
        Json.document(
            json -> {
              List<Double> volts = new ArrayList<>();
              for (int i = 0; i < solution.volts().size(); i++) {
                volts.add(solution.volts().at(i));
              }
              json.numbers("volts", volts);
              json.put("minVolts", solution.volts().lowest());
              json.put("minAtPixel", solution.volts().lowestIndex() + 1);
              List<Integer> feeds = new ArrayList<>();
              for (int f = 0; f < feedAt.length; f++) {
                feeds.add(f);
              }
              json.list(
                  "feeds",
                  feeds,
                  (j, f) -> j.put("atPixel", feedAt[f] + 1).put("amps", solution.feedAmps().at(f)));
              json.put("totalAmps", solution.totalAmps());
              json.put("totalWatts", solution.totalAmps() * supplyVolts);
            }));
  }
}
