package bunting.desktop.shell;

import bunting.desktop.session.Planning;
import bunting.desktop.session.Session;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.util.Duration;

/** Says on every screen when what is planned there belongs to an earlier version of the show. */
final class PlanBanner extends HBox {
  /** A plan that comes sooner is not worth a word. */
  private static final Duration SOON = Duration.millis(400);

  private final Session session;
  private final Label text = new Label();
  private final Button act = new Button();
  private final PauseTransition soon = new PauseTransition(SOON);

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
    soon.setOnFinished(e -> late());
    session.plans().state().addListener(o -> refresh());
    session.assessment().addListener(o -> refresh());
    refresh();
  }

  private void refresh() {
    Planning plans = session.plans();
    switch (plans.state().get()) {
      case Planning.State.Planned p -> {
        soon.stop();
        shown(false);
      }
      case Planning.State.Working w -> soon.playFromStart();
      case Planning.State.Stopped s -> {
        soon.stop();
        say("Planning was stopped. " + older(), "Plan it now", plans::again);
      }
      case Planning.State.Failed f -> {
        soon.stop();
        say(f.why() + " " + older(), "Try again", plans::again);
      }
    }
  }

  private void late() {
    if (session.plans().state().get() instanceof Planning.State.Working) {
      say(older() + " The newest is being planned…", "Stop", session::cancelPlanning);
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
