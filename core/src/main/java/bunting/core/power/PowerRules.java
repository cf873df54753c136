package bunting.core.power;

import bunting.core.dc.Poles;
import bunting.core.show.Conductors;
import bunting.core.show.PairOhms;
import bunting.core.show.PowerWays;
import bunting.core.show.PriceList;
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
 * @param brightness what the show is designed for, percent
 * @param copper what is known of conductors
 * @param ways how power is planned
 * @param bus what a board's terminals have at the worst
 * @param prices by which feeds are searched: of building, and what comes before that
 * @param effort how hard places are looked for
 */
record PowerRules(
    double volts,
    double minVolts,
    double margin,
    double supplyAmps,
    List<Wire> wires,
    double brightness,
    Conductors copper,
    PowerWays ways,
    Poles bus,
    PriceList prices,
    Effort effort) {
  /** A guard above the least volts, so that rounding to what is shown never falls below: 10 uV. */
  private static final double GUARD_VOLTS = 1e-5;

  private static final double DROP_STEP_VOLTS = 0.02;

  /** Shows of up to so many pixels are planned with the optimum of each line. */
  private static final long EXACT_PIXELS = 20_000;

  private static final long NEAR_PIXELS = 200_000;

  /** In shows of up to so many pixels ports are dealt by prices very near the optimum. */
  private static final long CLOSE_PIXELS = 5_000;

  /** How hard places of feeds are looked for, by the size of the show. */
  enum Effort {
    /** Spread evenly from end to end. */
    EVEN,
    /** Near the optimum, in a show of many pixels. */
    NEAR,
    /** Nearer. */
    NEARER,
    /** Very near it. */
    CLOSE,
    /** The optimum. */
    EXACT
  }

  static PowerRules of(Show show, double volts) {
    double percent = show.settings().supplyLoadPercentMax();
    Conductors copper = show.wiring().conductors();
    double supply = copper.supplyVolts(volts);
    double amps =
        show.catalogue().supplyTypes().stream()
            .filter(s -> s.volts() == volts)
            .mapToDouble(s -> s.usableAmps(percent, supply))
            .max()
            .orElse(0);
    double oneSize = show.wiring().ways().fuses().amps();
    double thickest =
        show.catalogue().wires().stream().mapToDouble(Wire::fuseAmpsMax).max().orElse(0);
    List<Wire> wires =
        show.catalogue().wires().stream()
            .filter(w -> w.fuseAmpsMax() > 0 && w.fuseAmpsMax() >= Math.min(oneSize, thickest))
            .sorted(Comparator.comparingDouble(Wire::ohmsPerM).reversed().thenComparing(Wire::id))
            .toList();
    double least = volts * show.settings().minVoltsPercent() / 100;
    long pixels = pixels(show);
    return new PowerRules(
        volts,
        least,
        show.settings().fuseMargin(),
        amps,
        wires,
        show.settings().brightnessPercent(),
        copper,
        show.wiring().ways(),
        Poles.supply(supply),
        show.allotting().planning().searched(wires),
        pixels <= EXACT_PIXELS ? Effort.EXACT : pixels <= NEAR_PIXELS ? Effort.NEAR : Effort.EVEN);
  }

  /** The same where a board's input drops volts: so many amps through so many ohms at the worst. */
  PowerRules behindInput(double amps, PairOhms ohms) {
    // In whole steps, so that a few amps more on another port leave what was found here alone.
    double drop = Math.ceil(amps * ohms.loop() / DROP_STEP_VOLTS - 1e-9) * DROP_STEP_VOLTS;
    double ground = drop == 0 ? 0 : drop * ohms.ground() / ohms.loop();
    return with(ways, new Poles(supplyVolts() - drop + ground, ground), effort);
  }

  /** The same where a place near the optimum will do: the nearer, the smaller the show. */
  PowerRules quickly(long pixels) {
    Effort quick = pixels <= CLOSE_PIXELS ? Effort.CLOSE : Effort.NEARER;
    return effort == Effort.EXACT ? with(ways, bus, quick) : this;
  }

  /** How large a show is. */
  static long pixels(Show show) {
    return show.runs().stream().mapToLong(r -> r.pixels()).sum();
  }

  /** Whether quick answers are further from the optimum than those of the plan. */
  static boolean quickIsLess(Show show) {
    return pixels(show) <= EXACT_PIXELS;
  }

  /** Whether it keeps more volts than the least. */
  boolean keepsMargin() {
    return ways.marginPercent() > 0;
  }

  /** The same down to the least volts. */
  PowerRules atTheLimit() {
    return with(ways.withMargin(0), bus, effort);
  }

  private PowerRules with(PowerWays other, Poles terminals, Effort hard) {
    return new PowerRules(
        volts,
        minVolts,
        margin,
        supplyAmps,
        wires,
        brightness,
        copper,
        other,
        terminals,
        prices,
        hard);
  }

  /** What the supplies hold. */
  double supplyVolts() {
    return copper.supplyVolts(volts);
  }

  Wire thickest() {
    return wires.getLast();
  }

  /** The wire that bears the largest fuse; of equals the thickest. */
  Wire strongest() {
    return wires.stream()
        .max(Comparator.comparingDouble(Wire::fuseAmpsMax).thenComparing(Wire::copperMm2))
        .orElseThrow();
  }

  /** Brightness that fuses, wires and supplies are chosen for, percent. */
  double fusedBrightness() {
    return ways.mostSent(brightness);
  }

  /** The least volts that a search aims for: with a guard where the limit leaves room for one. */
  double aimVolts() {
    double margin = volts * ways.marginPercent() / 100;
    return Math.min(minVolts + Math.max(margin, GUARD_VOLTS), volts);
  }

  /** What of the most amps that can be sent flow at the brightness that is designed for. */
  double designedShare(Stretch stretch) {
    double most = stretch.nominalAmps(fusedBrightness());
    return most <= 0 ? 1 : Math.min(1, stretch.nominalAmps(brightness) / most);
  }

  /** Whether volts are enough. */
  boolean enough(double v) {
    return v >= aimVolts();
  }

  /** Kinds of supply for some volts, smallest first. */
  static List<SupplyType> suppliesFor(Show show, double volts) {
    return show.catalogue().supplyTypes().stream()
        .filter(s -> s.volts() == volts)
        .sorted(Comparator.comparingDouble(SupplyType::watts).thenComparing(SupplyType::id))
        .toList();
  }
}
