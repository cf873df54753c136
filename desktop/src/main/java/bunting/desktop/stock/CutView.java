package bunting.desktop.stock;

import bunting.core.show.PixelType;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.Workshop;
import bunting.core.stock.CutList;
import bunting.core.stock.Piece;
import bunting.desktop.look.LensPalette;
import bunting.desktop.model.Selection;
import bunting.desktop.model.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Each reel and string as a bar with the pieces that are cut from it. */
public final class CutView extends VBox {
  private static final double BAR_WIDTH = 640;
  private static final int REELS_SHOWN = 60;

  private final Session session;
  private final VBox body = new VBox(18);
  private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper();
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(
          r -> {
            Thread thread = new Thread(r, "cutting");
            thread.setDaemon(true);
            return thread;
          });
  private Optional<Show> cut = Optional.empty();
  private int number;

  /** A cut list on a session. */
  public CutView(Session session) {
    super(10);
    this.session = session;
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
    session.assessment().addListener(o -> refresh());
    sceneProperty().addListener(o -> refresh());
  }

  /** Whether reels are being cut. */
  public ReadOnlyBooleanProperty busy() {
    return busy.getReadOnlyProperty();
  }

  private void refresh() {
    Optional<Show> show = session.show();
    if (getScene() == null || show.isEmpty() || cut.equals(show)) {
      return;
    }
    cut = show;
    int mine = ++number;
    busy.set(true);
    Button stop = new Button("Stop");
    stop.setOnAction(
        e -> {
          number++;
          busy.set(false);
          cut = Optional.empty();
          body.getChildren().setAll(new Label("Stopped. Choose Cut list again to cut."));
        });
    body.getChildren()
        .setAll(new HBox(10, new Label("Looking for the least waste…"), new ProgressBar(), stop));
    Show of = show.get();
    worker.execute(
        () -> {
          CutList list = CutList.of(of);
          Platform.runLater(
              () -> {
                if (mine == number) {
                  busy.set(false);
                  fill(of, list);
                }
              });
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
      bars.getChildren().add(bar(reel, longest));
    }
    if (type.reels().size() > shown) {
      bars.getChildren()
          .add(new Label("and " + (type.reels().size() - shown) + " more, in the papers"));
    }
    HBox both = new HBox(26, bars, order(show, type));
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

  private Node bar(CutList.Reel reel, int longest) {
    Pane pane = new Pane();
    pane.setMinSize(BAR_WIDTH, 20);
    pane.setPrefSize(BAR_WIDTH, 20);
    double scale = BAR_WIDTH / longest;
    double x = 0;
    for (Piece piece : reel.pieces()) {
      double w = piece.pixels() * scale;
      Button label = new Button(text(piece, w));
      label.getStyleClass().setAll("cut-piece");
      label.setAccessibleText(piece.pixels() + " pixels of " + piece.run());
      label.setMinSize(Math.max(3, w - 1.5), 20);
      label.setPrefSize(Math.max(3, w - 1.5), 20);
      label.setMaxSize(Math.max(3, w - 1.5), 20);
      label.setLayoutX(x);
      label.setFocusTraversable(false);
      label.setStyle(
          String.format(
              "-fx-background-color: #%06x;", LensPalette.kind(reel.rest() ? 6 : 0, false)));
      label.setOnAction(e -> session.selection().set(new Selection.OfRun(piece.run())));
      label.setTooltip(
          new javafx.scene.control.Tooltip(
              piece.run()
                  + ", pixels "
                  + piece.firstPixel()
                  + "–"
                  + piece.lastPixel()
                  + " = "
                  + Texts.fixed(piece.lengthM(), 2)
                  + " m"));
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

  /** What to buy, and fields for packs, rests and spares. */
  private Node order(Show show, CutList.OfType type) {
    VBox box = new VBox(5);
    box.setMinWidth(300);
    Label title = new Label("To order");
    title.getStyleClass().add("heading-small");
    box.getChildren().add(title);
    for (CutList.Order o : type.orders()) {
      box.getChildren()
          .add(
              new Label(
                  o.packs()
                      + " × "
                      + o.packPixels()
                      + " px: "
                      + o.cut()
                      + " to cut, "
                      + o.spare()
                      + " spare"
                      + (o.packCost() > 0 ? ", " + Texts.number(o.packs() * o.packCost()) : "")));
    }
    Workshop shop = show.workshop();
    PixelType kind = type.type();
    box.getChildren()
        .addAll(
            field(
                "Spares",
                "spare-" + kind.id(),
                Texts.number(shop.spare(kind.id())),
                "% = " + type.sparePixels() + " px",
                t -> spare(show, kind, t)),
            field(
                "Packs",
                "packs-" + kind.id(),
                packs(shop, kind),
                "px each",
                t -> packs(show, kind, t)),
            field(
                "Rests",
                "rests-" + kind.id(),
                rests(shop, kind),
                "px that you have",
                t -> rests(show, kind, t)));
    return box;
  }

  private static String packs(Workshop shop, PixelType type) {
    return String.join(
        ", ", shop.packsOf(type).stream().map(p -> Integer.toString(p.pixels())).toList());
  }

  private static String rests(Workshop shop, PixelType type) {
    List<String> list = new ArrayList<>();
    shop.restsOf(type.id())
        .forEach(r -> list.add(r.count() == 1 ? "" + r.pixels() : r.count() + "×" + r.pixels()));
    return String.join(", ", list);
  }

  private static HBox field(
      String name,
      String id,
      String value,
      String unit,
      java.util.function.Predicate<String> take) {
    TextField field = new TextField(value);
    field.setId(id);
    field.setPrefColumnCount(7);
    field.setOnAction(
        e -> {
          field.getStyleClass().remove("is-wrong");
          if (!take.test(field.getText().strip())) {
            field.getStyleClass().add("is-wrong");
          }
        });
    Label label = new Label(name);
    label.setMinWidth(48);
    label.setLabelFor(field);
    Label after = new Label(unit);
    after.getStyleClass().add("soft");
    HBox row = new HBox(6, label, field, after);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private boolean edit(Show show, String what, Workshop shop) {
    session.edit(what, show.withWorkshop(shop));
    return true;
  }

  private boolean spare(Show show, PixelType type, String text) {
    if (!text.matches("\\d{1,3}([.,]\\d)?")) {
      session.say("Give the spares in percent, such as 5.");
      return false;
    }
    Map<String, Double> spares = new TreeMap<>(show.workshop().sparePercent());
    spares.put(type.id(), Double.valueOf(text.replace(',', '.')));
    return edit(
        show,
        type.name() + ": " + text + " % spares.",
        new Workshop(show.workshop().packs(), show.workshop().rests(), spares));
  }

  private boolean packs(Show show, PixelType type, String text) {
    Optional<List<StockText.Item>> items = StockText.parse(text);
    if (items.isEmpty()) {
      session.say("Give the pixels of a pack, such as 150, 300.");
      return false;
    }
    List<Workshop.Pack> packs = new ArrayList<>(show.workshop().packs());
    packs.removeIf(p -> p.pixelType().equals(type.id()));
    items.get().forEach(i -> packs.add(new Workshop.Pack(type.id(), i.pixels(), 0)));
    return edit(
        show,
        type.name() + " comes in packs of " + text + " px.",
        new Workshop(packs, show.workshop().rests(), show.workshop().sparePercent()));
  }

  private boolean rests(Show show, PixelType type, String text) {
    Optional<List<StockText.Item>> items = StockText.parse(text);
    if (items.isEmpty()) {
      session.say("Give the pixels of your rest pieces, such as 47, 2×120.");
      return false;
    }
    List<Workshop.Rest> rests = new ArrayList<>(show.workshop().rests());
    rests.removeIf(r -> r.pixelType().equals(type.id()));
    items.get().forEach(i -> rests.add(new Workshop.Rest(type.id(), i.pixels(), i.count())));
    return edit(
        show,
        type.name() + ": rests of " + (text.isEmpty() ? "none" : text) + ".",
        new Workshop(show.workshop().packs(), rests, show.workshop().sparePercent()));
  }
}
