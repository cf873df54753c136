package bunting.wire;

import bunting.core.addressing.SlotRow;
import bunting.core.patch.LightMap;
import bunting.core.patch.LightPiece;
import java.util.ArrayList;
import java.util.List;

/** Maps of lights, small enough to be written down. */
public final class Maps {
  private Maps() {}

  /** A piece of so many pixels on port {@code port} of box {@code box}, from a slot on. */
  public static LightPiece piece(
      String run, int box, int port, int pixels, String order, int universe, int slot) {
    int channels = order.length();
    List<SlotRow> rows = new ArrayList<>();
    int pixel = 1;
    int u = universe;
    int s = slot;
    while (pixel <= pixels) {
      int count = Math.min(pixels - pixel + 1, (512 - s + 1) / channels);
      rows.add(new SlotRow(u, s, s + count * channels - 1, pixel, pixel + count - 1));
      pixel += count;
      u++;
      s = 1;
    }
    return new LightPiece(
        run, run, box, port, 1, 1, pixels, channels, order, 1, false, rows, List.of(1, pixels));
  }

  /** Two boxes: 200 GRB and 10 RGBW pixels on the ports of one, 30 RGB on the other. */
  public static LightMap mill() {
    return new LightMap(
        List.of(new LightMap.Place("C1", "10.0.0.1"), new LightMap.Place("C2", "10.0.0.2")),
        List.of(
            piece("Paddle", 0, 1, 200, "GRB", 5, 1),
            piece("Lamp", 0, 2, 10, "RGBW", 6, 91),
            piece("Weir", 1, 1, 30, "RGB", 9, 400)));
  }
}
