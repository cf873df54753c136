package bunting.desktop.better;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.plan.Keeping;
import bunting.core.show.Controller;
import bunting.core.show.Hanging;
import bunting.core.show.Pin;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.edit.RunEdits;
import bunting.desktop.survey.WindowDriver;
import bunting.testkit.Shows;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** A better plan is offered, compared, accepted or dismissed, in the real window. */
class BetterWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private static Run pinned(String name, double x, String controller, int port) {
    return Run.of(name, Shows.STRIP, 60)
        .withHanging(Hanging.straight(new Point(x, 1), Optional.empty()))
        .withPin(Optional.of(new Pin(controller, OptionalInt.of(port))));
  }

  /** Two runs each on the controller of the other, as pins wanted it that are gone. */
  private static Show crossed() {
    Show show =
        Show.of(
                List.of(
                    pinned("Weir", 0, "Far", 3),
                    pinned("Owl", 40, "Near", 3),
                    pinned("Gate", 1, "Near", 1),
                    pinned("Oak", 41, "Far", 1)))
            .withControllers(
                List.of(
                    new Controller("Near", "box-4", 0, 0), new Controller("Far", "box-4", 40, 0)));
    Show kept = Keeping.accept(Shows.planned(show).reading());
    List<Run> free = new ArrayList<>();
    kept.runs().forEach(r -> free.add(r.withPin(Optional.empty())));
    return kept.withRuns(free);
  }

  private void offered() {
    does(
        () -> {
          session.setSearchesAlong(true);
          session.start(crossed());
        });
    wait(() -> session.proposals().offered().get().isPresent());
  }

  private String controllerOf(String run) {
    return onScreen(
        () ->
            session.assessment().get().orElseThrow().reading().decisions().segments().stream()
                .filter(s -> s.run().equals(run))
                .map(Segment::controller)
                .findFirst()
                .orElse(""));
  }

  @Test
  void theChipSaysWhatItSavesAndNothingMovesByItself(FxRobot robot) {
    offered();
    assertThat(text(robot, "#better-plan")).startsWith("Better").contains("−");
    assertThat(onScreen(() -> robot.lookup("#better-plan").queryButton().getTooltip().getText()))
        .startsWith("Better plan: −")
        .endsWith("2 runs move");
    assertThat(controllerOf("Weir")).isEqualTo("Far");
    assertThat(onScreen(() -> session.undoSteps())).isZero();
  }

  @Test
  void acceptedWholeItIsOneStepThatUndoTakesBack(FxRobot robot) {
    offered();
    fire(robot, "#better-plan");
    assertThat(text(robot, "#plan-yours-title")).contains("yours");
    fire(robot, "#accept-all");
    wait(() -> session.plans().isCurrent());
    assertThat(controllerOf("Weir")).isEqualTo("Near");
    assertThat(controllerOf("Owl")).isEqualTo("Far");
    assertThat(controllerOf("Gate")).isEqualTo("Near");
    assertThat(message()).startsWith("Better plan accepted: −").contains("2 runs moved");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    wait(() -> session.plans().isCurrent());
    assertThat(controllerOf("Weir")).isEqualTo("Far");
  }

  @Test
  void dismissedItDoesNotComeBackForTheSameShow(FxRobot robot) {
    offered();
    fire(robot, "#better-plan");
    robot.push(KeyCode.ESCAPE);
    assertThat(shown(robot, "#better-plan")).isFalse();
    assertThat(shown(robot, "#better")).isFalse();
    does(() -> session.edit("Oak is called Elm.", s -> RunEdits.renamed(s, "Oak", "Elm")));
    wait(() -> session.plans().isCurrent() && !session.proposals().searching().get());
    assertThat(shown(robot, "#better-plan")).isFalse();
    assertThat(controllerOf("Weir")).isEqualTo("Far");
    // Nor when the file is opened again; asked, the search offers it all the same.
    Path file = folder.resolve("crossed.bunting.json");
    does(() -> session.save(file));
    does(() -> session.open(file));
    wait(() -> session.plans().isCurrent() && !session.proposals().searching().get());
    assertThat(shown(robot, "#better-plan")).isFalse();
    does(() -> session.proposals().again());
    wait(() -> session.proposals().offered().get().isPresent());
  }

  @Test
  void aRunIsPinnedAndTheSearchBeginsAgain(FxRobot robot) {
    offered();
    fire(robot, "#better-plan");
    does(() -> window().view(BetterScreen.SCREEN).choose("Weir"));
    assertThat(text(robot, "#better-told")).contains("Weir moves from Far:3 to Near:");
    fire(robot, "#pin-and-search");
    wait(() -> session.plans().isCurrent() && !session.proposals().searching().get());
    assertThat(controllerOf("Weir")).isEqualTo("Far");
    assertThat(onScreen(() -> session.proposals().offered().get()))
        .hasValueSatisfying(
            p -> assertThat(p.kept().moved()).contains("Owl").doesNotContain("Weir"));
  }

  @Test
  void aPlanFromScratchIsAPreview(FxRobot robot) {
    does(() -> session.start(crossed()));
    does(() -> session.proposals().fromScratch());
    does(() -> window().go(BetterScreen.SCREEN));
    wait(() -> session.proposals().preview().get().isPresent());
    assertThat(controllerOf("Weir")).isEqualTo("Far");
    assertThat(rows(robot)).isGreaterThanOrEqualTo(2);
    fire(robot, "#accept-all");
    wait(() -> session.plans().isCurrent());
    assertThat(controllerOf("Weir")).isEqualTo("Near");
  }

  @Test
  void withNothingToOfferItSaysSo(FxRobot robot) {
    does(() -> session.start(Shows.strip("Sill", 40)));
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.B);
    wait(() -> !session.proposals().searching().get());
    assertThat(shown(robot, "#better-again")).isTrue();
    assertThat(shown(robot, "#accept-all")).isFalse();
  }

  private int rows(FxRobot robot) {
    return onScreen(() -> robot.lookup("#better-rows").queryAs(ListView.class).getItems().size());
  }
}
