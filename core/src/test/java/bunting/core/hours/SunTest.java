package bunting.core.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import org.assertj.core.data.TemporalUnitOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SunTest {
  private static final double ZENITH = 90.833;

  /**
   * The sun's zenith distance by the low-precision formulas of The Astronomical Almanac, page C5
   * (from memory; good to 0.01 degree), and Greenwich mean sidereal time of the same page: no
   * equation of time, no hour angle of sunset.
   */
  private static double zenith(Instant when, double latitude, double longitude) {
    double n = when.getEpochSecond() / 86400.0 + 2440587.5 - 2451545.0;
    double mean = 280.460 + 0.9856474 * n;
    double g = Math.toRadians(357.528 + 0.9856003 * n);
    double lambda = Math.toRadians(mean + 1.915 * Math.sin(g) + 0.020 * Math.sin(2 * g));
    double epsilon = Math.toRadians(23.439 - 0.0000004 * n);
    double ascension = Math.atan2(Math.cos(epsilon) * Math.sin(lambda), Math.cos(lambda));
    double declination = Math.asin(Math.sin(epsilon) * Math.sin(lambda));
    double sidereal = Math.toRadians(280.46062 + 360.98564737 * n + longitude);
    double phi = Math.toRadians(latitude);
    double cosine =
        Math.sin(phi) * Math.sin(declination)
            + Math.cos(phi) * Math.cos(declination) * Math.cos(sidereal - ascension);
    return Math.toDegrees(Math.acos(cosine));
  }

  /** By halving, from noon to the midnight on that side. */
  private static Instant crossing(Instant noon, int side, double latitude, double longitude) {
    long light = noon.getEpochSecond();
    long dark = light + side * 43_200L;
    while (Math.abs(dark - light) > 1) {
      long middle = (light + dark) / 2;
      if (zenith(Instant.ofEpochSecond(middle), latitude, longitude) < ZENITH) {
        light = middle;
      } else {
        dark = middle;
      }
    }
    return Instant.ofEpochSecond(dark);
  }

  @ParameterizedTest
  @ValueSource(doubles = {-65, -51.5, -34, -10, 0, 23.4, 40, 52, 60, 65})
  void agreesWithTheAlmanacsFormulaWithinAMinute(double latitude) {
    for (double longitude : new double[] {-122, 0, 5, 151}) {
      for (LocalDate day = LocalDate.of(2026, 1, 1); day.getYear() < 2028; day = day.plusDays(5)) {
        ZoneOffset zone = ZoneOffset.ofHours((int) Math.round(longitude / 15));
        Sun.Day sun = Sun.of(day, latitude, longitude, zone);
        Instant set = crossing(sun.noon(), 1, latitude, longitude);
        Instant rise = crossing(sun.noon(), -1, latitude, longitude);
        assertThat(seconds(set, sun.sunset().orElseThrow())).as(day + " set").isLessThan(60);
        assertThat(seconds(rise, sun.sunrise().orElseThrow())).as(day + " rise").isLessThan(60);
        assertThat(sun.noon().atZone(zone).toLocalDate()).isEqualTo(day);
      }
    }
  }

  private static long seconds(Instant a, Instant b) {
    return Math.abs(Duration.between(a, b).toSeconds());
  }

  /**
   * Beyond the polar circle: published tables give the midnight sun in Tromso from about 18 May to
   * 26 July, and no sunrise from about 27 November to 15 January (from memory, to two days).
   */
  @Test
  void polarDaysAndNightsAreThoseOfPublishedTables() {
    ZoneId oslo = ZoneId.of("Europe/Oslo");
    assertThat(Sun.of(LocalDate.of(2026, 6, 21), 69.65, 18.96, oslo).sunset()).isEmpty();
    assertThat(Sun.of(LocalDate.of(2026, 6, 21), 69.65, 18.96, oslo).up()).isTrue();
    assertThat(Sun.of(LocalDate.of(2026, 12, 21), 69.65, 18.96, oslo).sunrise()).isEmpty();
    assertThat(Sun.of(LocalDate.of(2026, 12, 21), 69.65, 18.96, oslo).up()).isFalse();
    assertThat(edge(LocalDate.of(2026, 5, 1), false)).isCloseTo("2026-05-18", TWO_DAYS);
    assertThat(edge(LocalDate.of(2026, 7, 1), true)).isCloseTo("2026-07-26", TWO_DAYS);
    assertThat(edge(LocalDate.of(2026, 11, 1), false)).isCloseTo("2026-11-27", TWO_DAYS);
    assertThat(edge(LocalDate.of(2026, 12, 25), true)).isCloseTo("2027-01-15", TWO_DAYS);
  }

  private static final TemporalUnitOffset TWO_DAYS = within(2, ChronoUnit.DAYS);

  /** The first day from a date on that has, or has not, a sunset. */
  private static LocalDate edge(LocalDate from, boolean sets) {
    return from.datesUntil(from.plusDays(100))
        .filter(d -> Sun.of(d, 69.65, 18.96, ZoneId.of("Europe/Oslo")).sunset().isPresent() == sets)
        .findFirst()
        .orElseThrow();
  }

  /** Published tables of these cities give these minutes (from memory). */
  @ParameterizedTest
  @CsvSource({
    "2026-06-21, 51.507, -0.128, Europe/London, 04:43, 21:21",
    "2026-12-21, 51.507, -0.128, Europe/London, 08:04, 15:53",
    "2026-12-21, 40.713, -74.006, America/New_York, 07:17, 16:32",
    "2026-06-21, 40.713, -74.006, America/New_York, 05:25, 20:31",
    "2026-12-22, -33.869, 151.209, Australia/Sydney, 05:41, 20:05",
    "2026-12-21, 64.147, -21.943, Atlantic/Reykjavik, 11:22, 15:30"
  })
  void agreesWithPublishedTables(
      LocalDate day,
      double latitude,
      double longitude,
      String zone,
      LocalTime rise,
      LocalTime set) {
    Sun.Day sun = Sun.of(day, latitude, longitude, ZoneId.of(zone));
    LocalDateTime up = sun.sunrise().orElseThrow().atZone(ZoneId.of(zone)).toLocalDateTime();
    LocalDateTime down = sun.sunset().orElseThrow().atZone(ZoneId.of(zone)).toLocalDateTime();
    // A table rounds to the minute.
    assertThat(Duration.between(day.atTime(rise), up).abs()).isLessThan(Duration.ofSeconds(91));
    assertThat(Duration.between(day.atTime(set), down).abs()).isLessThan(Duration.ofSeconds(91));
  }

  /** The rim and the air make a day at the equator 12 h and 6 to 7 minutes long, all year. */
  @Test
  void daysAtTheEquatorAreAlike() {
    for (int month = 1; month <= 12; month++) {
      Sun.Day sun = Sun.of(LocalDate.of(2026, month, 10), 0, 0, ZoneOffset.UTC);
      double hours =
          Duration.between(sun.sunrise().orElseThrow(), sun.sunset().orElseThrow()).toSeconds()
              / 3600.0;
      assertThat(hours).isCloseTo(12.115, within(0.02));
    }
  }

  @Test
  void beyondThePolarCircleItStaysUpOrDown() {
    Sun.Day summer = Sun.of(LocalDate.of(2026, 6, 21), 70, 25, ZoneOffset.UTC);
    assertThat(summer.sunset()).isEmpty();
    assertThat(summer.up()).isTrue();
    Sun.Day winter = Sun.of(LocalDate.of(2026, 12, 21), 70, 25, ZoneOffset.UTC);
    assertThat(winter.sunset()).isEmpty();
    assertThat(winter.up()).isFalse();
    for (double pole : new double[] {-90, 90}) {
      assertThat(Sun.of(LocalDate.of(2026, 12, 21), pole, 0, ZoneOffset.UTC).up())
          .isEqualTo(pole < 0);
    }
  }

  /** Each city is in its zone: the sun is highest within three hours of its clock's noon. */
  @Test
  void citiesLieWhereTheirClocksSay() {
    assertThat(Cities.all()).hasSizeGreaterThan(50);
    for (Cities.City city : Cities.all()) {
      var place = city.place();
      Sun.Day sun =
          Sun.of(LocalDate.of(2026, 1, 15), place.latitude(), place.longitude(), place.zone());
      LocalTime noon = sun.noon().atZone(place.zone()).toLocalTime();
      assertThat(noon).as(city.name()).isBetween(LocalTime.of(11, 0), LocalTime.of(14, 30));
      assertThat(Cities.of(place.zone())).contains(city);
    }
  }
}
