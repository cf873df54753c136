package bunting.core.hours;

import bunting.core.show.Hours;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The cities that name time zones, with where they are to a tenth of a degree (from memory): the
 * sun sets within half a minute of there. For a place far from the city of its zone coordinates are
 * typed.
 */
public final class Cities {
  private static final String LIST =
      """
      Africa/Cairo 30.0 31.3
      Africa/Johannesburg -26.2 28.0
      Africa/Lagos 6.5 3.4
      Africa/Nairobi -1.3 36.8
      America/Anchorage 61.2 -149.9
      America/Argentina/Buenos_Aires -34.6 -58.5
      America/Bogota 4.6 -74.1
      America/Chicago 41.9 -87.7
      America/Denver 39.7 -105.0
      America/Halifax 44.7 -63.6
      America/Lima -12.1 -77.1
      America/Los_Angeles 34.1 -118.2
      America/Mexico_City 19.4 -99.2
      America/New_York 40.7 -74.0
      America/Phoenix 33.4 -112.1
      America/Santiago -33.5 -70.7
      America/Sao_Paulo -23.5 -46.6
      America/St_Johns 47.6 -52.7
      America/Toronto 43.7 -79.4
      America/Vancouver 49.3 -123.1
      America/Winnipeg 49.9 -97.2
      Asia/Dubai 25.3 55.3
      Asia/Hong_Kong 22.3 114.2
      Asia/Jakarta -6.2 106.8
      Asia/Jerusalem 31.8 35.2
      Asia/Karachi 24.9 67.1
      Asia/Kolkata 22.5 88.4
      Asia/Manila 14.6 121.0
      Asia/Seoul 37.6 127.0
      Asia/Shanghai 31.2 121.5
      Asia/Singapore 1.3 103.9
      Asia/Tokyo 35.7 139.7
      Atlantic/Reykjavik 64.2 -21.9
      Australia/Adelaide -34.9 138.6
      Australia/Brisbane -27.5 153.0
      Australia/Melbourne -37.8 145.0
      Australia/Perth -32.0 115.9
      Australia/Sydney -33.9 151.2
      Europe/Amsterdam 52.4 4.9
      Europe/Athens 38.0 23.7
      Europe/Berlin 52.5 13.4
      Europe/Brussels 50.8 4.3
      Europe/Bucharest 44.4 26.1
      Europe/Budapest 47.5 19.1
      Europe/Copenhagen 55.7 12.6
      Europe/Dublin 53.3 -6.3
      Europe/Helsinki 60.2 25.0
      Europe/Istanbul 41.0 29.0
      Europe/Kyiv 50.4 30.5
      Europe/Lisbon 38.7 -9.1
      Europe/London 51.5 -0.1
      Europe/Madrid 40.4 -3.7
      Europe/Oslo 59.9 10.8
      Europe/Paris 48.9 2.3
      Europe/Prague 50.1 14.4
      Europe/Rome 41.9 12.5
      Europe/Stockholm 59.3 18.1
      Europe/Vienna 48.2 16.3
      Europe/Warsaw 52.3 21.0
      Europe/Zurich 47.4 8.5
      Pacific/Auckland -36.9 174.8
      Pacific/Honolulu 21.3 -157.9
      """;

  private static final List<City> ALL = read();

  private Cities() {}

  /** A city, as people write it, and its place. */
  public record City(String name, Hours.Place place) {}

  /** All, by name. */
  public static List<City> all() {
    return ALL;
  }

  /** The city of a zone. */
  public static Optional<City> of(ZoneId zone) {
    return ALL.stream().filter(c -> c.place().zone().equals(zone)).findFirst();
  }

  private static List<City> read() {
    List<City> list = new ArrayList<>();
    for (String line : LIST.lines().toList()) {
      String[] part = line.split(" ");
      if (ZoneId.getAvailableZoneIds().contains(part[0])) {
        String name = part[0].substring(part[0].lastIndexOf('/') + 1).replace('_', ' ');
        Hours.Place place =
            new Hours.Place(
                Double.parseDouble(part[1]), Double.parseDouble(part[2]), ZoneId.of(part[0]));
        list.add(new City(name, place));
      }
    }
    list.sort(Comparator.comparing(City::name));
    return List.copyOf(list);
  }
}
