package bunting.desktop.survey;

import bunting.core.show.PixelType;
import bunting.core.show.Show;
import bunting.core.show.edit.PlaceEdits;
import bunting.core.survey.Sheet;
import bunting.core.survey.Sheets;
import bunting.desktop.kit.Choices;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.AddButton;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;

/** The elevation with its lenses and tools, and the tape sheet beside it. */
public final class SurveyScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<SurveyScreen> SCREEN =
      ScreenDefinition.of("survey", "Survey", "Elevation", SurveyScreen::new)
          .reachedBy("F5", "Survey: the elevation")
          .adding(SurveyCommands::of)
          .dropping(".*\\.(png|jpe?g|svg)", SurveyCommands::lay)
          .pictured(
              "survey",
              (desk, survey) -> {
                desk.session().selection().set(new Selection.OfRun("Sluice gate"));
                survey.elevation().show(new Viewport.Box(0, -1, 17, 10));
              })
          .picturedByNight(
              "survey-white-test",
              (desk, survey) -> {
                survey.elevation().lens().set(Lens.WHITE);
                survey.elevation().show(new Viewport.Box(60, -2, 88, 10));
              });

  private static final int LEGEND_MAX = 9;
  private static final double TAPE_HEIGHT = 316;
  private static final double TYPE_WIDTH = 178;
  private static final double SHEET_WIDTH = 96;

  private final Session session;
  private final ElevationView elevation;
  private final TapeSheet tape;
  private final FlowPane legend = new FlowPane(14, 4);
  private final ComboBox<PixelType> newType = new ComboBox<>();
  private final Label empty =
      new Label(
          "Nothing is measured yet.\n\n"
              + "Ctrl U lays a photo or a drawing under; S sets its scale by two points.\n"
              + "R traces a run: click or Enter at each corner, type a length if you know it"
              + " better.\n"
              + "Ctrl I takes in a spreadsheet that you have.");
  private final ComboBox<Sheet> sheets = new ComboBox<>();
  private boolean refreshing;

  private SurveyScreen(Desk desk) {
    super(0);
    this.session = desk.session();
    this.elevation = new ElevationView(session, desk.palette());
    this.tape = new TapeSheet(session, elevation.drafting()::newType);
    tape.setMinHeight(TAPE_HEIGHT);
    tape.setMaxHeight(TAPE_HEIGHT);
    getStyleClass().add("survey");
    setMinWidth(0);
    legend.setId("legend");
    legend.setMinHeight(Region.USE_PREF_SIZE);
    empty.getStyleClass().add("empty");
    empty.setMouseTransparent(true);
    StackPane middle = new StackPane(elevation, empty);
    VBox.setVgrow(middle, Priority.ALWAYS);
    getChildren().addAll(new VBox(6, lenses(), tools(desk), legend), middle);
    session.document().show().addListener(o -> refresh());
    session.assessment().addListener(o -> refresh());
    elevation.lens().addListener(o -> refresh());
    desk.palette().addListener(o -> refresh());
    elevation.drafting().tool().addListener(o -> hint());
    refresh();
  }

  /** The elevation itself. */
  public ElevationView elevation() {
    return elevation;
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(tape, inspector);
  }

  @Override
  public void takeKeyboard() {
    elevation.requestFocus();
  }

  @Override
  public boolean busy() {
    return elevation.isDrawing();
  }

  @Override
  public void stop() {
    elevation.stopDrawing();
  }

  /** Puts the keyboard where built counts go, at the chosen run or the first. */
  void count() {
    if (session.selection().get() instanceof Selection.Nothing) {
      session
          .show()
          .flatMap(s -> s.runs().stream().findFirst())
          .ifPresent(r -> session.selection().set(new Selection.OfRun(r.name())));
    }
    tape.focusEntry();
  }

  private FlowPane lenses() {
    ToggleGroup group = new ToggleGroup();
    HBox row = new HBox(4);
    row.setAlignment(Pos.CENTER_LEFT);
    for (Lens lens : Lens.values()) {
      ToggleButton button = new ToggleButton(lens.text());
      button.setId("lens-" + lens.name().toLowerCase(Locale.ROOT));
      button.getStyleClass().add("lens");
      button.setToggleGroup(group);
      button.setMinWidth(Region.USE_PREF_SIZE);
      button.setOnAction(e -> elevation.lens().set(lens));
      elevation.lens().addListener((o, was, now) -> button.setSelected(now == lens));
      button.setSelected(lens == Lens.PLAIN);
      row.getChildren().add(button);
    }
    Label of = new Label("New runs are of");
    of.getStyleClass().add("soft");
    of.setMinWidth(Region.USE_PREF_SIZE);
    of.setLabelFor(newType);
    newType.setId("new-type");
    newType.setPrefWidth(TYPE_WIDTH);
    newType.setMinWidth(120);
    Choices.named(newType, t -> t.name());
    newType
        .valueProperty()
        .addListener(
            (o, was, now) -> {
              if (now != null && !refreshing) {
                elevation.drafting().setNewType(now.id());
              }
            });
    Label looks = new Label("Look at");
    looks.getStyleClass().add("soft");
    looks.setMinWidth(Region.USE_PREF_SIZE);
    looks.setLabelFor(sheets);
    sheets.setId("sheet");
    sheets.setMinWidth(SHEET_WIDTH);
    sheets.setPrefWidth(SHEET_WIDTH);
    Choices.named(sheets, Sheet::name);
    sheets
        .valueProperty()
        .addListener(
            (o, was, now) -> {
              if (now != null && !refreshing) {
                elevation.sheet().set(now);
              }
            });
    elevation.sheet().addListener(o -> refresh());
    HBox types = new HBox(6, of, newType, looks, sheets);
    types.setAlignment(Pos.CENTER_LEFT);
    FlowPane both = new FlowPane(24, 4, row, types);
    both.setMinHeight(Region.USE_PREF_SIZE);
    return both;
  }

  private FlowPane tools(Desk desk) {
    ToggleGroup group = new ToggleGroup();
    FlowPane row = new FlowPane(2, 3);
    row.setMinHeight(Region.USE_PREF_SIZE);
    row.getChildren().add(new AddButton(desk));
    for (Tool tool : Tool.values()) {
      ToggleButton button = new ToggleButton(tool.text() + " " + tool.key().getName());
      button.setId("tool-" + tool.name().toLowerCase(Locale.ROOT));
      button.getStyleClass().add("tool");
      button.setToggleGroup(group);
      button.setFocusTraversable(false);
      button.setMinWidth(Region.USE_PREF_SIZE);
      button.setOnAction(
          e -> {
            elevation.drafting().take(tool);
            elevation.requestFocus();
          });
      elevation.drafting().tool().addListener((o, was, now) -> button.setSelected(now == tool));
      button.setSelected(tool == Tool.PICK);
      row.getChildren().add(button);
    }
    return row;
  }

  private void refresh() {
    refreshing = true;
    session
        .show()
        .ifPresent(
            show -> {
              newType.getItems().setAll(show.catalogue().pixelTypes());
              newType.setValue(elevation.drafting().newType());
              sheets.getItems().setAll(Sheets.of(show.survey()));
              sheets.setValue(elevation.sheet().get());
            });
    refreshing = false;
    hint();
    legend.getChildren().clear();
    elevation.colours().ifPresent(c -> entries(c.legend()));
  }

  /** What to do on an empty sheet, until a tool is taken up. */
  private void hint() {
    boolean idle = elevation.drafting().tool().get() == Tool.PICK;
    empty.setVisible(idle && session.show().map(SurveyScreen::isBare).orElse(false));
  }

  private static boolean isBare(Show show) {
    return show.runs().isEmpty()
        && show.survey().underlay().isEmpty()
        && PlaceEdits.of(show).isEmpty()
        && show.controllers().isEmpty();
  }

  private void entries(List<LensColours.Entry> entries) {
    int shown = Math.min(LEGEND_MAX, entries.size());
    for (LensColours.Entry e : entries.subList(0, shown)) {
      Circle dot = new Circle(5, javafx.scene.paint.Color.web(String.format("#%06x", e.rgb())));
      dot.getStyleClass().add("legend-dot");
      Label text = new Label(e.text(), dot);
      text.getStyleClass().add("soft");
      legend.getChildren().add(text);
    }
    if (entries.size() > shown) {
      Label more =
          new Label(
              "and " + (entries.size() - shown) + " more; colours come again, the names tell");
      more.getStyleClass().add("soft");
      legend.getChildren().add(more);
    }
  }
}
