package bunting.desktop.power;

import bunting.core.assess.Reading;
import bunting.core.show.Texts;
import bunting.core.whatif.Outcome;
import bunting.core.whatif.WhatIf;
import bunting.desktop.kit.Columns;
import bunting.desktop.kit.Newest;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.collections.transformation.FilteredList;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Every single loss and what it does, the worst first. */
public final class LossScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<LossScreen> SCREEN =
      ScreenDefinition.of("losses", "Power", "Every loss", LossScreen::new)
          .reachedBy("Shortcut+Shift+L", "Power: lose any one part, the worst first");

  private final Session session;
  private final Label summary = Words.soft("");
  private final CheckBox bad = new CheckBox("only those that overload something");
  private final ObservableList<Outcome> all = FXCollections.observableArrayList();
  private final FilteredList<Outcome> rows = new FilteredList<>(all);
  private final TableView<Outcome> table =
      new Columns<Outcome>("loss-table", "No plan yet: nothing can be lost.")
          .add("What is lost", 214, Outcome::name)
          .add("dark px", 70, o -> count(o.darkPixels()))
          .add("no data px", 84, o -> count(o.noDataPixels()))
          .add("below least px", 114, o -> count(o.sagPixels()))
          .add("lowest left", 190, LossScreen::lowest)
          .add("then overloaded", 190, o -> list(o.overloads(), "on"))
          .add("dark at last", 92, o -> count(o.darkInTheEnd()))
          .add("then burns", 170, o -> list(o.burns(), "where"))
          .table();
  private final Newest trying;
  private Optional<Reading> of = Optional.empty();

  private LossScreen(Desk desk) {
    super(8);
    this.session = desk.session();
    Consumer<Outcome> show = o -> desk.go(PowerScreen.SCREEN).lose(o.loss());
    getStyleClass().add("sheet");
    trying = new Newest(session.background());
    summary.setId("loss-summary");
    bad.setId("loss-bad");
    bad.setMinWidth(USE_PREF_SIZE);
    bad.selectedProperty()
        .addListener(
            (o, was, on) ->
                rows.setPredicate(r -> !on || !r.overloads().isEmpty() || !r.burns().isEmpty()));
    HBox.setHgrow(summary, Priority.ALWAYS);
    summary.setMaxWidth(Double.MAX_VALUE);
    HBox head = new HBox(12, Words.heading("Lose any one part"), summary, bad);
    head.setAlignment(Pos.CENTER_LEFT);
    table.setItems(rows);
    table.setOnMouseClicked(e -> chosen(show, e.getClickCount() == 2));
    table.setOnKeyPressed(e -> chosen(show, e.getCode() == KeyCode.ENTER));
    VBox.setVgrow(table, Priority.ALWAYS);
    Label hint =
        Words.soft(
            "Enter or a double click shows it under Power. Below 60 % of its volts a pixel is dark"
                + " and passes no data on. A fuse is overloaded above its rating and opens from"
                + " 135 % on, the fullest first; a wire over its limit that no fuse saves burns.");
    hint.setWrapText(true);
    hint.setMinHeight(USE_PREF_SIZE);
    getChildren().addAll(head, table, hint);
    session.assessment().addListener(o -> refresh());
    sceneProperty().addListener(o -> refresh());
  }

  private void chosen(Consumer<Outcome> show, boolean yes) {
    Outcome row = table.getSelectionModel().getSelectedItem();
    if (yes && row != null) {
      show.accept(row);
    }
  }

  private static String count(int pixels) {
    return pixels == 0 ? "" : Integer.toString(pixels);
  }

  private static String lowest(Outcome o) {
    return o.lowest()
        .map(
            l ->
                Texts.fixed(l.volts(), 2)
                    + " V, "
                    + Texts.fixed(l.percent(), 0)
                    + " %: "
                    + l.run()
                    + " px "
                    + l.pixel())
        .orElse("");
  }

  private static String list(List<Outcome.Overload> things, String word) {
    if (things.isEmpty()) {
      return "";
    }
    Outcome.Overload first = things.getFirst();
    return "! "
        + first.id()
        + ": "
        + Texts.fixed(first.amps(), 1)
        + " A "
        + word
        + " "
        + Texts.number(first.mostAmps())
        + " A"
        + (things.size() > 1 ? " and " + (things.size() - 1) + " more" : "");
  }

  /** Only what is looked at is worked out, beside the interface. */
  private void refresh() {
    Optional<Reading> now = session.assessment().get().map(a -> a.reading());
    if (getScene() == null || now.equals(of)) {
      return;
    }
    of = now;
    all.clear();
    if (now.isEmpty()) {
      trying.stop();
      summary.setText("");
      return;
    }
    summary.setText("Every loss is being tried…");
    trying.ask(
        "trying every loss",
        job -> new WhatIf(now.get()).forPeople(),
        this::take,
        why -> {
          of = Optional.empty();
          summary.setText(why);
        });
  }

  private void take(List<Outcome> found) {
    all.setAll(found);
    long dark = found.stream().filter(o -> o.darkPixels() > 0).count();
    long over = found.stream().filter(o -> !o.overloads().isEmpty()).count();
    summary.setText(
        Texts.count(found.size(), "loss", "losses")
            + " tried · "
            + dark
            + (dark == 1 ? " leaves" : " leave")
            + " pixels dark · "
            + (over == 0
                ? "none overloads another"
                : over + (over == 1 ? " overloads another" : " overload another")));
    table.getSelectionModel().selectFirst();
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of();
  }

  @Override
  public void takeKeyboard() {
    table.requestFocus();
  }

  @Override
  public boolean busy() {
    return trying.busy().get();
  }
}
