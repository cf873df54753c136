package bunting.desktop.build;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.build.BuiltBox;
import bunting.core.build.Part;
import bunting.core.show.Controller;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.session.Selection;
import bunting.desktop.survey.WindowDriver;
import bunting.testkit.Shows;
import java.util.List;
import java.util.stream.Collectors;
import javafx.event.Event;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The inside of each box, in the real window. */
class InsideWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private void inside(FxRobot robot) {
    does(
        () ->
            session.start(
                Shows.of(
                        Run.of("Weir", Shows.STRIP, 400),
                        Run.of("Owl", Shows.STRIP, 60),
                        Run.of("Heron", Shows.STRIP, 400))
                    .withControllers(
                        List.of(
                            new Controller("Mill", "box-4", 0, 0),
                            new Controller("Bank", "box-4", 30, 0)))));
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.I);
    wait(() -> isQuiet() && !window().view(InsideScreen.SCREEN).busy());
  }

  @SuppressWarnings("unchecked") // the list is of boxes
  private static ListView<BuiltBox> boxes(FxRobot robot) {
    return robot.lookup("#inside-boxes").queryAs(ListView.class);
  }

  private String side(FxRobot robot) {
    return onScreen(
        () ->
            robot.lookup("#inside-side").query().lookupAll(".label").stream()
                .map(n -> ((Label) n).getText())
                .collect(Collectors.joining("\n")));
  }

  @Test
  void theKeyboardWalksThroughPartsAndHoles(FxRobot robot) {
    inside(robot);
    BuiltBox first = onScreen(() -> boxes(robot).getSelectionModel().getSelectedItem());
    assertThat(first.name()).isEqualTo("Mill");
    assertThat(onScreen(() -> robot.lookup("#inside-size").queryAs(Label.class).getText()))
        .startsWith(first.plate().words());
    does(() -> robot.lookup("#plate").query().requestFocus());
    robot.push(KeyCode.RIGHT);
    assertThat(side(robot)).startsWith(first.plate().parts().getFirst().part().id());
    robot.push(KeyCode.LEFT);
    assertThat(side(robot)).contains("Hole " + first.holes().size() + "\n");
    robot.push(KeyCode.ESCAPE);
    assertThat(side(robot)).startsWith("Box Mill");
    assertThat(side(robot)).contains("mains inside").contains("ferrules for");
  }

  @Test
  void aBoxThatIsChosenElsewhereIsShown(FxRobot robot) {
    inside(robot);
    assertThat(onScreen(() -> boxes(robot).getItems().stream().map(BuiltBox::name).toList()))
        .contains("Mill", "Bank");
    does(() -> session.selection().set(new Selection.OfBox("Bank")));
    assertThat(onScreen(() -> boxes(robot).getSelectionModel().getSelectedItem().name()))
        .isEqualTo("Bank");
  }

  /** The board stands next to the glands, in the lower half of the picture. */
  @Test
  void aClickTakesWhatIsThere(FxRobot robot) {
    inside(robot);
    Node plate = robot.lookup("#plate").query();
    boolean found = false;
    for (double y = 0.95; y > 0.5 && !found; y -= 0.04) {
      for (double x = 0.1; x < 0.9 && !found; x += 0.05) {
        double px = x;
        double py = y;
        does(
            () -> {
              double ax = plate.getLayoutBounds().getWidth() * px;
              double ay = plate.getLayoutBounds().getHeight() * py;
              Event.fireEvent(plate, pressed(plate.localToScene(ax, ay)));
            });
        found = side(robot).contains(Part.Kind.BOARD.words() + ", ");
      }
    }
    assertThat(found).isTrue();
    assertThat(side(robot)).startsWith("Mill");
  }

  private static MouseEvent pressed(Point2D inScene) {
    double x = inScene.getX();
    double y = inScene.getY();
    return new MouseEvent(
        MouseEvent.MOUSE_PRESSED,
        x,
        y,
        x,
        y,
        MouseButton.PRIMARY,
        1,
        false,
        false,
        false,
        false,
        true,
        false,
        false,
        true,
        false,
        true,
        null);
  }

  @Test
  void withoutAPlanItSaysWhatToDo(FxRobot robot) {
    does(() -> session.start(Show.fresh()));
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.I);
    assertThat(side(robot)).contains("No box is planned yet");
  }
}
