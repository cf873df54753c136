package bunting.desktop.bench;

import bunting.core.pattern.Pattern;
import bunting.core.show.Texts;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The floor: everything lit before the ladder, as it really will be. */
public final class FloorScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<FloorScreen> SCREEN =
      ScreenDefinition.of("bench", "Bench", "On the floor", FloorScreen::new)
          .reachedBy("F9", "Bench: light it on the floor")
          .pictured(
              "bench",
              (desk, view) -> {
                desk.session().selection().set(new Selection.OfRun("Paddle 6"));
                view.model().choose(Pattern.PORTS);
                view.sight.elevation().fitBox();
              });

  private final BenchModel model;
  private final Sight sight;
  private final FloorSide side;
  private final Label state = Words.soft("");
  private final Label told = Words.soft("");
  private final Label armed = Words.lines("", "armed");
  private Optional<LiveElevation.Mark> probe = Optional.empty();

  private FloorScreen(Desk desk) {
    super(6);
    this.model = new BenchModel(desk.session());
    getStyleClass().add("survey");
    sight = new Sight(model, desk.palette(), model.shown(), "", this::probe);
    side = new FloorSide(model);
    told.setId("bench-told");
    told.setMinHeight(16);
    sight.below(told);
    VBox.setVgrow(sight, Priority.ALWAYS);
    armed.managedProperty().bind(armed.visibleProperty());
    armed.setId("bench-armed");
    getChildren().addAll(head(desk), armed, sight);
    model
        .rig()
        .addListener(
            o -> {
              probe = Optional.empty();
              refresh();
            });
    model.pattern().addListener(o -> refresh());
    model.shown().addListener(o -> measured());
    model.reach().addListener(o -> refresh());
    model.brightness().addListener(o -> refresh());
    model.held().addListener(o -> refresh());
    model.session().selection().addListener(o -> refresh());
    model.real().armed().addListener(o -> refresh());
    PatternKeys.listen(this, model);
    PatternKeys.listen(side, model);
    addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    sceneProperty()
        .addListener(
            (o, was, now) -> {
              if (now != null) {
                model.wake();
              } else {
                model.real().disarm();
              }
            });
    refresh();
  }

  private HBox head(Desk desk) {
    state.setId("bench-state");
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox head =
        new HBox(
            10,
            Words.heading("On the floor"),
            state,
            gap,
            Buttons.small("bench-symptom", "What is wrong?", () -> desk.go(SymptomScreen.SCREEN)),
            Buttons.small("bench-practice", "Practise", () -> desk.go(PracticeScreen.SCREEN)));
    head.setAlignment(Pos.CENTER_LEFT);
    return head;
  }

  /** What the bench shares with its other screens. */
  BenchModel model() {
    return model;
  }

  private void refresh() {
    Optional<String> real = model.real().armed().get();
    armed.setVisible(real.isPresent());
    armed.setText(real.map(r -> r + ". Esc disarms.").orElse(""));
    state.setText(
        model
            .pattern()
            .get()
            .map(
                p ->
                    p.id()
                        + " at "
                        + Texts.fixed(model.sentPercent(), 0)
                        + " % to "
                        + model.scope().text()
                        + (model.held().get() ? ", held" : ""))
            .orElse("choose a pattern, or press a letter: W white, C chase, P ports"));
    measured();
  }

  /** A click on a pixel is a meter held to it. */
  private void probe(String run, int pixel) {
    probe = Optional.of(new LiveElevation.Mark(run, pixel, pixel));
    sight.mark(probe);
    measured();
  }

  private void measured() {
    told.setText(
        probe
            .flatMap(m -> sight.reading(m.run(), m.first()))
            .orElse("Click a pixel, above or on the line: a meter is held to it."));
  }

  private void key(KeyEvent e) {
    if (e.isShortcutDown() || e.isAltDown()) {
      return;
    }
    if (e.getCode() == KeyCode.SPACE && !(e.getTarget() instanceof Label)) {
      model.held().set(!model.held().get());
      e.consume();
    } else if (e.getCode() == KeyCode.ESCAPE) {
      model.real().disarm();
      e.consume();
    }
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public void leave() {
    model.real().end();
  }

  @Override
  public void takeKeyboard() {
    sight.elevation().requestFocus();
  }

  @Override
  public boolean busy() {
    return model.awaiting();
  }

  @Override
  public void stop() {
    model.quiet();
  }
}
