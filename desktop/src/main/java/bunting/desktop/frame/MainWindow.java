package bunting.desktop.frame;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import bunting.core.whatif.Outcome;
import bunting.desktop.addresses.AddressScreen;
import bunting.desktop.addresses.AddressSide;
import bunting.desktop.addresses.NetworkScreen;
import bunting.desktop.inspect.Inspector;
import bunting.desktop.line.BoardView;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import bunting.desktop.others.OthersView;
import bunting.desktop.power.LossScreen;
import bunting.desktop.power.PowerScreen;
import bunting.desktop.power.PowerSide;
import bunting.desktop.power.QuickSheet;
import bunting.desktop.session.Recovery;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.sheets.ImportView;
import bunting.desktop.stock.CutView;
import bunting.desktop.survey.ElevationView;
import bunting.desktop.survey.SurveyScreen;
import bunting.desktop.survey.TapeSheet;
import bunting.desktop.survey.WhichView;
import bunting.desktop.volts.VoltsView;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.application.Application;
import javafx.beans.binding.Bindings;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Alert;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;

/** The one window. */
public final class MainWindow {
  private static final double DRAWER_HEIGHT = 268;
  private static final double TAPE_HEIGHT = 316;
  private static final String KEYS =
      "F5 survey    F6 lines    F9 addresses    F10 power    F2 edit    F4 findings    F8 day or"
          + " night    Ctrl Z undo    Ctrl K find or do";

  private final Session session;
  private final Stage stage;
  private final ObjectProperty<Palette> palette = new SimpleObjectProperty<>(Palette.DAY);
  private final StackPane root = new StackPane();
  private final BorderPane frame = new BorderPane();
  private final StartScreen start;
  private final VBox work;
  private final VBox side;
  private final Rail rail;
  private final SurveyScreen survey;
  private final TapeSheet tape;
  private final CutView cut;
  private final VoltsView volts;
  private final OthersView others;
  private final WhichView which;
  private final ImportView importing;
  private final Basket basket;
  private final BoardView board;
  private final AddressScreen addresses;
  private final AddressSide addressSide;
  private final NetworkScreen network;
  private final PowerScreen power;
  private final PowerSide powerSide;
  private final LossScreen losses;
  private final QuickSheet quick;
  private final Inspector inspector;
  private final FindingsDrawer drawer;
  private final CommandPalette finder;
  private final Runnable demo;
  private final VBox head = new VBox();
  private Optional<Recovery> recovery = Optional.empty();
  private Screen screen = Screen.PORTS;
  private boolean reading;

  /**
   * @param demo opens the demo show in the session
   */
  public MainWindow(Stage stage, Session session, Runnable demo) {
    this(stage, session, demo, Asker.natively(stage));
  }

  /**
   * @param demo opens the demo show in the session
   * @param asker asks for files
   */
  public MainWindow(Stage stage, Session session, Runnable demo, Asker asker) {
    this.stage = stage;
    this.session = session;
    this.demo = demo;
    Commands commands = new Commands(session, this, asker);
    start = new StartScreen(commands);
    rail = new Rail(session, this::go);
    SurveyScreen elevationScreen = new SurveyScreen(session, palette);
    survey = elevationScreen;
    tape = new TapeSheet(session, () -> elevationScreen.elevation().drafting().newType());
    cut = new CutView(session);
    volts = new VoltsView(session);
    others = new OthersView(session);
    which = new WhichView(session, elevationScreen.elevation().drafting()::setNewType);
    importing = new ImportView(session, this::closeImport);
    board = new BoardView(session, palette);
    basket = new Basket(session, board);
    addresses = new AddressScreen(session, palette);
    addressSide = new AddressSide(session, LocalDate::now);
    network = new NetworkScreen(session);
    power = new PowerScreen(session, palette, () -> go(Screen.LOSSES));
    powerSide = power.side(session);
    losses = new LossScreen(session, this::showLoss);
    quick = new QuickSheet(session.background(), palette);
    inspector = new Inspector(session);
    drawer = new FindingsDrawer(session, this::toggleFindings);
    drawer.setMinHeight(DRAWER_HEIGHT);
    drawer.setMaxHeight(DRAWER_HEIGHT);
    finder = new CommandPalette(session, commands, this::closePalette);
    for (Region part :
        List.of(
            board,
            survey,
            cut,
            volts,
            others,
            which,
            importing,
            inspector,
            addresses,
            addressSide,
            network,
            power,
            powerSide,
            losses,
            quick)) {
      VBox.setVgrow(part, Priority.ALWAYS);
    }
    work = new VBox();
    side = new VBox();
    tape.setMinHeight(TAPE_HEIGHT);
    tape.setMaxHeight(TAPE_HEIGHT);
    head.getChildren().addAll(new TopBar(session, commands), new PlanBanner(session));
    frame.setTop(head);
    frame.setBottom(messageLine());
    root.getChildren().addAll(frame, finder);
    StackPane.setAlignment(finder, Pos.TOP_CENTER);
    closePalette();
    showOrHide(drawer, false);
    Scene scene = new Scene(root, 1280, 800);
    scene
        .getStylesheets()
        .add(
            Objects.requireNonNull(MainWindow.class.getResource("/bunting/desktop/bunting.css"))
                .toExternalForm());
    commands.all().forEach(c -> c.keys().ifPresent(k -> scene.getAccelerators().put(k, c::run)));
    scene.addEventFilter(KeyEvent.KEY_PRESSED, this::undoBehindFields);
    new FileDrops(session, this).install(scene);
    palette.addListener(o -> dress());
    session.document().show().addListener(o -> arrange());
    session
        .opened()
        .addListener(
            o -> {
              survey.elevation().forgetView();
              closeImport();
            });
    stage.setScene(scene);
    stage.setOnCloseRequest(
        e -> {
          if (mayLeave()) {
            recovery.ifPresent(Recovery::leave);
          } else {
            e.consume();
          }
        });
    stage.setMinWidth(1160);
    stage.setMinHeight(640);
    dress();
    arrange();
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

  private Region messageLine() {
    Label message = new Label();
    message.setId("message");
    message
        .textProperty()
        .bind(
            Bindings.createStringBinding(
                () -> session.message().get().isEmpty() ? KEYS : session.message().get(),
                session.message()));
    message.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(message, Priority.ALWAYS);
    ProgressBar progress = new ProgressBar();
    Label text = new Label("Planning…");
    Button cancel = new Button("Stop");
    cancel.setOnAction(e -> session.cancelPlanning());
    HBox busy = new HBox(8, text, progress, cancel);
    busy.setAlignment(Pos.CENTER_RIGHT);
    busy.visibleProperty().bind(session.planning());
    busy.managedProperty().bind(session.planning());
    HBox line = new HBox(12, message, busy);
    line.setAlignment(Pos.CENTER_LEFT);
    line.getStyleClass().add("message-line");
    return line;
  }

  private void arrange() {
    boolean open = session.show().isPresent();
    frame.setCenter(open || reading ? work : start);
    frame.setLeft(open ? rail : null);
    boolean wide =
        switch (screen) {
              case CUT, VOLTS, NETWORK, LOSSES, QUICK -> true;
              case ELEVATION, OTHERS, WHICH, PORTS, TAPE, POWER -> false;
            }
            || reading;
    frame.setRight(open && !wide ? side : null);
    rail.show(screen);
    List<Region> middle =
        reading
            ? List.of(importing)
            : switch (screen) {
              case ELEVATION -> List.of(survey, drawer);
              case CUT -> List.of(cut, drawer);
              case VOLTS -> List.of(volts, drawer);
              case OTHERS -> List.of(others, drawer);
              case WHICH -> List.of(which, drawer);
              case PORTS -> List.of(basket, board, drawer);
              case TAPE -> List.of(addresses, drawer);
              case NETWORK -> List.of(network, drawer);
              case POWER -> List.of(power, drawer);
              case LOSSES -> List.of(losses, drawer);
              case QUICK -> List.of(quick, drawer);
            };
    if (!work.getChildren().equals(middle)) {
      work.getChildren().setAll(middle);
    }
    List<Region> right =
        switch (screen) {
          case ELEVATION -> List.of(tape, inspector);
          case TAPE -> List.of(addressSide);
          case POWER -> List.of(powerSide);
          case CUT, VOLTS, OTHERS, WHICH, PORTS, NETWORK, LOSSES, QUICK -> List.of(inspector);
        };
    if (!side.getChildren().equals(right)) {
      side.getChildren().setAll(right);
    }
    stage.setTitle(session.show().map(s -> s.settings().name() + " · Bunting").orElse("Bunting"));
  }

  /** Goes to a screen. */
  public void go(Screen to) {
    screen = to;
    reading = false;
    arrange();
    focusWork();
  }

  private void focusWork() {
    switch (screen) {
      case ELEVATION -> survey.elevation().requestFocus();
      case PORTS -> board.requestFocus();
      case CUT -> cut.requestFocus();
      case VOLTS -> volts.requestFocus();
      case OTHERS -> others.requestFocus();
      case WHICH -> which.requestFocus();
      case TAPE -> addresses.focusTape();
      case NETWORK -> network.keyboard().requestFocus();
      case POWER -> power.focusLine();
      case LOSSES -> losses.focusTable();
      case QUICK -> quick.focusFirst();
    }
  }

  /** Whether reels are being cut, voltages planned or better places searched for. */
  public boolean busy() {
    return survey.elevation().isDrawing()
        || cut.busy().get()
        || volts.busy().get()
        || losses.busy().get()
        || (screen == Screen.QUICK && quick.busy())
        || (screen == Screen.POWER && powerSide.busy())
        || !session.searching().get().isEmpty();
  }

  /** The elevation, for pictures of it. */
  public ElevationView elevation() {
    return survey.elevation();
  }

  /** The lines, to fold them. */
  public BoardView board() {
    return board;
  }

  /** The river and the line, to carry posts and blow fuses. */
  public PowerScreen power() {
    return power;
  }

  private void showLoss(Outcome outcome) {
    go(Screen.POWER);
    power.lose(outcome.loss());
  }

  void fitElevation() {
    survey.elevation().fit();
  }

  /** Reads a spreadsheet and shows what it would become. */
  public void importSheet(Path file) {
    if (importing.read(file)) {
      reading = true;
      arrange();
    }
  }

  private void closeImport() {
    reading = false;
    arrange();
  }

  void focusTape() {
    go(Screen.ELEVATION);
    if (session.selection().get() instanceof Selection.Nothing) {
      session
          .show()
          .flatMap(s -> s.runs().stream().findFirst())
          .ifPresent(r -> session.selection().set(new Selection.OfRun(r.name())));
    }
    tape.focusEntry();
  }

  private void dress() {
    Palette p = palette.get();
    Application.setUserAgentStylesheet(
        p.night()
            ? new PrimerDark().getUserAgentStylesheet()
            : new PrimerLight().getUserAgentStylesheet());
    root.setStyle(
        "-fx-font-family: '"
            + Fonts.family()
            + "';-color-accent-emphasis:-b-power;-color-accent-fg:-b-power;"
            + p.css());
    root.getStyleClass().removeAll("night", "day");
    root.getStyleClass().add(p.night() ? "night" : "day");
  }

  /** Keeps what is not saved from now on, and offers what an earlier crash left. */
  public void keepBy(Recovery keeper) {
    recovery = Optional.of(keeper);
    head.getChildren().add(new RecoveryBanner(keeper, this::mayLeave));
  }

  private static void showOrHide(Region part, boolean show) {
    part.setVisible(show);
    part.setManaged(show);
  }

  /** Opens the demo, unless there are edits that the user wants to keep. */
  public void openDemo() {
    if (mayLeave()) {
      demo.run();
    }
  }

  /**
   * Whether the open show may be left: nothing was edited since it was saved, or the user says so.
   */
  boolean mayLeave() {
    if (!session.changed().get()) {
      return true;
    }
    ButtonType leave = new ButtonType("Leave without saving", ButtonBar.ButtonData.OK_DONE);
    ButtonType stay = new ButtonType("Stay", ButtonBar.ButtonData.CANCEL_CLOSE);
    Alert question =
        new Alert(
            Alert.AlertType.CONFIRMATION,
            "The last edits are not saved yet; Ctrl S saves them.",
            leave,
            stay);
    question.setTitle("Not saved");
    question.setHeaderText(null);
    question.setGraphic(null);
    question.initOwner(stage);
    question
        .getDialogPane()
        .setStyle(root.getStyle() + "-fx-background-color: -b-card; -fx-padding: 16;");
    // Enter keeps the edits.
    ((Button) question.getDialogPane().lookupButton(leave)).setDefaultButton(false);
    ((Button) question.getDialogPane().lookupButton(stay)).setDefaultButton(true);
    return question.showAndWait().filter(leave::equals).isPresent();
  }

  /** Opens or closes the drawer of findings. */
  public void toggleFindings() {
    showOrHide(drawer, !drawer.isVisible());
  }

  /** Changes between day and night. */
  public void toggleTheme() {
    palette.set(palette.get().night() ? Palette.DAY : Palette.NIGHT);
  }

  void focusInspector() {
    if (!side.getChildren().contains(inspector) || frame.getRight() == null) {
      go(Screen.ELEVATION);
    }
    inspector.focusFirst();
  }

  void openPalette() {
    showOrHide(finder, true);
    finder.show();
  }

  private void closePalette() {
    showOrHide(finder, false);
    focusWork();
  }
}
