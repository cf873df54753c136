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
                view.model.choose(Pattern.WHITE);
                view.side.showInSight(() -> view.fitBoth());
              });

  private final BenchModel model;
  private final Sight sight;
  private final Sight sound;
  private final AsPlanned asPlanned;
  private final PracticeSide side;
  private final Label told = Words.soft("");

  private PracticeScreen(Desk desk) {
    super(6);
    this.model = desk.view(FloorScreen.SCREEN).model();
    getStyleClass().add("survey");
    side = new PracticeSide(model);
    asPlanned = new AsPlanned(model);
    sight = new Sight(model, desk.palette(), model.shown(), "As it is", this::probe);
    sound =
        new Sight(
            model,
            desk.palette(),
            asPlanned.shown(),
            "As planned",
            (run, pixel) -> sound().reading(run, pixel).ifPresent(told::setText));
    Label hint =
        Words.soft(
            "One thing is wrong with these stand-ins. Send, look, click to measure; then say what"
                + " and where.");
    hint.setWrapText(true);
    HBox head = new HBox(10, Words.heading("Practice"), hint);
    head.setAlignment(Pos.CENTER_LEFT);
    told.setId("practice-told");
    told.setMinHeight(16);
    sound.setId("practice-sound");
    sound.elevation().setId("planned-elevation");
    HBox both = new HBox(8, sight, sound);
    HBox.setHgrow(sight, Priority.ALWAYS);
    HBox.setHgrow(sound, Priority.ALWAYS);
    for (Sight s : List.of(sight, sound)) {
      s.setMinWidth(0);
      s.setPrefWidth(300);
    }
    sound.managedProperty().bind(sound.visibleProperty());
    sound.visibleProperty().bind(side.over());
    side.over()
        .addListener(
            (o, was, now) -> {
              asPlanned.show(now);
              sight.mark(side.revealed());
              sound.mark(side.revealed());
            });
    VBox.setVgrow(both, Priority.ALWAYS);
    getChildren().addAll(head, both, told);
    model.rig().addListener(o -> told.setText(""));
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
  }

  /** The box of what is selected, on both pictures. */
  private void fitBoth() {
    applyCss();
    layout();
    sight.elevation().fitBox();
    sound.elevation().fitBox();
  }

  /** What the stand-ins would show if nothing were wrong. */
  AsPlanned asPlanned() {
    return asPlanned;
  }

  private Sight sound() {
    return sound;
  }

  /** A meter held to a pixel: a test that counts. */
  private void probe(String run, int pixel) {
    sight.mark(Optional.of(new LiveElevation.Mark(run, pixel, pixel)));
    model.session().selection().set(new Selection.OfRun(run));
    side.measured();
    sight.reading(run, pixel).ifPresent(told::setText);
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public void takeKeyboard() {
    sight.elevation().requestFocus();
  }

  @Override
  public boolean busy() {
    return model.awaiting() || side.busy() || asPlanned.busy();
  }
}
