package bunting.core.log;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Volts that were read again and again at one place, and whether they fall: a joint that corrodes
 * is a slow fall.
 *
 * <p><b>Method.</b> The slope is the median of the slopes between all pairs of readings of
 * different days (Theil 1950, Sen 1968): a single reading that was taken wrongly does not move it.
 * A fall is flagged from {@value #READINGS_LEAST} days of reading over {@value #DAYS_LEAST} days
 * on, where the median line falls by {@value #FALL_PERCENT} % or more of what was read first (our
 * reckoning: twice what a usual meter and its hands differ by from day to day).
 *
 * @param run name of the run
 * @param pixel in its numbering; 0: none was said
 * @param readings in the order of their days
 * @param voltsPerYear the slope; 0 with fewer than two days
 * @param fallVolts by which the line falls from the first day to the last; under 0: it rises
 * @param flagged whether someone should look
 */
public record Drift(
    String run,
    int pixel,
    List<Reading> readings,
    double voltsPerYear,
    double fallVolts,
    boolean flagged) {
  private static final int READINGS_LEAST = 3;
  private static final int DAYS_LEAST = 7;
  private static final double FALL_PERCENT = 2;
  private static final double YEAR = 365.25;

  /** What was read on a day. */
  public record Reading(LocalDate date, double volts) {}

  public Drift {
    readings = List.copyOf(readings);
  }

  private record Place(String run, int pixel) {}

  /** Every place of a log where volts were read, in the order of their first reading. */
  public static List<Drift> of(ShowLog log) {
    Map<Place, List<Reading>> places = new LinkedHashMap<>();
    for (ShowLog.Line line : log.of(LogKind.READING)) {
      LogEntry e = line.entry();
      if (e.run().isPresent() && e.volts().isPresent()) {
        places
            .computeIfAbsent(new Place(e.run().get(), e.pixel().orElse(0)), k -> new ArrayList<>())
            .add(new Reading(e.date(), e.volts().getAsDouble()));
      }
    }
    List<Drift> list = new ArrayList<>();
    places.forEach((place, readings) -> list.add(at(place, readings)));
    return list;
  }

  private static Drift at(Place place, List<Reading> unsorted) {
    List<Reading> readings = new ArrayList<>(unsorted);
    readings.sort(Comparator.comparing(Reading::date));
    List<Double> slopes = new ArrayList<>();
    for (int i = 0; i < readings.size(); i++) {
      for (int j = i + 1; j < readings.size(); j++) {
        long days = days(readings.get(i), readings.get(j));
        if (days > 0) {
          slopes.add((readings.get(j).volts() - readings.get(i).volts()) / days);
        }
      }
    }
    double slope = median(slopes);
    long span = days(readings.getFirst(), readings.getLast());
    long dates = readings.stream().map(Reading::date).distinct().count();
    double fall = -slope * span + 0.0;
    boolean flagged =
        dates >= READINGS_LEAST
            && span >= DAYS_LEAST
            && fall >= FALL_PERCENT / 100 * readings.getFirst().volts() - 1e-9
            && fall > 0;
    return new Drift(place.run(), place.pixel(), readings, slope * YEAR, fall, flagged);
  }

  private static long days(Reading a, Reading b) {
    return ChronoUnit.DAYS.between(a.date(), b.date());
  }

  /** The middle one of some values, or the mean of the two in the middle; 0 of none. */
  public static double median(List<Double> values) {
    if (values.isEmpty()) {
      return 0;
    }
    List<Double> sorted = values.stream().sorted().toList();
    int half = sorted.size() / 2;
    return sorted.size() % 2 == 1
        ? sorted.get(half)
        : (sorted.get(half - 1) + sorted.get(half)) / 2;
  }
}
