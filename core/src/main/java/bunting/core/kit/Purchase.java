package bunting.core.kit;

import bunting.core.show.Preparation;
import bunting.core.show.Show;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How a need is bought: what each offer would cost, which one is taken, and by when it is ordered.
 *
 * <p>An offer is ordered by the first evening, less the days by which all is wanted in the house,
 * less its own days. The cheapest in sum that still comes in time is taken, of equals the one that
 * may be ordered later; where none comes in time, the quickest.
 *
 * @param quotes in the order in which they were typed; the list's own price where there are none
 * @param taken the quote that is bought
 */
public record Purchase(Need need, List<Quote> quotes, Quote taken) {
  /**
   * What an offer comes to.
   *
   * @param from who asks it; empty: the list's own price
   * @param price of one pack; 0: not known
   * @param pack what is in one
   * @param buy packs
   * @param orderBy the last day on which it may be ordered; empty: no first evening was said, or
   *     nothing is to be bought
   * @param late whether that day is over
   */
  public record Quote(
      String from, double price, double pack, int buy, Optional<LocalDate> orderBy, boolean late) {
    /** What it costs; 0: no price is known. */
    public double cost() {
      return buy * price;
    }
  }

  public Purchase {
    quotes = List.copyOf(quotes);
  }

  /** Whether there is something to choose from. */
  public boolean compared() {
    return quotes.size() > 1;
  }

  /**
   * How all needs are bought, in their order.
   *
   * @param today from which on something is late
   */
  public static List<Purchase> of(List<Need> needs, Show show, LocalDate today) {
    return needs.stream().map(n -> of(n, show, today)).toList();
  }

  private static Purchase of(Need need, Show show, LocalDate today) {
    Preparation preparation = show.preparation();
    Optional<LocalDate> there =
        preparation
            .opening(show)
            .filter(d -> need.buy() > 0)
            .map(d -> d.minusDays(preparation.readyDays()));
    List<Quote> quotes = new ArrayList<>();
    for (Preparation.Offer o : preparation.offersFor(need.part())) {
      double pack = o.pack() > 0 ? o.pack() : need.packs();
      Optional<LocalDate> by = there.map(d -> d.minusDays(o.days()));
      int buy = need.buyOf(pack);
      quotes.add(
          new Quote(o.from(), o.price(), pack, buy, by, by.filter(today::isAfter).isPresent()));
    }
    if (quotes.isEmpty()) {
      boolean late = there.filter(today::isAfter).isPresent();
      quotes.add(new Quote("", need.price(), need.packs(), need.buy(), there, late));
    }
    Comparator<Quote> later =
        Comparator.comparing((Quote q) -> q.orderBy().orElse(LocalDate.MAX)).reversed();
    // Nobody knows yet what an offer without a price will cost.
    Comparator<Quote> cheaper =
        Comparator.comparingDouble(q -> q.price() > 0 ? q.cost() : Double.MAX_VALUE);
    Quote taken =
        quotes.stream()
            .filter(q -> !q.late())
            .min(cheaper.thenComparing(later))
            .orElseGet(() -> quotes.stream().min(later.thenComparing(cheaper)).orElseThrow());
    return new Purchase(need, quotes, taken);
  }
}
