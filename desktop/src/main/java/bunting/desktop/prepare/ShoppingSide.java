package bunting.desktop.prepare;

import bunting.core.kit.Need;
import bunting.core.kit.Purchase;
import bunting.core.limits.Range;
import bunting.core.show.Preparation;
import bunting.core.show.Preparation.Offer;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Numbers;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.session.Document;
import bunting.desktop.session.Session;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** The days of the show, and of a chosen thing how much it is and what two shops ask for it. */
final class ShoppingSide extends SidePanel {
  private static final double LABEL = 80;
  private static final Offer NONE = new Offer("", "", 0, 0, 0);

  private final Session session;

  /** What the panel was filled with, so that the same is not filled in again under the hand. */
  private record Filled(Optional<Purchase> chosen, Preparation preparation) {}

  private Optional<Filled> filled = Optional.empty();

  ShoppingSide(Session session) {
    super("shopping-side", 6);
    this.session = session;
  }

  void show(Optional<Purchase> chosen) {
    Optional<Show> show = session.show();
    if (show.isEmpty()) {
      content().getChildren().clear();
      filled = Optional.empty();
      return;
    }
    Filled now = new Filled(chosen, show.get().preparation());
    if (filled.filter(now::equals).isPresent()) {
      return;
    }
    filled = Optional.of(now);
    keepingFocus(() -> fill(show.get(), chosen));
  }

  private void fill(Show show, Optional<Purchase> chosen) {
    Form form = new Form(LABEL);
    form.heading("The days");
    Preparation p = show.preparation();
    form.text(
            "First evening",
            "opening",
            p.opening().map(LocalDate::toString).orElse(""),
            "",
            this::opening)
        .prompting(p.opening(show).map(LocalDate::toString).orElse("2026-11-27"));
    form.whole(
        "In the house",
        "ready-days",
        p.readyDays(),
        "days ahead",
        Range.DAYS_AHEAD,
        days -> edit("All is in the house " + days + " days before.", x -> x.withReadyDays(days)));
    form.check(
        "Guesses",
        "safe-side",
        "order the longest",
        p.safeSide(),
        on ->
            edit(
                on ? "Guesses are ordered at their longest." : "Guesses are ordered as they are.",
                x -> x.withSafeSide(on)));
    chosen.ifPresentOrElse(
        c -> chosen(form, c, show), () -> form.words("Choose a thing to type what shops ask."));
    content().getChildren().setAll(form.rows());
  }

  private void chosen(Form form, Purchase c, Show show) {
    Need n = c.need();
    form.heading(n.part());
    form.words(arithmetic(c));
    List<Offer> offers = show.preparation().offersFor(n.part());
    for (int i = 0; i < Preparation.OFFERS_MAX; i++) {
      Offer offer = i < offers.size() ? offers.get(i) : NONE;
      Optional<Purchase.Quote> quote = quote(c, i, offer);
      form.heading(
          "Offer " + (i + 1) + (quote.filter(c.taken()::equals).isPresent() ? ", taken" : ""));
      quote.ifPresent(q -> form.words(comesTo(q, show)));
      fields(form, n, i, offer);
    }
    form.words(
        "The cheapest in sum that comes in time is taken; where none does, the quickest. Empty all"
            + " fields of an offer to take it away.");
  }

  /** What an offer comes to; empty while the list is older than the offer. */
  private static Optional<Purchase.Quote> quote(Purchase c, int i, Offer offer) {
    boolean same =
        !offer.equals(NONE)
            && i < c.quotes().size()
            && c.quotes().get(i).from().equals(offer.from())
            && c.quotes().get(i).price() == offer.price();
    return same ? Optional.of(c.quotes().get(i)) : Optional.empty();
  }

  private static String arithmetic(Purchase c) {
    Need n = c.need();
    return Texts.number(n.planned())
        + " "
        + n.unit()
        + " planned, "
        + Texts.number(n.withSpares())
        + " with spares, "
        + Texts.number(n.shelf())
        + " on the shelf: "
        + (n.missing() > 0
            ? Texts.number(n.missing())
                + " missing, in packs of "
                + Texts.number(c.taken().pack())
                + " that is "
                + c.taken().buy()
                + "."
            : "nothing to buy.");
  }

  private static String comesTo(Purchase.Quote q, Show show) {
    return q.buy()
        + " to buy"
        + (q.cost() > 0 ? ", " + show.settings().price(q.cost()) : "")
        + q.orderBy().map(d -> ", order by " + d).orElse("")
        + (q.late() ? ": too late" : "");
  }

  private void fields(Form form, Need n, int i, Offer now) {
    String id = "offer-" + (i + 1);
    form.text(
        "From",
        id + "-from",
        now.from(),
        "",
        text -> offer(n, i, o -> new Offer(n.part(), text, o.price(), o.pack(), o.days())));
    number(
        form,
        "Price",
        id + "-price",
        now.price(),
        "a pack",
        Range.MONEY,
        v -> offer(n, i, o -> new Offer(n.part(), o.from(), v, o.pack(), o.days())));
    number(
        form,
        "In a pack",
        id + "-pack",
        now.pack(),
        n.unit(),
        Range.PACK,
        v -> offer(n, i, o -> new Offer(n.part(), o.from(), o.price(), v, o.days())));
    number(
        form,
        "There after",
        id + "-days",
        now.days(),
        "days",
        Range.DAYS_AHEAD,
        v ->
            offer(n, i, o -> new Offer(n.part(), o.from(), o.price(), o.pack(), (int) (double) v)));
  }

  private static void number(
      Form form,
      String label,
      String id,
      double value,
      String unit,
      Range range,
      Function<Double, Optional<String>> take) {
    form.text(
        label,
        id,
        value > 0 ? Texts.number(value) : "",
        unit,
        text -> {
          Optional<Double> v = text.isEmpty() ? Optional.of(0.0) : Numbers.in(range, text);
          return v.isPresent() ? take.apply(v.get()) : Optional.of(Numbers.wanted(range));
        });
  }

  private Optional<String> offer(Need n, int i, UnaryOperator<Offer> change) {
    return edit(
        "An offer for " + n.part() + ".",
        p -> {
          List<Offer> offers = new ArrayList<>(p.offersFor(n.part()));
          Offer next = change.apply(i < offers.size() ? offers.get(i) : NONE);
          boolean said =
              !next.from().isEmpty() || next.price() > 0 || next.pack() > 0 || next.days() > 0;
          if (i < offers.size()) {
            offers.remove(i);
          }
          if (said) {
            offers.add(Math.min(i, offers.size()), next);
          }
          return p.withOffers(n.part(), offers);
        });
  }

  private Optional<String> opening(String text) {
    if (text.isEmpty()) {
      return edit(
          "The first evening is the first of the hours.", p -> p.withOpening(Optional.empty()));
    }
    try {
      LocalDate day = LocalDate.parse(text);
      return edit("The first evening is " + day + ".", p -> p.withOpening(Optional.of(day)));
    } catch (DateTimeParseException e) {
      return Optional.of("Give a day such as 2026-11-27.");
    }
  }

  private Optional<String> edit(String what, UnaryOperator<Preparation> change) {
    return session.edit(what, s -> s.withPreparation(change.apply(s.preparation())))
            instanceof Document.Outcome.Refused r
        ? Optional.of(r.why())
        : Optional.empty();
  }
}
