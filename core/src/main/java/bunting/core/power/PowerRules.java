package bunting.core.power;

import bunting.core.show.Show;
import bunting.core.show.SupplyType;
import bunting.core.show.Wire;
import java.util.Comparator;
import java.util.List;

/**
 * What every island of one voltage must keep.
 *
 * @param volts nominal volts
 * @param minVolts least volts at a pixel
 * @param margin fuse margin
 * @param supplyAmps most amps of one island: what the largest supply of these volts may be loaded
 *     with
 * @param wires the wires that a fuse may protect, thinnest first
 */
record PowerRules(
    double volts, double minVolts, double margin, double supplyAmps, List<Wire> wires) {
  /** A guard above the least volts, so that rounding to what is shown never falls below: 10 uV. */
  private static final double GUARD_VOLTS = 1e-5;

  static PowerRules of(Show show, double volts) {
    double percent = show.settings().supplyLoadPercentMax();
    double watts =
        show.catalogue().supplyTypes().stream()
            .filter(s -> s.volts() == volts)
            .mapToDouble(s -> s.usableWatts(percent))
            .max()
            .orElse(0);
    List<Wire> wires =
        show.catalogue().wires().stream()
            .filter(w -> w.fuseAmpsMax() > 0)
            .sorted(Comparator.comparingDouble(Wire::ohmsPerM).reversed().thenComparing(Wire::id))
            .toList();
    double least = volts * show.settings().minVoltsPercent() / 100;
    return new PowerRules(volts, least, show.settings().fuseMargin(), watts / volts, wires);
  }

  /** Whether volts are enough, with a guard where the limit leaves room for one. */
  boolean enough(double v) {
    return v >= Math.min(minVolts + GUARD_VOLTS, volts);
  }

  /** Kinds of supply for some volts, smallest first. */
  static List<SupplyType> suppliesFor(Show show, double volts) {
    return show.catalogue().supplyTypes().stream()
        .filter(s -> s.volts() == volts)
        .sorted(Comparator.comparingDouble(SupplyType::watts).thenComparing(SupplyType::id))
        .toList();
  }
}
