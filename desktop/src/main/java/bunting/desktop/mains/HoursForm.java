package bunting.desktop.mains;

import bunting.core.hours.Cities;
import bunting.core.limits.Range;
import bunting.core.show.Hours;
import bunting.core.show.edit.MainsEdits;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Document;
import bunting.desktop.session.Session;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;

/** What is edited of the hours. */
final class HoursForm {
  private static final String SUNSET = "sunset";
  private static final String SUNRISE = "sunrise";
  private static final String DATE_WANTED = "A date such as 2026-11-27";

  private final Session session;
  private final Hours hours;

  private HoursForm(Session session, Hours hours) {
    this.session = session;
    this.hours = hours;
  }

  static Form of(Session session, Hours hours) {
    Form form = new Form();
    HoursForm editor = new HoursForm(session, hours);
    editor.times(form);
    editor.place(form);
    editor.energy(form);
    editor.apart(form);
    return form;
  }

  private void times(Form form) {
    form.text(
        "First day", "hours-from", hours.season().from().toString(), "", t -> season(t, true));
    form.text("Last day", "hours-to", hours.season().to().toString(), "", t -> season(t, false));
    form.text(
        "On at",
        "hours-on",
        HoursText.time(hours.on(), SUNSET),
        "",
        text ->
            HoursText.time(text, SUNSET)
                .map(t -> edit(h -> h.withOn(t)))
                .orElse(Optional.of("sunset, or a time such as 17:00")));
    form.whole(
        "and then",
        "hours-offset",
        hours.onOffsetMinutes(),
        "min later",
        Range.MINUTES_APART,
        v -> edit(h -> h.withOnOffset(v)));
    form.text(
        "Off at",
        "hours-off",
        HoursText.time(hours.off(), SUNRISE),
        "",
        text ->
            HoursText.time(text, SUNRISE)
                .map(t -> edit(h -> h.withOff(t)))
                .orElse(Optional.of("sunrise, or a time such as 22:30")));
  }

  private Optional<String> season(String text, boolean first) {
    Optional<LocalDate> date = HoursText.date(text);
    if (date.isEmpty()) {
      return Optional.of(DATE_WANTED);
    }
    return edit(
        h -> {
          LocalDate from = first ? date.get() : h.season().from();
          LocalDate to = first ? h.season().to() : date.get();
          // A season that is put off goes as a whole.
          boolean later = first && to.isBefore(from);
          LocalDate end =
              later ? from.plusDays(h.season().from().datesUntil(h.season().to()).count()) : to;
          return h.withSeason(new Hours.Season(from, end));
        });
  }

  private void place(Form form) {
    List<Cities.City> cities = new ArrayList<>();
    Cities.City typed = new Cities.City("as typed below", hours.place());
    Cities.City now =
        Cities.all().stream()
            .filter(c -> c.place().equals(hours.place()))
            .findFirst()
            .orElse(typed);
    cities.add(typed);
    cities.addAll(Cities.all());
    form.choice(
        "Place", "hours-city", cities, Cities.City::name, now, c -> edit(h -> at(h, c.place())));
    form.number(
        "North",
        "hours-latitude",
        hours.place().latitude(),
        "°",
        Range.LATITUDE,
        v -> edit(h -> at(h, new Hours.Place(v, h.place().longitude(), h.place().zone()))));
    form.number(
        "East",
        "hours-longitude",
        hours.place().longitude(),
        "°",
        Range.LONGITUDE,
        v -> edit(h -> at(h, new Hours.Place(h.place().latitude(), v, h.place().zone()))));
    form.text(
        "Clock",
        "hours-zone",
        hours.place().zone().getId(),
        "",
        text ->
            ZoneId.getAvailableZoneIds().contains(text)
                ? edit(
                    h ->
                        at(
                            h,
                            new Hours.Place(
                                h.place().latitude(), h.place().longitude(), ZoneId.of(text))))
                : Optional.of("The name of a time zone, such as Europe/London"));
  }

  private static Hours at(Hours h, Hours.Place place) {
    return h.withPlace(place);
  }

  private void energy(Form form) {
    form.number(
        "Average",
        "hours-average",
        hours.averagePercent(),
        "% bright",
        Range.PERCENT,
        v -> edit(h -> h.withAverage(v)));
    form.number(
        "A kWh is",
        "hours-price",
        hours.tariff().pricePerKwh(),
        hours.tariff().currency().isEmpty() ? " " : hours.tariff().currency(),
        Range.MONEY,
        v -> edit(h -> paid(h, new Hours.Tariff(v, h.tariff().currency()))));
    form.text(
        "Money",
        "hours-currency",
        hours.tariff().currency(),
        "",
        text ->
            text.length() > Range.CURRENCY_MAX
                ? Optional.of("At most " + Range.CURRENCY_MAX + " characters")
                : edit(h -> paid(h, new Hours.Tariff(h.tariff().pricePerKwh(), text))));
  }

  private static Hours paid(Hours h, Hours.Tariff tariff) {
    return h.withTariff(tariff);
  }

  private void apart(Form form) {
    form.words("Days of the week that stay dark:");
    FlowPane week = new FlowPane(8, 4);
    for (DayOfWeek day : DayOfWeek.values()) {
      CheckBox box = new CheckBox(day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH));
      box.setId("hours-off-" + day.getValue());
      box.setSelected(hours.apart().daysOff().contains(day));
      box.setOnAction(e -> week(day, box.isSelected()));
      week.getChildren().add(box);
    }
    form.add(week);
    form.text(
            "Dark on",
            "hours-dark",
            HoursText.dates(hours.apart().dark()),
            "",
            text ->
                HoursText.dates(text)
                    .map(d -> apart(a -> new Hours.Apart(a.daysOff(), d, a.lit(), a.seasons())))
                    .orElse(Optional.of("Dates with commas between: 2026-12-24")))
        .prompting("2026-12-24");
    form.text(
            "Lit on too",
            "hours-lit",
            HoursText.dates(hours.apart().lit()),
            "",
            text ->
                HoursText.dates(text)
                    .map(d -> apart(a -> new Hours.Apart(a.daysOff(), a.dark(), d, a.seasons())))
                    .orElse(Optional.of("Dates with commas between: 2027-02-14")))
        .prompting("2027-02-14");
    form.text(
            "Seasons too",
            "hours-seasons",
            HoursText.seasons(hours.apart().seasons()),
            "",
            text ->
                HoursText.seasons(text)
                    .map(s -> apart(a -> new Hours.Apart(a.daysOff(), a.dark(), a.lit(), s)))
                    .orElse(Optional.of("From to: 2027-03-01 to 2027-03-04")))
        .prompting("2027-03-01 to 2027-03-04");
  }

  private void week(DayOfWeek day, boolean off) {
    apart(
        a -> {
          Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
          days.addAll(a.daysOff());
          if (off) {
            days.add(day);
          } else {
            days.remove(day);
          }
          return new Hours.Apart(days, a.dark(), a.lit(), a.seasons());
        });
  }

  private Optional<String> apart(UnaryOperator<Hours.Apart> change) {
    return edit(h -> h.withApart(change.apply(h.apart())));
  }

  /** A sentence where it cannot be. */
  private Optional<String> edit(UnaryOperator<Hours> change) {
    Document.Outcome outcome =
        session.edit(
            "The hours were changed.",
            s -> s.mains().hours().map(h -> MainsEdits.withHours(s, change.apply(h))).orElse(s));
    return outcome instanceof Document.Outcome.Refused r ? Optional.of(r.why()) : Optional.empty();
  }
}
