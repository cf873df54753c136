package bunting.desktop.power;

import bunting.core.assess.Reading;
import bunting.core.show.Texts;
import bunting.core.whatif.Outcome;
import bunting.core.whatif.WhatIf;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.collections.FXCollections;
import javafx.collections.transformation.FilteredList;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
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
          .reachedBy("Shortcut+Shift+L", "Power: lose any one part, the worst first")
          .pictured("losses", (desk, view) -> {});

  private static final double ROW = 28;

  private final Session session;
  private final Label summary = new Label();
  private final CheckBox bad = new CheckBox("only those that overload something");
  private final FilteredList<Outcome> rows =
      new FilteredList<>(FXCollections.observableArrayList());
  private final TableView<Outcome> table = new TableView<>(rows);
  private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper();
  private Optional<Reading> of = Optional.empty();
  private int asked;

  private LossScreen(Desk desk) {
    super(8);
    this.session = desk.session();
    Consumer<Outcome> show = o -> desk.go(PowerScreen.SCREEN).lose(o.loss());
    getStyleClass().add("sheet");
    Label title = new Label("Lose any one part");
    title.getStyleClass().add("heading");
    title.setMinWidth(USE_PREF_SIZE);
    summary.getStyleClass().add("soft");
    summary.setId("loss-summary");
    bad.setId("loss-bad");
    bad.setMinWidth(USE_PREF_SIZE);
    bad.selectedProperty()
        .addListener((o, was, on) -> rows.setPredicate(r -> !on || !r.overloads().isEmpty()));
    HBox.setHgrow(summary, Priority.ALWAYS);
    summary.setMaxWidth(Double.MAX_VALUE);
    HBox head = new HBox(12, title, summary, bad);
    head.setAlignment(Pos.CENTER_LEFT);
    table.setId("loss-table");
    table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
    table.setFixedCellSize(ROW);
    column("What is lost", 240, o -> o.name());
    column("dark px", 70, o -> count(o.darkPixels()));
    column("no data px", 84, o -> count(o.noDataPixels()));
    column("below least px", 104, o -> count(o.sagPixels()));
    column("lowest left", 220, LossScreen::lowest);
    column("then overloaded", 220, LossScreen::overloads);
    column("dark in the end", 110, o -> count(o.darkInTheEnd()));
    table.setOnMouseClicked(e -> chosen(show, e.getClickCount() == 2));
    table.setOnKeyPressed(e -> chosen(show, e.getCode() == KeyCode.ENTER));
    VBox.setVgrow(table, Priority.ALWAYS);
    Label hint =
        new Label(
            "Enter or a double click shows it on the river. Dark pixels pass no data on; a fuse"
                + " counts as overloaded above its rating, and those open one after another.");
    hint.getStyleClass().add("soft");
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

  private void column(
      String name, double width, java.util.function.Function<Outcome, String> text) {
    TableColumn<Outcome, String> column = new TableColumn<>(name);
    column.setCellValueFactory(c -> new ReadOnlyStringWrapper(text.apply(c.getValue())));
    column.setPrefWidth(width);
    column.setSortable(false);
    table.getColumns().add(column);
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

  private static String overloads(Outcome o) {
    if (o.overloads().isEmpty()) {
      return "";
    }
    Outcome.Overload first = o.overloads().getFirst();
    return "! "
        + first.id()
        + ": "
        + Texts.fixed(first.amps(), 1)
        + " A on "
        + Texts.number(first.mostAmps())
        + " A"
        + (o.overloads().size() > 1 ? " and " + (o.overloads().size() - 1) + " more" : "");
  }

  /** Only what is looked at is worked out, beside the interface. */
  private void refresh() {
    Optional<Reading> now = session.assessment().get().map(a -> a.reading());
    if (getScene() == null || now.isEmpty() || now.equals(of)) {
      return;
    }
    of = now;
    int number = ++asked;
    busy.set(true);
    summary.setText("Every loss is being tried…");
    session
        .background()
        .run(
            "trying every loss",
            job -> new WhatIf(now.get()).all(),
            all -> {
              if (number == asked) {
                busy.set(false);
                take(all);
              }
            },
            why -> {
              if (number == asked) {
                busy.set(false);
                of = Optional.empty();
                summary.setText(why);
              }
            });
  }

  @SuppressWarnings("unchecked")
  private void take(List<Outcome> all) {
    ((javafx.collections.ObservableList<Outcome>) rows.getSource()).setAll(all);
    long dark = all.stream().filter(o -> o.darkPixels() > 0).count();
    long over = all.stream().filter(o -> !o.overloads().isEmpty()).count();
    summary.setText(
        all.size()
            + " losses tried · "
            + dark
            + " leave pixels dark · "
            + (over == 0 ? "none overloads another" : over + " overload another"));
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
    return busy.get();
  }
}
