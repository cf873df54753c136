package bunting.core.meter;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.pattern.Pattern;
import bunting.core.show.Feed;
import bunting.core.show.PixelType;
import bunting.core.show.Show;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * From the amps that a meter reads to the milliamps of a pixel: those with which the plan's own
 * network draws as much there.
 */
public final class MeasuredAmps {
  private static final int STEPS = 12;

  /** Nearer than the last digit of a clamp. */
  private static final double NEAR_AMPS = 0.002;

  /** Pixels that draw so many times what their sheet says are not what is measured. */
  private static final double TIMES_MOST = 4;

  private MeasuredAmps() {}

  /** What pixels of a kind draw, milliamps each at full white. */
  public record Drawn(PixelType type, double milliamps) {}

  /** The one kind of pixels behind a place; empty where there are several, or none. */
  static Optional<PixelType> type(Reading reading, MeterSheet.Amps at) {
    Set<String> ports = ports(reading, at);
    List<PixelType> types =
        reading.segments().stream()
            .filter(s -> ports.contains(port(s)))
            .map(SegmentReading::type)
            .distinct()
            .toList();
    return types.size() == 1 ? Optional.of(types.getFirst()) : Optional.empty();
  }

  /** The ports whose pixels a place feeds. */
  private static Set<String> ports(Reading reading, MeterSheet.Amps at) {
    Map<String, String> portOf = new HashMap<>();
    reading.segments().forEach(s -> portOf.put(s.segment().id(), port(s)));
    return switch (at.kind()) {
      case PORT -> Set.of(at.id());
      case FEED -> behind(reading, portOf, f -> f.id().equals(at.id()));
      case SUPPLY -> behind(reading, portOf, f -> f.supply().equals(at.id()));
      case CIRCUIT -> Set.of();
    };
  }

  private static Set<String> behind(
      Reading reading, Map<String, String> portOf, Predicate<Feed> which) {
    return reading.feeds().stream()
        .map(FeedReading::feed)
        .filter(which)
        .flatMap(f -> Optional.ofNullable(portOf.get(f.segment())).stream())
        .collect(Collectors.toSet());
  }

  private static String port(SegmentReading s) {
    return s.segment().controller() + ":" + s.segment().port();
  }

  /**
   * Milliamps of a pixel, full white, with which a place carries what was read there.
   *
   * <p><b>Method.</b> The secant rule on the amps of the whole network; they grow with the
   * milliamps of a pixel, nearly in proportion.
   *
   * @param read amps
   * @return to a tenth; empty where pixels of several kinds are behind it, nothing is lit, or no
   *     such pixels are
   */
  public static Optional<Drawn> milliamps(
      Reading reading, MeterSetting setting, MeterSheet.Amps at, double read) {
    Optional<PixelType> type = type(reading, at);
    if (type.isEmpty() || setting.pattern() == Pattern.BLACK || at.amps() <= 0 || read <= 0) {
      return Optional.empty();
    }
    double sheet = type.get().milliampsFull();
    double before = sheet;
    double amps = at.amps();
    double now = sheet * read / amps;
    for (int i = 0; i < STEPS && sound(now, sheet); i++) {
      double next = amps(reading, setting, at, type.get().withMeasured(now));
      if (Math.abs(next - read) <= NEAR_AMPS) {
        return Optional.of(new Drawn(type.get(), Math.round(10 * now) / 10.0));
      }
      double slope = (next - amps) / (now - before);
      before = now;
      amps = next;
      now += slope > 0 ? (read - next) / slope : now * (read / next - 1);
    }
    return Optional.empty();
  }

  private static boolean sound(double milliamps, double sheet) {
    return milliamps > 0 && milliamps <= TIMES_MOST * sheet;
  }

  private static double amps(
      Reading reading, MeterSetting setting, MeterSheet.Amps at, PixelType type) {
    Show show = reading.show().withCatalogue(reading.show().catalogue().withPixelType(type));
    Reading other = Reading.of(show, reading.decisions());
    return new Meter(other)
        .read(setting).amps().stream()
            .filter(a -> a.kind() == at.kind() && a.id().equals(at.id()))
            .mapToDouble(MeterSheet.Amps::amps)
            .findFirst()
            .orElse(0);
  }
}
