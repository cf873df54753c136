package bunting.desktop.line;

import bunting.core.plan.Assessment;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Command;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The lines of all ports, what found no place above them, the boxes as an index. */
public final class PortsScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<PortsScreen> SCREEN =
      ScreenDefinition.of("ports", "Ports", "Lines", PortsScreen::new)
          .reachedBy("F6", "Ports: the lines of all boxes")
          .adding(
              desk ->
                  List.of(
                      Command.of(
                          "fold",
                          new Command.Place(Command.Menu.VIEW, "look"),
                          "Fold or open all boxes",
                          "Shortcut+B",
                          Command.whileOpen(desk.session()),
                          () -> desk.view(PortsScreen.SCREEN).board().foldAll())))
          .pictured("ports", (desk, ports) -> choose(desk.session()));

  private final BoardView board;
  private final BoxRail boxes;

  private PortsScreen(Desk desk) {
    super(0);
    board = new BoardView(desk.session(), desk.palette());
    boxes = new BoxRail(desk.session());
    VBox.setVgrow(board, Priority.ALWAYS);
    getChildren().addAll(new Basket(desk, board), board);
  }

  /** The first port is chosen, so that its arithmetic is seen. */
  private static void choose(Session session) {
    session.assessment().get().stream()
        .map(Assessment::reading)
        .flatMap(r -> r.segments().stream())
        .findFirst()
        .ifPresent(s -> session.selection().set(new Selection.OfPort(s.segment().controller(), 1)));
  }

  /** The lines, to fold and to carry them. */
  public BoardView board() {
    return board;
  }

  @Override
  public Optional<Region> rail() {
    return Optional.of(boxes);
  }

  @Override
  public void takeKeyboard() {
    board.requestFocus();
  }
}
