package bunting.wire.send;

import bunting.core.patch.LightMap;
import bunting.core.patch.LightPiece;
import bunting.core.show.Protocol;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/**
 * A frame for boxes that each have an address of their own: every box gets its universes, or its
 * bytes counted from 0, and nobody else's. The target of a packet is the place of its box.
 */
public final class BoxPackets implements FramePackets {
  private record Place(int box, FramePackets packets, int index) {}

  private final List<Place> places = new ArrayList<>();
  private final List<Own> owns = new ArrayList<>();
  private final int farewells;

  /** The lights of one box, and where its universes are in the frame of all. */
  private record Own(LightMap map, List<Integer> from) {}

  /**
   * Packets of a map.
   *
   * @param cid who sends
   */
  public BoxPackets(Protocol protocol, LightMap map, UUID cid) {
    int most = 0;
    for (int box = 0; box < map.boxes().size(); box++) {
      int at = box;
      List<LightPiece> pieces = map.pieces().stream().filter(p -> p.box() == at).toList();
      List<LightMap.Place> all =
          map.boxes().stream().map(b -> new LightMap.Place(b.id(), b.address())).toList();
      LightMap own = new LightMap(all, pieces);
      List<Integer> from = new ArrayList<>();
      for (int u = 0; u < own.universes(); u++) {
        from.add(map.universeIndex(own.universe(u)));
      }
      owns.add(new Own(own, from));
      FramePackets packets = FramePackets.of(protocol, own, cid);
      most = Math.max(most, packets.farewells());
      boolean addressed = !map.boxes().get(box).address().isEmpty();
      for (int i = 0; addressed && i < packets.count(); i++) {
        places.add(new Place(box, packets, i));
      }
    }
    this.farewells = most;
  }

  private byte[] own(Place place, byte[] frame) {
    Own own = owns.get(place.box());
    byte[] slots = new byte[own.map().frameBytes()];
    int universe = slots.length / Math.max(1, own.from().size());
    for (int u = 0; u < own.from().size(); u++) {
      System.arraycopy(frame, own.from().get(u) * universe, slots, u * universe, universe);
    }
    return slots;
  }

  @Override
  public int count() {
    return places.size();
  }

  @Override
  public byte[] packet(int index, byte[] frame) {
    Place place = places.get(index);
    return place.packets().packet(place.index(), own(place, frame));
  }

  @Override
  public int target(int index) {
    return places.get(index).box();
  }

  @Override
  public int farewells() {
    return farewells;
  }

  @Override
  public byte[] farewell(int index, byte[] frame) {
    Place place = places.get(index);
    return place.packets().farewell(place.index(), own(place, frame));
  }
}
