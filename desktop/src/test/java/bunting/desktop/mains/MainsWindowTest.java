package bunting.desktop.mains;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.survey.WindowDriver;
import bunting.files.ShowFiles;
import java.nio.file.Path;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Circuits and hours in the real window. */
class MainsWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private void mill() {
    does(
        () ->
            session.start(
                Show.of(
                    List.of(
                        Run.of("Weir", "5v-strip-60", 300), Run.of("Owl", "12v-strip-60", 100)))));
    wait(() -> session.assessment().get().isPresent());
  }

  private static void press(FxRobot robot, String menu, int item) {
    MenuButton button = robot.lookup(menu).queryAs(MenuButton.class);
    button.getItems().get(item).fire();
  }

  private List<Circuit> circuits() {
    return onScreen(() -> show().circuits().orElse(List.of()));
  }

  @Test
  void circuitsAreAddedEditedAndTakenAway(FxRobot robot) throws Exception {
    mill();
    does(() -> window().go(MainsScreen.SCREEN));
    assertThat(robot.lookup("#mains-empty").query().isVisible()).isTrue();
    does(() -> press(robot, "#circuit-add", 3));
    assertThat(circuits()).hasSize(3);
    wait(() -> !window().view(MainsScreen.SCREEN).busy() && hangs());
    assertThat(text(robot, "#mains-summary")).contains("phase 1").contains("of 3 circuits used");
    enter(robot, "#circuit-breaker", "0");
    assertThat(circuits().getFirst().breakerAmps()).isEqualTo(16);
    enter(robot, "#circuit-breaker", "20");
    assertThat(circuits().getFirst().breakerAmps()).isEqualTo(20);
    enter(robot, "#circuit-also", "freezer");
    assertThat(circuits().getFirst().facts().also()).isEmpty();
    enter(robot, "#circuit-also", "freezer 1.3");
    does(() -> press(robot, "#circuit-usual", 2));
    assertThat(circuits().getFirst().facts().also())
        .extracting(CircuitFacts.Appliance::what)
        .containsExactly("freezer", "pump");
    enter(robot, "#circuit-name", "Hall L3");
    wait(() -> circuits().getFirst().id().equals("Hall L3"));
    robot.interact(() -> robot.lookup("#circuits").query().requestFocus());
    robot.push(KeyCode.DOWN);
    wait(() -> !robot.lookup("#circuit-name").queryTextInputControl().getText().equals("Hall L3"));
    does(() -> robot.lookup("#circuit-remove").queryButton().fire());
    assertThat(circuits()).hasSize(2);
    Path file = folder.resolve("mill.bunting.json");
    does(() -> session.save(file));
    assertThat(ShowFiles.readShow(file).circuits()).isEqualTo(show().circuits());
    does(session::undo);
    assertThat(circuits()).hasSize(3);
  }

  private boolean hangs() {
    return session
        .assessment()
        .get()
        .filter(
            a -> a.reading().supplies().stream().allMatch(s -> s.supply().circuit().isPresent()))
        .isPresent();
  }

  @Test
  void bulbsAreReckonedBothWays(FxRobot robot) {
    mill();
    does(
        () -> {
          session.edit("120 V", s -> s.withSettings(volts(s)));
          window().go(MainsScreen.SCREEN);
        });
    wait(() -> text(robot, "#bulb-found").contains("/ 110"));
    assertThat(text(robot, "#bulb-found")).contains("500 W / 110 = 4.55 A").contains("154 bulbs");
    enter(robot, "#bulb-count", "200");
    assertThat(text(robot, "#bulb-found")).contains("New feed at bulb 155");
  }

  private static bunting.core.show.ShowSettings volts(Show s) {
    var t = s.settings();
    return new bunting.core.show.ShowSettings(
        t.name(),
        120,
        t.targetFps(),
        t.brightnessPercent(),
        t.supplyLoadPercentMax(),
        t.fuseMargin(),
        t.minVoltsPercent(),
        t.currency());
  }

  @Test
  void hoursAreBegunEditedAndReckoned(FxRobot robot) {
    mill();
    does(() -> window().go(HoursScreen.SCREEN));
    wait(() -> robot.lookup("#hours-begin").tryQuery().isPresent());
    does(() -> robot.lookup("#hours-begin").queryButton().fire());
    enter(robot, "#hours-from", "2026-12-01");
    enter(robot, "#hours-to", "2026-12-10");
    enter(robot, "#hours-on", "dusk");
    enter(robot, "#hours-on", "17:00");
    enter(robot, "#hours-off", "22:00");
    assertThat(onScreen(() -> show().mains().hours().orElseThrow().on()))
        .isEqualTo(Optional.of(LocalTime.of(17, 0)));
    wait(() -> text(robot, "#hours-summary").startsWith("10 evenings"));
    does(() -> robot.lookup("#hours-off-7").queryAs(CheckBox.class).fire());
    wait(() -> text(robot, "#hours-summary").contains("day off"));
    does(() -> choose(robot, "#hours-city"));
    assertThat(onScreen(() -> show().mains().hours().orElseThrow().place().zone().getId()))
        .isEqualTo("Europe/Paris");
    wait(() -> robot.lookup("#cut-S1").tryQuery().isPresent());
    does(() -> robot.lookup("#cut-S1").queryAs(CheckBox.class).fire());
    assertThat(onScreen(() -> show().mains().hours().orElseThrow().switched()))
        .containsExactly("S1");
    enter(robot, "#hours-to", "2026-11-10");
    assertThat(onScreen(() -> show().mains().hours().orElseThrow().season().to().toString()))
        .isEqualTo("2026-12-10");
  }

  private static void choose(FxRobot robot, String id) {
    ComboBox<?> box = robot.lookup(id).queryComboBox();
    for (int i = 0; i < box.getItems().size(); i++) {
      if (box.getItems().get(i).toString().contains("Paris")) {
        box.getSelectionModel().select(i);
        return;
      }
    }
  }
}
