package bunting.core.assess;

import bunting.core.addressing.SlotRow;
import bunting.core.show.BulbString;
import bunting.core.show.DimmerType;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PlainSet;
import java.util.List;
import java.util.Optional;

/** What follows from the decisions about lights that are not pixels. */
public record OtherReading(List<Board> boards, List<Set> sets, List<Chain> chains) {
  /** Nothing. */
  static final OtherReading NONE = new OtherReading(List.of(), List.of(), List.of());

  public OtherReading {
    boards = List.copyOf(boards);
    sets = List.copyOf(sets);
    chains = List.copyOf(chains);
  }

  /**
   * A dimmer board.
   *
   * @param outputs in use
   * @param amps through it
   * @param terminalVolts what it has behind its input
   */
  public record Board(
      OtherDecisions.Dimmer dimmer,
      DimmerType type,
      int outputs,
      double amps,
      double terminalVolts) {}

  /**
   * A plain set on its outputs.
   *
   * @param volts that are left for it behind its lead
   * @param slots its slots; empty where the universes did not suffice
   */
  public record Set(
      OtherDecisions.Output output,
      PlainSet set,
      double leadM,
      double amps,
      double outputAmps,
      double volts,
      Optional<SlotRow> slots) {}

  /** Bulb strings on one plug: amps through the first cord, and what that cord bears. */
  public record Chain(
      OtherDecisions.Chain chain, List<BulbString> strings, double watts, double amps) {
    /** Length of the lit line, metres. */
    public double lengthM() {
      return strings.stream().mapToDouble(BulbString::lengthM).sum();
    }
  }
}
