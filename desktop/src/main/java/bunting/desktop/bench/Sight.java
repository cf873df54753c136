package bunting.desktop.bench;

import bunting.core.faults.Layout;
import bunting.core.faults.Live;
import bunting.core.show.Texts;
import bunting.desktop.kit.Words;
import bunting.desktop.look.Palette;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * The site and under it the line at hand, as their pixels look in a frame. A click on either points
 * at a pixel; what is marked is marked on both.
 */
final class Sight extends VBox {
  private final BenchModel model;
  private final ObservableValue<Optional<Live.Frame>> frame;
  private final LiveElevation elevation;
  private final LiveLine line;
  private final Label title = Words.styled("", "heading-small");
  private final Label about = Words.soft("");
  private final VBox card;

  /**
   * @param frame what is shown; empty while nothing is known
   * @param what a word before the line's name, such as "as planned"; may be empty
   */
  Sight(
      BenchModel model,
      ObservableValue<Palette> palette,
      ObservableValue<Optional<Live.Frame>> frame,
      String what,
      LiveElevation.Pointed pointed) {
    super(6);
    this.model = model;
    this.frame = frame;
    elevation = new LiveElevation(model, palette, frame, pointed);
    line = new LiveLine(model, frame, pointed);
    Label empty =
        new Label(
            "Nothing to light yet.\n\nMeasure runs under Survey (F5); the plan makes the boxes,"
                + " and their stand-ins\nwait here for what you send.");
    empty.getStyleClass().add("empty");
    empty.setMouseTransparent(true);
    empty
        .visibleProperty()
        .bind(Bindings.createBooleanBinding(() -> model.rig().get().isEmpty(), model.rig()));
    StackPane site = new StackPane(elevation, empty);
    site.setMinWidth(0);
    VBox.setVgrow(site, Priority.ALWAYS);
    title.setMinWidth(USE_PREF_SIZE);
    Label before = Words.styled(what, "figure");
    before.setMinWidth(USE_PREF_SIZE);
    HBox head = new HBox(10, title, about);
    if (!what.isEmpty()) {
      head.getChildren().addFirst(before);
    }
    head.setAlignment(Pos.BASELINE_LEFT);
    card = new VBox(4, head, line);
    card.getStyleClass().add("power-card");
    VBox.setVgrow(line, Priority.ALWAYS);
    VBox.setVgrow(card, Priority.SOMETIMES);
    getChildren().addAll(site, card);
    model.rig().addListener(o -> entitle());
    model.session().selection().addListener(o -> entitle());
    entitle();
  }

  private void entitle() {
    title.setText(
        model
            .hand()
            .chain()
            .map(c -> c.controller() + " · port " + c.port())
            .orElse("No line yet"));
    about.setText(model.hand().chain().map(Sight::about).orElse(""));
  }

  private static String about(Layout.Chain c) {
    return c.pixels() + " px · " + c.segments().getFirst().type().name();
  }

  LiveElevation elevation() {
    return elevation;
  }

  /** Adds something under the line. */
  void below(javafx.scene.Node node) {
    card.getChildren().add(node);
  }

  /** Marks pixels, or none. */
  void mark(Optional<LiveElevation.Mark> pixels) {
    elevation.mark(pixels);
    line.mark(pixels);
  }

  /** What a meter reads at a pixel now, beside what was planned, and its colour. */
  Optional<String> reading(String run, int pixel) {
    return model
        .rig()
        .get()
        .flatMap(r -> r.layout().partAt(run, pixel))
        .flatMap(
            part ->
                frame
                    .getValue()
                    .filter(f -> f.volts().length > part.chain().index())
                    .map(f -> run + ", pixel " + pixel + ": " + text(f, part, pixel)));
  }

  private static String text(Live.Frame f, Layout.Part part, int pixel) {
    int chain = part.chain().index();
    int at = part.indexOf(pixel);
    double planned = part.segment().volts().at(pixel - part.segment().segment().firstPixel());
    return Texts.fixed(f.volts()[chain][at], 2)
        + " V of "
        + Texts.number(part.segment().type().volts())
        + " V now, "
        + Texts.fixed(planned, 2)
        + " V planned at the brightness designed for; colour #"
        + String.format("%06x", f.rgb()[chain][at]);
  }
}
