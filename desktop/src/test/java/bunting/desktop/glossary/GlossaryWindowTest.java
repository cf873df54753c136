package bunting.desktop.glossary;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.desktop.survey.WindowDriver;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The words of the window. */
class GlossaryWindowTest extends WindowDriver {
  private static final Set<String> KINDS =
      Set.of(
          "line", "heavy", "dash", "arrow", "beads", "dot", "ring", "circle", "rect", "fill", "box",
          "text");

  @Start
  void start(Stage stage) {
    open(stage);
  }

  @Test
  void aWordIsFoundByTheFindersKeysWithNoShowOpen(FxRobot robot) {
    robot.push(KeyCode.CONTROL, KeyCode.K).write("trunk");
    robot.push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> robot.lookup("#glossary-line").queryAs(Label.class).getText()))
        .startsWith("A thick cable along a run");
  }

  @Test
  void everyWordHasOneLineAndAPictureOnItsSheet() {
    assertThat(Words.all()).hasSizeGreaterThan(30);
    assertThat(Words.all().stream().map(Words.Word::name).collect(Collectors.toSet()))
        .as("a word means one thing")
        .hasSameSizeAs(Words.all());
    for (Words.Word word : Words.all()) {
      assertThat(word.line()).as(word.name()).endsWith(".").hasSizeLessThan(120);
      assertThat(word.strokes()).as(word.name()).isNotEmpty();
      for (Words.Stroke s : word.strokes()) {
        assertThat(KINDS).contains(s.kind());
        assertThat(s.numbers()).as(word.name()).allMatch(n -> n >= 0 && n <= 100);
      }
    }
  }
}
