package bunting.desktop.inspect;

import bunting.core.show.Fitting;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;

/** How the slots of a run lie on its pixels: grouping, colour order, reversal. */
final class FittingEditor {
  private final Session session;
  private final Run run;
  private final PixelType type;

  FittingEditor(Session session, Show show, Run run) {
    this.session = session;
    this.run = run;
    this.type = show.catalogue().pixelTypesById().get(run.type());
  }

  List<Node> rows() {
    Fitting f = run.fitting();
    Field group =
        new Field(
            "Slots for", "edit-grouping", Integer.toString(f.grouping()), "px a set", this::group);
    Field order =
        new Field("Colours", "edit-order", f.order().orElse(type.order()), "order", this::order);
    CheckBox reversed = new CheckBox("first slot at the far end");
    reversed.setId("edit-reversed");
    reversed.setSelected(f.reversed());
    reversed
        .selectedProperty()
        .addListener(
            (o, before, now) ->
                edit(
                    now ? "begins at the far end" : "begins at the feed end",
                    x -> new Fitting(x.grouping(), x.order(), now)));
    return List.of(group.node(), order.node(), Field.row("Reversed", reversed, ""));
  }

  private void edit(String what, UnaryOperator<Fitting> change) {
    session.editRun(
        run.name() + ": " + what + ".", run.name(), r -> r.withFitting(change.apply(r.fitting())));
  }

  private Optional<String> group(String text) {
    Optional<Integer> n = Numbers.whole(text).filter(v -> v >= 1 && v <= Fitting.GROUPING_MAX);
    n.ifPresent(
        v ->
            edit(
                v + (v == 1 ? " pixel a set of slots" : " pixels a set of slots"),
                f -> new Fitting(v, f.order(), f.reversed())));
    return n.isPresent()
        ? Optional.empty()
        : Optional.of("Give a whole number from 1 to " + Fitting.GROUPING_MAX + ".");
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
