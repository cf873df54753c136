package bunting.core.plan;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.cost.BuildCost;
import bunting.core.explain.Line;
import bunting.core.show.Attach;
import bunting.core.show.Feed;
import bunting.core.show.PriceList;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What heavy pairs past the runs of a box would cost in place of its feeds, as people build them:
 * one pair or several, each behind a fuse of its own, open or closed to a ring, with short tails to
 * the ends of each run. Every size of wire is tried with tails at first pixels and at both ends;
 * the cheapest that holds is told in words. It is no plan: PLAN.json knows feeds at single pixels.
 */
public final class TrunkOffer {
  private final Reading plan;
  private final List<SegmentReading> pieces;
  private final PriceList prices;
  private final TrunkTour tour;

  /**
   * The cheapest that holds.
   *
   * @param pairs how many, each behind its own fuse
   * @param metres of heavy cable
   * @param tails how many, of {@link Feed#TAP_M} each
   * @param tail their wire
   * @param leastPercent the lowest volts, of the nominal
   * @param price of pairs, tails and leads for data
   * @param saves beside what leads and feeds of the box cost now; below 0: it would cost more
   */
  public record Offer(
      String box,
      int pairs,
      boolean ring,
      Wire wire,
      double metres,
      int tails,
      Wire tail,
      double fuseAmps,
      double leastPercent,
      double price,
      double saves) {
    /** As people read it. */
    public Line line(Reading plan) {
      return new Line(
          "A trunk instead",
          (saves >= 0 ? "saves " : "costs ")
              + plan.show().settings().price(Math.rint(Math.abs(saves)))
              + (saves >= 0 ? "" : " more"),
          Texts.count(pairs, "pair", "pairs")
              + " of "
              + wire.id()
              + (ring ? ", closed to a ring" : "")
              + ", "
              + Lengths.of(plan.show()).rough(metres)
              + " in all, fuses of "
              + number(fuseAmps)
              + " A, and "
              + Texts.count(tails, "tail", "tails")
              + " to ends of runs; least "
              + fixed(leastPercent, 1)
              + " %"
              + (tail.fuseAmpsMax() < fuseAmps
                  ? ". The tails bear less than the fuse: short, and by the rule of the place"
                  : ""));
    }
  }

  private TrunkOffer(Reading plan, List<SegmentReading> pieces, TrunkTour tour) {
    this.plan = plan;
    this.pieces = pieces;
    this.prices = plan.show().allotting().planning().prices();
    this.tour = tour;
  }

  /** For a box of a plan; empty: nothing hangs on it, or no trunk holds there. */
  public static Optional<Offer> of(Reading plan, String box) {
    List<SegmentReading> pieces =
        plan.segments().stream().filter(s -> s.segment().controller().equals(box)).toList();
    return pieces.isEmpty()
        ? Optional.empty()
        : new TrunkOffer(plan, pieces, TrunkTour.of(plan, box, pieces)).cheapest(box);
  }

  private Optional<Offer> cheapest(String box) {
    double data = 0;
    double now = 0;
    Map<String, Wire> wires = plan.show().catalogue().wiresById();
    for (SegmentReading s : pieces) {
      data += s.leadM() * prices.dataPerM();
      now += s.leadM() * BuildCost.leadPerM(prices, wires, s.segment());
    }
    for (FeedReading f : plan.feeds()) {
      boolean here = pieces.stream().anyMatch(s -> s.segment().id().equals(f.feed().segment()));
      if (here && !f.feed().viaPort()) {
        Wire wire = wires.get(f.feed().wire());
        now += BuildCost.distribution(prices, wire, f.cableM(), f.attach()).total();
      }
    }
    List<Offer> offers = new ArrayList<>();
    for (Wire wire : plan.show().catalogue().wires()) {
      for (boolean ring : new boolean[] {false, true}) {
        for (boolean bothEnds : new boolean[] {false, true}) {
          double leads = data;
          double before = now;
          tour.laid(wire, ring, bothEnds)
              .ifPresent(t -> offers.add(offer(box, t, wire, ring, leads, before)));
        }
      }
    }
    return offers.stream().min(Comparator.comparingDouble(Offer::price));
  }

  private Offer offer(
      String box, TrunkTour.Laid laid, Wire wire, boolean ring, double data, double now) {
    double tail = Feed.TAP_M * prices.perM(laid.tailWire()) + prices.joining(Attach.END);
    double price =
        data
            + laid.pairs() * prices.distributionWay()
            + laid.metres() * prices.perM(wire)
            + laid.tails() * tail;
    return new Offer(
        box,
        laid.pairs(),
        ring,
        wire,
        laid.metres(),
        laid.tails(),
        laid.tailWire(),
        laid.fuseAmps(),
        laid.leastPercent(),
        price,
        now - price);
  }
}
