package bunting.desktop.mains;

import bunting.core.hookup.MainsSheet;
import bunting.core.hookup.MainsWords;
import bunting.core.mains.CircuitKit;
import bunting.core.show.Circuit;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.MainsEdits;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Command;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Circuits: what is on each already, what the show hangs on it, what starts when. */
public final class MainsScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<MainsScreen> SCREEN =
      ScreenDefinition.of("mains", "Power", "Mains", MainsScreen::new)
          .reachedBy("Shortcut+Shift+M", "Power: circuits and what hangs on them")
          .adding(
              desk ->
                  List.of(
                      Command.of(
                          "add-circuit",
                          new Command.Place(Command.Menu.ADD, "power"),
                          "Add circuit",
                          Command.whileOpen(desk.session()),
                          () -> desk.go(MainsScreen.SCREEN).addCircuit())))
          .pictured("mains", (desk, view) -> {});

  private final Session session;
  private final MainsModel model;
  private final CircuitsView circuits;
  private final MainsSide side;
  private final Label summary = Words.soft("");
  private final Label empty =
      Words.lines(
          "No circuits yet: nobody has looked whether the house bears it. Add what the show is"
              + " plugged into.",
          "note",
          "note-note");

  private MainsScreen(Desk desk) {
    super(8);
    this.session = desk.session();
    this.model = new MainsModel(session);
    this.circuits = new CircuitsView(model, desk.palette());
    this.side = new MainsSide(model);
    getStyleClass().add("sheet");
    MenuButton add = new MenuButton("Add");
    add.setId("circuit-add");
    add.setMinWidth(USE_PREF_SIZE);
    for (CircuitKit kit : CircuitKit.values()) {
      MenuItem item = new MenuItem(kit.words());
      item.setOnAction(e -> add(kit));
      add.getItems().add(item);
    }
    summary.setId("mains-summary");
    summary.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(summary, Priority.ALWAYS);
    HBox head = new HBox(12, Words.heading("Circuits"), summary, add);
    head.setAlignment(Pos.CENTER_LEFT);
    VBox.setVgrow(circuits, Priority.ALWAYS);
    empty.setId("mains-empty");
    empty.managedProperty().bind(empty.visibleProperty());
    Label caution = Words.note(MainsWords.CAUTION, "warn");
    getChildren().addAll(head, empty, circuits, caution);
    model.sheet().addListener(o -> said());
    session.assessment().addListener(o -> refresh());
    session.document().show().addListener(o -> emptied());
    sceneProperty().addListener(o -> refresh());
    emptied();
  }

  /** Only what is looked at is worked out. */
  private void refresh() {
    if (getScene() != null) {
      model.refresh();
    }
  }

  private void emptied() {
    empty.setVisible(session.show().flatMap(Show::circuits).isEmpty());
  }

  private void said() {
    summary.setText(model.sheet().get().map(MainsScreen::words).orElse(""));
  }

  private static String words(MainsSheet sheet) {
    String phases =
        sheet.phases().stream()
            .map(p -> "phase " + p.phase() + " " + Texts.fixed(p.amps(), 1) + " A")
            .collect(Collectors.joining(" · "));
    long used = sheet.circuits().stream().filter(MainsSheet.OnCircuit::used).count();
    double amps = sheet.circuits().stream().mapToDouble(MainsSheet.OnCircuit::worstAmps).sum();
    return used
        + " of "
        + Texts.count(sheet.circuits().size(), "circuit", "circuits")
        + " used · "
        + Texts.fixed(amps, 1)
        + " A of the show"
        + (phases.isEmpty() ? "" : " · " + phases);
  }

  /** Adds a usual circuit, to be changed at the right. */
  private void addCircuit() {
    add(CircuitKit.HOUSE);
  }

  private void add(CircuitKit kit) {
    String name = session.show().map(MainsEdits::freeCircuit).orElse("");
    session.edit(
        "Added: " + kit.words() + ".",
        s -> {
          Show next = s;
          for (Circuit c : kit.named(MainsEdits.freeCircuit(s), s.settings().mainsVolts())) {
            next = MainsEdits.added(next, c);
          }
          return next;
        });
    session
        .show()
        .flatMap(Show::circuits)
        .flatMap(l -> l.stream().filter(c -> c.id().startsWith(name)).findFirst())
        .ifPresent(c -> model.circuit().set(Optional.of(c.id())));
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public void takeKeyboard() {
    circuits.requestFocus();
  }

  @Override
  public boolean busy() {
    return model.busy();
  }
}
