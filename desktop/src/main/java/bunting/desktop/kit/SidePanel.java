package bunting.desktop.kit;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;

/**
 * What stands at the right of a screen: as wide as all of its kind, scrolled where it is long. The
 * field that has the keyboard is always in sight.
 */
public abstract class SidePanel extends ScrollPane {
  /** All side panels are so wide, pixels. */
  public static final double WIDTH = 292;

  private static final double FIELD = 40;

  private final VBox content;

  /** A panel of parts, so many pixels apart. */
  @SuppressWarnings("this-escape") // the listener is told only once the panel is in a window
  protected SidePanel(String id, double spacing, Node... parts) {
    content = new VBox(spacing, parts);
    setId(id);
    getStyleClass().add("inspector");
    setPrefWidth(WIDTH);
    setMinWidth(WIDTH);
    setMaxWidth(WIDTH);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setFocusTraversable(false);
    content.getStyleClass().add("inspector-content");
    setContent(content);
    sceneProperty()
        .addListener(
            (o, was, now) -> {
              if (now != null) {
                now.focusOwnerProperty().addListener(f -> focusMoved());
              }
            });
  }

  /** Its parts. */
  protected final VBox content() {
    return content;
  }

  /** The keyboard went somewhere else. */
  protected void focusMoved() {
    focused().ifPresent(this::reveal);
  }

  /** What in the panel has the keyboard. */
  protected final Optional<Node> focused() {
    return Optional.ofNullable(getScene())
        .map(Scene::getFocusOwner)
        .filter(owner -> isIn(owner, content));
  }

  /** Whether a node is somewhere in another. */
  protected static boolean isIn(Node node, Node parent) {
    Optional<Node> n = Optional.of(node);
    while (n.isPresent() && n.get() != parent) {
      n = n.map(Node::getParent);
    }
    return n.isPresent();
  }

  /** Fills the panel anew; the field that has the keyboard, or its successor, has it again. */
  protected final void keepingFocus(Runnable fill) {
    Optional<String> id = focused().map(Node::getId);
    fill.run();
    id.map(i -> content.lookup("#" + i)).ifPresent(Node::requestFocus);
  }

  private void reveal(Node owner) {
    double height = content.getHeight() - getViewportBounds().getHeight();
    double top = content.sceneToLocal(owner.localToScene(owner.getBoundsInLocal())).getMinY();
    double shown = getVvalue() * Math.max(0, height);
    boolean inSight = top >= shown && top + FIELD <= shown + getViewportBounds().getHeight();
    if (height > 0 && !inSight) {
      setVvalue(Math.clamp((top - getViewportBounds().getHeight() / 3) / height, 0, 1));
    }
  }
}
