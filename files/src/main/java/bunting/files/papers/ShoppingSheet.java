package bunting.files.papers;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.kit.Need;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** All that is to be bought, group by group, with what it costs as far as prices are known. */
final class ShoppingSheet {
  private ShoppingSheet() {}

  static Table table(Sources from) {
    return table(from.needs());
  }

  private static Table table(List<Need> needs) {
    return Table.of(
        needs,
        List.of(
            Table.col("group", "", Table.Kind.FILE, n -> n.group().words()),
            Table.<Need>text("kind", "What", Need::kind),
            Table.<Need>text("size", "Size", Need::size),
            Table.<Need>number("planned", "Planned", n -> amount(n.planned())),
            Table.<Need>number("with_spares", "With spares", n -> amount(n.withSpares())),
            Table.<Need>number("on_shelf", "On the shelf", n -> amount(n.shelf())),
            Table.<Need>text("unit", "", Need::unit),
            Table.<Need>number(
                "in_a_pack", "In a pack", n -> n.packs() > 1 ? number(n.packs()) : ""),
            Table.<Need>col("buy", "Buy", Table.Kind.MAIN_NUMBER, n -> "" + n.buy()),
            Table.<Need>number("price", "Each", n -> n.price() > 0 ? fixed(n.price(), 2) : ""),
            Table.<Need>number("cost", "Sum", n -> n.price() > 0 ? fixed(n.cost(), 2) : "")));
  }

  private static String amount(double value) {
    return value == Math.rint(value) ? number(value) : fixed(value, 1);
  }

  static Page page(Sources from, Page page) {
    String currency = from.show().settings().currency();
    page.landscape()
        .head("Shopping list")
        .says(
            "What lies on the shelf is taken off. Spares: a fifth of small things and two at least,"
                + " a tenth of cable, 5 % of the pixels where nothing else was said. Prices are the"
                + " show's own"
                + (currency.isEmpty()
                    ? ", in no currency that was named."
                    : ", in " + currency + "."));
    Map<Need.Group, List<Need>> groups = new TreeMap<>();
    from.needs().forEach(n -> groups.computeIfAbsent(n.group(), k -> new ArrayList<>()).add(n));
    double all = 0;
    long unpriced = 0;
    for (Map.Entry<Need.Group, List<Need>> e : groups.entrySet()) {
      double sum = e.getValue().stream().mapToDouble(Need::cost).sum();
      all += sum;
      unpriced += e.getValue().stream().filter(n -> n.buy() > 0 && n.price() <= 0).count();
      String head = e.getKey().words() + (sum > 0 ? ": " + fixed(sum, 2) + " " + currency : "");
      page.table(head, table(e.getValue()));
    }
    page.head("Together " + fixed(all, 2) + " " + currency);
    if (unpriced > 0) {
      page.says(
          bunting.core.show.Texts.count(unpriced, "line has", "lines have")
              + " no price yet and are not in the sum.");
    }
    return page;
  }
}
