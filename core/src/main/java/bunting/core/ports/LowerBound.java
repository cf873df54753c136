package bunting.core.ports;

import bunting.core.show.ControllerType;
import bunting.core.show.PixelType;
import bunting.core.show.Show;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A number of controllers that no plan of the same placed runs undercuts: for each voltage (a bank
 * has one) the pixels, the time on the wire and the slots, each divided by the most that any one
 * controller of that voltage holds.
 */
final class LowerBound {
  /** A quotient this little above a whole number is that number. */
  private static final double ROUNDING = 1e-9;

  private LowerBound() {}

  static int of(Show show, List<BoxLoad> boxes) {
    if (show.controllers().isPresent()) {
      return show.controllers().get().size();
    }
    Map<Double, double[]> demand = new TreeMap<>(); // volts -> pixels, microseconds, slots
    for (BoxLoad box : boxes) {
      for (PortLoad port : box.ports()) {
        for (Piece piece : port.pieces()) {
          PixelType type = piece.type();
          double[] sum = demand.computeIfAbsent(type.volts(), v -> new double[3]);
          sum[0] += piece.pixels();
          sum[1] += piece.pixels() * type.wireMicros();
          sum[2] += piece.pixels() * (double) type.channels() / piece.run().fitting().grouping();
        }
      }
    }
    double budget = PortRules.budgetMicros(show.settings().targetFps());
    int bound = 0;
    for (Map.Entry<Double, double[]> entry : demand.entrySet()) {
      double[] most = new double[3];
      for (ControllerType type : show.catalogue().controllerTypes()) {
        if (type.takes(entry.getKey())) {
          most[0] = Math.max(most[0], type.ports() * (double) type.pixelsPerPortMax());
          most[1] = Math.max(most[1], type.ports() * budget);
          most[2] = Math.max(most[2], type.universesMax() * 512.0);
        }
      }
      double[] sum = entry.getValue();
      double needed = Math.max(sum[0] / most[0], Math.max(sum[1] / most[1], sum[2] / most[2]));
      bound += Math.max(1, (int) Math.ceil(needed - ROUNDING));
    }
    return bound;
  }
}
