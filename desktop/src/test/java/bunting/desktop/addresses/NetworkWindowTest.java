package bunting.desktop.addresses;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.addressing.Ip4;
import bunting.core.network.NetworkPlan;
import bunting.core.network.Reach;
import bunting.core.show.Lan;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.survey.WindowDriver;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** A stranger's network in the real window. */
class NetworkWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private static String words(Node node) {
    return node.lookupAll(".label").stream()
        .map(n -> ((Labeled) n).getText())
        .collect(Collectors.joining("\n"));
  }

  @Test
  void aStrangersNetworkIsTypedInAndJudged(FxRobot robot) {
    does(
        () -> {
          session.start(Show.of(List.of(Run.of("Weir", "5v-strip-60", 120))));
          window().go(NetworkScreen.SCREEN);
        });
    wait(() -> session.assessment().get().isPresent());
    enter(robot, "#lan-base", "192.168");
    enter(robot, "#lan-base", "192.168.4");
    enter(robot, "#lan-gateway", "192.168.4.1");
    enter(robot, "#lan-pool", "192.168.4.100");
    enter(robot, "#lan-pool", "192.168.4.11-192.168.4.99");
    enter(robot, "#lan-taken", "192.168.4.100 till");
    does(() -> choose(robot, 22));
    Lan lan = onScreen(() -> show().network().lan());
    assertThat(lan)
        .isEqualTo(
            new Lan(
                OptionalInt.of(22),
                Optional.of("192.168.4.1"),
                List.of(new Lan.Pool("192.168.4.11", "192.168.4.99")),
                Map.of("192.168.4.100", "till"),
                Map.of()));
    assertThat(onScreen(() -> show().network().sender())).isEqualTo("192.168.4.2");
    ListView<NetworkPlan.Link> links = robot.lookup("#network-links").queryListView();
    wait(
        () ->
            !links.getItems().isEmpty()
                && links.getItems().getFirst().address().equals("192.168.4.101"));
    does(() -> links.getSelectionModel().select(0));
    wait(() -> words(robot.lookup("#network-box").queryAs(Parent.class)).contains("gateway"));
  }

  private static void choose(FxRobot robot, int bits) {
    ComboBox<Integer> mask = robot.lookup("#lan-prefix").queryComboBox();
    mask.setValue(bits);
  }

  /** Whoever sits at a laptop in the wrong subnet sees it, box by box. */
  @Test
  void whatThisComputerReachesIsAskedOfItsInterfaces(FxRobot robot) {
    does(() -> session.start(Show.of(List.of(Run.of("Weir", "5v-strip-60", 120)))));
    wait(() -> session.assessment().get().isPresent());
    List<Reach.Nic> wrong =
        List.of(new Reach.Nic("cable", Ip4.parse("192.168.178.20").orElseThrow(), 24));
    NetworkSide side =
        onScreen(
            () -> {
              NetworkSide made = new NetworkSide(session, () -> wrong);
              made.plan(NetworkPlan.of(session.assessment().get().orElseThrow().reading()));
              return made;
            });
    assertThat(onScreen(() -> words(reach(side)))).contains("nothing is sent");
    does(() -> ((javafx.scene.control.Button) reach(side).lookup("#network-ask")).fire());
    wait(() -> words(reach(side)).contains("0 of 1 boxes are reached"));
    assertThat(onScreen(() -> words(reach(side))))
        .contains("No interface of this computer is in its subnet");
  }

  private static Parent reach(NetworkSide side) {
    return (Parent)
        ((Parent) side.getContent())
            .getChildrenUnmodifiable().stream()
                .filter(n -> "network-reach".equals(n.getId()))
                .findFirst()
                .orElseThrow();
  }
}
