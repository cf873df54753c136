package bunting.wire.send;

import bunting.core.addressing.SlotCursor;
import bunting.core.patch.LightMap;
import bunting.wire.packet.Sacn;
import java.util.UUID;

/** Full universes by ANSI E1.31; at the end three packets on each that say so (6.2.6). */
final class SacnFrames implements FramePackets {
  private static final int FAREWELLS = 3;

  private final LightMap map;
  private final byte[] packet;
  private final int[] sequence;

  SacnFrames(LightMap map, UUID cid) {
    this.map = map;
    this.sequence = new int[map.universes()];
    byte[] none = new byte[SlotCursor.SLOTS];
    packet = Sacn.data(cid, Sender.NAME, Sacn.PRIORITY, 1, 0, 0, none, 0, none.length);
  }

  @Override
  public int count() {
    return map.universes();
  }

  @Override
  public byte[] packet(int index, byte[] frame) {
    return next(index, frame, 0);
  }

  @Override
  public int target(int index) {
    return map.universe(index);
  }

  @Override
  public int farewells() {
    return FAREWELLS;
  }

  @Override
  public byte[] farewell(int index, byte[] frame) {
    return next(index, frame, Sacn.TERMINATED);
  }

  private byte[] next(int index, byte[] frame, int options) {
    int from = index * SlotCursor.SLOTS;
    Sacn.renew(packet, map.universe(index), sequence[index], options, frame, from);
    sequence[index] = sequence[index] + 1 & 0xff;
    return packet;
  }
}
