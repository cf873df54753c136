package bunting.core.hours;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Optional;

/**
 * When the sun's centre is at a zenith of 90.833 degrees: its upper rim on the horizon, seen
 * through the usual air.
 *
 * <p><b>Method.</b> The sun's place by the low-precision series of Meeus, Astronomical Algorithms
 * (2nd ed., chapter 25; from memory): mean longitude and anomaly, equation of centre, apparent
 * longitude, obliquity with the nutation in longitude of the node; right to 0.01 degree from 1950
 * to 2050, which is some three seconds of time. From transit to sunset by the hour angle, again
 * with the sun's place at the moment found, until it stands. Cost: a few dozen sines a day.
 *
 * <p><b>Limits.</b> Beyond the polar circles there may be none that day.
 */
public final class Sun {
  private static final double ZENITH_DEG = 90.833;

  /** Days of J2000.0 after the epoch of instants: 2000-01-01 12:00. */
  private static final double J2000_DAYS = 10957.5;

  private static final double DAYS_PER_CENTURY = 36525;
  private static final double MINUTES_PER_DEG = 4;
  private static final double SECONDS_PER_DAY = 86400;

  /** Each step leaves a hundredth of the error. */
  private static final int STEPS = 6;

  private Sun() {}

  /**
   * A day's light.
   *
   * @param noon when the sun is highest
   * @param sunset empty: it does not set, or does not rise
   * @param up whether it is up at noon
   */
  public record Day(
      Instant noon, Optional<Instant> sunrise, Optional<Instant> sunset, boolean up) {}

  /** The day whose noon is nearest to that date's noon in that zone. */
  public static Day of(LocalDate date, double latitude, double longitude, ZoneId zone) {
    double noon = days(date.atTime(LocalTime.NOON).atZone(zone).toInstant());
    // Noon of the meridian that is nearest, then by the equation of time.
    double guess = Math.rint(noon + longitude / 360 - 0.5) + 0.5 - longitude / 360;
    double transit = guess;
    for (int i = 0; i < STEPS; i++) {
      transit = guess - at(transit).equationMinutes() / 1440;
    }
    boolean up = elevationCosine(transit, latitude) > Math.cos(Math.toRadians(ZENITH_DEG));
    return new Day(instant(transit), event(transit, latitude, -1), event(transit, latitude, 1), up);
  }

  private static double elevationCosine(double days, double latitude) {
    double declination = at(days).declinationRad();
    return Math.cos(Math.toRadians(latitude) - declination);
  }

  /** Sunrise (-1) or sunset (1) about a transit. */
  private static Optional<Instant> event(double transit, double latitude, int side) {
    double when = transit;
    double phi = Math.toRadians(latitude);
    double equation = at(transit).equationMinutes();
    for (int i = 0; i < STEPS; i++) {
      Place sun = at(when);
      double cosine =
          (Math.cos(Math.toRadians(ZENITH_DEG)) - Math.sin(phi) * Math.sin(sun.declinationRad()))
              / (Math.cos(phi) * Math.cos(sun.declinationRad()));
      if (!(Math.abs(cosine) <= 1)) {
        return Optional.empty();
      }
      double degrees = Math.toDegrees(Math.acos(cosine));
      double drift = sun.equationMinutes() - equation;
      when = transit + side * degrees * MINUTES_PER_DEG / 1440 - drift / 1440;
    }
    return Optional.of(instant(when));
  }

  /**
   * Where the sun is.
   *
   * @param equationMinutes apparent less mean solar time
   */
  private record Place(double declinationRad, double equationMinutes) {}

  private static Place at(double days) {
    double t = (days - J2000_DAYS) / DAYS_PER_CENTURY;
    double longitude = 280.46646 + t * (36000.76983 + t * 0.0003032);
    double anomaly = Math.toRadians(357.52911 + t * (35999.05029 - 0.0001537 * t));
    double eccentricity = 0.016708634 - t * (0.000042037 + 0.0000001267 * t);
    double centre =
        Math.sin(anomaly) * (1.914602 - t * (0.004817 + 0.000014 * t))
            + Math.sin(2 * anomaly) * (0.019993 - 0.000101 * t)
            + Math.sin(3 * anomaly) * 0.000289;
    double node = Math.toRadians(125.04 - 1934.136 * t);
    double apparent = Math.toRadians(longitude + centre - 0.00569 - 0.00478 * Math.sin(node));
    double mean = 23.439291 - t * (0.0130042 + t * (0.00000016 - 0.000000504 * t));
    double obliquity = Math.toRadians(mean + 0.00256 * Math.cos(node));
    double declination = Math.asin(Math.sin(obliquity) * Math.sin(apparent));
    double y = Math.pow(Math.tan(obliquity / 2), 2);
    double l = Math.toRadians(longitude);
    double equation =
        y * Math.sin(2 * l)
            - 2 * eccentricity * Math.sin(anomaly)
            + 4 * eccentricity * y * Math.sin(anomaly) * Math.cos(2 * l)
            - 0.5 * y * y * Math.sin(4 * l)
            - 1.25 * eccentricity * eccentricity * Math.sin(2 * anomaly);
    return new Place(declination, MINUTES_PER_DEG * Math.toDegrees(equation));
  }

  private static double days(Instant instant) {
    return (instant.getEpochSecond() + instant.getNano() / 1e9) / SECONDS_PER_DAY;
  }

  private static Instant instant(double days) {
    return Instant.ofEpochSecond(Math.round(days * SECONDS_PER_DAY));
  }
}
