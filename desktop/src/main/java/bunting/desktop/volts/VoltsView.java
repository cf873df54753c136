package bunting.desktop.volts;

import bunting.core.plan.VoltageComparison;
import bunting.core.plan.VoltageOption;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.units.Lengths;
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
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The runs of the show, or the chosen one, at each voltage, planned for real and side by side. */
public final class VoltsView extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<VoltsView> SCREEN =
      ScreenDefinition.of("voltages", "Survey", "Voltages", VoltsView::new)
          .reachedBy("Shortcut+Shift+V", "Survey: compare voltages")
          .pictured("voltages", (desk, view) -> {});

  private final Session session;
  private final ComboBox<Scope> scope = new ComboBox<>();
  private final VBox body = new VBox(8);
  private final Newest comparing;
  private List<VoltageOption> options = List.of();
  private Optional<Show> compared = Optional.empty();
  private Set<String> comparedRuns = Set.of();

  /** Which runs are compared. */
  private enum Scope {
    ALL("all runs"),
    GROUP("the chosen run and its group"),
    RUN("the chosen run alone");

    private final String text;

    Scope(String text) {
      this.text = text;
    }
  }

  /** A figure of an option, and its name. */
  private record Figure(
      String name, Function<VoltageOption, String> of, Function<VoltageOption, Double> bar) {}

  private static final List<Figure> FIGURES =
      List.of(
          new Figure(
              "Amps",
              o -> Texts.fixed(o.plan().reading().totals().amps(), 1) + " A",
              o -> o.plan().reading().totals().amps()),
          new Figure(
              "Feeds",
              o -> Integer.toString(o.plan().reading().totals().feeds()),
              o -> (double) o.plan().reading().totals().feeds()),
          new Figure(
              "Cable",
              o -> Lengths.of(o.plan().reading().show()).cable(o.copper().cableM()),
              o -> o.copper().cableM()),
          new Figure(
              "Copper",
              o -> Texts.fixed(o.copper().kilograms(), 1) + " kg",
              o -> o.copper().kilograms()),
          new Figure("Fuses", o -> Integer.toString(o.fuses()), o -> (double) o.fuses()),
          new Figure(
              "Supplies",
              o -> Integer.toString(o.plan().reading().totals().supplies()),
              o -> (double) o.plan().reading().totals().supplies()),
          new Figure(
              "Least volts",
              o -> Texts.fixed(o.plan().reading().totals().minVoltsPercent(), 1) + " %",
              o -> 0.0),
          new Figure(
              "Boxes, supplies",
              o -> o.plan().reading().show().settings().money(o.plan().reading().totals().cost()),
              o -> o.plan().reading().totals().cost()));

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
            "There is no wrong answer, but choose once: connectors, supplies and spares follow.");
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
        found -> {
          options = found;
          body.getChildren().setAll(table());
        },
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

  private Node table() {
    GridPane grid = new GridPane();
    grid.getStyleClass().add("volts-grid");
    grid.setHgap(16);
    grid.setVgap(7);
    ColumnConstraints names = new ColumnConstraints(104);
    grid.getColumnConstraints().add(names);
    for (int i = 0; i < options.size(); i++) {
      ColumnConstraints c = new ColumnConstraints(126, 180, 260);
      c.setHgrow(Priority.ALWAYS);
      grid.getColumnConstraints().add(c);
    }
    for (int c = 0; c < options.size(); c++) {
      VoltageOption o = options.get(c);
      Label volts = new Label(Texts.number(o.volts()) + " V");
      volts.getStyleClass().add("volts-head");
      Label now = new Label(o.current() ? "as it is" : "");
      now.getStyleClass().add("soft");
      HBox head = new HBox(8, volts, now);
      head.setAlignment(Pos.BASELINE_LEFT);
      grid.add(head, c + 1, 0);
    }
    int row = 1;
    for (Figure figure : FIGURES) {
      Label name = new Label(figure.name());
      name.getStyleClass().add("soft");
      grid.add(name, 0, row);
      double most =
          Math.max(1e-9, options.stream().mapToDouble(o -> figure.bar().apply(o)).max().orElse(1));
      for (int c = 0; c < options.size(); c++) {
        VoltageOption o = options.get(c);
        Label value = new Label(figure.of().apply(o));
        value.getStyleClass().add("figure");
        value.setMinWidth(78);
        Region bar = new Region();
        bar.getStyleClass().add("volts-bar");
        double width = 70 * figure.bar().apply(o) / most;
        bar.setMinSize(width, 7);
        bar.setMaxSize(width, 7);
        HBox cell = new HBox(6, value, bar);
        cell.setAlignment(Pos.CENTER_LEFT);
        grid.add(cell, c + 1, row);
      }
      row++;
    }
    row = words(grid, row, "For it", VoltageOption::strengths);
    row = words(grid, row, "Against it", VoltageOption::weaknesses);
    row = words(grid, row, "Pixels", VoltageOption::basis);
    for (int c = 0; c < options.size(); c++) {
      VoltageOption o = options.get(c);
      Button take = new Button("Take " + Texts.number(o.volts()) + " V over");
      take.setId("take-" + Texts.number(o.volts()));
      take.setDisable(o.current());
      take.setOnAction(e -> takeOver(o));
      grid.add(take, c + 1, row);
      GridPane.setHalignment(take, HPos.LEFT);
    }
    return grid;
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

  private int words(GridPane grid, int row, String name, Function<VoltageOption, List<String>> of) {
    Label label = new Label(name);
    label.getStyleClass().add("soft");
    GridPane.setValignment(label, VPos.TOP);
    grid.add(label, 0, row);
    for (int c = 0; c < options.size(); c++) {
      List<String> all = of.apply(options.get(c));
      String text = String.join("\n", all.subList(0, Math.min(4, all.size())));
      Label words = new Label(all.size() > 4 ? text + "\nand " + (all.size() - 4) + " more" : text);
      words.setWrapText(true);
      words.setMinHeight(Region.USE_PREF_SIZE);
      words.getStyleClass().add("fine");
      GridPane.setValignment(words, VPos.TOP);
      grid.add(words, c + 1, row);
    }
    return row + 1;
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
