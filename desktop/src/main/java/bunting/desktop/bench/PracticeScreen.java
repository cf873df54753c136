package bunting.desktop.bench;

import bunting.core.pattern.Pattern;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Something is wrong with the stand-ins: find it with patterns, meter and eyes. */
public final class PracticeScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<PracticeScreen> SCREEN =
      ScreenDefinition.of("practice", "Bench", "Practice", PracticeScreen::new)
          .reachedBy("Shortcut+Shift+X", "Bench: practise on a planted fault")
          .pictured(
              "practice",
              (desk, view) -> {
                view.side.beginInSight();
                view.elevation.fitBox();
                view.model.choose(Pattern.WHITE);
              });

  private final BenchModel model;
  private final LiveElevation elevation;
  private final PracticeSide side;
  private final Label told = Words.soft("");
  private final Label title = new Label();

  private PracticeScreen(Desk desk) {
    super(6);
    this.model = desk.view(FloorScreen.SCREEN).model();
    getStyleClass().add("survey");
    side = new PracticeSide(model);
    elevation =
        new LiveElevation(
            model, desk.palette(), () -> model.shown().get().map(f -> f.rgb()), this::probe);
    LiveLine line = new LiveLine(model, this::probe);
    VBox.setVgrow(elevation, Priority.ALWAYS);
    Label hint =
        Words.soft(
            "One thing is wrong with these stand-ins. Send, look, click to measure; then say what"
                + " and where.");
    hint.setWrapText(true);
    HBox head = new HBox(10, Words.heading("Practice"), hint);
    head.setAlignment(Pos.CENTER_LEFT);
    title.getStyleClass().add("heading-small");
    told.setId("practice-told");
    told.setMinHeight(16);
    VBox below = new VBox(4, title, line, told);
    below.getStyleClass().add("power-card");
    VBox.setVgrow(line, Priority.ALWAYS);
    VBox.setVgrow(below, Priority.SOMETIMES);
    getChildren().addAll(head, elevation, below);
    model.session().selection().addListener(o -> refresh());
    model
        .rig()
        .addListener(
            o -> {
              told.setText("");
              refresh();
            });
    PatternKeys.listen(this, model);
    PatternKeys.listen(side, model);
    sceneProperty()
        .addListener(
            (o, was, now) -> {
              if (now != null) {
                model.wake();
              } else {
                side.leave();
              }
            });
    refresh();
  }

  private void refresh() {
    title.setText(
        model.chain().map(c -> c.controller() + " · port " + c.port()).orElse("No line yet"));
  }

  /** A meter held to a pixel: a test that counts. */
  private void probe(String run, int pixel) {
    elevation.mark(Optional.of(new LiveElevation.Mark(run, pixel, pixel)));
    model.session().selection().set(new Selection.OfRun(run));
    side.measured(run, pixel).ifPresent(told::setText);
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public void takeKeyboard() {
    elevation.requestFocus();
  }

  @Override
  public boolean busy() {
    return model.awaiting();
  }
}
