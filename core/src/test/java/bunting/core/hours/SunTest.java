package bunting.core.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
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
   * Rows of libastro, another program with another theory of the sun (VSOP87);
   * src/test/almanac/record makes them anew. It knows how large the disc is each day, where
   * almanacs and we take 16 minutes of arc: where the sun comes and goes at a slant, that is
   * minutes of time.
   */
  @Test
  void agreesWithAnEphemeris() throws IOException {
    int polar = 0;
    for (String row : rows()) {
      String[] part = row.split(" ", -1);
      double latitude = Double.parseDouble(part[1]);
      double longitude = Double.parseDouble(part[2]);
      ZoneOffset zone = ZoneOffset.ofTotalSeconds((int) Math.round(longitude * 240));
      Sun.Day sun = Sun.of(LocalDate.parse(part[0]), latitude, longitude, zone);
      assertThat(seconds(sun.noon(), Instant.parse(part[3]))).as(row).isLessThan(5);
      if (part[4].equals("-")) {
        polar++;
        assertThat(sun.sunrise()).as(row).isEmpty();
        assertThat(sun.sunset()).as(row).isEmpty();
        assertThat(sun.up()).as(row).isEqualTo(part[6].equals("up"));
      } else {
        Instant rise = Instant.parse(part[4]);
        Instant set = Instant.parse(part[5]);
        double hours = Duration.between(rise, set).toSeconds() / 3600.0;
        long most = hours > 3 && hours < 21 ? 20 : 240;
        assertThat(seconds(sun.sunrise().orElseThrow(), rise)).as(row).isLessThan(most);
        assertThat(seconds(sun.sunset().orElseThrow(), set)).as(row).isLessThan(most);
      }
    }
    assertThat(polar).isEqualTo(60);
  }

  private static List<String> rows() throws IOException {
    try (InputStream in = SunTest.class.getResourceAsStream("/almanac/sun.txt")) {
      return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.US_ASCII)
          .lines()
          .toList();
    }
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
  void atThePolesItIsUpHalfTheYear() {
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
