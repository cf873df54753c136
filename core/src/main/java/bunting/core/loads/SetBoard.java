package bunting.core.loads;

import bunting.core.show.DimmerType;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import java.util.Collections;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;

/** A PWM board that is being filled. */
final class SetBoard {
  private final Optional<String> id;
  private final DimmerType type;
  private final Point at;
  private final double volts;
  private final NavigableMap<Integer, PlainSet> sets = new TreeMap<>();
  private double amps;

  /**
   * An empty board.
   *
   * @param id its id in the plan before; empty: it is new
   */
  SetBoard(Optional<String> id, DimmerType type, Point at, double volts) {
    this.id = id;
    this.type = type;
    this.at = at;
    this.volts = volts;
  }

  Optional<String> id() {
    return id;
  }

  DimmerType type() {
    return type;
  }

  Point at() {
    return at;
  }

  double volts() {
    return volts;
  }

  /** Returns the amps of all its sets. */
  double amps() {
    return amps;
  }

  /** Returns its sets by their first output, from 1. */
  NavigableMap<Integer, PlainSet> sets() {
    return Collections.unmodifiableNavigableMap(sets);
  }

  /** Returns the first of so many free outputs in a row; empty: there are not so many. */
  OptionalInt free(int channels) {
    int next = 1;
    for (Map.Entry<Integer, PlainSet> e : sets.entrySet()) {
      if (next + channels <= e.getKey()) {
        break;
      }
      next = e.getKey() + e.getValue().channels();
    }
    return next + channels - 1 <= type.outputs() ? OptionalInt.of(next) : OptionalInt.empty();
  }

  void put(int first, PlainSet set, double setAmps) {
    sets.put(first, set);
    amps += setAmps;
  }
}
