package bunting.desktop.inspect;

import bunting.core.limits.Range;
import bunting.core.show.Fitting;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** How the slots of a run lie on its pixels: grouping, colour order, reversal. */
final class FittingEditor {
  private final Session session;
  private final Run run;
  private final PixelType type;

  FittingEditor(Session session, Show show, Run run) {
    this.session = session;
    this.run = run;
    this.type = Objects.requireNonNull(show.catalogue().pixelTypesById().get(run.type()));
  }

  void addTo(Form form) {
    Fitting f = run.fitting();
    form.whole(
        "Slots for",
        "edit-grouping",
        f.grouping(),
        "px a set",
        Range.between(1, Fitting.GROUPING_MAX),
        n ->
            edit(
                Texts.count(n, "pixel", "pixels") + " a set of slots",
                x -> new Fitting(n, x.order(), x.reversed())));
    form.text("Colours", "edit-order", f.order().orElse(type.order()), "order", this::order);
    form.check(
        "Reversed",
        "edit-reversed",
        "first slot at the far end",
        f.reversed(),
        now ->
            edit(
                now ? "begins at the far end" : "begins at the feed end",
                x -> new Fitting(x.grouping(), x.order(), now)));
  }

  private void edit(String what, UnaryOperator<Fitting> change) {
    session.editRun(
        run.name() + ": " + what + ".", run.name(), r -> r.withFitting(change.apply(r.fitting())));
  }

  private Optional<String> order(String text) {
    String upper = text.toUpperCase(Locale.ROOT);
    if (!Fitting.rearranges(upper, type.order())) {
      return Optional.of("Give the letters " + type.order() + " in the order of the wire.");
    }
    Optional<String> own = Optional.of(upper).filter(o -> !o.equals(type.order()));
    edit("colour order " + upper, f -> new Fitting(f.grouping(), own, f.reversed()));
    return Optional.empty();
  }
}
