package bunting.core.show;

/** How a pixel's current answers to its voltage. */
public enum LoadKind {
  /** Nominal current at any voltage: plain chips with linear sinks. */
  CONSTANT_CURRENT("constant-current"),
  /** Nominal power: pixels with a switching converter; the current rises as the volts fall. */
  CONSTANT_POWER("constant-power"),
  /** Current in proportion to the voltage: pixels with resistors. */
  RESISTIVE("resistive"),
  /**
   * Constant current for each colour until that colour's headroom is gone, then less: what the far
   * end of a strip does when white turns yellow and orange.
   */
  HEADROOM("headroom");

  private final String id;

  LoadKind(String id) {
    this.id = id;
  }

  /** The name used in files. */
  public String id() {
    return id;
  }
}
