package bunting.core.ports;

import bunting.core.show.ControllerType;
import bunting.core.show.Goal;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How an allotment does by the show's goals, in their order; less is better. Last comes the number
 * of pieces: what is not divided is not joined.
 *
 * @param missing pixels of the show that are on no port or without power; counted from what is
 *     placed, so that a deal that loses a piece is never the better one
 * @param goals figures in the order of the show's goals
 */
record Score(long missing, List<Double> goals, int pieces) implements Comparable<Score> {
  private static final double SAME = 1e-6;

  static Score of(Show show, Prices prices, Allotment allotment) {
    List<BoxLoad> boxes = allotment.boxes().stream().filter(b -> !b.isEmpty()).toList();
    prices.ready(boxes);
    List<Double> values = new ArrayList<>();
    for (Goal goal : show.allotting().planning().goals()) {
      values.add(
          switch (goal) {
            case GROUPS -> groupsSplit(boxes);
            case COST -> prices.cost(boxes);
            case BOXES -> (double) boxes.size();
            case CABLE -> prices.cable(boxes);
            case FUSES -> uneven(show, boxes);
            case FEEDS -> prices.feeds(boxes);
            case COPPER -> prices.copper(boxes);
          });
    }
    int pieces =
        boxes.stream().flatMap(b -> b.ports().stream()).mapToInt(p -> p.pieces().size()).sum();
    long missing = show.runs().stream().mapToLong(Run::pixels).sum();
    for (BoxLoad box : boxes) {
      missing -= box.pixelsOnIt();
    }
    return new Score(missing + prices.unpowered(boxes), values, pieces);
  }

  /** Whether one allotment is better than another. */
  static boolean better(Show show, Prices prices, Allotment one, Allotment other) {
    return of(show, prices, one).compareTo(of(show, prices, other)) < 0;
  }

  @Override
  public int compareTo(Score other) {
    if (missing != other.missing) {
      return Long.compare(missing, other.missing);
    }
    for (int i = 0; i < goals.size(); i++) {
      if (Math.abs(goals.get(i) - other.goals.get(i)) > SAME) {
        return Double.compare(goals.get(i), other.goals.get(i));
      }
    }
    return Integer.compare(pieces, other.pieces);
  }

  /** Over all groups of one voltage, the boxes beyond the first that they are spread over. */
  private static double groupsSplit(List<BoxLoad> boxes) {
    Map<String, Set<String>> where = new HashMap<>();
    for (BoxLoad box : boxes) {
      for (PortLoad port : box.ports()) {
        for (Piece p : port.pieces()) {
          p.run()
              .group()
              .ifPresent(
                  g ->
                      where
                          .computeIfAbsent(p.type().volts() + "\0" + g, k -> new HashSet<>())
                          .add(box.controller().id()));
        }
      }
    }
    return where.values().stream().mapToInt(s -> s.size() - 1).sum();
  }

  /** Over all boxes with shared fuses, the amps of the fullest group above the mean of all. */
  static double uneven(Show show, List<BoxLoad> boxes) {
    double sum = 0;
    for (BoxLoad box : boxes) {
      ControllerType type = box.type();
      if (type.fuseGroups().size() > 1) {
        double most = 0;
        double all = 0;
        for (List<Integer> group : type.fuseGroups()) {
          double amps = 0;
          for (int port : group) {
            for (Piece p : box.ports().get(port - 1).pieces()) {
              amps += p.pixels() * p.type().amps(show.settings().brightnessPercent());
            }
          }
          most = Math.max(most, amps);
          all += amps;
        }
        sum += most - all / type.fuseGroups().size();
      }
    }
    return sum;
  }
}
