package bunting.desktop.stock;

import bunting.core.show.PixelType;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.Workshop;
import bunting.core.stock.CutList;
import bunting.desktop.session.Document;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What to buy of a pixel type, and fields for its packs, rests and spares. */
final class OrderBox extends VBox {
  private final Session session;

  OrderBox(Session session, Show show, CutList.OfType type) {
    super(5);
    this.session = session;
    setMinWidth(300);
    Label title = new Label("To order");
    title.getStyleClass().add("heading-small");
    getChildren().add(title);
    for (CutList.Order o : type.orders()) {
      getChildren()
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
    getChildren()
        .addAll(
            field(
                "Spares",
                "spare-" + kind.id(),
                Texts.number(shop.spare(kind.id())),
                "% = " + type.sparePixels() + " px",
                t -> spare(kind, t)),
            field("Packs", "packs-" + kind.id(), packs(shop, kind), "px each", t -> packs(kind, t)),
            field(
                "Rests",
                "rests-" + kind.id(),
                rests(shop, kind),
                "px that you have",
                t -> rests(kind, t)));
  }

  private static String packs(Workshop shop, PixelType type) {
    return String.join(", ", shop.packsOf(type).stream().map(OrderBox::pack).toList());
  }

  private static String pack(Workshop.Pack pack) {
    return pack.pixels() + (pack.cost() > 0 ? " at " + Texts.number(pack.cost()) : "");
  }

  private static String rests(Workshop shop, PixelType type) {
    List<String> list = new ArrayList<>();
    shop.restsOf(type.id())
        .forEach(r -> list.add(r.count() == 1 ? "" + r.pixels() : r.count() + "×" + r.pixels()));
    return String.join(", ", list);
  }

  private static HBox field(
      String name, String id, String value, String unit, Predicate<String> take) {
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

  private boolean edit(String what, UnaryOperator<Workshop> change) {
    Document.Outcome outcome = session.edit(what, s -> s.withWorkshop(change.apply(s.workshop())));
    return !(outcome instanceof Document.Outcome.Refused);
  }

  private boolean spare(PixelType type, String text) {
    if (!text.matches("\\d{1,3}([.,]\\d)?")) {
      session.say("Give the spares in percent, such as 5.");
      return false;
    }
    return edit(
        type.name() + ": " + text + " % spares.",
        w -> {
          Map<String, Double> spares = new TreeMap<>(w.sparePercent());
          spares.put(type.id(), Double.valueOf(text.replace(',', '.')));
          return new Workshop(w.packs(), w.rests(), spares);
        });
  }

  private boolean packs(PixelType type, String text) {
    Optional<List<StockText.Item>> items = StockText.parse(text);
    if (items.isEmpty()) {
      session.say("Give the pixels of a pack, with its price if you like: 150, 300 at 18.50.");
      return false;
    }
    return edit(
        type.name() + " comes in packs of " + text + " px.",
        w -> {
          List<Workshop.Pack> packs = new ArrayList<>(w.packs());
          packs.removeIf(p -> p.pixelType().equals(type.id()));
          items.get().forEach(i -> packs.add(new Workshop.Pack(type.id(), i.pixels(), i.cost())));
          return new Workshop(packs, w.rests(), w.sparePercent());
        });
  }

  private boolean rests(PixelType type, String text) {
    Optional<List<StockText.Item>> items = StockText.parse(text);
    if (items.isEmpty()) {
      session.say("Give the pixels of your rest pieces, such as 47, 2×120.");
      return false;
    }
    return edit(
        type.name() + ": rests of " + (text.isEmpty() ? "none" : text) + ".",
        w -> {
          List<Workshop.Rest> rests = new ArrayList<>(w.rests());
          rests.removeIf(r -> r.pixelType().equals(type.id()));
          items.get().forEach(i -> rests.add(new Workshop.Rest(type.id(), i.pixels(), i.count())));
          return new Workshop(w.packs(), rests, w.sparePercent());
        });
  }
}
