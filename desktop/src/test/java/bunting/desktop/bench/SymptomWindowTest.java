package bunting.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Controller;
import bunting.core.show.Held;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.session.Selection;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** From symptom to cause in the real window. */
class SymptomWindowTest extends BenchDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  @Test
  void whatIsToldIsExplainedAndTakenBack(FxRobot robot) {
    floor();
    does(() -> window().go(SymptomScreen.SCREEN));
    enter(robot, "#symptom-from", "1");
    enter(robot, "#symptom-to", "49");
    robot.clickOn("#looks-right");
    enter(robot, "#symptom-from", "50");
    enter(robot, "#symptom-to", "500");
    robot.clickOn("#looks-dark");
    assertThat(
            onScreen(
                () ->
                    robot.lookup(".problem").queryAllAs(Label.class).stream()
                        .anyMatch(l -> l.getText().contains("go from 1 to 120"))))
        .isTrue();
    enter(robot, "#symptom-to", "120");
    robot.clickOn("#looks-dark");
    wait(() -> robot.lookup("#cause-dead-pixel").tryQuery().isPresent());
    wait(() -> !window().view(SymptomScreen.SCREEN).busy());
    assertThat(shown(robot, "#cause-data-open")).isTrue();
    robot.clickOn("#cause-data-open");
    wait(() -> !window().view(SymptomScreen.SCREEN).busy());
    robot.clickOn("#told-away-1");
    wait(() -> !window().view(SymptomScreen.SCREEN).busy());
    assertThat(shown(robot, "#told-away-1")).isFalse();
    robot.clickOn("#symptom-anew");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(shown(robot, "#told-away-0")).isFalse();
  }

  @Test
  void theLineIsPointedAtAsTheSiteIs(FxRobot robot) {
    floor();
    does(() -> window().go(SymptomScreen.SCREEN));
    wait(() -> !window().view(SymptomScreen.SCREEN).busy());
    assertThat(fieldText(robot, "#symptom-from")).isEqualTo("1");
    robot.clickOn("#live-line");
    // The middle of the line, which begins right of the scale of volts: a pixel before the middle.
    int pixel = Integer.parseInt(onScreen(() -> fieldText(robot, "#symptom-from")));
    assertThat(pixel).isBetween(40, 120);
    robot.clickOn("#looks-dark");
    wait(() -> !window().view(SymptomScreen.SCREEN).busy());
    robot.clickOn("#live-line");
    assertThat(onScreen(() -> fieldText(robot, "#symptom-from"))).isEqualTo("" + pixel);
  }

  @Test
  void theRunBehindAnotherIsPointedAtOnTheirLine(FxRobot robot) {
    Show bare = mill();
    does(
        () -> {
          session.start(
              bare.withControllers(List.of(new Controller("C1", "box-2", 0, 0)))
                  .withAllotting(
                      bare.allotting()
                          .withByHand(
                              List.of(
                                  new Held("Weir", 1, 120, "C1", 1, 1),
                                  new Held("Owl", 1, 40, "C1", 1, 2)))));
          session.selection().set(new Selection.OfRun("Weir"));
          window().go(SymptomScreen.SCREEN);
        });
    wait(() -> model().rig().get().isPresent() && !window().busy());
    double wide = onScreen(() -> robot.lookup("#live-line").query().getBoundsInLocal().getWidth());
    robot.clickOn(in(robot, "#live-line", wide - 60, 40));
    assertThat(onScreen(() -> robot.lookup("#symptom-run").queryAs(Label.class).getText()))
        .isEqualTo("Owl");
    assertThat(Integer.parseInt(onScreen(() -> fieldText(robot, "#symptom-from"))))
        .isBetween(20, 40);
  }

  private static String fieldText(FxRobot robot, String query) {
    return robot.lookup(query).queryAs(TextField.class).getText();
  }

  @Test
  void whatTheSuppliesReadCountsForWhatIsToldToo(FxRobot robot) {
    floor();
    double planned =
        onScreen(
            () -> {
              var part = model().rig().get().orElseThrow().layout().parts("Weir").getFirst();
              return part.segment().volts().at(0);
            });
    does(
        () -> {
          session.edit(
              "Supplies read more.",
              s -> s.withBench(s.bench().withSupplyVolts(5, Optional.of(5.4))));
          window().go(SymptomScreen.SCREEN);
        });
    enter(robot, "#symptom-from", "1");
    enter(robot, "#symptom-volts", Texts.fixed(planned, 2));
    wait(() -> !window().view(SymptomScreen.SCREEN).busy());
    // What would be right at 5 V is too little at 5.4.
    wait(
        () ->
            robot.lookup("#cause-thin-lead").tryQuery().isPresent()
                || robot.lookup("#cause-supply-low").tryQuery().isPresent());
  }
}
