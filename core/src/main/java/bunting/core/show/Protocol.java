package bunting.core.show;

/** What carries the slots over the network. */
public enum Protocol {
  /** ANSI E1.31, universes 1 to 63999. */
  SACN("sacn", 63999),
  /** Art-Net, port-address = universe number, 15 bits. */
  ARTNET("artnet", 32767),
  /** DDP, numbered by byte offset; universes are written all the same. */
  DDP("ddp", 63999);

  private final String id;
  private final int universeMax;

  Protocol(String id, int universeMax) {
    this.id = id;
    this.universeMax = universeMax;
  }

  /** The name used in files. */
  public String id() {
    return id;
  }

  /** The highest universe number that may be used. */
  public int universeMax() {
    return universeMax;
  }
}
