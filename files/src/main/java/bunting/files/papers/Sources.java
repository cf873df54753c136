package bunting.files.papers;

import bunting.core.assess.Reading;
import bunting.core.build.BuiltBox;
import bunting.core.cards.BoxCard;
import bunting.core.checks.GuessFlips;
import bunting.core.guess.Flip;
import bunting.core.guess.Guesses;
import bunting.core.guess.Packs;
import bunting.core.kit.Cables;
import bunting.core.kit.Need;
import bunting.core.kit.Purchase;
import bunting.core.kit.ShoppingList;
import bunting.core.kit.StrikeList;
import bunting.core.kit.WorkList;
import bunting.core.log.ShowLog;
import bunting.core.meter.Meter;
import bunting.core.meter.MeterSetting;
import bunting.core.meter.MeterSheet;
import bunting.core.network.NetworkPlan;
import bunting.core.plan.Assessment;
import bunting.core.show.Show;
import bunting.core.stock.CutList;
import bunting.core.units.Lengths;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/** What the papers of a plan are made of; what several of them need is reckoned once. */
final class Sources {
  private final Assessment plan;
  private final ShowLog log;
  private final LocalDate today;
  private final Map<String, Object> known = new ConcurrentHashMap<>();

  /** With nothing known from earlier, on no day. */
  Sources(Assessment plan) {
    this(plan, ShowLog.empty(), LocalDate.EPOCH);
  }

  /**
   * @param log what is known of the show from earlier, and what lies on the shelf
   * @param today from which on something is late
   */
  Sources(Assessment plan, ShowLog log, LocalDate today) {
    this.plan = plan;
    this.log = log;
    this.today = today;
  }

  Assessment plan() {
    return plan;
  }

  Reading reading() {
    return plan.reading();
  }

  Show show() {
    return plan.reading().show();
  }

  Lengths lengths() {
    return Lengths.of(show());
  }

  @SuppressWarnings("unchecked") // each name has one kind of thing behind it
  private <T> T once(String name, Supplier<T> how) {
    return (T) known.computeIfAbsent(name, k -> how.get());
  }

  CutList cuts() {
    return once("cuts", () -> CutList.of(show()));
  }

  List<Cables.Cable> cables() {
    return once("cables", () -> Cables.of(reading()));
  }

  /** As planned, or with guesses at their longest where they are ordered so. */
  List<Need> needs() {
    Reading order = Guesses.toOrder(reading());
    boolean planned = order.equals(reading());
    CutList cuts = planned ? cuts() : CutList.of(order.show());
    List<Cables.Cable> cables = planned ? cables() : Cables.of(order);
    return once("needs", () -> ShoppingList.of(order, cuts, cables, log.stock()));
  }

  /** What would flip within the guesses. */
  List<Flip> flips() {
    return once(
        "flips",
        () -> {
          List<Flip> flips = new ArrayList<>(GuessFlips.of(reading()));
          flips.addAll(Packs.of(reading()));
          return flips;
        });
  }

  List<BuiltBox> built() {
    return once("built", () -> BuiltBox.of(reading()));
  }

  NetworkPlan network() {
    return once("network", () -> NetworkPlan.of(reading()));
  }

  List<BoxCard> cards() {
    return once("cards", () -> BoxCard.of(reading()));
  }

  MeterSheet meter() {
    return once("meter", () -> new Meter(reading()).read(MeterSetting.white(reading())));
  }

  WorkList work() {
    return once("work", () -> WorkList.of(reading()).learning(log));
  }

  List<Purchase> purchases() {
    List<Need> needs = needs();
    return once("purchases", () -> Purchase.of(needs, show(), today));
  }

  StrikeList strike() {
    List<Cables.Cable> cables = cables();
    return once("strike", () -> StrikeList.of(reading(), cables));
  }

  /** A wire in both systems; what the catalogue has not, as it is. */
  String wire(String id) {
    var wire = show().catalogue().wiresById().get(id);
    return wire == null ? id : bunting.core.explain.PowerExplanations.sizes(wire);
  }

  /** Metres of a file as the page says them: to a decimetre, or to an inch. */
  String rough(String metres) {
    return metres.isEmpty() ? "" : lengths().rough(Double.parseDouble(metres));
  }

  /** Metres of a file as the page says them, exactly. */
  String exact(String metres) {
    return metres.isEmpty() ? "" : lengths().text(Double.parseDouble(metres));
  }
}
