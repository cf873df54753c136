package bunting.core.show;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How good an allotment of ports is.
 *
 * @param goals in the order in which they were striven for
 * @param searched whether a search was made, or only the first fit
 * @param parts of the show that the exact search was asked for
 * @param answered for how many of them it found a deal; the others keep what was found before
 * @param stopped whether the search was stopped before it was through
 * @param noSearch why a search that was wanted could not be made
 */
public record PortReport(
    List<Reached> goals,
    boolean searched,
    int parts,
    int answered,
    boolean stopped,
    Optional<String> noSearch) {
  /** Nothing is known. */
  public static final PortReport NONE =
      new PortReport(List.of(), false, 0, 0, false, Optional.empty());

  public PortReport {
    goals = List.copyOf(goals);
  }

  /**
   * A goal and how far it was reached.
   *
   * @param value what the allotment has; less is better
   * @param bound what no allotment that is as good in the goals before it undercuts, where known
   */
  public record Reached(Goal goal, double value, OptionalDouble bound) {
    private static final double TOLERANCE = 0.02;

    /** Whether nothing better exists. */
    public boolean proven() {
      return bound.isPresent() && value <= bound.getAsDouble() + TOLERANCE;
    }
  }

  /** The same with the figure of a goal as the finished plan has it. */
  public PortReport with(Goal goal, double value) {
    return new PortReport(
        goals.stream()
            .map(g -> g.goal() == goal ? new Reached(goal, value, g.bound()) : g)
            .toList(),
        searched,
        parts,
        answered,
        stopped,
        noSearch);
  }

  /** What was reached of a goal. */
  public Optional<Reached> of(Goal goal) {
    return goals.stream().filter(g -> g.goal() == goal).findFirst();
  }
}
