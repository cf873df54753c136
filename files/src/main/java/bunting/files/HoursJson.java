package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Hours;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.ResolverStyle;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** When the lights are on, in SETTINGS.json and in a show file. */
final class HoursJson {
  private static final DateTimeFormatter DATE =
      DateTimeFormatter.ofPattern("uuuu-MM-dd", Locale.ROOT)
          .withResolverStyle(ResolverStyle.STRICT);
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT).withResolverStyle(ResolverStyle.STRICT);

  private HoursJson() {}

  static Optional<Hours> read(JsonFields in) throws BadInputException {
    JsonFields f = in.object("hours").orElse(null);
    if (f == null) {
      return Optional.empty();
    }
    Hours hours =
        new Hours(
            season(f),
            new Hours.Place(
                f.number("latitude", Range.LATITUDE),
                f.number("longitude", Range.LONGITUDE),
                zone(f)),
            time(f, "on", "sunset"),
            f.whole("onOffsetMinutes", Range.MINUTES_APART, 0),
            time(f, "off", "sunrise"),
            f.number("averagePercent", Range.PERCENT, Hours.USUAL_PERCENT),
            f.texts("switched").orElse(List.of()),
            new Hours.Tariff(
                f.number("pricePerKWh", Range.MONEY, 0),
                f.text("currency", "", Range.CURRENCY_MAX)),
            apart(f));
    f.done();
    return Optional.of(hours);
  }

  private static Hours.Season season(JsonFields f) throws BadInputException {
    LocalDate from = date(f, "from", f.text("from"));
    LocalDate to = date(f, "to", f.text("to"));
    if (to.isBefore(from) || from.plusDays(Range.SEASON_DAYS).isBefore(to)) {
      throw f.wrong(
          "to",
          "should be a date from "
              + from.format(DATE)
              + " to "
              + from.plusDays(Range.SEASON_DAYS).format(DATE)
              + ".");
    }
    return new Hours.Season(from, to);
  }

  private static LocalDate date(JsonFields f, String key, String text) throws BadInputException {
    try {
      LocalDate date = LocalDate.parse(text, DATE);
      if (Range.YEARS.holds(date.getYear())) {
        return date;
      }
    } catch (DateTimeException e) {
      // Told below.
    }
    throw f.wrong(
        key,
        "should be a date "
            + Range.YEARS.text().replace("from ", "of the years ")
            + ", such as 2026-11-27.");
  }

  private static ZoneId zone(JsonFields f) throws BadInputException {
    String text = f.text("zone");
    if (ZoneId.getAvailableZoneIds().contains(text)) {
      return ZoneId.of(text);
    }
    throw f.wrong("zone", "should be the name of a time zone, such as Europe/London.");
  }

  private static Optional<LocalTime> time(JsonFields f, String key, String sun)
      throws BadInputException {
    String text = f.text(key, sun);
    if (text.equals(sun)) {
      return Optional.empty();
    }
    try {
      return Optional.of(LocalTime.parse(text, TIME));
    } catch (DateTimeException e) {
      throw f.wrong(
          key,
          "should be \"" + sun + "\" or a time of the day from 00:00 to 23:59, such as 22:30.");
    }
  }

  private static Hours.Apart apart(JsonFields f) throws BadInputException {
    List<Hours.Season> seasons = new ArrayList<>();
    f.list(
        "seasons",
        s -> {
          seasons.add(season(s));
          return seasons.size();
        },
        String::valueOf);
    return new Hours.Apart(daysOff(f), dates(f, "darkDates"), dates(f, "litDates"), seasons);
  }

  private static Set<DayOfWeek> daysOff(JsonFields f) throws BadInputException {
    Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
    for (String text : f.texts("daysOff").orElse(List.of())) {
      days.add(
          java.util.Arrays.stream(DayOfWeek.values())
              .filter(d -> name(d).equals(text))
              .findFirst()
              .orElseThrow(
                  () -> f.wrong("daysOff", "should list days of the week, such as \"monday\".")));
    }
    return days;
  }

  private static String name(DayOfWeek day) {
    return day.name().toLowerCase(Locale.ROOT);
  }

  private static List<LocalDate> dates(JsonFields f, String key) throws BadInputException {
    List<LocalDate> dates = new ArrayList<>();
    for (String text : f.texts(key).orElse(List.of())) {
      dates.add(date(f, key + "[" + dates.size() + "]", text));
    }
    return dates;
  }

  static void write(Json json, Hours hours) throws IOException {
    json.object(
        "hours",
        j -> {
          season(j, hours.season());
          j.put("latitude", hours.place().latitude())
              .put("longitude", hours.place().longitude())
              .put("zone", hours.place().zone().getId())
              .put("on", hours.on().map(TIME::format).orElse("sunset"))
              .put("onOffsetMinutes", hours.onOffsetMinutes())
              .put("off", hours.off().map(TIME::format).orElse("sunrise"))
              .put("averagePercent", hours.averagePercent());
          j.texts("switched", hours.switched());
          j.put("pricePerKWh", hours.tariff().pricePerKwh())
              .put("currency", hours.tariff().currency());
          Hours.Apart apart = hours.apart();
          if (!apart.equals(Hours.Apart.NONE)) {
            j.texts("daysOff", apart.daysOff().stream().map(HoursJson::name).toList());
            j.texts("darkDates", apart.dark().stream().map(DATE::format).toList());
            j.texts("litDates", apart.lit().stream().map(DATE::format).toList());
            j.list("seasons", apart.seasons(), HoursJson::season);
          }
        });
  }

  private static void season(Json json, Hours.Season season) throws IOException {
    json.put("from", season.from().format(DATE)).put("to", season.to().format(DATE));
  }
}
