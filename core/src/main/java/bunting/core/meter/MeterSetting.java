package bunting.core.meter;

import bunting.core.assess.Reading;
import bunting.core.pattern.Pattern;
import java.util.Map;
import java.util.Set;

/**
 * What is lit while one measures.
 *
 * @param pattern what is sent; its first frame
 * @param brightnessPercent of all that it lights
 * @param trims volts that supplies hold, by their nominal volts, where they are other than the
 *     show's
 * @param without feeds that are pulled
 */
public record MeterSetting(
    Pattern pattern, double brightnessPercent, Map<Double, Double> trims, Set<String> without) {
  public MeterSetting {
    trims = Map.copyOf(trims);
    without = Set.copyOf(without);
  }

  /** White as bright as it can be sent: full, or what the limiter lets through. */
  public static MeterSetting white(Reading reading) {
    return new MeterSetting(Pattern.WHITE, reading.worst().brightnessPercent(), Map.of(), Set.of());
  }

  /** The same without some feeds. */
  public MeterSetting withoutFeeds(Set<String> feeds) {
    return new MeterSetting(pattern, brightnessPercent, trims, feeds);
  }
}
