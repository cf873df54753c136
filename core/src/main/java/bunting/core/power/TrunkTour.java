package bunting.core.power;

import bunting.core.copper.Fuses;
import bunting.core.ports.Piece;
import bunting.core.show.LoadKind;
import bunting.core.show.Point;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * The way of a trunk past pieces of runs: each time to the nearest end of those that are left, and
 * along that piece; and how the way is shared out to several pairs.
 */
final class TrunkTour {
  private TrunkTour() {}

  /**
   * A piece on the way.
   *
   * @param number of the piece, from 0
   * @param back whether the way meets its last pixel first
   */
  record Stop(int number, Piece piece, boolean back) {
    private Point end(boolean last) {
      return Geometry.pixel(piece.run(), piece.type(), last ? piece.last() : piece.first());
    }

    Point entry() {
      return end(back);
    }

    Point exit() {
      return end(!back);
    }
  }

  /** The way from a box. */
  static List<Stop> of(Point box, List<Piece> pieces) {
    List<Integer> left = new ArrayList<>();
    for (int i = 0; i < pieces.size(); i++) {
      left.add(i);
    }
    List<Stop> stops = new ArrayList<>();
    Point here = box;
    while (!left.isEmpty()) {
      Point from = here;
      Stop next =
          left.stream()
              .flatMap(
                  i ->
                      Stream.of(
                          new Stop(i, pieces.get(i), false), new Stop(i, pieces.get(i), true)))
              .min(Comparator.comparingDouble(s -> from.cableTo(s.entry())))
              .orElseThrow();
      stops.add(next);
      left.remove((Integer) next.number());
      here = next.exit();
    }
    return stops;
  }

  /**
   * The way shared out, stop after stop, to as many pairs as it takes; empty: one stop alone is too
   * much for a pair.
   *
   * @param bears amps of a pair
   */
  static List<List<Stop>> shared(List<Stop> stops, PowerRules rules, double bears) {
    List<List<Stop>> pairs = new ArrayList<>();
    double amps = 0;
    for (Stop stop : stops) {
      double more = most(stop.piece(), rules);
      if (Fuses.over(more, bears)) {
        return List.of();
      }
      if (pairs.isEmpty() || Fuses.over(amps + more, bears)) {
        pairs.add(new ArrayList<>());
        amps = 0;
      }
      pairs.getLast().add(stop);
      amps += more;
    }
    return pairs;
  }

  /** The most that a piece draws while it keeps its least volts, amps. */
  static double most(Piece piece, PowerRules rules) {
    double dearer =
        piece.type().load() == LoadKind.CONSTANT_POWER ? rules.volts() / rules.minVolts() : 1;
    return piece.pixels() * piece.type().amps(rules.fusedBrightness()) * dearer;
  }

  /** What the strongest pair bears for hours, amps; no more than one supply gives. */
  static double bears(PowerRules rules) {
    return Math.min(
        Fuses.largest(rules.strongest().fuseAmpsMax()).orElse(0) / rules.margin(),
        rules.supplyAmps());
  }

  /** A piece in equal parts, V+ cut between them at cut marks, that one pair bears each. */
  static List<Piece> zones(Piece piece, PowerRules rules) {
    int cut = piece.type().cutEvery();
    int units = (piece.pixels() + cut - 1) / cut;
    double bears = bears(rules);
    double each = most(piece, rules) / units;
    int count = 1;
    int largest = units;
    while (count < units && Fuses.over(each * largest, bears)) {
      count++;
      largest = (units + count - 1) / count;
    }
    List<Piece> zones = new ArrayList<>();
    for (int z = 0; z < count; z++) {
      int from = piece.first() + (int) ((long) units * z / count) * cut;
      int to = piece.first() - 1 + (int) ((long) units * (z + 1) / count) * cut;
      zones.add(new Piece(piece.run(), piece.type(), from, Math.min(piece.last(), to)));
    }
    return zones;
  }
}
