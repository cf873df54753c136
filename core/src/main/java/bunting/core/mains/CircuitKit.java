package bunting.core.mains;

import bunting.core.show.BreakerKind;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.WallSwitch;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** Circuits as houses and halls have them, to begin with. Ratings are usual, the panel's hold. */
public enum CircuitKit {
  /** One, of the show's volts. */
  HOUSE("a circuit of 16 A, breaker B (house, IEC countries)") {
    @Override
    List<Circuit> circuits(Optional<Double> volts) {
      return List.of(circuit("", volts.orElse(230.0), 16, 0, BreakerKind.B, ""));
    }
  },
  /** One of North America. */
  HOUSE_NA("a circuit of 120 V, 20 A (house, North America)") {
    @Override
    List<Circuit> circuits(Optional<Double> volts) {
      return List.of(circuit("", 120, 20, 0, BreakerKind.THERMAL_MAGNETIC, ""));
    }
  },
  /** Both legs of a split phase. */
  SPLIT("two legs of 120 V, 20 A (split phase)") {
    @Override
    List<Circuit> circuits(Optional<Double> volts) {
      return List.of(
          circuit(" leg 1", 120, 20, 1, BreakerKind.THERMAL_MAGNETIC, ""),
          circuit(" leg 2", 120, 20, 2, BreakerKind.THERMAL_MAGNETIC, ""));
    }
  },
  /** What a hall gives. */
  HALL("three phases of 16 A, breaker C (hall)") {
    @Override
    List<Circuit> circuits(Optional<Double> volts) {
      String socket = "red 16 A, five pins";
      double v = volts.filter(x -> x > 200).orElse(230.0);
      return List.of(
          circuit(" L1", v, 16, 1, BreakerKind.C, socket),
          circuit(" L2", v, 16, 2, BreakerKind.C, socket),
          circuit(" L3", v, 16, 3, BreakerKind.C, socket));
    }
  };

  private final String words;

  CircuitKit(String words) {
    this.words = words;
  }

  abstract List<Circuit> circuits(Optional<Double> volts);

  /** What it is. */
  public String words() {
    return words;
  }

  /**
   * Its circuits under a name.
   *
   * @param mainsVolts of the show
   */
  public List<Circuit> named(String name, double mainsVolts) {
    return circuits(Optional.of(mainsVolts)).stream()
        .map(c -> new Circuit(name + c.id(), c.volts(), c.breakerAmps(), c.restAmps(), c.facts()))
        .toList();
  }

  private static Circuit circuit(
      String tail, double volts, double breaker, int phase, BreakerKind kind, String socket) {
    return new Circuit(tail, volts, breaker, 0)
        .with(
            new CircuitFacts(
                phase == 0 ? OptionalInt.empty() : OptionalInt.of(phase),
                OptionalDouble.of(volts < 200 ? 5 : 30),
                "",
                Optional.empty(),
                kind,
                WallSwitch.NONE,
                socket,
                List.of()));
  }
}
