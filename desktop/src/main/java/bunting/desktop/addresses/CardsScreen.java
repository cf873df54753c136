package bunting.desktop.addresses;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.cards.BoxCard;
import bunting.core.show.Protocol;
import bunting.desktop.kit.Newest;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What to type into each box, read beside it while one types. */
public final class CardsScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<CardsScreen> SCREEN =
      ScreenDefinition.of("box-settings", "Addresses", "Box settings", CardsScreen::new)
          .reachedBy("Shortcut+Shift+Y", "Addresses: what to type into each box");

  private static final String[] HEADS = {
    "Out", "Run", "Pixels", "Kind of pixel", "Order", "Skip", "Group", "From", "To", "mA, as set"
  };
  private static final double[] WIDTHS = {34, 160, 54, 190, 58, 40, 50, 84, 84, 90};

  private final Session session;
  private final ListView<BoxCard> boxes = new ListView<>();
  private final VBox card = new VBox(10);
  private final Newest working;
  private Optional<Reading> of = Optional.empty();
  private boolean filling;

  private CardsScreen(Desk desk) {
    super(8);
    this.session = desk.session();
    this.working = new Newest(session.background());
    getStyleClass().add("sheet");
    boxes.setId("card-boxes");
    boxes.setPrefWidth(138);
    boxes.setMinWidth(138);
    boxes.setCellFactory(v -> new BoxCell());
    boxes
        .getSelectionModel()
        .selectedItemProperty()
        .addListener((o, was, now) -> chosen(Optional.ofNullable(now)));
    card.setId("card");
    ScrollPane scroll = new ScrollPane(card);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("plain-scroll");
    HBox.setHgrow(scroll, Priority.ALWAYS);
    HBox middle = new HBox(18, boxes, scroll);
    VBox.setVgrow(middle, Priority.ALWAYS);
    HBox head =
        new HBox(
            12,
            Words.heading("Box settings"),
            Words.soft("what to type into each box, in the order of its outputs"));
    head.setAlignment(Pos.BASELINE_LEFT);
    Label note =
        Words.softLines(
            "Universes, slots, outputs and pixels count from 1; where a box counts from 0, type one"
                + " less. Save, then switch the box off and on, and look again.");
    getChildren().addAll(head, middle, note);
    session.assessment().addListener(o -> refresh());
    session.selection().addListener(o -> follow());
    sceneProperty().addListener(o -> refresh());
  }

  /** Only what is looked at is worked out, beside the interface. */
  private void refresh() {
    Optional<Reading> now = session.assessment().get().map(a -> a.reading());
    if (getScene() == null || (now.equals(of) && !card.getChildren().isEmpty())) {
      return;
    }
    of = now;
    if (now.isEmpty()) {
      working.stop();
      fill(List.of());
      return;
    }
    working.ask(
        "writing the cards",
        job -> BoxCard.of(now.get()),
        this::fill,
        why -> {
          of = Optional.empty();
          session.say(why);
        });
  }

  private void fill(List<BoxCard> cards) {
    Optional<String> was =
        Optional.ofNullable(boxes.getSelectionModel().getSelectedItem()).map(BoxCard::box);
    filling = true;
    boxes.getItems().setAll(cards);
    filling = false;
    int at = cards.stream().map(BoxCard::box).toList().indexOf(was.orElse(""));
    if (cards.isEmpty()) {
      card.getChildren().setAll(Words.softLines("No plan yet: there is nothing to type in."));
    } else {
      show(Math.max(0, at));
    }
  }

  private void show(int index) {
    boxes.getSelectionModel().clearAndSelect(index);
  }

  /** The box that is chosen elsewhere is shown here. */
  private void follow() {
    if (session.selection().get() instanceof Selection.OfBox b) {
      int at = boxes.getItems().stream().map(BoxCard::box).toList().indexOf(b.controller());
      if (at >= 0) {
        show(at);
      }
    }
  }

  private void chosen(Optional<BoxCard> now) {
    if (filling || now.isEmpty()) {
      return;
    }
    BoxCard c = now.get();
    GridPane facts = new GridPane();
    facts.setHgap(18);
    facts.setVgap(5);
    fact(facts, 0, "Name", c.box());
    fact(facts, 1, "Address", c.address().ip());
    fact(facts, 2, "Mask", c.address().mask());
    fact(facts, 3, "Router", c.address().gateway().orElse("none"));
    fact(facts, 4, "Listens to", Names.of(c.protocol()) + ", " + number(c.fps()) + " a second");
    fact(
        facts,
        5,
        "Limiter",
        number(c.limiterPercent())
            + " %   (fuses, wires and supplies bear "
            + number(c.mostPercent())
            + " %)");
    VBox outputs = new VBox(4, row("soft", HEADS));
    for (BoxCard.Output o : c.outputs()) {
      outputs.getChildren().addAll(rows(c, o));
    }
    card.getChildren()
        .setAll(
            Words.heading(c.box()),
            Words.soft(c.kind() + " · " + number(c.volts()) + " V"),
            facts,
            outputs,
            Words.softLines(BoxCard.TEST_LOOK));
  }

  private static void fact(GridPane grid, int row, String what, String value) {
    grid.add(Words.soft(what), 0, row);
    grid.add(Words.styled(value, "figure"), 1, row);
  }

  private static List<Node> rows(BoxCard c, BoxCard.Output o) {
    if (o.pieces().isEmpty()) {
      return List.of(row("soft", "" + o.port(), "spare", "0", "", "", "", "", "", "", ""));
    }
    return o.pieces().stream()
        .map(
            p ->
                row(
                    "",
                    o.pieces().getFirst().equals(p) ? "" + o.port() : "",
                    p.run()
                        + (p.lastPixel() - p.firstPixel() + 1 < o.pixels() && o.pieces().size() == 1
                            ? " " + p.firstPixel() + "-" + p.lastPixel()
                            : "")
                        + (p.reversed() ? " ↩" : ""),
                    "" + p.pixels(),
                    p.type().signal().id() + ", " + p.type().channels() + " channels",
                    p.order(),
                    "" + p.skipped(),
                    "" + p.grouping(),
                    c.protocol() == Protocol.DDP
                        ? "byte " + p.firstByte()
                        : p.start().map(CardsScreen::place).orElse("none"),
                    c.protocol() == Protocol.DDP
                        ? ""
                        : p.end().map(CardsScreen::place).orElse("none"),
                    o.pieces().getFirst().equals(p) ? "" + o.milliamps() : ""))
        .toList();
  }

  private static String place(BoxCard.Place p) {
    return p.universe() + " / " + p.slot();
  }

  private static Node row(String style, String... cells) {
    HBox row = new HBox(6);
    for (int i = 0; i < cells.length; i++) {
      Label cell = NetworkScreen.cell(cells[i], WIDTHS[i], style.isEmpty() ? "figure" : style);
      row.getChildren().add(cell);
    }
    return row;
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of();
  }

  @Override
  public boolean busy() {
    return working.busy().get();
  }

  @Override
  public void takeKeyboard() {
    boxes.requestFocus();
  }

  /** A box by its name. */
  private static final class BoxCell extends ListCell<BoxCard> {
    @Override
    protected void updateItem(BoxCard item, boolean empty) {
      super.updateItem(item, empty);
      setText(empty || item == null ? "" : item.box());
    }
  }
}
