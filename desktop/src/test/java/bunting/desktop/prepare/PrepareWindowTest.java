package bunting.desktop.prepare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import bunting.core.kit.Purchase;
import bunting.core.kit.WorkList;
import bunting.core.plan.Assessment;
import bunting.core.show.Guess;
import bunting.core.show.Preparation;
import bunting.desktop.survey.WindowDriver;
import bunting.files.ShowFiles;
import bunting.files.log.LogFile;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** What is bought and what is done, in the real window. */
class PrepareWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private void shopping(FxRobot robot) {
    simple();
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.P);
    idle();
  }

  private void idle() {
    wait(
        () ->
            !window().view(ShoppingScreen.SCREEN).busy()
                && !window().view(WorkScreen.SCREEN).busy());
  }

  @SuppressWarnings("unchecked") // the table is of purchases
  private static TableView<Purchase> table(FxRobot robot) {
    return robot.lookup("#shopping-table").queryAs(TableView.class);
  }

  @SuppressWarnings("unchecked") // the list is of steps
  private static ListView<WorkList.Step> steps(FxRobot robot) {
    return robot.lookup("#work-steps").queryAs(ListView.class);
  }

  private String chooseFuse(FxRobot robot) {
    return onScreen(
        () -> {
          TableView<Purchase> table = table(robot);
          Purchase fuse =
              table.getItems().stream()
                  .filter(p -> p.need().kind().equals("blade fuse"))
                  .findFirst()
                  .orElseThrow();
          table.getSelectionModel().select(fuse);
          return fuse.need().part();
        });
  }

  private Purchase bought(FxRobot robot, String part) {
    return onScreen(
        () ->
            table(robot).getItems().stream()
                .filter(p -> p.need().part().equals(part))
                .findFirst()
                .orElseThrow());
  }

  @Test
  void twoOffersAreSetSideBySide(FxRobot robot) {
    shopping(robot);
    assertThat(text(robot, "#shopping-days")).contains("Say the first evening");
    enter(robot, "#opening", "2099-12-01");
    idle();
    assertThat(show().preparation().opening()).contains(LocalDate.of(2099, 12, 1));
    String part = chooseFuse(robot);
    enter(robot, "#offer-1-price", "5");
    idle();
    enter(robot, "#offer-1-days", "10");
    idle();
    enter(robot, "#offer-2-price", "1,5");
    idle();
    enter(robot, "#offer-2-days", "40");
    idle();
    assertThat(show().preparation().offersFor(part)).hasSize(2);
    Purchase now = bought(robot, part);
    assertThat(now.taken().price()).isEqualTo(1.5);
    assertThat(now.taken().orderBy()).contains(LocalDate.of(2099, 10, 1));
    enter(robot, "#offer-2-price", "-1");
    assertThat(show().preparation().offersFor(part).get(1).price()).isEqualTo(1.5);
    focus(robot, "#shopping-table");
    undoAll(robot);
    idle();
    assertThat(show().preparation()).isEqualTo(Preparation.NONE);
    assertThat(bought(robot, part).compared()).isFalse();
  }

  @Test
  void anOfferWhoseFieldsAreEmptiedIsGone(FxRobot robot) {
    shopping(robot);
    String part = chooseFuse(robot);
    enter(robot, "#offer-1-price", "5");
    idle();
    assertThat(show().preparation().offersFor(part)).hasSize(1);
    focus(robot, "#offer-1-price");
    robot.push(KeyCode.CONTROL, KeyCode.A);
    robot.push(KeyCode.DELETE);
    robot.push(KeyCode.ENTER);
    idle();
    assertThat(show().preparation().offersFor(part)).isEmpty();
  }

  @Test
  void theTableCanBeWalkedByTheKeyboard(FxRobot robot) {
    shopping(robot);
    robot.push(KeyCode.DOWN);
    assertThat(onScreen(() -> table(robot).getSelectionModel().getSelectedIndex())).isEqualTo(1);
  }

  private void work(FxRobot robot) {
    simple();
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.T);
    idle();
  }

  @Test
  void aTickIsAnEditThatPlansNothingAnew(FxRobot robot) {
    work(robot);
    Optional<Assessment> before = onScreen(() -> session.assessment().get());
    robot.push(KeyCode.SPACE);
    idle();
    WorkList.Step first = onScreen(() -> steps(robot).getItems().getFirst());
    assertThat(show().preparation().done()).containsExactly(first.key());
    assertThat(text(robot, "#work-summary")).startsWith("1 of ");
    Optional<Assessment> after = onScreen(() -> session.assessment().get());
    assertThat(after.orElseThrow().reading().decisions())
        .isSameAs(before.orElseThrow().reading().decisions());
    robot.clickOn("#work-done");
    idle();
    assertThat(show().preparation().done()).isEmpty();
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(show().preparation().done()).hasSize(1);
  }

  @Test
  void whatHasToComeFirstIsNamedUntilItIsDone(FxRobot robot) {
    work(robot);
    WorkList.Step join =
        onScreen(
            () ->
                steps(robot).getItems().stream()
                    .filter(s -> s.key().work() == Preparation.Work.JOIN)
                    .findFirst()
                    .orElseThrow());
    does(() -> steps(robot).getSelectionModel().select(join));
    assertThat(text(robot, "#work-waits")).contains("First: step");
    does(
        () ->
            session.edit(
                "All.",
                s ->
                    s.withPreparation(
                        s.preparation()
                            .withDone(
                                steps(robot).getItems().stream()
                                    .map(WorkList.Step::key)
                                    .toList()))));
    idle();
    assertThat(text(robot, "#work-waits")).contains("Nothing has to come before");
    assertThat(text(robot, "#work-summary")).contains("0.0 hours to come");
  }

  @Test
  void minutesAreLoggedAndLearnt(FxRobot robot) throws Exception {
    work(robot);
    Path file = folder.resolve("mill" + ShowFiles.ENDING);
    when(asker.save(any(), any())).thenReturn(Optional.of(file));
    robot.push(KeyCode.CONTROL, KeyCode.S);
    idle();
    WorkList.Step hang =
        onScreen(
            () ->
                steps(robot).getItems().stream()
                    .filter(s -> s.key().work() == Preparation.Work.HANG)
                    .findFirst()
                    .orElseThrow());
    does(() -> steps(robot).getSelectionModel().select(hang));
    does(() -> robot.lookup("#work-log").queryAs(Button.class).fire());
    assertThat(LogFile.beside(file).read().lines()).as("nothing was typed").isEmpty();
    enter(robot, "#work-minutes", "90");
    does(() -> robot.lookup("#work-log").queryAs(Button.class).fire());
    idle();
    assertThat(LogFile.beside(file).read().lines().getFirst().entry().minutes()).hasValue(90);
    List<WorkList.Step> learnt = onScreen(() -> List.copyOf(steps(robot).getItems()));
    double of =
        learnt.stream()
            .filter(s -> s.key().of().equals(hang.key().of()))
            .filter(s -> s.key().work() != Preparation.Work.TEST)
            .mapToDouble(WorkList.Step::minutes)
            .sum();
    assertThat(of).isBetween(89.999, 90.001);
    assertThat(text(robot, "#work-summary")).contains("as the log knows");
  }

  @Test
  void aTypesPlugAndARunsYearsAreEditedInItsPanel(FxRobot robot) {
    simple();
    robot.push(KeyCode.F5);
    does(() -> session.selection().set(new bunting.desktop.session.Selection.OfRun("Arch")));
    enter(robot, "#plug-kind", "white ring");
    enter(robot, "#lasting-weather", "IP67");
    assertThat(show().run("Arch").orElseThrow().notes()).containsEntry("weather", "IP67");
    assertThat(show().preparation().plugs().getFirst().plug()).isEqualTo("white ring");
    assertThat(robot.lookup("#plug-kind").queryAs(TextField.class).getText())
        .isEqualTo("white ring");
  }

  private double pixels(FxRobot robot) {
    return onScreen(
        () ->
            table(robot).getItems().stream()
                .filter(p -> p.need().kind().equals("track for strip"))
                .mapToDouble(p -> p.need().planned())
                .sum());
  }

  /** A wall that was paced: what would flip is told, and it may be ordered at its longest. */
  @Test
  void aGuessIsToldAndOrderedForTheSafeSide(FxRobot robot) {
    simple();
    robot.push(KeyCode.F5);
    does(() -> session.selection().set(new bunting.desktop.session.Selection.OfRun("Arch")));
    enter(robot, "#edit-guess", "95");
    assertThat(show().run("Arch").orElseThrow().guess()).isEqualTo(Guess.NONE);
    enter(robot, "#edit-guess", "25");
    enter(robot, "#edit-read-off", "the mill door");
    enter(robot, "#edit-lead-guess", "10");
    wait(this::isQuiet);
    Guess guess = show().run("Arch").orElseThrow().guess();
    assertThat(guess.words()).isEqualTo("read off the mill door, give or take 25 %");
    assertThat(guess.leadPercent()).isEqualTo(10);
    assertThat(onScreen(() -> session.assessment().get().orElseThrow().findings()))
        .anyMatch(f -> f.code().equals("guess") && f.subject().id().equals("Arch"));

    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.P);
    idle();
    double planned = pixels(robot);
    does(() -> robot.lookup("#safe-side").queryAs(CheckBox.class).fire());
    idle();
    assertThat(show().preparation().safeSide()).isTrue();
    assertThat(pixels(robot)).isCloseTo(planned + 643 * 0.25 / 60, within(0.02));
    focus(robot, "#shopping-table");
    undoAll(robot);
    idle();
    assertThat(pixels(robot)).isEqualTo(planned);
    assertThat(show().run("Arch").orElseThrow().guess()).isEqualTo(Guess.NONE);
  }
}
