package bunting.desktop.stock;

import bunting.core.lens.LensPalette;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.stock.CutList;
import bunting.core.stock.Piece;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Newest;
import bunting.desktop.look.Contrast;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;

/** Each reel and string as a bar with the pieces that are cut from it. */
public final class CutView extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<CutView> SCREEN =
      ScreenDefinition.of("cut-list", "Survey", "Cut list", CutView::new)
          .reachedBy("Shortcut+L", "Survey: the cut list");

  private static final double BAR_WIDTH = 640;
  private static final int REELS_SHOWN = 60;

  private final Session session;
  private final VBox body = new VBox(18);
  private final Newest cutting;
  private Optional<Show> cut = Optional.empty();

  private CutView(Desk desk) {
    super(10);
    this.session = desk.session();
    this.cutting = new Newest(session.background());
    setId("cut");
    getStyleClass().add("sheet");
    setFocusTraversable(true);
    Label title = new Label("Cut list");
    title.getStyleClass().add("heading");
    Label how =
        new Label(
            "Cut at cut marks alone, with the least left over. Ctrl P writes it down, with the"
                + " order list and a sheet for a maker of custom lengths.");
    how.getStyleClass().add("soft");
    ScrollPane scroll = new ScrollPane(body);
    scroll.setId("cut-scroll");
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("plain-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(title, how, scroll);
    session.document().show().addListener(o -> refresh());
    sceneProperty().addListener(o -> refresh());
  }

  private void refresh() {
    Optional<Show> show = session.show();
    if (getScene() == null || show.isEmpty() || cut.equals(show)) {
      return;
    }
    cut = show;
    Button stop =
        Buttons.of(
            "cut-stop",
            "Stop",
            () -> {
              cutting.stop();
              cut = Optional.empty();
              body.getChildren().setAll(new Label("Stopped. Choose Cut list again to cut."));
            });
    body.getChildren()
        .setAll(new HBox(10, new Label("Looking for the least waste…"), new ProgressBar(), stop));
    Show of = show.get();
    cutting.ask(
        "cutting reels",
        job -> CutList.of(of),
        list -> fill(of, list),
        why -> {
          cut = Optional.empty();
          body.getChildren()
              .setAll(new Label(why), Buttons.of("cut-again", "Try again", this::refresh));
        });
  }

  private void fill(Show show, CutList list) {
    body.getChildren().clear();
    if (list.types().isEmpty()) {
      body.getChildren().add(new Label("There is nothing to cut yet: trace a run first."));
    }
    for (CutList.OfType type : list.types()) {
      body.getChildren().add(type(show, type));
    }
  }

  private Node type(Show show, CutList.OfType type) {
    Label name = new Label(type.type().name());
    name.getStyleClass().add("heading-small");
    Label facts = new Label(facts(type));
    facts.getStyleClass().add("soft");
    VBox bars = new VBox(3);
    int longest = type.reels().stream().mapToInt(CutList.Reel::pixels).max().orElse(1);
    int shown = Math.min(REELS_SHOWN, type.reels().size());
    for (CutList.Reel reel : type.reels().subList(0, shown)) {
      bars.getChildren().add(bar(reel, longest, Lengths.of(show)));
    }
    if (type.reels().size() > shown) {
      bars.getChildren()
          .add(new Label("and " + (type.reels().size() - shown) + " more, in the papers"));
    }
    HBox both = new HBox(26, bars, new OrderBox(session, show, type));
    return new VBox(5, name, facts, both);
  }

  private static String facts(CutList.OfType type) {
    return type.pixels()
        + " px · "
        + type.reels().size()
        + (type.reels().size() == 1 ? " piece of stock · " : " pieces of stock · ")
        + type.over()
        + " px over, "
        + Texts.fixed(type.wastePercent(), 1)
        + " % · "
        + type.joints()
        + (type.joints() == 1 ? " joint · " : " joints · ")
        + type.jumpers()
        + (type.jumpers() == 1 ? " jumper" : " jumpers")
        + (type.proven() ? " · no way to cut needs less" : " · a good way, not proven the best");
  }

  private Node bar(CutList.Reel reel, int longest, Lengths lengths) {
    Pane pane = new Pane();
    pane.setMinSize(BAR_WIDTH, 20);
    pane.setPrefSize(BAR_WIDTH, 20);
    double scale = BAR_WIDTH / longest;
    double x = 0;
    for (Piece piece : reel.pieces()) {
      double w = piece.pixels() * scale;
      Button label = new Button(text(piece, w));
      label.getStyleClass().setAll("cut-piece");
      label.setAccessibleText(
          Texts.count(piece.pixels(), "pixel", "pixels") + " of " + piece.run());
      label.setMinSize(Math.max(3, w - 1.5), 20);
      label.setPrefSize(Math.max(3, w - 1.5), 20);
      label.setMaxSize(Math.max(3, w - 1.5), 20);
      label.setLayoutX(x);
      label.setFocusTraversable(false);
      int rgb = LensPalette.kind(reel.rest() ? 6 : 0, false);
      String ink = Palette.web(Contrast.inkOn(Color.web(String.format("#%06x", rgb))));
      label.setStyle(String.format("-fx-background-color: #%06x; -fx-text-fill: %s;", rgb, ink));
      label.setOnAction(e -> session.selection().set(new Selection.OfRun(piece.run())));
      label.setTooltip(
          new javafx.scene.control.Tooltip(
              piece.run()
                  + ", pixels "
                  + piece.firstPixel()
                  + "–"
                  + piece.lastPixel()
                  + " = "
                  + lengths.text(piece.lengthM())));
      pane.getChildren().add(label);
      x += w;
    }
    if (reel.over() > 0) {
      Label over = new Label(reel.over() * scale > 26 ? reel.over() + " over" : "");
      over.getStyleClass().add("cut-over");
      over.setMinSize(Math.max(2, reel.over() * scale), 20);
      over.setPrefSize(Math.max(2, reel.over() * scale), 20);
      over.setLayoutX(x);
      pane.getChildren().add(over);
    }
    Label kind = new Label(reel.rest() ? "rest" : Integer.toString(reel.pixels()));
    kind.getStyleClass().add("soft");
    kind.setMinWidth(34);
    HBox row = new HBox(6, kind, pane);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private static String text(Piece piece, double width) {
    String full = piece.pixels() + " " + piece.run();
    return width > full.length() * 6.4 + 8
        ? full
        : width > 28 ? Integer.toString(piece.pixels()) : "";
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of();
  }

  @Override
  public boolean busy() {
    return cutting.busy().get();
  }
}
