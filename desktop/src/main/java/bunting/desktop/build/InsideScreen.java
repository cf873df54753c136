package bunting.desktop.build;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.assess.Reading;
import bunting.core.build.BuiltBox;
import bunting.desktop.kit.Newest;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** How each box is built, to scale, beside the list of all of them. */
public final class InsideScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<InsideScreen> SCREEN =
      ScreenDefinition.of("inside", "Power", "Inside the boxes", InsideScreen::new)
          .reachedBy("Shortcut+Shift+I", "Power: the inside of each box, to scale")
          .pictured("inside", (desk, view) -> view.pose());

  /** What is worked out of a plan. */
  private record Built(List<BuiltBox> boxes, Map<String, String> addresses) {}

  private final Session session;
  private final ListView<BuiltBox> boxes = new ListView<>();
  private final PlateView plate;
  private final InsideSide side;
  private final Label size = Words.soft("");
  private final Newest working;
  private Optional<Reading> of = Optional.empty();
  private Map<String, String> addresses = Map.of();
  private boolean filling;

  private InsideScreen(Desk desk) {
    super(8);
    this.session = desk.session();
    this.working = new Newest(session.background());
    this.side = new InsideSide();
    this.plate = new PlateView(desk.palette(), this::told);
    getStyleClass().add("sheet");
    size.setId("inside-size");
    boxes.setId("inside-boxes");
    boxes.setPrefWidth(138);
    boxes.setMinWidth(138);
    boxes.setPlaceholder(Words.softLines("No plan yet: add runs, and boxes follow."));
    boxes.setCellFactory(v -> new BoxCell());
    boxes
        .getSelectionModel()
        .selectedItemProperty()
        .addListener((o, was, now) -> chosen(Optional.ofNullable(now)));
    HBox.setHgrow(plate, Priority.ALWAYS);
    HBox middle = new HBox(12, boxes, plate);
    VBox.setVgrow(middle, Priority.ALWAYS);
    HBox head = new HBox(12, Words.heading("Inside the boxes"), size);
    head.setAlignment(Pos.BASELINE_LEFT);
    getChildren()
        .addAll(
            head,
            middle,
            Words.note(
                "Sizes are those of usual things: measure yours before you drill. Mains wiring"
                    + " belongs to local codes and, where they say so, to a licensed person.",
                "warn"));
    session.assessment().addListener(o -> refresh());
    session.selection().addListener(o -> follow());
    sceneProperty().addListener(o -> refresh());
  }

  private void refresh() {
    Optional<Reading> now = session.assessment().get().map(a -> a.reading());
    if (getScene() == null || now.equals(of)) {
      return;
    }
    of = now;
    if (now.isEmpty()) {
      working.stop();
      fill(new Built(List.of(), Map.of()));
      return;
    }
    working.ask(
        "laying out the boxes",
        job ->
            new Built(
                BuiltBox.of(now.get()),
                NetworkAddresses.of(now.get().show(), now.get().decisions())),
        this::fill,
        why -> {
          of = Optional.empty();
          session.say(why);
        });
  }

  private void fill(Built built) {
    Optional<String> was =
        Optional.ofNullable(boxes.getSelectionModel().getSelectedItem()).map(BuiltBox::name);
    addresses = built.addresses();
    filling = true;
    boxes.getItems().setAll(built.boxes());
    filling = false;
    int at = built.boxes().stream().map(BuiltBox::name).toList().indexOf(was.orElse(""));
    if (built.boxes().isEmpty()) {
      chosen(Optional.empty());
    } else {
      boxes.getSelectionModel().clearAndSelect(Math.max(0, at));
    }
  }

  /** The box that is chosen elsewhere is shown here. */
  private void follow() {
    if (session.selection().get() instanceof Selection.OfBox b) {
      for (int i = 0; i < boxes.getItems().size(); i++) {
        if (boxes.getItems().get(i).boards().contains(b.controller())) {
          boxes.getSelectionModel().clearAndSelect(i);
          return;
        }
      }
    }
  }

  private void chosen(Optional<BuiltBox> now) {
    if (filling) {
      return;
    }
    size.setText(
        now.map(
                b ->
                    b.plate().words()
                        + (b.plate().fits() ? "" : ": too small, build two boxes")
                        + "; a square is 100 mm")
            .orElse(""));
    plate.show(now);
  }

  private void told() {
    side.show(
        Optional.ofNullable(boxes.getSelectionModel().getSelectedItem()),
        plate.part(),
        plate.hole(),
        addresses);
  }

  /** The box by the bridge, with one of its blocks in the hand. */
  private void pose() {
    if (boxes.getItems().size() > 2) {
      boxes.getSelectionModel().clearAndSelect(2);
      plate.choose(2);
    }
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public boolean busy() {
    return working.busy().get();
  }

  @Override
  public void takeKeyboard() {
    boxes.requestFocus();
  }

  private static final class BoxCell extends ListCell<BuiltBox> {
    @Override
    protected void updateItem(@org.jspecify.annotations.Nullable BuiltBox box, boolean empty) {
      super.updateItem(box, empty);
      setText(empty || box == null ? null : box.name());
    }
  }
}
