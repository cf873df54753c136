package bunting.core.meter;

import bunting.core.assess.Consequence;
import bunting.core.assess.Supposition;
import bunting.core.island.Alteration;
import bunting.core.island.Brightness;
import bunting.core.patch.LightMap;
import bunting.core.pattern.Painter;
import bunting.core.pattern.Pattern;
import java.util.HashMap;
import java.util.Map;

/** What the lights draw while something is sent: from levels to percents. */
public final class Sent {
  private static final double[] IDLE = {0};

  private final LightMap map;
  private final Map<String, double[]> percents = new HashMap<>();
  private final double brightnessPercent;

  /**
   * Of a frame.
   *
   * @param brightnessPercent to which all levels are dimmed
   */
  public Sent(LightMap map, byte[] frame, double brightnessPercent) {
    this.map = map;
    this.brightnessPercent = brightnessPercent;
    for (int p = 0; p < map.pieces().size(); p++) {
      percents.put(map.pieces().get(p).segment(), map.percents(frame, p, brightnessPercent / 100));
    }
  }

  /** Of the first frame of a pattern. */
  public static Sent of(LightMap map, Pattern pattern, double brightnessPercent) {
    byte[] frame = new byte[map.frameBytes()];
    new Painter(map, pattern, 1).paint(0, frame);
    return new Sent(map, frame, brightnessPercent);
  }

  /** For the solver. */
  public Brightness brightness() {
    return s -> percents.getOrDefault(s.id(), IDLE);
  }

  /** All that follows of a plan. */
  public Consequence consequence(Supposition of, Alteration otherwise) {
    return of.of(
        brightnessPercent, brightness(), s -> percents.getOrDefault(s.name(), IDLE)[0], otherwise);
  }

  /** The lights. */
  public LightMap map() {
    return map;
  }
}
