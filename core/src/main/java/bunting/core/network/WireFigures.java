package bunting.core.network;

import bunting.core.show.Protocol;

/** Sizes of what goes over the network. All from memory of the published texts. */
public final class WireFigures {
  /**
   * E1.31 data packet of a full universe: 126 bytes before 512 slots (ANSI E1.31-2018, table 4-1).
   */
  public static final int SACN_BYTES = 638;

  /** ArtDmx of a full universe: 18 bytes before 512 slots (Art-Net 4, ArtDmx). */
  public static final int ARTNET_BYTES = 530;

  /** DDP header without time code, and the most data in one packet. */
  public static final int DDP_HEADER = 10;

  /** Most bytes of data in a DDP packet: 480 RGB pixels. */
  public static final int DDP_DATA = 1440;

  /**
   * What a datagram takes on Ethernet besides itself: UDP 8, IPv4 20, Ethernet 18, preamble 8, gap
   * 12 bytes (IEEE 802.3).
   */
  public static final int ETHERNET_BYTES = 66;

  private WireFigures() {}

  /**
   * Full universes that a link carries at a rate.
   *
   * @param megabits a second that it is trusted with
   */
  public static int universes(Protocol protocol, double megabits, double fps) {
    double each = bits(protocol, 1, 512) * fps;
    return (int) Math.min(63_999, Math.floor(megabits * 1e6 / each));
  }

  /** The group of a universe: 239.255, then its high and its low byte (ANSI E1.31-2018, 9.3.1). */
  public static String multicast(int universe) {
    return "239.255." + (universe >> 8) + "." + (universe & 255);
  }

  /** Net, sub-net and universe of a 15-bit port-address (Art-Net 4). */
  public static String portAddress(int universe) {
    return (universe >> 8) + ":" + (universe >> 4 & 15) + ":" + (universe & 15);
  }

  /** Packets of a frame. */
  static int packets(Protocol protocol, int universes, long bytes) {
    return switch (protocol) {
      case SACN, ARTNET -> universes;
      case DDP -> (int) ((bytes + DDP_DATA - 1) / DDP_DATA);
    };
  }

  /** Bits of a frame on Ethernet. */
  static double bits(Protocol protocol, int universes, long bytes) {
    int packets = packets(protocol, universes, bytes);
    long payload =
        switch (protocol) {
          case SACN -> (long) universes * SACN_BYTES;
          case ARTNET -> (long) universes * ARTNET_BYTES;
          case DDP -> bytes + (long) packets * DDP_HEADER;
        };
    return (payload + (long) packets * ETHERNET_BYTES) * 8.0;
  }
}
