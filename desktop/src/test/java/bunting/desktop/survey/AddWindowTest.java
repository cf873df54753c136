package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Feed;
import bunting.core.show.Run;
import bunting.core.show.Supply;
import bunting.core.show.SupplyType;
import bunting.core.show.Texts;
import bunting.core.show.edit.PlaceKind;
import bunting.desktop.power.PowerScreen;
import bunting.desktop.session.Selection;
import bunting.desktop.shell.Command;
import bunting.testkit.Shows;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** What the menu Add adds is selected, and Delete deletes it. */
class AddWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private void add(String id) {
    does(
        () ->
            window().desk().commands(Command.Menu.ADD).stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow()
                .run());
  }

  private Selection selected() {
    return onScreen(() -> session.selection().get());
  }

  private List<String> controllers() {
    return onScreen(
        () ->
            session.assessment().get().orElseThrow().reading().decisions().controllers().stream()
                .map(c -> c.controller().id())
                .toList());
  }

  @Test
  void aControllerIsAddedWhereItIsClickedAndIsToBuy(FxRobot robot) {
    simple();
    List<String> before = controllers();
    add("add-controller");
    assertThat(message()).startsWith("Add controller: click where it stands");
    robot.clickOn(over(2, 1));
    wait(() -> session.plans().isCurrent());
    assertThat(message()).startsWith("Controller added.");
    assertThat(selected()).isEqualTo(new Selection.OfBox("Controller 1"));
    assertThat(controllers()).containsAll(before).contains("Controller 1");
    ComboBox<Object> owned = robot.lookup("#edit-owned").queryComboBox();
    assertThat(onScreen(owned::getValue)).isEqualTo(false);
    ControllerType type = show().catalogue().controllerTypesById().get(added().type());
    does(() -> session.selection().set(new Selection.Nothing()));
    long alike =
        show().accepted().orElseThrow().decisions().controllers().stream()
            .filter(c -> c.controller().type().equals(type.id()))
            .count();
    assertThat(shown(robot, type.name() + ": " + needs(alike, alike))).isTrue();
    does(() -> session.selection().set(new Selection.OfBox("Controller 1")));
    ComboBox<Object> again = robot.lookup("#edit-owned").queryComboBox();
    does(() -> again.setValue(true));
    assertThat(show().ownedControllers()).containsExactly("Controller 1");
    does(() -> session.selection().set(new Selection.Nothing()));
    assertThat(shown(robot, type.name() + ": " + needs(alike, alike))).isFalse();
  }

  @Test
  void aCandidatePlaceIsSomethingElse(FxRobot robot) {
    simple();
    add("add-place");
    robot.clickOn(over(2, 1));
    assertThat(message()).startsWith("Candidate place added.");
    assertThat(selected()).isEqualTo(new Selection.OfPlace(PlaceKind.SITE, "Place 1"));
    assertThat(show().controllers()).isEmpty();
  }

  @Test
  void deleteWorksOnThePortsToo(FxRobot robot) {
    does(
        () ->
            session.start(
                Shows.of(Run.of("Arch", Shows.STRIP, 64))
                    .withControllers(
                        List.of(
                            new Controller("A", "box-4", 0, 0),
                            new Controller("B", "box-4", 1, 0)))));
    robot.push(KeyCode.F6);
    does(() -> session.selection().set(new Selection.OfBox("B")));
    robot.push(KeyCode.DELETE);
    assertThat(message()).startsWith("Deleted B.");
    assertThat(show().controllers().orElseThrow()).extracting(Controller::id).containsExactly("A");
    does(() -> session.selection().set(new Selection.OfRun("Arch")));
    robot.push(KeyCode.DELETE);
    assertThat(show().runs()).isEmpty();
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(show().controllers().orElseThrow()).hasSize(2);
  }

  @Test
  void aControllerThatBuntingChoseIsNotDeletedAndItSaysWhy(FxRobot robot) {
    simple();
    robot.push(KeyCode.F6);
    String id = controllers().getFirst();
    does(() -> session.selection().set(new Selection.OfBox(id)));
    robot.push(KeyCode.DELETE);
    assertThat(message()).startsWith(id + " was chosen by Bunting");
    assertThat(controllers()).contains(id);
  }

  @Test
  void aFeedThatIsAddedIsChosenSoThatDeleteTakesItOut(FxRobot robot) {
    simple();
    robot.push(KeyCode.F8);
    does(() -> session.selection().set(new Selection.OfRun("Arch")));
    List<Feed> before = feeds();
    add("add-feed");
    wait(() -> session.plans().isCurrent());
    assertThat(message()).startsWith("Feed added at pixel ");
    List<Feed> after = feeds();
    assertThat(after).hasSize(before.size() + 1);
    assertThat(portFeeds(after)).as("the port's own feed stays").isEqualTo(portFeeds(before));
    does(() -> window().view(PowerScreen.SCREEN).takeKeyboard());
    robot.push(KeyCode.DELETE);
    wait(() -> session.plans().isCurrent());
    assertThat(feeds())
        .extracting(Feed::atPixel)
        .isEqualTo(before.stream().map(Feed::atPixel).toList());
  }

  private List<Feed> feeds() {
    return onScreen(() -> session.assessment().get().orElseThrow().reading().decisions().feeds());
  }

  private static List<Optional<String>> portFeeds(List<Feed> feeds) {
    return feeds.stream().filter(Feed::viaPort).map(Feed::fuseGroup).toList();
  }

  @Test
  void anEditSaysThatNothingElseChanged(FxRobot robot) {
    simple();
    does(() -> session.editRun("Sill is longer.", "Sill", r -> r.withPixels(44)));
    wait(() -> session.plans().isCurrent());
    assertThat(message()).isEqualTo("Sill is longer. Nothing else changed.");
    does(() -> session.editRun("Sill is longer.", "Sill", r -> r.withPixels(44)));
    assertThat(message())
        .as("nothing was to do")
        .isEqualTo("Sill is longer. Nothing else changed.");
  }

  @Test
  void aCircuitIsAddedAndShown(FxRobot robot) {
    simple();
    add("add-circuit");
    assertThat(show().circuits().orElseThrow()).hasSize(1);
    assertThat(message()).startsWith("Added: ");
  }

  @Test
  void suppliesAndPwmBoardsAreAddedToWhatYouOwn(FxRobot robot) {
    simple();
    List<Supply> planned = plannedSupplies();
    String type = planned.getFirst().type();
    long needed = planned.stream().filter(s -> s.type().equals(type)).count();
    SupplyType kind = show().catalogue().supplyTypesById().get(type);
    String name = Texts.number(kind.volts()) + " V, " + Texts.number(kind.watts()) + " W supply";
    add("add-supply");
    MenuButton supplies = robot.lookup("#own-add-supplies").queryAs(MenuButton.class);
    assertThat(onScreen(supplies::isShowing)).isTrue();
    does(() -> item(supplies, name).fire());
    assertThat(message()).isEqualTo("You own 1 \u00d7 " + name + ". Nothing else changed.");
    assertThat(show().allotting().planning().suppliesOwned(type)).isEqualTo(1);
    TextField count = robot.lookup("#own-supplies-" + type).queryAs(TextField.class);
    assertThat(onScreen(count::isFocused)).isTrue();
    assertThat(plannedSupplies()).isEqualTo(planned);
    assertThat(shown(robot, name + ": " + needs(needed, needed - 1))).isTrue();
    robot.clickOn(count).push(KeyCode.CONTROL, KeyCode.A).write("0").push(KeyCode.ENTER);
    assertThat(shown(robot, name + ": " + needs(needed, needed))).isTrue();
    add("add-pwm-board");
    MenuButton boards = robot.lookup("#own-add-pwm-boards").queryAs(MenuButton.class);
    does(() -> boards.getItems().getFirst().fire());
    assertThat(show().allotting().planning().ownedDimmers()).hasSize(1);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(show().allotting().planning().ownedDimmers()).isEmpty();
  }

  private Controller added() {
    return show().controllers().orElseThrow().getFirst();
  }

  private List<Supply> plannedSupplies() {
    return show().accepted().orElseThrow().decisions().supplies();
  }

  private static String needs(long pieces, long missing) {
    return pieces + " planned, " + missing + " to buy";
  }

  private static MenuItem item(MenuButton button, String text) {
    return button.getItems().stream()
        .filter(i -> i.getText().equals(text))
        .findFirst()
        .orElseThrow();
  }
}
