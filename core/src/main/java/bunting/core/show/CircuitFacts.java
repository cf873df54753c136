package bunting.core.show;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What is known of a circuit besides its breaker's rating.
 *
 * @param phase 1 to 3; of a split phase 1 or 2 for a leg; empty: not said, or both legs
 * @param rcdMilliamps what its RCD or GFCI opens at; empty: none is there, or nobody looked
 * @param rcdWith other circuits that the same RCD opens, in words; empty: its own
 * @param at its outlet on the elevation, metres
 * @param breaker how its breaker answers a spike
 * @param wallSwitch whether somebody may turn it off
 * @param socket what is to be plugged in, in words, such as {@code blue 16 A, three pins}
 * @param also what else runs there
 */
public record CircuitFacts(
    OptionalInt phase,
    OptionalDouble rcdMilliamps,
    String rcdWith,
    Optional<Point> at,
    BreakerKind breaker,
    WallSwitch wallSwitch,
    String socket,
    List<Appliance> also) {
  /** Nothing is known yet. */
  public static final CircuitFacts NONE =
      new CircuitFacts(
          OptionalInt.empty(),
          OptionalDouble.empty(),
          "",
          Optional.empty(),
          BreakerKind.UNKNOWN,
          WallSwitch.NONE,
          "",
          List.of());

  public CircuitFacts {
    also = List.copyOf(also);
  }

  /** Something else that runs on a circuit, and the amps that it takes at the circuit's volts. */
  public record Appliance(String what, double amps) {
    /** A file knows one zero. */
    public Appliance {
      amps += 0.0;
    }
  }

  /** The same with another RCD, or none. */
  public CircuitFacts withRcd(OptionalDouble other) {
    return new CircuitFacts(phase, other, rcdWith, at, breaker, wallSwitch, socket, also);
  }

  /** The same, sharing its RCD otherwise. */
  public CircuitFacts withRcdWith(String other) {
    return new CircuitFacts(phase, rcdMilliamps, other, at, breaker, wallSwitch, socket, also);
  }

  /** The same with its outlet elsewhere, or not placed. */
  public CircuitFacts withAt(Optional<Point> other) {
    return new CircuitFacts(phase, rcdMilliamps, rcdWith, other, breaker, wallSwitch, socket, also);
  }

  /** The same with another breaker. */
  public CircuitFacts withBreaker(BreakerKind other) {
    return new CircuitFacts(phase, rcdMilliamps, rcdWith, at, other, wallSwitch, socket, also);
  }

  /** The same with another wall switch. */
  public CircuitFacts withWallSwitch(WallSwitch other) {
    return new CircuitFacts(phase, rcdMilliamps, rcdWith, at, breaker, other, socket, also);
  }

  /** The same with another socket. */
  public CircuitFacts withSocket(String other) {
    return new CircuitFacts(phase, rcdMilliamps, rcdWith, at, breaker, wallSwitch, other, also);
  }

  /** The same at another place. */
  public CircuitFacts at(Point place) {
    return new CircuitFacts(
        phase, rcdMilliamps, rcdWith, Optional.of(place), breaker, wallSwitch, socket, also);
  }

  /** The same on another phase. */
  public CircuitFacts onPhase(OptionalInt other) {
    return new CircuitFacts(other, rcdMilliamps, rcdWith, at, breaker, wallSwitch, socket, also);
  }

  /** The same with other things on it. */
  public CircuitFacts withAlso(List<Appliance> others) {
    return new CircuitFacts(phase, rcdMilliamps, rcdWith, at, breaker, wallSwitch, socket, others);
  }
}
