package bunting.core.meter;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.pattern.Pattern;
import bunting.core.show.PixelType;
import bunting.core.show.Show;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

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

  /** The one kind of pixels behind a place; empty where there are several, or none. */
  public static Optional<PixelType> type(Reading reading, MeterSheet.Amps at) {
    Set<String> segments = new HashSet<>();
    switch (at.kind()) {
      case PORT ->
          reading.segments().stream()
              .filter(s -> at.id().equals(s.segment().controller() + ":" + s.segment().port()))
              .forEach(s -> segments.add(s.segment().id()));
      case FEED, SUPPLY -> {
        Set<String> ports = new HashSet<>();
        for (var f : reading.feeds()) {
          boolean behind =
              at.kind() == MeterSheet.Kind.FEED
                  ? f.feed().id().equals(at.id())
                  : f.feed().supply().equals(at.id());
          if (behind) {
            reading.segments().stream()
                .filter(s -> s.segment().id().equals(f.feed().segment()))
                .forEach(s -> ports.add(port(s)));
          }
        }
        reading.segments().stream()
            .filter(s -> ports.contains(port(s)))
            .forEach(s -> segments.add(s.segment().id()));
      }
      case CIRCUIT -> {}
    }
    List<PixelType> types =
        reading.segments().stream()
            .filter(s -> segments.contains(s.segment().id()))
            .map(SegmentReading::type)
            .distinct()
            .toList();
    return types.size() == 1 ? Optional.of(types.getFirst()) : Optional.empty();
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
  public static OptionalDouble milliamps(
      Reading reading, MeterSetting setting, MeterSheet.Amps at, double read) {
    Optional<PixelType> type = type(reading, at);
    if (type.isEmpty() || setting.pattern() == Pattern.BLACK || at.amps() <= 0 || read <= 0) {
      return OptionalDouble.empty();
    }
    double sheet = type.get().milliampsFull();
    double before = sheet;
    double amps = at.amps();
    double now = sheet * read / amps;
    for (int i = 0; i < STEPS && sound(now, sheet); i++) {
      double next = amps(reading, setting, at, type.get().withMeasured(now));
      if (Math.abs(next - read) <= NEAR_AMPS) {
        return OptionalDouble.of(Math.round(10 * now) / 10.0);
      }
      double slope = (next - amps) / (now - before);
      before = now;
      amps = next;
      now += slope > 0 ? (read - next) / slope : now * (read / next - 1);
    }
    return OptionalDouble.empty();
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
