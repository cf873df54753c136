package bunting.core.faults;

import bunting.core.addressing.SlotCursor;
import bunting.core.patch.LightMap;
import bunting.core.show.ControllerType;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a board does with more than it takes: it drives the first pixels of a port and listens to
 * the lowest universes; the rest stays dark. A plan keeps to that, unless somebody holds it beyond.
 */
final class BoxLimits {
  private final Map<String, Integer> pixels = new HashMap<>();

  /** Universes of a frame that a box with too many listens to, by the box's place. */
  private final Map<Integer, BitSet> heard = new HashMap<>();

  BoxLimits(Layout layout) {
    Map<String, ControllerType> types = layout.reading().show().catalogue().controllerTypesById();
    Map<String, ControllerType> placed = new HashMap<>();
    for (var c : layout.reading().decisions().controllers()) {
      ControllerType type = types.get(c.controller().type());
      if (type != null) {
        placed.put(c.controller().id(), type);
        pixels.put(c.controller().id(), type.pixelsPerPortMax());
      }
    }
    LightMap map = layout.map();
    for (int b = 0; b < map.boxes().size(); b++) {
      List<Integer> universes = map.boxes().get(b).universes();
      ControllerType type = placed.get(map.boxes().get(b).id());
      if (type != null && universes.size() > type.universesMax()) {
        BitSet own = new BitSet();
        universes.stream().limit(type.universesMax()).forEach(u -> own.set(map.universeIndex(u)));
        heard.put(b, own);
      }
    }
  }

  /** How many pixels a port of a box drives. */
  int pixels(String controller) {
    return pixels.getOrDefault(controller, Integer.MAX_VALUE);
  }

  /** Whether a box, by its place, takes a slot of a frame. */
  boolean hears(int box, int slot) {
    BitSet own = heard.get(box);
    return own == null || own.get(slot / SlotCursor.SLOTS);
  }
}
