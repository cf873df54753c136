package bunting.core.ports;

import bunting.core.show.Point;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What it costs to wire boxes as they are filled: what the ports must ask of the power without
 * knowing it.
 */
public interface PlanPrice {
  /** A box as it would be wired. The box is not changed. Boxes are wired side by side. */
  Wired wire(BoxLoad box);

  /** Price of the supplies that these boxes want together. */
  double supplies(List<Wired> boxes);

  /** The same as exactly as the plan will be wired, where this is only near that. */
  default PlanPrice exactly() {
    return this;
  }

  /**
   * What wiring a box takes.
   *
   * @param at where it stands
   * @param price of leads, feeds, ways and work
   * @param metres of all leads and feeds
   * @param feeds how many besides the ports' own
   * @param copper of conductors that carry power, mm2 m
   * @param unpowered pixels of runs that cannot be powered from there
   * @param watts by volts: of each load that must hang on one supply, heaviest first
   */
  record Wired(
      Point at,
      double price,
      double metres,
      int feeds,
      double copper,
      long unpowered,
      Map<Double, List<Double>> watts) {
    public Wired {
      watts = java.util.Collections.unmodifiableMap(new TreeMap<>(watts));
    }

    /** Nothing on it. */
    public static Wired nothing(BoxLoad box) {
      return new Wired(box.controller().at(), 0, 0, 0, 0, 0, Map.of());
    }
  }
}
