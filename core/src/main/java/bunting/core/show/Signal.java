package bunting.core.show;

/** The kind of data signal a pixel reads. A port carries one kind. */
public enum Signal {
  /** 800 kbit/s on one wire. */
  ONE_WIRE_800K("one-wire-800k", 1.25, 5),
  /** 400 kbit/s on one wire. */
  ONE_WIRE_400K("one-wire-400k", 2.5, 8),
  /** Data and clock, 1 Mbit/s. */
  CLOCKED("clocked", 1.0, 3);

  private final String id;
  private final double bitMicros;
  private final double bareLeadM;

  Signal(String id, double bitMicros, double bareLeadM) {
    this.id = id;
    this.bitMicros = bitMicros;
    this.bareLeadM = bareLeadM;
  }

  /** The name used in files. */
  public String id() {
    return id;
  }

  /** Time of one bit on the wire in microseconds. */
  public double bitMicros() {
    return bitMicros;
  }

  /**
   * The longest lead before a pixel that works without help, metres: common practice (3 to 5 m for
   * one wire; slower bits go further, a clock beside the data less far).
   */
  public double bareLeadM() {
    return bareLeadM;
  }
}
