package bunting.desktop.inspect;

import bunting.core.show.Lasting;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.Names;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;

/** What somebody wants to know of a run in some years: its plugs, and what it was built to last. */
final class YearsEditor {
  private YearsEditor() {}

  static Form form(Session session, Show show, Run run) {
    PixelType type = Objects.requireNonNull(show.catalogue().pixelTypesById().get(run.type()));
    Form form = new Form();
    new PlugEditor(session, show, type).addTo(form);
    form.heading("For the years");
    for (Lasting fact : Lasting.values()) {
      form.text(
              fact.words(),
              "lasting-" + fact.key(),
              fact.of(run).orElse(""),
              "",
              text -> take(session, run.name(), fact, text))
          .prompting(fact.example());
    }
    return form;
  }

  private static Optional<String> take(Session session, String run, Lasting fact, String text) {
    if (text.length() > Names.LENGTH_MAX) {
      return Optional.of("Give at most " + Names.LENGTH_MAX + " characters.");
    }
    session.editRun(
        run + ": " + fact.words().toLowerCase(Locale.ROOT) + ".", run, r -> fact.with(r, text));
    return Optional.empty();
  }
}
