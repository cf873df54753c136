package bunting.core.hookup;

import bunting.core.assess.OtherReading;
import bunting.core.show.BulbString;
import bunting.core.show.Circuit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What may be switched on together. Cold supplies charge their capacitors, cold filaments conduct
 * like a wire: for some milliseconds each takes many times its amps, and the breaker adds them up.
 *
 * <p><b>Method.</b> The greatest spike first, each into the group at hand while the spikes of the
 * group, what runs already and what else is on the circuit stay under the least that may open the
 * breaker at once ({@link Circuit#tripAmps}); then the next group. Spikes are peaks and breakers
 * are rated in effective amps, so groups have some 40 % in hand. One that is over it alone is a
 * group of its own.
 */
public final class Starting {
  /** Between one group and the next: spikes are over, relays have settled (common practice). */
  public static final double GAP_SECONDS = 2;

  /** A cold filament takes so many times its amps (from memory: 10 to 15). */
  public static final double FILAMENT_TIMES = 10;

  /** From so many watts on a bulb of a string has a filament; diodes take less (our assumption). */
  public static final double FILAMENT_WATTS = 2;

  /** Peak of effective amps. */
  private static final double PEAK = Math.sqrt(2);

  private Starting() {}

  /**
   * Something that starts.
   *
   * @param inrushAmps its spike, cold, at the circuit's volts
   * @param amps that it runs with
   * @param assumed whether its sheet was not read: what is usual is taken
   */
  public record Starter(String id, double inrushAmps, double amps, boolean assumed) {}

  /**
   * What may start together.
   *
   * @param inrushAmps their spikes together
   * @param amps that they run with
   * @param before amps that flow when they start: all groups before, and what else is on it
   * @param atSeconds after the first group
   * @param assumed whether what is usual was taken for some of it
   */
  public record Group(
      List<String> ids,
      double inrushAmps,
      double amps,
      double before,
      double atSeconds,
      boolean assumed) {
    public Group {
      ids = List.copyOf(ids);
    }

    /** Whether the breaker may open on it: its peak is over that of the effective amps. */
    public boolean over(Circuit circuit) {
      return before + inrushAmps > circuit.tripAmps() * PEAK;
    }
  }

  static Starter ofBulbs(OtherReading.Chain chain, double mainsVolts, double circuitVolts) {
    double spike = 0;
    double all = 0;
    for (BulbString s : chain.strings()) {
      double amps = s.amps(mainsVolts) * mainsVolts / circuitVolts;
      all += amps;
      spike += s.wattsPerBulb() >= FILAMENT_WATTS ? amps * FILAMENT_TIMES : amps;
    }
    return new Starter(chain.chain().id(), spike, all, true);
  }

  /** In order; empty: nothing starts. */
  public static List<Group> groups(Circuit circuit, List<Starter> starters) {
    List<Starter> left = new ArrayList<>(starters);
    left.sort(Comparator.comparingDouble(Starter::inrushAmps).reversed());
    List<Group> groups = new ArrayList<>();
    double before = circuit.existingAmps();
    while (!left.isEmpty()) {
      List<Starter> group = new ArrayList<>();
      double spike = 0;
      for (Starter s : List.copyOf(left)) {
        if (group.isEmpty() || before + spike + s.inrushAmps() <= circuit.tripAmps()) {
          group.add(s);
          left.remove(s);
          spike += s.inrushAmps();
        }
      }
      double amps = group.stream().mapToDouble(Starter::amps).sum();
      groups.add(
          new Group(
              group.stream().map(Starter::id).toList(),
              spike,
              amps,
              before,
              groups.size() * GAP_SECONDS,
              group.stream().anyMatch(Starter::assumed)));
      before += amps;
    }
    return groups;
  }
}
