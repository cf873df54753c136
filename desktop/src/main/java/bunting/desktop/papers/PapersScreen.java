package bunting.desktop.papers;

import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import bunting.files.papers.PageSize;
import bunting.files.papers.Papers;
import bunting.files.papers.Preview;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.embed.swing.SwingFXUtils;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What is taken along, each sheet as it will print. */
public final class PapersScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<PapersScreen> SCREEN =
      ScreenDefinition.of("papers", "Papers", "Papers", PapersScreen::new)
          .reachedBy("Shortcut+P", "Papers: each sheet as it will print");

  private static final double EDGE = 10;

  private final Session session;
  private final Desk desk;
  private final PapersModel model;
  private final ListView<Papers.Title> papers = new ListView<>();
  private final ImageView sheet = new ImageView();
  private final StackPane table = new StackPane();
  private final Label use = Words.softLines("");
  private final Label place = Words.soft("");
  private final HBox under = new HBox(10);
  private final Label empty = Words.softLines("");

  private PapersScreen(Desk desk) {
    super(8);
    this.desk = desk;
    this.session = desk.session();
    this.model = new PapersModel(session);
    getStyleClass().add("sheet");
    list();
    preview();
    VBox right = new VBox(6, use, table, under);
    VBox.setVgrow(table, Priority.ALWAYS);
    HBox.setHgrow(right, Priority.ALWAYS);
    HBox middle = new HBox(16, papers, right);
    VBox.setVgrow(middle, Priority.ALWAYS);
    HBox head = new HBox(12, Words.heading("Papers"), gap(), sizes());
    head.setAlignment(Pos.CENTER_LEFT);
    getChildren().addAll(head, middle);
    under.setAlignment(Pos.CENTER_LEFT);
    under.setMinHeight(34);
    model.seen().addListener(o -> seen());
    model.printing().addListener(o -> under());
    session.assessment().addListener(o -> refresh());
    sceneProperty().addListener(o -> refresh());
    papers.getSelectionModel().select(0);
    under();
  }

  private static Region gap() {
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    return gap;
  }

  private void list() {
    papers.setId("papers-list");
    papers.setPrefWidth(196);
    papers.setMinWidth(196);
    papers.setFixedCellSize(33);
    papers.setCellFactory(v -> new PaperCell());
    papers.getItems().setAll(Papers.titles());
    papers
        .getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (o, was, now) -> {
              if (now != null) {
                use.setText(now.use());
                empty.setText(nothing(now));
                model.choose(now.id());
              }
            });
    papers.addEventFilter(KeyEvent.KEY_PRESSED, this::keys);
  }

  private String nothing(Papers.Title paper) {
    return session.assessment().get().isEmpty()
        ? "No plan yet: there is nothing to print. Add runs first (F5)."
        : paper.prints()
            ? "Setting the sheet…"
            : "This one is a file for other programs; it does not print.";
  }

  private void keys(KeyEvent e) {
    int pages =
        e.getCode() == KeyCode.PAGE_DOWN || e.getCode() == KeyCode.RIGHT
            ? 1
            : e.getCode() == KeyCode.PAGE_UP || e.getCode() == KeyCode.LEFT ? -1 : 0;
    if (pages != 0) {
      model.turn(pages);
      e.consume();
    }
  }

  private void preview() {
    sheet.setPreserveRatio(true);
    sheet.setSmooth(true);
    sheet.setId("paper-sheet");
    StackPane paper = new StackPane(sheet);
    paper.getStyleClass().add("paper");
    paper.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    paper.visibleProperty().bind(sheet.imageProperty().isNotNull());
    table.getStyleClass().add("paper-table");
    table.setMinSize(0, 0);
    table.getChildren().addAll(paper, empty);
    empty.visibleProperty().bind(sheet.imageProperty().isNull());
    empty.getStyleClass().add("empty");
    sheet.fitWidthProperty().bind(table.widthProperty().subtract(2 * EDGE));
    sheet.fitHeightProperty().bind(table.heightProperty().subtract(2 * EDGE));
  }

  private HBox sizes() {
    ToggleGroup group = new ToggleGroup();
    HBox row = new HBox(4, Words.soft("Paper"));
    row.setAlignment(Pos.CENTER_RIGHT);
    for (PageSize size : PageSize.values()) {
      ToggleButton button = new ToggleButton(size.id());
      button.setId("paper-" + size.id().toLowerCase(Locale.ROOT));
      button.getStyleClass().add("tool");
      button.setToggleGroup(group);
      button.setSelected(size == model.size());
      button.setOnAction(
          e -> {
            button.setSelected(true);
            model.choose(size);
          });
      row.getChildren().add(button);
    }
    return row;
  }

  /** Where one is in the paper, and the way to a folder; or how far a printing is. */
  private void under() {
    Optional<PapersModel.Printing> printing = model.printing().get();
    if (printing.isPresent()) {
      PapersModel.Printing p = printing.get();
      ProgressBar bar = new ProgressBar((double) p.done() / p.all());
      bar.setPrefWidth(160);
      Label now =
          Words.soft(
              p.title().isEmpty()
                  ? "Beginning…"
                  : "Setting " + p.title() + ", " + (p.done() + 1) + " of " + p.all());
      under.getChildren().setAll(bar, now, gap(), Buttons.of("stop-printing", "Stop", model::stop));
      return;
    }
    Button back = Buttons.small("page-back", "‹", () -> model.turn(-1));
    Button on = Buttons.small("page-on", "›", () -> model.turn(1));
    under
        .getChildren()
        .setAll(
            back,
            place,
            on,
            gap(),
            Buttons.of("print-one", "Write this one…", () -> write(false)),
            Buttons.of("print-all", "Write all…", () -> write(true)));
  }

  private void write(boolean all) {
    Set<String> ids = all ? Set.of() : Set.of(papers.getSelectionModel().getSelectedItem().id());
    desk.asker().folder("Folder for the papers").ifPresent(f -> model.print(ids, f));
  }

  private void seen() {
    Optional<Preview.Seen> seen = model.seen().get();
    sheet.setImage(seen.map(s -> SwingFXUtils.toFXImage(s.image(), null)).orElse(null));
    place.setText(seen.map(s -> "sheet " + s.page() + " of " + s.pages()).orElse(""));
  }

  private void refresh() {
    if (getScene() != null) {
      Optional.ofNullable(papers.getSelectionModel().getSelectedItem())
          .ifPresent(p -> empty.setText(nothing(p)));
      model.refresh();
    }
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of();
  }

  @Override
  public boolean busy() {
    return model.busy();
  }

  @Override
  public void stop() {
    model.stop();
  }

  @Override
  public void takeKeyboard() {
    papers.requestFocus();
  }

  /** A paper by its title. */
  private static final class PaperCell extends ListCell<Papers.Title> {
    @Override
    protected void updateItem(Papers.Title item, boolean empty) {
      super.updateItem(item, empty);
      setText(empty || item == null ? "" : item.title());
    }
  }
}
