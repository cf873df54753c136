package bunting.desktop.inspect;

import bunting.core.limits.Range;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Texts;
import bunting.core.show.Underlay;
import bunting.core.show.edit.Names;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What is edited of the show as a whole. */
final class ShowEditor {
  private final Session session;

  private ShowEditor(Session session) {
    this.session = session;
  }

  static Form form(Session session, Show show) {
    Form form = new Form();
    new ShowEditor(session).fill(form, show);
    PlanningEditor.addTo(form, session, show);
    return form;
  }

  private void fill(Form form, Show show) {
    ShowSettings now = show.settings();
    form.text("Name", "edit-show-name", now.name(), "", this::name);
    form.number(
        "Brightness",
        "edit-brightness",
        now.brightnessPercent(),
        "% of white",
        Range.PERCENT,
        v -> settings("Brightness " + Texts.number(v) + " %.", s -> s.withBrightness(v)));
    LeastVolts.addTo(form, session, show);
    form.check(
        "Lengths",
        "edit-feet",
        "feet and inches",
        show.survey().feet(),
        on ->
            session.edit(
                on ? "Lengths in feet." : "Lengths in metres.",
                s -> s.withSurvey(s.survey().withFeet(on))));
    form.text("Currency", "edit-currency", now.currency(), "of prices", this::currency)
        .prompting("EUR, £ …");
    show.survey().underlay().ifPresent(u -> underlay(form, u, Lengths.of(show)));
    new FaceEditor(session, show).addTo(form);
  }

  private void underlay(Form form, Underlay u, Lengths lengths) {
    form.heading("Picture: " + u.picture().name());
    form.words(u.scaled() ? "It is to scale." : "Not to scale yet: S on the elevation.");
    form.number(
        "Shows",
        "edit-opacity",
        u.opacityPercent(),
        "%",
        Range.PERCENT,
        v -> lay(x -> x.dimmedTo(v)));
    form.number(
        "Turned", "edit-turn", u.turnDeg(), "°", Range.DEGREES, v -> lay(x -> x.turnedTo(v)));
    form.length(
        "Left edge",
        "edit-picture-x",
        u.origin().x(),
        lengths,
        Range.PLACE,
        v -> lay(x -> x.moved(v - x.origin().x(), 0)));
    form.length(
        "Lower edge",
        "edit-picture-y",
        u.origin().y(),
        lengths,
        Range.PLACE,
        v -> lay(x -> x.moved(0, v - x.origin().y())));
  }

  private void lay(UnaryOperator<Underlay> change) {
    session.edit(
        "The picture lies otherwise.",
        s -> s.withSurvey(s.survey().withUnderlay(s.survey().underlay().map(change))));
  }

  private void settings(String what, UnaryOperator<ShowSettings> change) {
    session.edit(what, s -> s.withSettings(change.apply(s.settings())));
  }

  private Optional<String> name(String text) {
    if (!Names.sound(text)) {
      return Optional.of(Names.WANTED);
    }
    settings("The show is called " + text + ".", s -> s.withName(text));
    return Optional.empty();
  }

  private Optional<String> currency(String text) {
    if (text.length() > Range.CURRENCY_MAX) {
      return Optional.of("Give a code or a sign of at most " + Range.CURRENCY_MAX + " characters.");
    }
    settings(
        text.isEmpty() ? "No currency is set." : "Prices are in " + text + ".",
        s -> s.withCurrency(text));
    return Optional.empty();
  }
}
