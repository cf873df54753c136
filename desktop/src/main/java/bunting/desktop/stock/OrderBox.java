package bunting.desktop.stock;

import bunting.core.limits.Range;
import bunting.core.show.PixelType;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Texts;
import bunting.core.show.Workshop;
import bunting.core.stock.CutList;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Document;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** What to buy of a pixel type, and fields for its packs, rests and spares. */
final class OrderBox extends VBox {
  private static final double LABEL = 48;

  private final Session session;
  private final PixelType type;

  OrderBox(Session session, Show show, CutList.OfType of) {
    super(5);
    this.session = session;
    this.type = of.type();
    setMinWidth(300);
    Workshop shop = show.workshop();
    Form form = new Form(LABEL);
    form.heading("To order");
    of.orders().forEach(o -> form.add(new Label(order(show.settings(), o))));
    form.number(
        "Spares",
        "spare-" + type.id(),
        shop.spare(type.id()),
        "% = " + of.sparePixels() + " px",
        Range.SPARE_PERCENT,
        this::spare);
    form.text("Packs", "packs-" + type.id(), packs(shop), "px each", this::packs);
    form.text("Rests", "rests-" + type.id(), rests(shop), "px that you have", this::rests);
    getChildren().setAll(form.rows());
  }

  private static String order(ShowSettings settings, CutList.Order o) {
    return o.packs()
        + " × "
        + o.packPixels()
        + " px: "
        + o.cut()
        + " to cut, "
        + o.spare()
        + " spare"
        + (o.packCost() > 0 ? ", " + settings.price(o.packs() * o.packCost()) : "");
  }

  private String packs(Workshop shop) {
    return String.join(", ", shop.packsOf(type).stream().map(OrderBox::pack).toList());
  }

  private static String pack(Workshop.Pack pack) {
    return pack.pixels() + (pack.cost() > 0 ? " at " + Texts.number(pack.cost()) : "");
  }

  private String rests(Workshop shop) {
    List<String> list = new ArrayList<>();
    shop.restsOf(type.id())
        .forEach(r -> list.add(r.count() == 1 ? "" + r.pixels() : r.count() + "×" + r.pixels()));
    return String.join(", ", list);
  }

  /** Changes the workshop; a sentence where that cannot be. */
  private Optional<String> edit(String what, UnaryOperator<Workshop> change) {
    return session.edit(what, s -> s.withWorkshop(change.apply(s.workshop())))
            instanceof Document.Outcome.Refused r
        ? Optional.of(r.why())
        : Optional.empty();
  }

  private void spare(double percent) {
    edit(
        type.name() + ": " + Texts.number(percent) + " % spares.",
        w -> {
          Map<String, Double> spares = new TreeMap<>(w.sparePercent());
          spares.put(type.id(), percent);
          return new Workshop(w.packs(), w.rests(), spares);
        });
  }

  private Optional<String> packs(String text) {
    return stock(
        text,
        "Give the pixels of a pack, with its price if you like: 150, 300 at 18.50.",
        type.name() + " comes in packs of " + text + " px.",
        (w, items) -> {
          List<Workshop.Pack> packs = new ArrayList<>(w.packs());
          packs.removeIf(p -> p.pixelType().equals(type.id()));
          items.forEach(i -> packs.add(new Workshop.Pack(type.id(), i.pixels(), i.cost())));
          return new Workshop(packs, w.rests(), w.sparePercent());
        });
  }

  private Optional<String> rests(String text) {
    return stock(
        text,
        "Give the pixels of your rest pieces, such as 47, 2×120.",
        type.name() + ": rests of " + (text.isEmpty() ? "none" : text) + ".",
        (w, items) -> {
          List<Workshop.Rest> rests = new ArrayList<>(w.rests());
          rests.removeIf(r -> r.pixelType().equals(type.id()));
          items.forEach(i -> rests.add(new Workshop.Rest(type.id(), i.pixels(), i.count())));
          return new Workshop(w.packs(), rests, w.sparePercent());
        });
  }

  private Optional<String> stock(
      String text,
      String wanted,
      String said,
      BiFunction<Workshop, List<StockText.Item>, Workshop> change) {
    Optional<List<StockText.Item>> items = StockText.parse(text);
    return items.isEmpty() ? Optional.of(wanted) : edit(said, w -> change.apply(w, items.get()));
  }
}
