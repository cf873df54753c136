package bunting.core.show;

/**
 * How power is planned.
 *
 * @param school where power comes into a run
 * @param everyPixels the step of the schools that have one
 * @param fromPorts whether a board's fused outputs may feed; else all comes from the distribution
 * @param limiter whether controllers are held to the brightness that is designed for; without it
 *     fuses, wires and supplies are chosen for full white
 * @param fewSizes whether wires are brought to few sizes where that costs little copper
 * @param fuses which sizes of fuse feeds get
 * @param nextSizeUp whether a supply is taken a size larger than the smallest that would do
 * @param boxLitres the volume that a supply's closed box has for each supply, litres; 0: open air
 * @param ambientCelsius the warmest air outside that box
 * @param protectBackFeed whether each feed's cable bears the fuses of all feeds of its island,
 *     which feed a fault in it from behind; else that is a note
 * @param marginPercent volts that a plan keeps above the least, percent of the nominal
 */
public record PowerWays(
    InjectionSchool school,
    int everyPixels,
    boolean fromPorts,
    boolean limiter,
    boolean fewSizes,
    FuseSizes fuses,
    boolean nextSizeUp,
    double boxLitres,
    double ambientCelsius,
    boolean protectBackFeed,
    double marginPercent) {
  /** Full white. */
  public static final double FULL_PERCENT = 100;

  /** Percent of the volts that a new show keeps above the least. */
  public static final double USUAL_MARGIN = 2;

  /**
   * Port first, from ports and distribution, with a limiter, all sizes of wire, few of fuses, 25
   * litres, 30 degC.
   */
  public static final PowerWays DEFAULT =
      new PowerWays(
          InjectionSchool.PORT_FIRST,
          150,
          true,
          true,
          false,
          FuseSizes.FEW,
          false,
          25,
          30,
          false,
          0);

  /** Whether feeds are placed and sized in the same way; heat and limiter are limits, not ways. */
  public boolean wiresLike(PowerWays other) {
    return new PowerWays(
            school,
            everyPixels,
            fromPorts,
            other.limiter,
            fewSizes,
            fuses,
            nextSizeUp,
            other.boxLitres,
            other.ambientCelsius,
            protectBackFeed,
            marginPercent)
        .equals(other);
  }

  /** The same with another school. */
  public PowerWays with(InjectionSchool other, int every) {
    return new PowerWays(
        other,
        every,
        fromPorts,
        limiter,
        fewSizes,
        fuses,
        nextSizeUp,
        boxLitres,
        ambientCelsius,
        protectBackFeed,
        marginPercent);
  }

  /** The same with or without the boards' own outputs as feeds. */
  public PowerWays withPorts(boolean may) {
    return new PowerWays(
        school,
        everyPixels,
        may,
        limiter,
        fewSizes,
        fuses,
        nextSizeUp,
        boxLitres,
        ambientCelsius,
        protectBackFeed,
        marginPercent);
  }

  /** The same with or without a limiter. */
  public PowerWays withLimiter(boolean on) {
    return new PowerWays(
        school,
        everyPixels,
        fromPorts,
        on,
        fewSizes,
        fuses,
        nextSizeUp,
        boxLitres,
        ambientCelsius,
        protectBackFeed,
        marginPercent);
  }

  /** The same with few or all sizes of wire. */
  public PowerWays withFewSizes(boolean on) {
    return new PowerWays(
        school,
        everyPixels,
        fromPorts,
        limiter,
        on,
        fuses,
        nextSizeUp,
        boxLitres,
        ambientCelsius,
        protectBackFeed,
        marginPercent);
  }

  /** The same with other sizes of fuse. */
  public PowerWays withFuses(FuseSizes sizes) {
    return new PowerWays(
        school,
        everyPixels,
        fromPorts,
        limiter,
        fewSizes,
        sizes,
        nextSizeUp,
        boxLitres,
        ambientCelsius,
        protectBackFeed,
        marginPercent);
  }

  /** The same with or without larger supplies. */
  public PowerWays withNextSizeUp(boolean on) {
    return new PowerWays(
        school,
        everyPixels,
        fromPorts,
        limiter,
        fewSizes,
        fuses,
        on,
        boxLitres,
        ambientCelsius,
        protectBackFeed,
        marginPercent);
  }

  /** The same with or without cables that bear what comes from behind. */
  public PowerWays withProtectBackFeed(boolean on) {
    return new PowerWays(
        school,
        everyPixels,
        fromPorts,
        limiter,
        fewSizes,
        fuses,
        nextSizeUp,
        boxLitres,
        ambientCelsius,
        on,
        marginPercent);
  }

  /** The same with another margin of volts. */
  public PowerWays withMargin(double percent) {
    return new PowerWays(
        school,
        everyPixels,
        fromPorts,
        limiter,
        fewSizes,
        fuses,
        nextSizeUp,
        boxLitres,
        ambientCelsius,
        protectBackFeed,
        percent);
  }

  /**
   * The most that can be sent, percent: what the limiter lets through, which is what the show is
   * designed for, or all.
   */
  public double mostSent(double designedPercent) {
    return limiter ? designedPercent : FULL_PERCENT;
  }
}
