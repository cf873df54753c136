package bunting.desktop.inspect;

import bunting.core.show.PixelType;
import bunting.core.show.Show;
import bunting.core.show.TypePlug;
import bunting.core.show.edit.Names;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** The plugs that a pixel type comes with; all runs of it have them. */
final class PlugEditor {
  private final Session session;
  private final PixelType type;
  private final TypePlug plug;

  PlugEditor(Session session, Show show, PixelType type) {
    this.session = session;
    this.type = type;
    this.plug = show.preparation().plugOf(type.id()).orElse(TypePlug.of(type.id()));
  }

  void addTo(Form form) {
    form.heading("Plugs of this type");
    form.text(
            "Kind",
            "plug-kind",
            plug.plug(),
            "",
            text ->
                text.length() > Names.LENGTH_MAX
                    ? Optional.of("Give at most " + Names.LENGTH_MAX + " characters.")
                    : edit(
                        "the plug is " + (text.isEmpty() ? "not said" : text),
                        p -> new TypePlug(p.pixelType(), text, p.backup(), p.back(), p.plus())))
        .prompting("round, white ring");
    form.choice(
        "V+ is on",
        "plug-plus",
        List.of(TypePlug.Side.values()),
        s -> s == TypePlug.Side.UNSAID ? "not looked at" : "the " + s.id(),
        plug.plus(),
        side ->
            edit(
                "V+ is on the " + side.id().toLowerCase(Locale.ROOT),
                p -> new TypePlug(p.pixelType(), p.plug(), p.backup(), p.back(), side)));
    form.alone(
        "plug-backup",
        "a backup data wire; to ground at pixel 1",
        plug.backup(),
        on ->
            edit(
                on ? "has a backup data wire" : "has no backup data wire",
                p -> new TypePlug(p.pixelType(), p.plug(), on, p.back(), p.plus())));
    form.alone(
        "plug-back",
        "the last pixel's data comes back",
        plug.back(),
        on ->
            edit(
                on ? "data comes back" : "data does not come back",
                p -> new TypePlug(p.pixelType(), p.plug(), p.backup(), on, p.plus())));
  }

  private Optional<String> edit(String what, UnaryOperator<TypePlug> change) {
    session.edit(
        type.name() + ": " + what + ".",
        s -> {
          TypePlug now = s.preparation().plugOf(type.id()).orElse(TypePlug.of(type.id()));
          return s.withPreparation(s.preparation().withPlug(change.apply(now)));
        });
    return Optional.empty();
  }
}
