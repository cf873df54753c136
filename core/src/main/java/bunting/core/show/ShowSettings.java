package bunting.core.show;

/**
 * What the whole show is designed for.
 *
 * @param name the show's name
 * @param mainsVolts volts of the mains
 * @param targetFps frames a second that every port must reach, over 0
 * @param brightnessPercent brightness designed for, 0 to 100
 * @param supplyLoadPercentMax the school of headroom: how far a supply may be loaded, 1 to 100
 * @param fuseMargin a fuse is at least this times the amps through it, at least 1
 * @param minVoltsPercent the share of its nominal volts that every pixel keeps, 1 to 100
 * @param currency the money of all prices, as it is written behind them; empty: not said
 */
public record ShowSettings(
    String name,
    double mainsVolts,
    double targetFps,
    double brightnessPercent,
    double supplyLoadPercentMax,
    double fuseMargin,
    double minVoltsPercent,
    String currency) {
  /** 230 V, 40 frames a second, full white, 80 % headroom, fuses by 1.25, 90 % least volts. */
  public static final ShowSettings DEFAULT =
      new ShowSettings("Untitled show", 230, 40, 100, 80, 1.25, 90, "");

  /** The same with another brightness, in percent. */
  public ShowSettings withBrightness(double percent) {
    return new ShowSettings(
        name,
        mainsVolts,
        targetFps,
        percent,
        supplyLoadPercentMax,
        fuseMargin,
        minVoltsPercent,
        currency);
  }

  /** The same under another name. */
  public ShowSettings withName(String other) {
    return new ShowSettings(
        other,
        mainsVolts,
        targetFps,
        brightnessPercent,
        supplyLoadPercentMax,
        fuseMargin,
        minVoltsPercent,
        currency);
  }

  /** The same with another rate. */
  public ShowSettings withTargetFps(double fps) {
    return new ShowSettings(
        name,
        mainsVolts,
        fps,
        brightnessPercent,
        supplyLoadPercentMax,
        fuseMargin,
        minVoltsPercent,
        currency);
  }

  /** The same with supplies loaded to another share. */
  public ShowSettings withSupplyLoad(double percentMax) {
    return new ShowSettings(
        name,
        mainsVolts,
        targetFps,
        brightnessPercent,
        percentMax,
        fuseMargin,
        minVoltsPercent,
        currency);
  }

  /** The same with other least volts. */
  public ShowSettings withMinVolts(double percent) {
    return new ShowSettings(
        name,
        mainsVolts,
        targetFps,
        brightnessPercent,
        supplyLoadPercentMax,
        fuseMargin,
        percent,
        currency);
  }

  /** The same with prices in another money. */
  public ShowSettings withCurrency(String other) {
    return new ShowSettings(
        name,
        mainsVolts,
        targetFps,
        brightnessPercent,
        supplyLoadPercentMax,
        fuseMargin,
        minVoltsPercent,
        other);
  }

  /** An amount of money as people read it; where the currency is not said, it says so. */
  public String money(double amount) {
    String figure = Texts.fixed(amount, 0);
    return currency.isEmpty() ? figure + " (no currency set)" : figure + " " + currency;
  }

  /** A price as people read it, in a sentence. */
  public String price(double amount) {
    return (Texts.number(amount) + " " + currency).strip();
  }
}
