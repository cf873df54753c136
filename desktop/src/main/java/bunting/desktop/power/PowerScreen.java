package bunting.desktop.power;

import bunting.core.assess.PortReading;
import bunting.core.show.Texts;
import bunting.core.whatif.Loss;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Command;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The river above, the line at hand below, and what is tried on it. */
public final class PowerScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<PowerScreen> SCREEN =
      ScreenDefinition.of("power", "Power", "Feeds", PowerScreen::new)
          .reachedBy("F8", "Power: supplies, fuses and feeds")
          .adding(
              desk ->
                  List.of(
                      Command.of(
                          "add-feed",
                          new Command.Place(Command.Menu.ADD, "power"),
                          "Add feed",
                          Command.whileOpen(desk.session()),
                          () -> desk.go(PowerScreen.SCREEN).addFeed())))
          .pictured("power", (desk, view) -> choose(desk));

  private static final double CORD_HEIGHT = 262;

  private final PowerModel model;
  private final CordView cord;
  private final RiverView river;
  private final PowerSide side;
  private final Label state = new Label();
  private final Label title = new Label();
  private final Label about = new Label();
  private final Label told = new Label();
  private final Button planned = new Button("As planned");

  private PowerScreen(Desk desk) {
    super(6);
    getStyleClass().add("survey");
    Session session = desk.session();
    this.model = new PowerModel(session);
    this.river = new RiverView(session, model, desk.palette());
    this.cord = new CordView(model, desk.palette(), told::setText);
    this.side = new PowerSide(session, model);
    VBox.setVgrow(river, Priority.ALWAYS);
    cord.setMinHeight(CORD_HEIGHT);
    cord.setPrefHeight(CORD_HEIGHT);
    VBox below = new VBox(4, lineHead(), cord, told(), new TrialBar(session, model));
    below.getStyleClass().add("power-card");
    getChildren().addAll(head(() -> desk.go(LossScreen.SCREEN)), river, below);
    model.shown().addListener(o -> refresh());
    model.feed().addListener(o -> refresh());
    refresh();
  }

  /** Adds a feed where the line at hand has the widest gap. */
  private void addFeed() {
    new CordKeys(cord, model).plantInWidestGap();
  }

  private HBox head(Runnable losses) {
    Label heading = new Label("Where the amps go");
    heading.getStyleClass().add("heading");
    heading.setMinWidth(USE_PREF_SIZE);
    state.getStyleClass().add("soft");
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    planned.setId("power-as-planned");
    planned.setOnAction(e -> reset());
    Button all = new Button("Every loss…");
    all.setId("power-losses");
    all.setOnAction(e -> losses.run());
    for (Button b : new Button[] {planned, all}) {
      b.getStyleClass().add("small");
      b.setMinWidth(USE_PREF_SIZE);
    }
    HBox head = new HBox(10, heading, state, gap, planned, all);
    head.setAlignment(Pos.CENTER_LEFT);
    return head;
  }

  private HBox lineHead() {
    title.getStyleClass().add("heading");
    title.setMinWidth(USE_PREF_SIZE);
    about.setId("cord-about");
    about.getStyleClass().add("soft");
    HBox head = new HBox(10, title, about);
    head.setAlignment(Pos.BASELINE_LEFT);
    return head;
  }

  private Label told() {
    told.setId("cord-told");
    told.getStyleClass().add("soft");
    told.setMinHeight(16);
    return told;
  }

  private void refresh() {
    planned.setDisable(!model.trying());
    state.setText(
        model
            .outcome()
            .map(o -> "Lost: " + o.loss().text() + " · " + o.text())
            .orElse(
                model.trying()
                    ? "tried, not decided"
                    : "at the brightness designed for · click a fuse to blow it"));
    state.getStyleClass().removeAll("is-wrong-text");
    if (model.outcome().isPresent()) {
      state.getStyleClass().add("is-wrong-text");
    }
    model
        .port()
        .ifPresent(
            p -> {
              title.setText(p.controller() + " · port " + p.port());
              about.setText(about(p));
            });
  }

  private String about(PortReading p) {
    String type = p.segments().getFirst().type().name();
    return p.pixels()
        + " px · "
        + type
        + " · "
        + Texts.number(p.box().volts())
        + " V · "
        + (onTrunk(p)
            ? "tails of a trunk, which the planner lays"
            : (model.byHand().held() ? "feeds by hand" : "feeds: the planner's")
                + " · drag a feed, double-click adds, Delete removes");
  }

  private boolean onTrunk(PortReading p) {
    return model.base().stream()
        .flatMap(r -> p.segments().stream().flatMap(s -> r.feedsOf(s.segment().id()).stream()))
        .anyMatch(f -> f.feed().trunk().isPresent());
  }

  /** Loses something, unless it is lost already. */
  public void lose(Loss loss) {
    if (model.lost().filter(loss::equals).isEmpty()) {
      model.lose(loss);
    }
  }

  /** Puts everything back as it is planned. */
  public void reset() {
    cord.forget();
    model.reset();
  }

  private static void choose(Desk desk) {
    desk.session().selection().set(new Selection.OfRun("Weir curtain west"));
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public void takeKeyboard() {
    cord.requestFocus();
  }

  @Override
  public boolean busy() {
    return side.getScene() != null && side.busy();
  }
}
