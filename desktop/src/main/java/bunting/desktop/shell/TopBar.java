package bunting.desktop.shell;

import bunting.core.assess.Totals;
import bunting.core.checks.Severity;
import bunting.core.plan.Assessment;
import bunting.core.propose.Proposal;
import bunting.core.show.Texts;
import bunting.desktop.session.OfferText;
import bunting.desktop.session.Session;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;

/** The show's name and vital signs. */
final class TopBar extends HBox {
  /** Narrower windows have no room for the name beside the pennants. */
  private static final double WIDE = 1180;

  private static final PseudoClass OLD = PseudoClass.getPseudoClass("old");

  private final Session session;
  private final Label name = new Label("Bunting");
  private final Label state = new Label();
  private final HBox signs = new HBox(18);
  private final Button findings;
  private final Button better;

  TopBar(Session session, Commands commands) {
    this.session = session;
    getStyleClass().add("top-bar");
    setAlignment(Pos.CENTER_LEFT);
    findings = button(commands.get("findings"), "");
    findings.setId("findings-button");
    better = button(commands.get("better"), "");
    better.setId("better-plan");
    better.getStyleClass().add("better-chip");
    better.setMinWidth(USE_PREF_SIZE);
    better.managedProperty().bind(better.visibleProperty());
    Button find = button(commands.get("find"), "Find or do  Ctrl K");
    find.setId("find-button");
    find.getStyleClass().add("find-button");
    name.getStyleClass().add("show-name");
    state.getStyleClass().add("soft");
    VBox title = new VBox(1, name, state);
    title.setMinWidth(60);
    title.setPrefWidth(196);
    title.setMaxWidth(196);
    title.setAlignment(Pos.CENTER_LEFT);
    signs.setAlignment(Pos.CENTER_LEFT);
    signs.getStyleClass().add("signs");
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    Label word = new Label("Bunting");
    word.getStyleClass().add("word-mark");
    word.setMinWidth(USE_PREF_SIZE);
    word.visibleProperty()
        .bind(widthProperty().greaterThan(WIDE).and(better.visibleProperty().not()));
    word.managedProperty().bind(word.visibleProperty());
    findings.setMinWidth(USE_PREF_SIZE);
    find.setMinWidth(USE_PREF_SIZE);
    Node mark = mark();
    mark.visibleProperty()
        .bind(widthProperty().greaterThan(WIDE).or(better.visibleProperty().not()));
    mark.managedProperty().bind(mark.visibleProperty());
    getChildren().addAll(mark, word, title, signs, gap, better, findings, find);
    session.assessment().addListener(o -> refresh());
    session.document().show().addListener(o -> refresh());
    session.plans().state().addListener(o -> refresh());
    session.changed().addListener(o -> refresh());
    session.proposals().offered().addListener(o -> refresh());
    widthProperty().addListener(o -> offer());
    session.file().addListener(o -> refresh());
    refresh();
  }

  private static Button button(Command command, String text) {
    Button button = new Button(text);
    button.setOnAction(e -> command.run());
    button.disableProperty().bind(javafx.beans.binding.Bindings.not(command.enabled()));
    return button;
  }

  /** Five pennants on a cord. */
  private static Node mark() {
    Pane mark = new Pane();
    mark.setMinSize(64, 30);
    mark.setPrefSize(64, 30);
    mark.getChildren().add(new Line(0, 8, 64, 8));
    for (int i = 0; i < 5; i++) {
      double x = 3 + i * 12;
      Polygon cloth = new Polygon(x, 8, x + 10, 8, x + 5, 20);
      cloth.getStyleClass().add("cloth-" + i);
      mark.getChildren().add(cloth);
    }
    mark.getStyleClass().add("mark");
    return mark;
  }

  private void refresh() {
    Optional<Assessment> plan = session.assessment().get();
    signs.getChildren().clear();
    findings.setVisible(plan.isPresent());
    name.setText(session.show().map(s -> s.settings().name()).orElse(""));
    String saved = session.changed().get() ? " · changed" : " · saved";
    String where =
        session.file().get().map(f -> f.getFileName() + saved).orElse("not in a file yet");
    state.setText(session.show().isEmpty() ? "" : where);
    plan.ifPresent(this::signs);
    offer();
    signs.pseudoClassStateChanged(OLD, !session.plans().isCurrent());
  }

  /** The better plan that is offered; in a narrow window what it gains alone. */
  private void offer() {
    Optional<Proposal> offer = session.proposals().offered().get();
    better.setVisible(offer.isPresent());
    offer.ifPresent(
        p -> {
          better.setText(getWidth() > WIDE ? OfferText.of(p) : "Better: " + OfferText.gain(p));
          better.setTooltip(new Tooltip(OfferText.of(p)));
        });
  }

  private void signs(Assessment plan) {
    Totals t = plan.reading().totals();
    long ports = plan.reading().ports().size();
    add(Long.toString(t.pixels()), t.pixels() == 1 ? "pixel" : "pixels");
    add(Integer.toString(t.universes()), t.universes() == 1 ? "universe" : "universes");
    add(t.portsUsed() + " of " + ports, "ports");
    double brightness = plan.reading().show().settings().brightnessPercent();
    add(
        Texts.fixed(t.amps(), 0) + " A",
        brightness >= 100 ? "at full white" : "at " + Texts.number(brightness) + " %");
    add(Texts.fixed(t.minVoltsPercent(), 1) + " %", "least volts");
    String currency = plan.reading().show().settings().currency();
    add(
        t.buildCost() > 0 ? Texts.fixed(t.buildCost(), 0) : "unknown",
        currency.isEmpty() ? "to build, no currency" : currency + " to build");
    int stop = plan.count(Severity.STOP);
    int warn = plan.count(Severity.WARN);
    findings.setText(stop + warn == 0 ? "✓ nothing to mend" : stop + " stop · " + warn + " warn");
    findings.getStyleClass().removeAll("is-stop", "is-warn", "is-good");
    findings.getStyleClass().add(stop > 0 ? "is-stop" : warn > 0 ? "is-warn" : "is-good");
  }

  private void add(String figure, String what) {
    Label top = new Label(figure);
    top.getStyleClass().add("sign-figure");
    Label below = new Label(what);
    below.getStyleClass().add("soft");
    top.setMinWidth(USE_PREF_SIZE);
    below.setMinWidth(USE_PREF_SIZE);
    signs.getChildren().add(new VBox(1, top, below));
  }
}
