package bunting.core.plan;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.copper.Fuses;
import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.dc.Trunk;
import bunting.core.island.Compiler;
import bunting.core.show.Conductors;
import bunting.core.show.Feed;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Wire;
import bunting.core.survey.Geometry;
import bunting.core.survey.Jumpers;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Trunks past the runs of a box: the runs in the order of a way that goes each time to the nearest
 * end of those that are left, and along that run; shared out to pairs as far as one fuse goes.
 */
final class TrunkTour {
  /** Stands in for no conductor between two runs: a volt across it lets a nanoamp through. */
  private static final double APART_OHMS = 1e9;

  private final Reading plan;
  private final Point box;
  private final List<Stop> stops;

  /**
   * A run on the way.
   *
   * @param back whether the way meets its last pixel first
   */
  private record Stop(SegmentReading piece, boolean back) {
    private Point at(boolean last) {
      int pixel = last ? piece.segment().lastPixel() : piece.segment().firstPixel();
      return Geometry.pixel(piece.run(), piece.type(), pixel);
    }

    Point entry() {
      return at(back);
    }

    Point exit() {
      return at(!back);
    }

    double alongM() {
      return Jumpers.alongM(
          piece.type(), piece.jumpers(), piece.segment().firstPixel(), piece.segment().lastPixel());
    }

    double amps(double percent) {
      return piece.segment().pixels() * piece.type().amps(percent);
    }
  }

  /** Trunks as they were found to hold. */
  record Laid(
      int pairs, double metres, int tails, Wire tailWire, double fuseAmps, double leastPercent) {}

  private TrunkTour(Reading plan, Point box, List<Stop> stops) {
    this.plan = plan;
    this.box = box;
    this.stops = stops;
  }

  static TrunkTour of(Reading plan, String box, List<SegmentReading> pieces) {
    Point at =
        plan.decisions().controllers().stream()
            .map(c -> c.controller())
            .filter(c -> c.id().equals(box))
            .findFirst()
            .orElseThrow()
            .at();
    List<SegmentReading> left = new ArrayList<>(pieces);
    List<Stop> stops = new ArrayList<>();
    Point here = at;
    while (!left.isEmpty()) {
      Point from = here;
      Stop next =
          left.stream()
              .flatMap(s -> java.util.stream.Stream.of(new Stop(s, false), new Stop(s, true)))
              .min(Comparator.comparingDouble(s -> from.cableTo(s.entry())))
              .orElseThrow();
      stops.add(next);
      left.remove(next.piece());
      here = next.exit();
    }
    return new TrunkTour(plan, at, stops);
  }

  /** Trunks of a wire; empty: they do not hold. */
  Optional<Laid> laid(Wire wire, boolean ring, boolean bothEnds) {
    double margin = plan.show().settings().fuseMargin();
    double most = plan.worst().brightnessPercent();
    double bears = Math.min(Fuses.largest(wire.fuseAmpsMax()).orElse(0) / margin, supplyAmps());
    List<List<Stop>> pairs = new ArrayList<>();
    double amps = 0;
    for (Stop stop : stops) {
      if (stop.amps(most) > bears) {
        return Optional.empty();
      }
      if (pairs.isEmpty() || amps + stop.amps(most) > bears) {
        pairs.add(new ArrayList<>());
        amps = 0;
      }
      pairs.getLast().add(stop);
      amps += stop.amps(most);
    }
    double tailAmps = stops.stream().mapToDouble(s -> s.amps(most)).max().orElse(0);
    Optional<Wire> tail =
        plan.show().catalogue().wires().stream()
            .filter(w -> w.fuseAmpsMax() >= tailAmps)
            .min(Comparator.comparingDouble(Wire::copperMm2));
    if (tail.isEmpty()) {
      return Optional.empty();
    }
    double designed = plan.show().settings().brightnessPercent();
    double metres = 0;
    double least = Double.MAX_VALUE;
    double fuse = 0;
    int tails = 0;
    for (List<Stop> pair : pairs) {
      Pair one = new Pair(pair, wire, tail.get(), ring, bothEnds);
      Optional<LineSolution.Stands> dim = one.solved(designed);
      Optional<LineSolution.Stands> full = most == designed ? dim : one.solved(most);
      if (dim.isEmpty() || full.isEmpty()) {
        return Optional.empty();
      }
      // Of a ring each way bears the fuse, should the other come loose.
      OptionalDouble size = Fuses.next(full.get().totalAmps(), margin, wire.fuseAmpsMax());
      if (size.isEmpty()) {
        return Optional.empty();
      }
      double volts = pair.getFirst().piece().type().volts();
      least = Math.min(least, 100 * dim.get().volts().lowest() / volts);
      fuse = Math.max(fuse, size.getAsDouble());
      metres += one.metres;
      tails += one.tails;
    }
    double wanted =
        plan.show().settings().minVoltsPercent() + plan.show().wiring().ways().marginPercent();
    return least < wanted
        ? Optional.empty()
        : Optional.of(new Laid(pairs.size(), metres, tails, tail.get(), fuse, least));
  }

  /** The most that one supply gives for hours. */
  private double supplyAmps() {
    double volts = stops.getFirst().piece().type().volts();
    double held = plan.show().wiring().conductors().supplyVolts(volts);
    double percent = plan.show().settings().supplyLoadPercentMax();
    return plan.show().catalogue().supplyTypes().stream()
        .filter(t -> t.volts() == volts)
        .mapToDouble(t -> t.usableAmps(percent, held))
        .max()
        .orElse(0);
  }

  /** One heavy pair past some runs. */
  private final class Pair {
    private final List<Stop> on;
    private final double metres;
    private final int tails;
    private final Trunk trunk;

    Pair(List<Stop> on, Wire wire, Wire tail, boolean ring, boolean bothEnds) {
      this.on = on;
      Conductors copper = plan.show().wiring().conductors();
      List<Integer> at = new ArrayList<>();
      List<Double> spanM = new ArrayList<>();
      Point here = box;
      int first = 0;
      for (Stop stop : on) {
        int last = first + stop.piece().segment().pixels() - 1;
        spanM.add(here.cableTo(stop.entry()));
        at.add(stop.back() ? last : first);
        here = stop.entry();
        if (bothEnds && last > first) {
          spanM.add(stop.alongM());
          at.add(stop.back() ? first : last);
          here = stop.exit();
        }
        first = last + 1;
      }
      double headM = spanM.removeFirst() + Geometry.BOX_SLACK_M;
      double backM = ring ? here.cableTo(box) + Geometry.BOX_SLACK_M : 0;
      metres = headM + backM + spanM.stream().mapToDouble(m -> m).sum();
      tails = at.size();
      double[] taps = new double[tails];
      java.util.Arrays.fill(taps, copper.leadOhms(tail, Feed.TAP_M));
      double volts = copper.supplyVolts(on.getFirst().piece().type().volts());
      Trunk open =
          new Trunk(
              volts,
              copper.feedOhms(wire, headM, false),
              at.stream().mapToInt(i -> i).toArray(),
              spanM.stream().mapToDouble(m -> copper.warmth() * wire.loopOhms(m)).toArray(),
              taps);
      trunk = ring ? open.closed(copper.feedOhms(wire, backM, false)) : open;
    }

    Optional<LineSolution.Stands> solved(double percent) {
      Conductors copper = plan.show().wiring().conductors();
      List<Compiler.Part> parts = new ArrayList<>();
      for (Stop stop : on) {
        SegmentReading p = stop.piece();
        PixelType type = p.type();
        Compiler.addPiece(
            parts,
            type,
            p.segment().firstPixel(),
            p.segment().lastPixel(),
            p.jumpers(),
            APART_OHMS,
            copper);
      }
      Line bare = Compiler.pixels(parts, percent, copper);
      return LineSolver.solve(bare.withTrunks(List.of(trunk))) instanceof LineSolution.Stands s
          ? Optional.of(s)
          : Optional.empty();
    }
  }
}
