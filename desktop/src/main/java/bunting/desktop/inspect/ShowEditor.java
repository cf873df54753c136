package bunting.desktop.inspect;

import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.model.Session;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;

/** What is edited of the show as a whole. */
final class ShowEditor {
  private final Session session;
  private final Show show;
  private final Field brightness;

  ShowEditor(Session session, Show show) {
    this.session = session;
    this.show = show;
    brightness =
        new Field(
            "Brightness",
            "edit-brightness",
            Texts.number(show.settings().brightnessPercent()),
            "% of white",
            this::brightness);
  }

  private Optional<String> brightness(String text) {
    Optional<Double> value = Numbers.decimal(text).filter(v -> v >= 0 && v <= 100);
    value.ifPresent(
        v ->
            session.edit(
                "Brightness " + Texts.number(v) + " %.",
                show.withSettings(show.settings().withBrightness(v))));
    return value.isPresent() ? Optional.empty() : Optional.of("Give a number from 0 to 100.");
  }

  List<Node> rows() {
    return List.of(brightness.node());
  }

  Node firstField() {
    return brightness.control();
  }
}
