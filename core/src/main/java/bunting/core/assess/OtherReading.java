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
  public OtherReading {
    boards = List.copyOf(boards);
    sets = List.copyOf(sets);
    chains = List.copyOf(chains);
  }

  /** A dimmer board, its outputs in use and the amps through it. */
  public record Board(OtherDecisions.Dimmer dimmer, DimmerType type, int outputs, double amps) {}

  /**
   * A plain set on its outputs.
   *
   * @param slots its slots; empty where the universes did not suffice
   */
  public record Set(
      OtherDecisions.Output output,
      PlainSet set,
      double leadM,
      double amps,
      double outputAmps,
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
