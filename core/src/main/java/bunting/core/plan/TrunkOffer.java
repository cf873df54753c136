package bunting.core.plan;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.assess.TrunkReading;
import bunting.core.cost.BuildCost;
import bunting.core.explain.Line;
import bunting.core.ports.Piece;
import bunting.core.power.TrunkWiring;
import bunting.core.show.Feed;
import bunting.core.show.PlacedController;
import bunting.core.show.PriceList;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import bunting.core.units.Lengths;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What heavy pairs past the runs of a box would cost in place of its feeds, as people build them:
 * one pair or several, each behind a fuse of its own, open or closed to a ring, with short tails to
 * the ends of each run. Every size of wire is tried with tails at first pixels and at both ends;
 * the cheapest that holds is told in words. A plan has trunks where the school asks for them.
 */
public final class TrunkOffer {
  private TrunkOffer() {}

  /**
   * The cheapest that holds.
   *
   * @param pairs how many, each behind its own fuse
   * @param metres of heavy cable
   * @param tails how many, of {@link Feed#TAIL_M} each
   * @param tail the thinnest of them
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

  /** For a box of a plan; empty: nothing hangs on it, or no trunk holds there. */
  public static Optional<Offer> of(Reading plan, String box) {
    List<SegmentReading> on =
        plan.segments().stream().filter(s -> s.segment().controller().equals(box)).toList();
    Optional<PlacedController> at =
        plan.decisions().controllers().stream()
            .filter(c -> c.controller().id().equals(box))
            .findFirst();
    // Boards of several volts have no trunk in common.
    if (on.isEmpty() || at.isEmpty() || at.get().boards().size() > 1) {
      return Optional.empty();
    }
    List<Piece> pieces =
        on.stream()
            .map(
                s ->
                    new Piece(s.run(), s.type(), s.segment().firstPixel(), s.segment().lastPixel()))
            .toList();
    return TrunkWiring.cheapest(plan.show(), at.get().volts(), at.get().controller().at(), pieces)
        .map(t -> offer(plan, box, on, t, at.get().volts()));
  }

  private static Offer offer(
      Reading plan, String box, List<SegmentReading> on, TrunkWiring.Laid laid, double volts) {
    PriceList prices = plan.show().allotting().planning().prices();
    Map<String, Wire> wires = plan.show().catalogue().wiresById();
    double data = 0;
    double now = 0;
    for (SegmentReading s : on) {
      data += s.leadM() * prices.dataPerM();
      now += s.leadM() * BuildCost.leadPerM(prices, wires, s.segment());
      for (FeedReading f : plan.feedsOf(s.segment().id())) {
        if (!f.feed().viaPort()) {
          Wire wire = Objects.requireNonNull(wires.get(f.feed().wire()));
          now += BuildCost.feed(prices, f.feed(), wire, f.lengthM(), f.attach()).total();
        }
      }
    }
    for (TrunkReading t : plan.trunks()) {
      if (t.controller().equals(box)) {
        Wire wire = Objects.requireNonNull(wires.get(t.trunk().wire()));
        now += BuildCost.trunk(prices, wire, t.metres()).total();
      }
    }
    double price = data + laid.price();
    return new Offer(
        box,
        laid.pairs().size(),
        laid.ring(),
        laid.wire(),
        laid.metres(),
        laid.tails(),
        laid.thinnestTail(),
        laid.fuseAmps(),
        100 * laid.leastVolts() / volts,
        price,
        now - price);
  }
}
