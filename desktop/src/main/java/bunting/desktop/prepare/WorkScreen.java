package bunting.desktop.prepare;

import bunting.core.kit.WorkList;
import bunting.core.show.Preparation;
import bunting.core.show.Preparation.Done;
import bunting.core.show.Texts;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is done in which order, place by place, ticked as it is done. */
public final class WorkScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<WorkScreen> SCREEN =
      ScreenDefinition.of("work-list", "Papers", "Work list", WorkScreen::new)
          .reachedBy("Shortcut+Shift+T", "Work list: what goes up in which order")
          .pictured("work-list", (desk, view) -> view.pose());

  private static final double MINUTES_AN_HOUR = 60;

  private final Session session;
  private final PrepareModel model;
  private final PlacesView places;
  private final WorkSide side;
  private final Label summary = Words.soft("");
  private final Label empty =
      Words.softLines("No plan yet: there is nothing to do. Add runs (F5).");
  private final ListView<WorkList.Step> steps = new ListView<>();

  private WorkScreen(Desk desk) {
    super(8);
    this.session = desk.session();
    this.model = new PrepareModel(session);
    this.places = new PlacesView(desk.palette(), this::choose);
    this.side = new WorkSide(session, model, this::tick);
    getStyleClass().add("sheet");
    summary.setId("work-summary");
    steps.setId("work-steps");
    steps.setCellFactory(v -> new StepCell());
    steps.setPlaceholder(empty);
    steps.setOnKeyPressed(
        e -> {
          WorkList.Step now = steps.getSelectionModel().getSelectedItem();
          if (e.getCode() == KeyCode.SPACE && now != null) {
            tick(now, !done().contains(now.key()));
            e.consume();
          }
        });
    VBox.setVgrow(steps, Priority.ALWAYS);
    HBox head = new HBox(12, Words.heading("Work list"), summary);
    head.setAlignment(Pos.BASELINE_LEFT);
    Label caution =
        Words.note(
            "Mains stay off until the list says otherwise. Two people where a ladder or a roof is;"
                + " nobody in rain, wind or ice. Opening mains belongs to licensed people where"
                + " local codes say so.",
            "warn");
    getChildren().addAll(head, places, steps, caution);
    steps
        .getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (o, was, now) -> {
              Optional<WorkList.Step> chosen = Optional.ofNullable(now);
              places.choose(chosen.map(WorkList.Step::place).orElse(""));
              side.show(chosen);
            });
    model.lists().addListener(o -> refresh());
    session.assessment().addListener(o -> look());
    session.document().show().addListener(o -> ticks());
    session.file().addListener(o -> look());
    sceneProperty().addListener(o -> look());
    refresh();
  }

  private void look() {
    if (getScene() != null) {
      model.refresh();
    }
  }

  private Set<Done> done() {
    return session.show().map(s -> Set.copyOf(s.preparation().done())).orElse(Set.of());
  }

  private void choose(WorkList.Step step) {
    steps.getSelectionModel().select(step);
    steps.scrollTo(step);
  }

  private void tick(WorkList.Step step, boolean on) {
    session.edit(
        on ? "Done: " + step.what() + "." : "Not done any more: " + step.what() + ".",
        s -> s.withPreparation(s.preparation().with(step.key(), on)));
  }

  private void refresh() {
    List<WorkList.Step> now = model.lists().get().map(l -> l.work().steps()).orElse(List.of());
    if (!now.equals(steps.getItems())) {
      Optional<Done> chosen =
          Optional.ofNullable(steps.getSelectionModel().getSelectedItem()).map(WorkList.Step::key);
      steps.getItems().setAll(now);
      chosen
          .flatMap(c -> now.stream().filter(s -> s.key().equals(c)).findFirst())
          .ifPresent(s -> steps.getSelectionModel().select(s));
    }
    side.show(Optional.ofNullable(steps.getSelectionModel().getSelectedItem()));
    ticks();
  }

  private void ticks() {
    Set<Done> done = done();
    List<WorkList.Step> all = steps.getItems();
    double open =
        all.stream().filter(s -> !done.contains(s.key())).mapToDouble(WorkList.Step::minutes).sum();
    long ticked = all.stream().filter(s -> done.contains(s.key())).count();
    boolean learned = all.stream().anyMatch(WorkList.Step::learned);
    summary.setText(
        all.isEmpty()
            ? ""
            : ticked
                + " of "
                + Texts.count(all.size(), "step", "steps")
                + " done, "
                + Texts.fixed(open / MINUTES_AN_HOUR, 1)
                + " hours to come"
                + (learned ? ", as the log knows this crew" : ", by our reckoning"));
    places.show(all, done);
    steps.refresh();
    side.ticked();
  }

  /** A morning's work done. */
  private void pose() {
    List<Done> some =
        steps.getItems().stream()
            .map(WorkList.Step::key)
            .limit(steps.getItems().size() / 4)
            .toList();
    session.edit("A morning's work.", s -> s.withPreparation(s.preparation().withDone(some)));
    steps.getSelectionModel().select(some.size());
    steps.scrollTo(Math.max(0, some.size() - 3));
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public boolean busy() {
    return model.busy();
  }

  @Override
  public void takeKeyboard() {
    steps.requestFocus();
    if (steps.getSelectionModel().isEmpty() && !steps.getItems().isEmpty()) {
      steps.getSelectionModel().select(0);
    }
  }

  /** A step with its box to tick, in as many lines as it takes. */
  private final class StepCell extends ListCell<WorkList.Step> {
    private static final double PLACE = 190;

    private final CheckBox box = new CheckBox();
    private final Label number = Words.figure("");
    private final Label what = Words.lines("");
    private final Label after = Words.soft("");
    private final Label place = Words.softLines("");
    private final Label minutes = Words.soft("");
    private final HBox row;

    StepCell() {
      number.setMinWidth(34);
      number.setPrefWidth(34);
      number.setAlignment(Pos.CENTER_RIGHT);
      place.setMinWidth(PLACE);
      place.setPrefWidth(PLACE);
      minutes.setMinWidth(54);
      minutes.setAlignment(Pos.CENTER_RIGHT);
      VBox middle = new VBox(1, what, after);
      after.managedProperty().bind(after.textProperty().isNotEmpty());
      HBox.setHgrow(middle, Priority.ALWAYS);
      row = new HBox(10, box, number, middle, place, minutes);
      row.setAlignment(Pos.TOP_LEFT);
      box.setFocusTraversable(false);
      box.setOnAction(
          e -> Optional.ofNullable(getItem()).ifPresent(s -> tick(s, box.isSelected())));
      setPrefWidth(0);
    }

    @Override
    protected void updateItem(WorkList.Step step, boolean nothing) {
      super.updateItem(step, nothing);
      if (nothing || step == null) {
        setGraphic(null);
        return;
      }
      Preparation known = session.show().map(s -> s.preparation()).orElse(Preparation.NONE);
      boolean done = known.done().contains(step.key());
      List<Integer> waits =
          model.lists().get().map(l -> l.work().awaits(step, known)).orElse(List.of());
      box.setSelected(done);
      box.setId("tick-" + step.number());
      box.setAccessibleText("Step " + step.number() + ": " + step.what());
      number.setText(Integer.toString(step.number()));
      what.setText(step.what());
      what.setOpacity(done ? 0.6 : 1);
      after.setText(
          done || waits.isEmpty()
              ? ""
              : "after " + waits.stream().map(n -> "" + n).collect(Collectors.joining(", ")));
      place.setText(step.place() + (step.people() > 1 ? ", two people" : ""));
      minutes.setText(Texts.fixed(step.minutes(), 0) + " min");
      setGraphic(row);
    }
  }
}
