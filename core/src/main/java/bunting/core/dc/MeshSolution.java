package bunting.core.dc;

/** What {@link MeshSolver} found. */
public sealed interface MeshSolution {
  /**
   * It stands.
   *
   * @param volts of each node above ground
   * @param amps through each conductor, from its first node to its second
   */
  record Stands(VoltProfile volts, VoltProfile amps) implements MeshSolution {}

  /**
   * It cannot stand.
   *
   * @param node where it gives way
   * @param atOrBelowZero true: a pixel there would have 0 V or less
   */
  record Falls(int node, boolean atOrBelowZero) implements MeshSolution {}
}
