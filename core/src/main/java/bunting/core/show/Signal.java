package bunting.core.show;

/** The kind of data signal a pixel reads. A port carries one kind. */
public enum Signal {
  /** 800 kbit/s on one wire. */
  ONE_WIRE_800K("one-wire-800k", 1.25),
  /** 400 kbit/s on one wire. */
  ONE_WIRE_400K("one-wire-400k", 2.5),
  /** Data and clock, 1 Mbit/s. */
  CLOCKED("clocked", 1.0);

  private final String id;
  private final double bitMicros;

  Signal(String id, double bitMicros) {
    this.id = id;
    this.bitMicros = bitMicros;
  }

  /** The name used in files. */
  public String id() {
    return id;
  }

  /** Time of one bit on the wire in microseconds. */
  public double bitMicros() {
    return bitMicros;
  }
}
