package bunting.core.meter;

import java.util.List;

/**
 * What a meter should read.
 *
 * @param volts in the order of the plan
 * @param amps of feeds, ports, supplies, circuits
 */
public record MeterSheet(MeterSetting setting, List<Volts> volts, List<Amps> amps) {
  public MeterSheet {
    volts = List.copyOf(volts);
    amps = List.copyOf(amps);
  }

  /**
   * A place to measure at.
   *
   * @param pixel in the run's numbering
   * @param why it is worth it
   */
  public record Volts(
      String run, String segment, int pixel, double volts, double nominalVolts, String why) {}

  /** A cable to measure in. */
  public record Amps(Kind kind, String id, double amps) {}

  /** What carries amps. */
  public enum Kind {
    /** A feed. */
    FEED("feed"),
    /** All over a board's port. */
    PORT("port"),
    /** All of a supply. */
    SUPPLY("supply"),
    /** A mains circuit, without what else is on it. */
    CIRCUIT("circuit");

    private final String id;

    Kind(String id) {
      this.id = id;
    }

    /** As files have it. */
    public String id() {
      return id;
    }
  }
}
