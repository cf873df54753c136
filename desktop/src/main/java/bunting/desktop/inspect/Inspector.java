package bunting.desktop.inspect;

import bunting.core.plan.Assessment;
import bunting.core.show.Planning;
import bunting.core.show.Show;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.VBox;

/**
 * The selected run, port or box, or the show: what can be edited, of the show as it is now, and
 * below it the figures of the last plan with their arithmetic. A new plan touches only the figures:
 * what is being typed stays.
 */
public final class Inspector extends SidePanel {
  private final Session session;
  private final Parts parts;
  private final VBox facts = new VBox();
  private final VBox figures = new VBox();
  private Optional<Node> first = Optional.empty();
  private Function<Assessment, List<Node>> consequences = plan -> List.of();
  private boolean late;

  /** An inspector on a session. */
  public Inspector(Session session) {
    super("inspector", 4);
    this.session = session;
    this.parts = new Parts(session);
    facts.getStyleClass().add("inspector-part");
    figures.getStyleClass().add("inspector-part");
    content().getChildren().addAll(facts, figures);
    session.document().show().addListener(o -> refresh());
    session.selection().addListener(o -> refresh());
    session.assessment().addListener(o -> planned());
    refresh();
  }

  /** Puts the keyboard into the first field. */
  public void focusFirst() {
    first.ifPresent(Node::requestFocus);
  }

  /** Shows the show as a whole and opens the menu that adds to what you own of a kind. */
  public void add(Planning.Shelf kind) {
    session.selection().set(new Selection.Nothing());
    if (lookup("#" + OwnedEditor.button(kind)) instanceof MenuButton button) {
      // Laid out first: what gets the keyboard is scrolled to by where it is.
      getScene().getRoot().applyCss();
      getScene().getRoot().layout();
      button.requestFocus();
      button.show();
    }
  }

  private void refresh() {
    keepingFocus(
        () -> {
          facts.getChildren().clear();
          first = Optional.empty();
          consequences = plan -> List.of();
          session.show().ifPresent(this::fill);
          figures();
        });
  }

  private void fill(Show show) {
    Part part = parts.of(show, session.selection().get());
    Label title = Words.lines(part.title(), "heading");
    title.setId("inspector-title");
    facts.getChildren().addAll(title, Words.softLines(part.below()));
    facts.getChildren().addAll(part.rows());
    first = part.first();
    consequences = part.figures();
  }

  /**
   * A plan has come: a field among the figures that is being filled in is left until it is done.
   */
  private void planned() {
    late = isTyping();
    if (!late) {
      keepingFocus(this::figures);
    }
  }

  private void figures() {
    late = false;
    figures.getChildren().clear();
    session
        .assessment()
        .get()
        .ifPresent(plan -> figures.getChildren().setAll(consequences.apply(plan)));
  }

  private boolean isTyping() {
    return focused().filter(o -> o instanceof TextInputControl && isIn(o, figures)).isPresent();
  }

  @Override
  protected void focusMoved() {
    if (late && !isTyping()) {
      planned();
    }
    super.focusMoved();
  }
}
