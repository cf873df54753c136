package bunting.desktop.bench;

import bunting.core.faults.Fault;
import bunting.core.faults.FaultKind;
import bunting.core.show.Feed;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;

/** The stand-ins with the lamps that a real box has, and its button. */
final class BoxPanel extends VBox {
  private static final int SHOWN = 12;
  private static final double NAME = 84;

  private final BenchModel model;
  private Optional<Rig> of = Optional.empty();
  private final List<Row> rows = new ArrayList<>();
  private long[] before = new long[0];

  /** A box: four lamps. */
  private static final class Row {
    private final Lamp power = new Lamp("power");
    private final Lamp brain = new Lamp("brain");
    private final Lamp network = new Lamp("network");
    private final Lamp fuse = new Lamp("blown fuse");
  }

  /** A lamp: lit, dark, or red with a mark beside it. */
  private static final class Lamp extends Label {
    private final Circle bulb = new Circle(5);
    private final String name;

    Lamp(String name) {
      this.name = name;
      getStyleClass().add("is-wrong-text");
      setGraphic(bulb);
      setGraphicTextGap(2);
      setMinWidth(USE_PREF_SIZE);
    }

    void set(boolean on, boolean red) {
      bulb.getStyleClass().setAll(red ? "lamp-red" : on ? "lamp-on" : "lamp-off");
      setAccessibleText(name + (red ? " red" : on ? " lit" : " dark"));
      setText(red ? "!" : "");
    }
  }

  BoxPanel(BenchModel model) {
    super(4);
    this.model = model;
    setId("box-panel");
    model.rig().addListener(o -> reread());
    model.shown().addListener(o -> lamps());
    model.planted().addListener(o -> lamps());
    reread();
  }

  private void reread() {
    if (of.equals(model.rig().get())) {
      return;
    }
    of = model.rig().get();
    rows.clear();
    before = new long[0];
    getChildren().setAll(Words.subheading("The stand-ins"));
    of.ifPresent(
        rig -> {
          getChildren().add(Words.soft("Lamps: power, brain, network, blown fuse"));
          GridPane grid = new GridPane(10, 4);
          List<String> ids = new ArrayList<>(rig.layout().controllers());
          for (int b = 0; b < Math.min(SHOWN, ids.size()); b++) {
            row(grid, ids.get(b), b);
          }
          getChildren().add(grid);
          if (ids.size() > SHOWN) {
            getChildren().add(Words.soft("and " + (ids.size() - SHOWN) + " boxes more"));
          }
          getChildren()
              .add(
                  Words.softLines(
                      "They listen on this machine alone, 127.0.0.1: "
                          + rig.heardAt()
                          + ". Any sender here reaches them."));
        });
    lamps();
  }

  private void row(GridPane grid, String id, int box) {
    Row row = new Row();
    rows.add(row);
    Hyperlink name = new Hyperlink(id);
    name.setPrefWidth(NAME);
    name.setMaxWidth(NAME);
    name.setOnAction(e -> model.session().selection().set(new Selection.OfBox(id)));
    var button = Buttons.small("press-" + id, "Test", () -> model.press(box));
    button.setAccessibleText("The button of " + id + ": its own test look, without a network");
    grid.addRow(box, name, row.power, row.brain, row.network, row.fuse, button);
  }

  private void lamps() {
    if (of.isEmpty() || rows.isEmpty()) {
      return;
    }
    Rig rig = of.get();
    long[] now = rig.standIns().packets();
    Optional<Fault> fault = model.planted().get();
    List<String> ids = new ArrayList<>(rig.layout().controllers());
    for (int b = 0; b < rows.size(); b++) {
      String id = ids.get(b);
      boolean dead = fault.filter(f -> dark(rig, f, id)).isPresent();
      boolean deaf = fault.filter(f -> deaf(f, id)).isPresent();
      boolean hears = before.length > b && now[b] > before[b];
      Row row = rows.get(b);
      row.power.set(!dead, false);
      row.brain.set(!dead && fault.filter(f -> off(f, id)).isEmpty(), false);
      row.network.set(!dead && !deaf && hears, false);
      row.fuse.set(false, fault.filter(f -> blown(rig, f, id)).isPresent());
    }
    before = now;
  }

  private static boolean off(Fault fault, String id) {
    return switch (fault) {
      case Fault.ControllerOff f -> f.controller().equals(id);
      case Fault.ControllerHung f -> f.controller().equals(id);
      default -> false;
    };
  }

  private static boolean deaf(Fault fault, String id) {
    boolean elsewhere =
        fault instanceof Fault.AtBox f
            && f.kind() == FaultKind.OTHER_SUBNET
            && f.controller().equals(id);
    return elsewhere || off(fault, id);
  }

  private static boolean dark(Rig rig, Fault fault, String id) {
    Set<String> supplies =
        switch (fault) {
          case Fault.SupplyOff f -> Set.of(f.supply());
          case Fault.CircuitOff f -> rig.layout().onCircuit(f.circuit());
          default -> Set.of();
        };
    return rig.layout().brainsOn(supplies).contains(id);
  }

  private static boolean blown(Rig rig, Fault fault, String id) {
    if (!(fault instanceof Fault.FuseOpen f)) {
      return false;
    }
    return rig.layout().feedsOf(rig.layout().box(id)).stream()
        .map(Feed::fuse)
        .anyMatch(f.fuse()::equals);
  }
}
