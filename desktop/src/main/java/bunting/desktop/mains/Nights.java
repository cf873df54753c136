package bunting.desktop.mains;

import bunting.core.hours.HoursSheet;
import bunting.core.hours.Sun;
import bunting.core.show.Hours;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The nights of a season side by side: a column a day, from noon down to the next noon, with the
 * dark between sunset and sunrise and what of it is lit. Shares are of 24 hours from the top.
 */
final class Nights {
  private static final double HOURS = 24;

  /**
   * A stretch of a day.
   *
   * @param from share of the day from noon
   * @param to likewise
   */
  record Span(double from, double to) {}

  /**
   * A day.
   *
   * @param night when the sun is down; empty: it stays up
   * @param lit when the lights are on, in one piece or parted at noon; none: a day off
   */
  record Column(LocalDate date, Optional<Span> night, List<Span> lit) {
    Column {
      lit = List.copyOf(lit);
    }
  }

  private Nights() {}

  /** All days of the calendar, in order. */
  static List<Column> of(Hours said, HoursSheet sheet) {
    Map<LocalDate, HoursSheet.Day> days = new HashMap<>();
    sheet.days().forEach(d -> days.put(d.date(), d));
    List<Column> columns = new ArrayList<>();
    for (LocalDate date : said.calendar()) {
      columns.add(column(date, said, Optional.ofNullable(days.get(date))));
    }
    return columns;
  }

  private static Column column(LocalDate date, Hours said, Optional<HoursSheet.Day> day) {
    Hours.Place place = said.place();
    ZonedDateTime noon = date.atTime(LocalTime.NOON).atZone(place.zone());
    Sun.Day sun = Sun.of(date, place.latitude(), place.longitude(), place.zone());
    Sun.Day next = Sun.of(date.plusDays(1), place.latitude(), place.longitude(), place.zone());
    boolean allDark = sun.sunset().isEmpty() && !sun.up();
    Optional<Span> night =
        allDark
            ? Optional.of(new Span(0, 1))
            : sun.sunset()
                .flatMap(
                    set ->
                        next.sunrise().map(rise -> new Span(share(noon, set), share(noon, rise))));
    List<Span> lit = new ArrayList<>();
    day.filter(d -> d.on().isPresent() && d.off().isPresent())
        .ifPresent(
            d ->
                wrapped(
                    share(noon, d.on().orElseThrow().toInstant()),
                    share(noon, d.off().orElseThrow().toInstant()),
                    lit));
    return new Column(date, night, lit);
  }

  private static double share(ZonedDateTime noon, Instant when) {
    return Duration.between(noon.toInstant(), when).toSeconds() / 3600.0 / HOURS;
  }

  /** What is before noon, or after the next, stands at the other end of its column. */
  private static void wrapped(double from, double to, List<Span> lit) {
    double shift = -Math.floor(from);
    double a = from + shift;
    double b = to + shift;
    lit.add(new Span(a, Math.min(1, b)));
    if (b > 1) {
      lit.add(new Span(0, Math.min(1, b - 1)));
    }
  }
}
