package bunting.desktop.shell;

import bunting.core.checks.Finding;
import bunting.core.show.Show;
import bunting.desktop.look.Theme;
import bunting.desktop.session.Preferences;
import bunting.desktop.session.Recovery;
import bunting.desktop.session.Session;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;

/** The one window: menus and vital signs above, the workbench, the message line below. */
public final class MainWindow {
  private static final String KEYS =
      "F5 survey    F6 ports    F7 addresses    F8 power    F9 bench    F2 edit    F4 findings   "
          + " Ctrl Z undo    Ctrl K find or do    F1 all keys";

  private final Stage stage;
  private final Session session;
  private final Preferences preferences;
  private final Runnable demo;
  private final ScreenDefinition<?> fresh;
  private final Theme theme;
  private final StackPane root = new StackPane();
  private final VBox head = new VBox();
  private final Saving saving;
  private final Workbench bench;
  private final Commands commands;
  private Optional<CommandPalette> finder = Optional.empty();
  private Optional<Recovery> recovery = Optional.empty();
  private boolean justOpened;

  /**
   * What the window is made of.
   *
   * @param screens all screens in the order of the work
   * @param first the screen that a show is opened on
   * @param fresh the screen that a new show begins on
   * @param demo opens the demo show in the session
   */
  public record Plan(
      List<ScreenDefinition<?>> screens,
      ScreenDefinition<?> first,
      ScreenDefinition<?> fresh,
      Runnable demo) {}

  /** A window that asks by the machine's own dialogs. */
  public MainWindow(Stage stage, Session session, Preferences preferences, Plan plan) {
    this(stage, session, preferences, plan, new NativeAsker(stage, preferences));
  }

  /**
   * @param asker asks for files
   */
  public MainWindow(Stage stage, Session session, Preferences preferences, Plan plan, Asker asker) {
    this.stage = stage;
    this.session = session;
    this.preferences = preferences;
    this.demo = plan.demo();
    this.fresh = plan.fresh();
    theme = new Theme(root, preferences.get().night());
    saving = new Saving(session, asker, preferences);
    commands = new Commands(session);
    StartScreen start = new StartScreen(commands);
    bench =
        new Workbench(
            session, theme.palette(), asker, preferences, plan.screens(), plan.first(), start);
    commands.addFiles(this, saving, asker);
    commands.addEdits(bench, this::openPalette);
    commands.addScreens(bench);
    commands.addViews(bench, preferences);
    commands.addHelp(stage);
    start.fill();
    head.getChildren()
        .addAll(
            new Menus(commands.all(), preferences, saving::openAgain),
            new TopBar(session, commands),
            new PlanBanner(session));
    BorderPane frame = new BorderPane(bench);
    frame.setTop(head);
    frame.setBottom(new MessageLine(session, KEYS));
    root.getChildren().add(frame);
    Scene scene = new Scene(root, WindowPlace.WIDTH, WindowPlace.HEIGHT);
    theme.dress(scene);
    scene.addEventFilter(KeyEvent.KEY_PRESSED, this::undoBehindFields);
    FileDrops.install(scene, this::take);
    preferences.now().addListener((o, was, now) -> theme.setNight(now.night()));
    session
        .document()
        .show()
        .addListener(
            (o, was, now) -> {
              entitle();
              learn(was, now);
            });
    session.opened().addListener(o -> justOpened = true);
    stage.setScene(scene);
    WindowPlace.keep(stage, preferences);
    stage.setOnCloseRequest(
        e -> {
          e.consume();
          close();
        });
    entitle();
  }

  private void entitle() {
    stage.setTitle(session.show().map(s -> s.settings().name() + " · Bunting").orElse("Bunting"));
  }

  /** What the user sets in a show is how he begins the next one. */
  private void learn(Optional<Show> was, Optional<Show> now) {
    if (!justOpened && was.isPresent() && now.isPresent()) {
      boolean feet = now.get().survey().feet();
      String currency = now.get().settings().currency();
      if (feet != was.get().survey().feet()) {
        preferences.change(p -> p.withFeet(feet));
      }
      if (!currency.equals(was.get().settings().currency())) {
        preferences.change(p -> p.withCurrency(currency));
      }
    }
    justOpened = false;
  }

  /** A field keeps Ctrl Z to itself; where it has nothing to take back, the show's turn comes. */
  private void undoBehindFields(KeyEvent e) {
    boolean undo = e.isShortcutDown() && e.getCode() == KeyCode.Z;
    if (undo && stage.getScene().getFocusOwner() instanceof TextInputControl field) {
      boolean own = e.isShiftDown() ? field.isRedoable() : field.isUndoable();
      if (!own && e.isShiftDown()) {
        session.redo();
      } else if (!own) {
        session.undo();
      }
      if (!own) {
        e.consume();
      }
    }
  }

  /** Goes to a screen. */
  public <V extends ScreenView> V go(ScreenDefinition<V> to) {
    return bench.go(to);
  }

  /** The view of a screen, whether it is shown or not. */
  public <V extends ScreenView> V view(ScreenDefinition<V> of) {
    return bench.view(of);
  }

  /** What the screens find around them. */
  public Desk desk() {
    return bench;
  }

  /** Whether something is being worked out beside the interface. */
  public boolean busy() {
    return bench.busy();
  }

  /** Keeps what is not saved from now on, and offers what an earlier crash left. */
  public void keepBy(Recovery keeper) {
    recovery = Optional.of(keeper);
    head.getChildren().add(new RecoveryBanner(keeper, saving::mayLeave));
  }

  /** Begins a new show, unless there are edits that the user wants to keep. */
  void begin() {
    if (saving.mayLeave()) {
      Show show = Show.fresh();
      session.start(
          show.withSurvey(show.survey().withFeet(preferences.get().feet()))
              .withSettings(show.settings().withCurrency(preferences.get().currency())));
      bench.go(fresh);
    }
  }

  /** Opens the demo, unless there are edits that the user wants to keep. */
  public void openDemo() {
    if (saving.mayLeave()) {
      demo.run();
    }
  }

  /** Does with a dropped file what its name says. */
  public void take(Path file) {
    if (!bench.take(file)) {
      saving.open(file);
    }
  }

  /** Closes the window, unless there are edits that the user wants to keep. */
  void close() {
    if (saving.mayLeave()) {
      recovery.ifPresent(Recovery::leave);
      WindowPlace.remember(stage, preferences);
      stage.hide();
      bench.leave();
    }
  }

  /** Chooses the first finding of a sort, as a click on it does. */
  public void chooseFinding(Predicate<Finding> which) {
    bench.chooseFinding(which);
  }

  /** Opens or closes the drawer of findings. */
  public void toggleFindings() {
    bench.toggleFindings();
  }

  /** It is made when it is first wanted: the window is there sooner without it. */
  private void openPalette() {
    CommandPalette palette =
        finder.orElseGet(
            () -> {
              CommandPalette made =
                  new CommandPalette(session, commands, bench::finds, this::closePalette);
              StackPane.setAlignment(made, Pos.TOP_CENTER);
              root.getChildren().add(made);
              return made;
            });
    finder = Optional.of(palette);
    palette.setVisible(true);
    palette.setManaged(true);
    palette.show();
  }

  private void closePalette() {
    finder.ifPresent(
        palette -> {
          palette.setVisible(false);
          palette.setManaged(false);
        });
    bench.takeKeyboard();
  }
}
