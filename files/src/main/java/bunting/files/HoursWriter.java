package bunting.files;

import bunting.core.hours.HoursSheet;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;

/** The evenings of a show and what they take, as JSON. */
public final class HoursWriter {
  private static final DateTimeFormatter CLOCK =
      DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ROOT);

  private HoursWriter() {}

  /** A document with the days in order; times are of the show's zone. */
  public static String write(HoursSheet sheet) {
    return Json.text(
        Json.document(
            json -> {
              json.list(
                  "days",
                  sheet.days(),
                  (j, d) -> {
                    j.put("date", d.date().toString())
                        .put("sunset", clock(d.sunset()))
                        .put("sunrise", clock(d.sunrise()))
                        .put("on", clock(d.on()))
                        .put("off", clock(d.off()))
                        .put("hours", d.hours());
                    if (d.odd().isPresent()) {
                      j.put("why", d.odd().get().text());
                    }
                  });
              json.put("hours", sheet.hours())
                  .put("kWhLit", sheet.kwhLit())
                  .put("kWhDark", sheet.kwhDark())
                  .put("cost", sheet.cost())
                  .put("darkDays", sheet.darkDays())
                  .put("kWhOff", sheet.kwhOff())
                  .put("costOff", sheet.costOff())
                  .put("kWhDarkAYear", sheet.kwhDarkAYear());
            }));
  }

  private static Optional<String> clock(Optional<ZonedDateTime> time) {
    return time.map(CLOCK::format);
  }
}
