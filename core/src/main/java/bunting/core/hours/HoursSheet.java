package bunting.core.hours;

import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SupplyReading;
import bunting.core.hookup.Standby;
import bunting.core.show.Hours;
import bunting.core.show.MainsDevice;
import bunting.core.show.SupplyType;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;

/**
 * The evenings of a show, and what they take.
 *
 * @param days that are lit, in order
 * @param hours lit, of all of them
 * @param darkDays days of the calendar that stay dark
 * @param wattsLit from the mains while lit, at the average brightness
 * @param wattsDark from the mains while dark, of what is not cut
 * @param kwhLit while lit
 * @param kwhDark in the other hours of the lit days
 * @param kwhOff on the days of the calendar that stay dark
 * @param cost of lit and dark
 * @param costOff of the days that stay dark
 */
public record HoursSheet(
    List<Day> days,
    double hours,
    int darkDays,
    double wattsLit,
    double wattsDark,
    double kwhLit,
    double kwhDark,
    double kwhOff,
    double cost,
    double costOff) {
  private static final double HOURS_A_DAY = 24;
  private static final double SECONDS_AN_HOUR = 3600;

  /** Hours of a common year. */
  public static final double HOURS_A_YEAR = 8760;

  public HoursSheet {
    days = List.copyOf(days);
  }

  /**
   * An evening; times in the zone of the show.
   *
   * @param sunset empty: the sun does not set, or does not rise
   * @param sunrise of the next morning, likewise
   * @param on when the lights go on; empty: they do not, for the sun stays up
   * @param off when they go off
   * @param odd what the builder may not expect of it
   */
  public record Day(
      LocalDate date,
      Optional<ZonedDateTime> sunset,
      Optional<ZonedDateTime> sunrise,
      Optional<ZonedDateTime> on,
      Optional<ZonedDateTime> off,
      Optional<Odd> odd) {
    /** Hours lit, as a clock that is never put back counts them. */
    public double hours() {
      return on.isPresent() && off.isPresent()
          ? Duration.between(on.get(), off.get()).toSeconds() / SECONDS_AN_HOUR
          : 0;
    }
  }

  /** What the sun does to an evening that is not as usual. */
  public enum Odd {
    /** Not lit: the sun stays up. */
    STAYS_UP("the sun does not set: not lit"),
    /** Not lit: the sun sets after midnight, when the lights should be off already. */
    SETS_TOO_LATE("the sun sets after the lights go off: not lit"),
    /** Lit over the next noon. */
    LIT_BY_DAY("lit through the next day");

    private final String text;

    Odd(String text) {
      this.text = text;
    }

    /** As people read it. */
    public String text() {
      return text;
    }
  }

  /** Returns the evenings of a calendar that are lit, or would be if the sun set; in order. */
  public static List<Day> evenings(Hours said) {
    return said.calendar().stream().filter(said::litOn).map(date -> day(date, said)).toList();
  }

  /** Kilowatt hours of a year if what is not cut burned in the dark all year but those hours. */
  public double kwhDarkAYear() {
    return wattsDark * Math.max(0, HOURS_A_YEAR - hours) / 1000;
  }

  /** Of a plan. Linear in pixels and days. */
  public static HoursSheet of(Reading reading, Hours said) {
    List<Day> days = evenings(said);
    int dark = said.calendar().size() - days.size();
    double hours = days.stream().mapToDouble(Day::hours).sum();
    double lit = wattsLit(reading, said);
    double idle = wattsDark(reading, said);
    double kwhLit = lit * hours / 1000;
    double kwhDark = idle * Math.max(0, HOURS_A_DAY * days.size() - hours) / 1000;
    double kwhOff = idle * HOURS_A_DAY * dark / 1000;
    double price = said.tariff().pricePerKwh();
    return new HoursSheet(
        days,
        hours,
        dark,
        lit,
        idle,
        kwhLit,
        kwhDark,
        kwhOff,
        (kwhLit + kwhDark) * price,
        kwhOff * price);
  }

  private static double wattsLit(Reading reading, Hours said) {
    double watts =
        Standby.at(reading, said.averagePercent()).supplies().stream()
            .mapToDouble(Standby::mainsWatts)
            .sum();
    watts += reading.others().chains().stream().mapToDouble(OtherReading.Chain::watts).sum();
    return watts + reading.show().mains().devices().stream().mapToDouble(MainsDevice::watts).sum();
  }

  private static double wattsDark(Reading reading, Hours said) {
    double watts = 0;
    for (SupplyReading s : Standby.at(reading, 0).supplies()) {
      SupplyType type = s.type();
      watts +=
          said.switched().contains(s.supply().id()) ? 0 : Standby.mainsWatts(s) + type.idleWatts();
    }
    return watts
        + reading.show().mains().devices().stream()
            .filter(d -> !said.switched().contains(d.id()))
            .mapToDouble(MainsDevice::watts)
            .sum();
  }

  private static Day day(LocalDate date, Hours said) {
    Hours.Place place = said.place();
    ZoneId zone = place.zone();
    Sun.Day sun = Sun.of(date, place.latitude(), place.longitude(), zone);
    Sun.Day next = Sun.of(date.plusDays(1), place.latitude(), place.longitude(), zone);
    Optional<ZonedDateTime> sunset = sun.sunset().map(i -> i.atZone(zone));
    Optional<ZonedDateTime> sunrise = next.sunrise().map(i -> i.atZone(zone));
    // Where the sun never rises it is night from noon to noon.
    Optional<ZonedDateTime> dusk =
        sunset.isPresent() || sun.up() ? sunset : Optional.of(sun.noon().atZone(zone));
    Optional<ZonedDateTime> dawn =
        sunrise.isPresent() || next.up() ? sunrise : Optional.of(next.noon().atZone(zone));
    Optional<ZonedDateTime> on =
        said.on()
            .map(t -> Optional.of(date.atTime(t).atZone(zone)))
            .orElse(dusk)
            .map(t -> t.plusMinutes(said.onOffsetMinutes()));
    Optional<ZonedDateTime> off =
        on.flatMap(
            t ->
                said.off().isPresent()
                    ? Optional.of(after(t, date, said.off().get(), zone))
                    : dawn(t, sun, dawn, zone));
    boolean overNoon = off.filter(t -> t.toInstant().isAfter(next.noon())).isPresent();
    boolean tooLate =
        overNoon
            && said.on().isEmpty()
            && sunset.filter(t -> t.toLocalDate().isAfter(date)).isPresent();
    if (off.isEmpty() || tooLate) {
      Odd why = off.isEmpty() ? Odd.STAYS_UP : Odd.SETS_TOO_LATE;
      return new Day(date, sunset, sunrise, Optional.empty(), Optional.empty(), Optional.of(why));
    }
    return new Day(
        date, sunset, sunrise, on, off, Optional.of(Odd.LIT_BY_DAY).filter(o -> overNoon));
  }

  /** That time of the day, or of the first day after it on which it is later than the lights. */
  private static ZonedDateTime after(
      ZonedDateTime on, LocalDate date, LocalTime time, ZoneId zone) {
    LocalDate day = date;
    while (!day.atTime(time).atZone(zone).isAfter(on)) {
      day = day.plusDays(1);
    }
    return day.atTime(time).atZone(zone);
  }

  /** The first sunrise after the lights: lights of a morning go off the same day. */
  private static Optional<ZonedDateTime> dawn(
      ZonedDateTime on, Sun.Day today, Optional<ZonedDateTime> next, ZoneId zone) {
    Optional<ZonedDateTime> same =
        today.sunrise().map(i -> i.atZone(zone)).filter(t -> t.isAfter(on));
    return same.isPresent() ? same : next.filter(t -> t.isAfter(on));
  }
}
