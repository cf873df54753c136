package bunting.desktop.mains;

import bunting.core.show.Hours;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.ResolverStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Dates, times and seasons as they are typed. */
final class HoursText {
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("H:mm", Locale.ROOT).withResolverStyle(ResolverStyle.STRICT);
  private static final String TO = " to ";

  private HoursText() {}

  static Optional<LocalDate> date(String text) {
    try {
      return Optional.of(LocalDate.parse(text.strip()));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  /** Dates with commas between; empty: one of them is none. */
  static Optional<List<LocalDate>> dates(String text) {
    List<LocalDate> list = new ArrayList<>();
    for (String part : text.isBlank() ? new String[0] : text.split(",", -1)) {
      Optional<LocalDate> date = date(part);
      if (date.isEmpty()) {
        return Optional.empty();
      }
      list.add(date.get());
    }
    return Optional.of(list);
  }

  static String dates(List<LocalDate> dates) {
    return String.join(", ", dates.stream().map(LocalDate::toString).toList());
  }

  /** Seasons as {@code 2027-03-01 to 2027-03-04}, with commas between. */
  static Optional<List<Hours.Season>> seasons(String text) {
    List<Hours.Season> list = new ArrayList<>();
    for (String part : text.isBlank() ? new String[0] : text.split(",", -1)) {
      String[] ends = part.strip().split(TO, -1);
      Optional<LocalDate> from = date(ends[0]);
      Optional<LocalDate> to = date(ends[ends.length - 1]);
      if (ends.length > 2 || from.isEmpty() || to.isEmpty()) {
        return Optional.empty();
      }
      list.add(new Hours.Season(from.get(), to.get()));
    }
    return Optional.of(list);
  }

  static String seasons(List<Hours.Season> seasons) {
    return String.join(", ", seasons.stream().map(s -> s.from() + TO + s.to()).toList());
  }

  /**
   * A time of the day, or the word for the sun's.
   *
   * @return the time, empty for the sun's; empty as a whole: it is neither
   */
  static Optional<Optional<LocalTime>> time(String text, String sun) {
    if (text.strip().equalsIgnoreCase(sun)) {
      return Optional.of(Optional.empty());
    }
    try {
      return Optional.of(Optional.of(LocalTime.parse(text.strip(), TIME)));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  static String time(Optional<LocalTime> time, String sun) {
    return time.map(TIME::format).orElse(sun);
  }
}
