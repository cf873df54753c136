package bunting.files;

import bunting.core.dc.LineSolution;
import java.util.ArrayList;
import java.util.List;

/** The answer of {@code drop} as JSON. */
public final class DropWriter {
  private DropWriter() {}

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
