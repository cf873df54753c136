package bunting.wire.send;

import bunting.core.addressing.SlotCursor;
import bunting.core.patch.LightMap;
import bunting.wire.packet.ArtNet;

/** Full universes as ArtDmx, the port-address being the universe's number. */
final class ArtNetFrames implements FramePackets {
  private static final int SEQUENCE_MAX = 255;

  private final LightMap map;
  private final byte[] packet;
  private final int[] sequence;

  ArtNetFrames(LightMap map) {
    this.map = map;
    this.sequence = new int[map.universes()];
    byte[] none = new byte[SlotCursor.SLOTS];
    packet = ArtNet.dmx(1, 1, none, 0, none.length);
  }

  @Override
  public int count() {
    return map.universes();
  }

  @Override
  public byte[] packet(int index, byte[] frame) {
    sequence[index] = sequence[index] % SEQUENCE_MAX + 1;
    int from = index * SlotCursor.SLOTS;
    ArtNet.renew(packet, map.universe(index), sequence[index], frame, from);
    return packet;
  }

  @Override
  public int target(int index) {
    return map.universe(index);
  }

  @Override
  public int farewells() {
    return 0;
  }

  @Override
  public byte[] farewell(int index, byte[] frame) {
    return packet(index, frame);
  }
}
