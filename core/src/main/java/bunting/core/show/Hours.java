package bunting.core.show;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * When the lights are on.
 *
 * @param season the first days and the last, both lit
 * @param place where the sun sets
 * @param on when they go on; empty: at sunset
 * @param onOffsetMinutes so much later (before: below 0)
 * @param off when they go off; empty: at sunrise. What is not after {@code on} is the next day's
 * @param averagePercent average brightness while lit
 * @param switched ids of supplies (and other things on the mains) that are cut while all is dark
 * @param tariff what the energy costs
 * @param apart days that differ from the season
 */
public record Hours(
    Season season,
    Place place,
    Optional<LocalTime> on,
    int onOffsetMinutes,
    Optional<LocalTime> off,
    double averagePercent,
    List<String> switched,
    Tariff tariff,
    Apart apart) {
  public Hours {
    averagePercent += 0.0;
    switched = List.copyOf(new TreeSet<>(switched));
  }

  /** Average brightness where nobody says, percent (common practice: 25 to 30). */
  public static final double USUAL_PERCENT = 30;

  /** Days in a row, both ends included. */
  public record Season(LocalDate from, LocalDate to) {}

  /**
   * Where the show is.
   *
   * @param latitude degrees, north above 0
   * @param longitude degrees, east above 0
   */
  public record Place(double latitude, double longitude, ZoneId zone) {
    /** A file knows one zero. */
    public Place {
      latitude += 0.0;
      longitude += 0.0;
    }
  }

  /** What energy costs, and in which money. */
  public record Tariff(double pricePerKwh, String currency) {
    /** A file knows one zero. */
    public Tariff {
      pricePerKwh += 0.0;
    }
  }

  /**
   * Days that differ.
   *
   * @param daysOff days of the week that stay dark
   * @param dark single dates that stay dark
   * @param lit single dates that are lit whatever else is said
   * @param seasons further days in a row
   */
  public record Apart(
      Set<DayOfWeek> daysOff, List<LocalDate> dark, List<LocalDate> lit, List<Season> seasons) {
    /** None differ. */
    public static final Apart NONE = new Apart(Set.of(), List.of(), List.of(), List.of());

    public Apart {
      daysOff = java.util.Collections.unmodifiableSet(new TreeSet<>(daysOff));
      dark = List.copyOf(new TreeSet<>(dark));
      lit = List.copyOf(new TreeSet<>(lit));
      seasons = List.copyOf(seasons);
    }
  }

  /** All days of the seasons and single dates, lit or not, in order. */
  public List<LocalDate> calendar() {
    Set<LocalDate> days = new TreeSet<>(apart.lit());
    List<Season> all = new ArrayList<>(List.of(season));
    all.addAll(apart.seasons());
    for (Season s : all) {
      for (LocalDate d = s.from(); !d.isAfter(s.to()); d = d.plusDays(1)) {
        days.add(d);
      }
    }
    return List.copyOf(days);
  }

  /** Whether the lights are on that evening, of a day of the calendar. */
  public boolean litOn(LocalDate day) {
    boolean dark = apart.daysOff().contains(day.getDayOfWeek()) || apart.dark().contains(day);
    return apart.lit().contains(day) || !dark;
  }

  /** The same in another season. */
  public Hours withSeason(Season other) {
    return new Hours(
        other, place, on, onOffsetMinutes, off, averagePercent, switched, tariff, apart);
  }

  /** The same elsewhere. */
  public Hours withPlace(Place other) {
    return new Hours(
        season, other, on, onOffsetMinutes, off, averagePercent, switched, tariff, apart);
  }

  /** The same, going on at another time. */
  public Hours withOn(Optional<LocalTime> other) {
    return new Hours(
        season, place, other, onOffsetMinutes, off, averagePercent, switched, tariff, apart);
  }

  /** The same, so many minutes later. */
  public Hours withOnOffset(int other) {
    return new Hours(season, place, on, other, off, averagePercent, switched, tariff, apart);
  }

  /** The same, going off at another time. */
  public Hours withOff(Optional<LocalTime> other) {
    return new Hours(
        season, place, on, onOffsetMinutes, other, averagePercent, switched, tariff, apart);
  }

  /** The same at another average brightness, percent. */
  public Hours withAverage(double other) {
    return new Hours(season, place, on, onOffsetMinutes, off, other, switched, tariff, apart);
  }

  /** The same at another price. */
  public Hours withTariff(Tariff other) {
    return new Hours(
        season, place, on, onOffsetMinutes, off, averagePercent, switched, other, apart);
  }

  /** The same with other days apart. */
  public Hours withApart(Apart other) {
    return new Hours(
        season, place, on, onOffsetMinutes, off, averagePercent, switched, tariff, other);
  }

  /** The same with other things cut. */
  public Hours withSwitched(List<String> other) {
    return new Hours(season, place, on, onOffsetMinutes, off, averagePercent, other, tariff, apart);
  }

  /** The same with something switched, or no more. */
  public Hours switching(String id, boolean cut) {
    Set<String> next = new TreeSet<>(switched);
    if (cut) {
      next.add(id);
    } else {
      next.remove(id);
    }
    return withSwitched(List.copyOf(next));
  }
}
