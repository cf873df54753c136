package bunting.desktop.shell;

import bunting.desktop.session.Planning;
import bunting.desktop.session.Session;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/**
 * Says on every screen when what is planned there belongs to an earlier version of the show and
 * nobody is planning the newest. While one is being planned the message line says so: what comes
 * and goes with every edit must not move what is under the hand.
 */
final class PlanBanner extends HBox {
  private final Session session;
  private final Label text = new Label();
  private final Button act = new Button();

  PlanBanner(Session session) {
    super(12);
    this.session = session;
    setId("plan-banner");
    getStyleClass().add("plan-banner");
    setAlignment(Pos.CENTER_LEFT);
    text.setId("plan-banner-text");
    text.setWrapText(true);
    text.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(text, Priority.ALWAYS);
    act.setId("plan-again");
    act.getStyleClass().add("small");
    act.setMinWidth(Region.USE_PREF_SIZE);
    getChildren().addAll(text, act);
    session.plans().state().addListener(o -> refresh());
    session.assessment().addListener(o -> refresh());
    refresh();
  }

  private void refresh() {
    Planning plans = session.plans();
    switch (plans.state().get()) {
      case Planning.State.Planned p -> shown(false);
      case Planning.State.Working w -> shown(false);
      case Planning.State.Stopped s ->
          say("Planning was stopped. " + older(), "Plan it now", plans::again);
      case Planning.State.Failed f -> say(f.why() + " " + older(), "Try again", plans::again);
    }
  }

  private String older() {
    return session.assessment().get().isPresent()
        ? "Ports, addresses, volts and amps shown here belong to an earlier version of the show;"
            + " runs and places are as they are now."
        : "Ports, addresses, volts and amps are not planned yet; runs and places are as they are"
            + " now.";
  }

  private void say(String sentence, String does, Runnable work) {
    text.setText(sentence);
    act.setText(does);
    act.setOnAction(e -> work.run());
    shown(true);
  }

  private void shown(boolean show) {
    setVisible(show);
    setManaged(show);
  }
}
