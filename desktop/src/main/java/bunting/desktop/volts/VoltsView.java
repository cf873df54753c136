package bunting.desktop.volts;

import bunting.core.plan.VoltageComparison;
import bunting.core.plan.VoltageOption;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Choices;
import bunting.desktop.kit.Newest;
import bunting.desktop.session.Background;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The runs of the show, or the chosen one, at each voltage, planned for real and side by side. */
public final class VoltsView extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<VoltsView> SCREEN =
      ScreenDefinition.of("voltages", "Survey", "Voltages", VoltsView::new)
          .reachedBy("Shortcut+Shift+V", "Survey: compare voltages");

  private final Session session;
  private final ComboBox<Scope> scope = new ComboBox<>();
  private final VBox body = new VBox(8);
  private final Newest comparing;
  private Optional<Show> compared = Optional.empty();
  private Set<String> comparedRuns = Set.of();

  /** Which runs are compared. */
  private enum Scope {
    ALL("all runs"),
    GROUP("the chosen run and its group"),
    RUN("the chosen run or runs alone");

    private final String text;

    Scope(String text) {
      this.text = text;
    }
  }

  private VoltsView(Desk desk) {
    super(10);
    this.session = desk.session();
    this.comparing = new Newest(session.background());
    setId("volts");
    getStyleClass().add("sheet");
    setFocusTraversable(true);
    Label title = new Label("The same runs at each voltage");
    title.getStyleClass().add("heading");
    scope.setId("volts-scope");
    scope.getItems().setAll(Scope.values());
    Choices.named(scope, s -> s.text);
    scope.setValue(Scope.ALL);
    scope.valueProperty().addListener(o -> refresh());
    HBox head = new HBox(18, title, scope);
    head.setAlignment(Pos.CENTER_LEFT);
    Label why =
        new Label(
            "Each works if it is kept to. Plugs, supplies and spares are bought for it, so decide"
                + " before the first is.");
    why.getStyleClass().add("soft");
    ScrollPane scroll = new ScrollPane(body);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("plain-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(head, why, scroll);
    session.document().show().addListener(o -> refresh());
    session.selection().addListener(o -> refresh());
    sceneProperty().addListener(o -> refresh());
  }

  private Set<String> chosen() {
    if (session.selection().get() instanceof Selection.OfRuns r && scope.getValue() != Scope.ALL) {
      return Set.copyOf(r.names());
    }
    Optional<Run> run =
        session.selection().get() instanceof Selection.OfRun r
            ? session.show().flatMap(s -> s.run(r.name()))
            : Optional.empty();
    if (run.isEmpty() || scope.getValue() == Scope.ALL) {
      return Set.of();
    }
    if (scope.getValue() == Scope.RUN || run.get().group().isEmpty()) {
      return Set.of(run.get().name());
    }
    return session.show().orElseThrow().runs().stream()
        .filter(r -> r.group().equals(run.get().group()))
        .map(Run::name)
        .collect(Collectors.toSet());
  }

  private void refresh() {
    Optional<Show> show = session.show();
    if (getScene() == null || show.isEmpty()) {
      return;
    }
    if (show.get().runs().isEmpty()) {
      comparing.stop();
      compared = Optional.empty();
      body.getChildren().setAll(new Label("There are no runs to compare yet: trace one first."));
      return;
    }
    if (compared.equals(show) && comparedRuns.equals(chosen())) {
      return;
    }
    compared = show;
    comparedRuns = chosen();
    ProgressBar bar = new ProgressBar(0);
    Button stop =
        Buttons.of(
            "volts-stop",
            "Stop",
            () -> {
              comparing.stop();
              compared = Optional.empty();
              body.getChildren().setAll(new Label("Stopped. Choose Voltages again to compare."));
            });
    body.getChildren().setAll(new HBox(10, new Label("Planning each voltage…"), bar, stop));
    Show of = show.get();
    Set<String> runs = comparedRuns;
    comparing.ask(
        "planning each voltage",
        job -> planned(job, of, runs, bar),
        found -> body.getChildren().setAll(new VoltsTable(found, this::takeOver).grid()),
        this::failed);
  }

  private List<VoltageOption> planned(
      Background.Job job, Show of, Set<String> runs, ProgressBar bar) {
    List<VoltageOption> found = new ArrayList<>();
    for (double volts : VoltageComparison.VOLTS) {
      if (!job.stopped()) {
        found.add(VoltageComparison.at(volts, of, runs));
        double share = found.size() / (double) VoltageComparison.VOLTS.size();
        session.background().tell(job, () -> bar.setProgress(share));
      }
    }
    return found;
  }

  private void failed(String why) {
    compared = Optional.empty();
    body.getChildren()
        .setAll(new Label(why), Buttons.of("volts-again", "Try again", this::refresh));
  }

  /** What was compared is taken over, and nothing that was edited meanwhile is lost. */
  private void takeOver(VoltageOption o) {
    Optional<Show> asked = compared;
    if (asked.isPresent() && asked.equals(session.show())) {
      session.edit(
          Texts.number(o.volts()) + " V taken over.",
          s -> s.equals(asked.get()) ? o.takeOver() : s);
    } else {
      session.say("The show has changed since; it is being compared again.");
    }
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of();
  }

  @Override
  public boolean busy() {
    return comparing.busy().get();
  }
}
