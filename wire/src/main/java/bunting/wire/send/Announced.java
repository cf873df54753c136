package bunting.wire.send;

import bunting.core.patch.LightMap;
import bunting.wire.packet.Sacn;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/**
 * Universes that go to groups, with the source telling every ten seconds what it sends (ANSI
 * E1.31-2018, 8 and 4.3: universe discovery, 512 universes a page).
 */
public final class Announced implements FramePackets {
  private final FramePackets packets;
  private final List<byte[]> pages = new ArrayList<>();

  /** The packets of a map by ANSI E1.31, and its pages. */
  public Announced(LightMap map, UUID cid) {
    this.packets = new SacnFrames(map, cid);
    int last = (map.universes() - 1) / Sacn.DISCOVERY_PAGE;
    for (int page = 0; page <= last; page++) {
      List<Integer> own = new ArrayList<>();
      int end = Math.min(map.universes(), (page + 1) * Sacn.DISCOVERY_PAGE);
      for (int u = page * Sacn.DISCOVERY_PAGE; u < end; u++) {
        own.add(map.universe(u));
      }
      pages.add(Sacn.discovery(cid, Sender.NAME, page, last, own));
    }
  }

  @Override
  public List<byte[]> announcements() {
    return pages;
  }

  @Override
  public int count() {
    return packets.count();
  }

  @Override
  public byte[] packet(int index, byte[] frame) {
    return packets.packet(index, frame);
  }

  @Override
  public int target(int index) {
    return packets.target(index);
  }

  @Override
  public int farewells() {
    return packets.farewells();
  }

  @Override
  public byte[] farewell(int index, byte[] frame) {
    return packets.farewell(index, frame);
  }
}
