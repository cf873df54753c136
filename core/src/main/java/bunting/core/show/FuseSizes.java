package bunting.core.show;

/**
 * Which sizes of fuse feeds get; practitioners differ. Some fit each to its load, most stock one
 * size and choose wires that bear it (common practice, no source).
 */
public enum FuseSizes {
  /** Each the next size above its load. */
  EACH("each", "each by its load", 0),
  /** As few sizes as open before wires mind that were chosen without regard to it. */
  FEW("few", "few sizes", 0),
  /** One size, and no wire that does not bear it; larger only where a load asks for it. */
  FIVE("5A", "5 A in all", 5),
  SEVEN_AND_A_HALF("7.5A", "7.5 A in all", 7.5),
  TEN("10A", "10 A in all", 10);

  private final String id;
  private final String text;
  private final double amps;

  FuseSizes(String id, String text, double amps) {
    this.id = id;
    this.text = text;
    this.amps = amps;
  }

  /** The name used in files. */
  public String id() {
    return id;
  }

  /** As people read it. */
  public String text() {
    return text;
  }

  /** The one size, amps; 0: not one. */
  public double amps() {
    return amps;
  }
}
