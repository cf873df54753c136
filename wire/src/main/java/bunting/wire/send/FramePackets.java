package bunting.wire.send;

import bunting.core.patch.LightMap;
import bunting.core.show.Protocol;
import java.util.List;
import java.util.UUID;

/** The packets of a frame, one after the other. Each is valid until the next is asked for. */
public interface FramePackets {
  /** How many a frame has. */
  int count();

  /** A packet of a frame, from 0; its sequence number goes on. */
  byte[] packet(int index, byte[] frame);

  /** Where a packet belongs: its universe; 0 where it has none. Some have boxes instead. */
  int target(int index);

  /** How often the packets that say good-bye are sent; 0: a black frame says it. */
  int farewells();

  /** A packet that says good-bye. */
  byte[] farewell(int index, byte[] frame);

  /**
   * What the source tells of itself now and then; nothing where it goes to known machines alone.
   */
  default List<byte[]> announcements() {
    return List.of();
  }

  /** Those of a protocol. */
  static FramePackets of(Protocol protocol, LightMap map, UUID cid) {
    return switch (protocol) {
      case SACN -> new SacnFrames(map, cid);
      case ARTNET -> new ArtNetFrames(map);
      case DDP -> new DdpFrames(map);
    };
  }

  /** The universes of a map that a protocol cannot number. */
  static List<Integer> beyond(Protocol protocol, LightMap map) {
    return java.util.stream.IntStream.range(0, map.universes())
        .map(map::universe)
        .filter(u -> protocol != Protocol.DDP && u > protocol.universeMax())
        .boxed()
        .toList();
  }
}
