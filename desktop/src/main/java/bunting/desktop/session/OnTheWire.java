package bunting.desktop.session;

import java.util.Map;

/**
 * What comes over the wire at the moment, as pixels show it.
 *
 * @param text what it is, for a legend
 * @param rgb of each pixel of a run, 0xRRGGBB, by the run's name
 */
public record OnTheWire(String text, Map<String, int[]> rgb) {
  public OnTheWire {
    rgb = Map.copyOf(rgb);
  }
}
