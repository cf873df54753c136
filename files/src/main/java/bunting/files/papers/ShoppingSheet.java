package bunting.files.papers;

import static bunting.core.show.Texts.count;
import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.kit.Need;
import bunting.core.kit.Purchase;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** All that is to be bought, group by group, with what it costs and by when it is ordered. */
final class ShoppingSheet {
  private ShoppingSheet() {}

  static Table table(Sources from) {
    return table(from.purchases());
  }

  private static Table table(List<Purchase> purchases) {
    return Table.of(
        purchases,
        List.of(
            Table.col("group", "", Table.Kind.FILE, p -> p.need().group().words()),
            Table.<Purchase>text("kind", "What", p -> p.need().kind()),
            Table.<Purchase>text("size", "Size", p -> p.need().size()),
            Table.<Purchase>number("planned", "Planned", p -> amount(p.need().planned())),
            Table.<Purchase>number(
                "with_spares", "With spares", p -> amount(p.need().withSpares())),
            Table.<Purchase>number("on_shelf", "On the shelf", p -> amount(p.need().shelf())),
            Table.<Purchase>text("unit", "", p -> p.need().unit()),
            Table.<Purchase>number(
                "in_a_pack",
                "In a pack",
                p -> p.taken().pack() > 1 ? number(p.taken().pack()) : ""),
            Table.<Purchase>col("buy", "Buy", Table.Kind.MAIN_NUMBER, p -> "" + p.taken().buy()),
            Table.<Purchase>number("price", "Each", p -> money(p.taken().price())),
            Table.<Purchase>number("cost", "Sum", p -> money(p.taken().cost())),
            Table.<Purchase>text("from", "From", p -> p.taken().from()),
            Table.<Purchase>text("order_by", "Order by", p -> day(p.taken()))));
  }

  private static String safe(Sources from) {
    return from.show().preparation().safeSide()
        ? " What is guessed is ordered at its longest."
        : "";
  }

  private static String amount(double value) {
    return value == Math.rint(value) ? number(value) : fixed(value, 1);
  }

  private static String money(double value) {
    return value > 0 ? fixed(value, 2) : "";
  }

  private static String day(Purchase.Quote quote) {
    return quote.orderBy().map(LocalDate::toString).orElse("") + (quote.late() ? ", late" : "");
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
                    : ", in " + currency + "."))
        .says(days(from) + safe(from));
    Map<Need.Group, List<Purchase>> groups = new TreeMap<>();
    from.purchases()
        .forEach(p -> groups.computeIfAbsent(p.need().group(), k -> new ArrayList<>()).add(p));
    double all = 0;
    long unpriced = 0;
    for (Map.Entry<Need.Group, List<Purchase>> e : groups.entrySet()) {
      double sum = e.getValue().stream().mapToDouble(p -> p.taken().cost()).sum();
      all += sum;
      unpriced +=
          e.getValue().stream().filter(p -> p.taken().buy() > 0 && p.taken().price() <= 0).count();
      String head = e.getKey().words() + (sum > 0 ? ": " + fixed(sum, 2) + " " + currency : "");
      page.table(head, table(e.getValue()));
    }
    page.head("Together " + fixed(all, 2) + " " + currency);
    if (unpriced > 0) {
      page.says(
          count(unpriced, "line has", "lines have") + " no price yet and are not in the sum.");
    }
    List<Purchase> compared = from.purchases().stream().filter(Purchase::compared).toList();
    if (!compared.isEmpty()) {
      page.table("Offers side by side", offers(compared));
    }
    return page;
  }

  /** By when all of it is wanted, and the first day on which something has to be ordered. */
  private static String days(Sources from) {
    var preparation = from.show().preparation();
    Optional<LocalDate> opening = preparation.opening(from.show());
    if (opening.isEmpty()) {
      return "No first evening was said: there are no days to order by.";
    }
    Optional<LocalDate> first =
        from.purchases().stream()
            .flatMap(p -> p.taken().orderBy().stream())
            .min(Comparator.naturalOrder());
    long late = from.purchases().stream().filter(p -> p.taken().late()).count();
    return "First evening "
        + opening.get()
        + "; all is wanted "
        + preparation.readyDays()
        + " days before it."
        + first.map(d -> " The first thing is to be ordered by " + d + ".").orElse("")
        + (late > 0 ? " " + count(late, "line is", "lines are") + " late." : "");
  }

  /** An offer of a purchase. */
  private record Offer(Purchase of, Purchase.Quote quote) {}

  private static Table offers(List<Purchase> compared) {
    List<Offer> all =
        compared.stream().flatMap(p -> p.quotes().stream().map(q -> new Offer(p, q))).toList();
    return Table.of(
        all,
        List.of(
            Table.<Offer>text("part", "What", o -> o.of().need().part()),
            Table.<Offer>text("from", "From", o -> o.quote().from()),
            Table.<Offer>number("price", "Each", o -> money(o.quote().price())),
            Table.<Offer>number("in_a_pack", "In a pack", o -> number(o.quote().pack())),
            Table.<Offer>number("buy", "Buy", o -> "" + o.quote().buy()),
            Table.<Offer>number("cost", "Sum", o -> money(o.quote().cost())),
            Table.<Offer>text("order_by", "Order by", o -> day(o.quote())),
            Table.<Offer>text("taken", "", o -> o.quote().equals(o.of().taken()) ? "taken" : "")));
  }
}
