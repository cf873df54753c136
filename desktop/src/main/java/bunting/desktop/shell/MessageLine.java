package bunting.desktop.shell;

import bunting.desktop.kit.Buttons;
import bunting.desktop.session.Session;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** What was last done or went wrong, else the keys; and whether a plan is being made. */
final class MessageLine extends HBox {
  /**
   * @param keys what stands there while there is nothing to say
   */
  MessageLine(Session session, String keys) {
    super(12);
    getStyleClass().add("message-line");
    setAlignment(Pos.CENTER_LEFT);
    Label message = new Label();
    message.setId("message");
    message
        .textProperty()
        .bind(
            Bindings.createStringBinding(
                () -> session.message().get().isEmpty() ? keys : session.message().get(),
                session.message()));
    message.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(message, Priority.ALWAYS);
    getChildren().add(message);
    session.planning().addListener(o -> busy(session));
  }

  /** While a plan is being made, a bar and a way to stop it. */
  private void busy(Session session) {
    getChildren().subList(1, getChildren().size()).clear();
    if (session.planning().get()) {
      Button stop = Buttons.small("stop-planning", "Stop", session::cancelPlanning);
      boolean older = session.assessment().get().isPresent();
      Label planning =
          new Label(
              older ? "Planning… Figures shown are from before your last edit." : "Planning…");
      planning.setMinWidth(USE_PREF_SIZE);
      HBox busy = new HBox(8, planning, new ProgressBar(), stop);
      busy.setAlignment(Pos.CENTER_RIGHT);
      getChildren().add(busy);
    }
  }
}
