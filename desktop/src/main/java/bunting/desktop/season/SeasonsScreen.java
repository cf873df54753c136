package bunting.desktop.season;

import bunting.core.revision.Revision;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import bunting.files.ShowFiles;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Another season or revision beside this one; the next one begins here. */
public final class SeasonsScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<SeasonsScreen> SCREEN =
      ScreenDefinition.of("seasons", "Log", "Seasons", SeasonsScreen::new)
          .reachedBy("Shortcut+Shift+R", "Seasons: compare two, begin the next")
          .pictured("seasons", (desk, view) -> view.pose());

  private final Session session;
  private final Desk desk;
  private final SeasonsModel model;
  private final TwoCords cords;
  private final Sums side = new Sums();
  private final Label summary = Words.soft("");
  private final Label empty = Words.softLines("");
  private final ListView<Revision.OfRun> runs = new ListView<>();
  private final HBox tools = new HBox(10);
  private final Button first;

  private SeasonsScreen(Desk desk) {
    super(8);
    this.desk = desk;
    this.session = desk.session();
    this.model = new SeasonsModel(session);
    this.cords = new TwoCords(desk.palette(), this::choose);
    this.first = Buttons.of("season-compare", "Compare with\u2026", this::compare);
    getStyleClass().add("sheet");
    summary.setId("season-summary");
    empty.setId("season-empty");
    runs.setId("season-runs");
    runs.setCellFactory(v -> new RunCell());
    runs.setPlaceholder(empty);
    runs.getSelectionModel()
        .selectedItemProperty()
        .addListener((o, was, now) -> cords.choose(now == null ? "" : now.run()));
    VBox.setVgrow(runs, Priority.ALWAYS);
    HBox head = new HBox(12, Words.heading("Seasons"), summary);
    head.setAlignment(Pos.BASELINE_LEFT);
    tools.setAlignment(Pos.CENTER_LEFT);
    tools.setMinHeight(34);
    getChildren().addAll(head, tools, cords, legend(), runs);
    model.compared().addListener(o -> refresh());
    model.working().busy().addListener(o -> tools());
    session.opened().addListener(o -> refresh());
    tools();
    refresh();
  }

  private static Label legend() {
    return Words.softLines(
        "green: new    red: gone    amber, tied across: moved or changed    grey: as it was");
  }

  private void tools() {
    if (model.working().busy().get()) {
      tools
          .getChildren()
          .setAll(
              new ProgressBar(),
              Words.soft("Working out the other season\u2026"),
              Buttons.of("season-stop", "Stop", () -> model.working().stop()));
      return;
    }
    tools
        .getChildren()
        .setAll(
            first,
            Buttons.of("season-next", "Begin the next season\u2026", this::next),
            Buttons.of("season-place", "Another show at this place\u2026", this::place));
  }

  private void compare() {
    desk.asker()
        .open("The other season", "Shows", List.of("*" + ShowFiles.ENDING, "*.csv"))
        .ifPresent(model::compare);
  }

  private void next() {
    Optional<String> hindered = model.hindered();
    if (hindered.isPresent()) {
      session.say(hindered.get());
      return;
    }
    ask("The file of the next season", model.nextName(), model::begin);
  }

  private void place() {
    if (session.show().isEmpty() || session.changed().get()) {
      session.say("Save the show first (Ctrl S): another one will be opened.");
      return;
    }
    ask("The file of the other show", "At the same place", model::keepPlace);
  }

  private void ask(String title, String name, Consumer<Path> go) {
    desk.asker().save(title, name + ShowFiles.ENDING).ifPresent(go);
  }

  private void choose(String run) {
    runs.getItems().stream()
        .filter(r -> r.run().equals(run))
        .findFirst()
        .ifPresent(
            r -> {
              runs.getSelectionModel().select(r);
              runs.scrollTo(r);
            });
  }

  private void refresh() {
    Optional<SeasonsModel.Compared> two = model.compared().get();
    cords.show(two, session.show().map(s -> s.settings().name()).orElse(""));
    cords.setVisible(two.isPresent());
    cords.setManaged(two.isPresent());
    runs.getItems().setAll(two.map(c -> c.revision().runs()).orElse(List.of()));
    side.show(two);
    summary.setText(two.map(SeasonsScreen::words).orElse(""));
    empty.setText(
        two.isPresent()
            ? "No run differs."
            : "Choose another season or an earlier revision: what is new, gone and moved, and what"
                + " that does to power and price. The next season begins from this one: what"
                + " stands keeps its ports and addresses, what lies in the totes is not bought"
                + " again, and the log goes along.");
  }

  private static String words(SeasonsModel.Compared c) {
    long fresh = count(c, Revision.State.NEW);
    long gone = count(c, Revision.State.GONE);
    long changed = count(c, Revision.State.CHANGED);
    return "since "
        + c.name()
        + ": "
        + Texts.count(fresh, "run", "runs")
        + " new, "
        + gone
        + " gone, "
        + changed
        + " moved or changed";
  }

  private static long count(SeasonsModel.Compared c, Revision.State state) {
    return c.revision().runs().stream().filter(r -> r.state() == state).count();
  }

  /** A plan of earlier in the year: three runs fewer, and one that is gone. */
  private void pose() {
    Show now = session.show().orElseThrow();
    List<Run> runsThen = new ArrayList<>(now.runs());
    runsThen.subList(runsThen.size() - 3, runsThen.size()).clear();
    runsThen.add(8, Run.of("Old water wheel", runsThen.get(8).type(), 120));
    model.compare("Sallow Mill Lantern Fair, plan of May", now.withRuns(runsThen));
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public boolean busy() {
    return model.working().busy().get();
  }

  @Override
  public void stop() {
    model.working().stop();
  }

  @Override
  public void takeKeyboard() {
    first.requestFocus();
  }

  /** Figures of the whole show, before and after. */
  private static final class Sums extends SidePanel {
    Sums() {
      super("season-sums", 6);
    }

    void show(Optional<SeasonsModel.Compared> two) {
      content().getChildren().setAll(Words.subheading("What it comes to"));
      List<Revision.Sum> sums = two.map(c -> c.revision().sums()).orElse(List.of());
      for (Revision.Sum s : sums) {
        double by = s.after() - s.before();
        content()
            .getChildren()
            .addAll(
                Words.figure(s.what() + ": " + figure(s.after()) + " " + s.unit()),
                Words.soft(
                    "was "
                        + figure(s.before())
                        + ", "
                        + (by > 0 ? "+" : "\u2212")
                        + figure(Math.abs(by))));
      }
      if (sums.isEmpty()) {
        content()
            .getChildren()
            .add(
                Words.softLines(
                    two.isPresent() ? "Every figure is the same." : "Nothing to compare yet."));
      }
    }

    private static String figure(double value) {
      return value == Math.rint(value) ? Texts.number(value) : Texts.fixed(value, 1);
    }
  }

  /** A run and all that differs of it. */
  private static final class RunCell extends ListCell<Revision.OfRun> {
    private final Label name = Words.figure("");
    private final Label facts = Words.lines("");
    private final VBox both = new VBox(1, name, facts);

    RunCell() {
      setPrefWidth(0);
    }

    @Override
    protected void updateItem(Revision.OfRun run, boolean nothing) {
      super.updateItem(run, nothing);
      if (nothing || run == null) {
        setGraphic(null);
        return;
      }
      name.setText(
          switch (run.state()) {
                case NEW -> "+ ";
                case GONE -> "\u2212 ";
                case CHANGED -> "~ ";
              }
              + run.run());
      facts.setText(
          String.join("\n", run.facts().stream().map(f -> f.what() + ": " + arrow(f)).toList()));
      setGraphic(both);
    }

    private static String arrow(Revision.Fact f) {
      return f.before().isEmpty()
          ? f.after()
          : f.after().isEmpty() ? f.before() : f.before() + "  \u2192  " + f.after();
    }
  }
}
