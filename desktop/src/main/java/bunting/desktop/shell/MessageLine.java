package bunting.desktop.shell;

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
    Button cancel = new Button("Stop");
    cancel.getStyleClass().add("small");
    cancel.setOnAction(e -> session.cancelPlanning());
    HBox busy = new HBox(8, new Label("Planning…"), new ProgressBar(), cancel);
    busy.setAlignment(Pos.CENTER_RIGHT);
    busy.visibleProperty().bind(session.planning());
    busy.managedProperty().bind(session.planning());
    getChildren().addAll(message, busy);
  }
}
