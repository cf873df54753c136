package bunting.core.dc;

import java.util.function.IntUnaryOperator;

/**
 * A line as it lies in a mesh, in loop form: one node a pixel. Keeps the conductor of each feed.
 */
final class Laid {
  /** In place of a node: the feed has a source of its own. */
  static final int OWN = -1;

  private final int first;
  private final int pixels;
  private final int[] heads;

  private Laid(int first, int pixels, int[] heads) {
    this.first = first;
    this.pixels = pixels;
    this.heads = heads;
  }

  /** Lays a line whose feeds have sources of their own. */
  static Laid in(Mesh mesh, Line line) {
    return in(mesh, line, f -> OWN);
  }

  /**
   * Lays a line.
   *
   * @param on the node of the mesh that a feed hangs on; {@link #OWN}: its own source
   */
  static Laid in(Mesh mesh, Line line, IntUnaryOperator on) {
    int n = line.size();
    int first = mesh.node();
    mesh.pixel(first, Mesh.GROUND, line, 0);
    for (int i = 1; i < n; i++) {
      mesh.pixel(mesh.node(), Mesh.GROUND, line, i);
      mesh.conductor(first + i - 1, first + i, line.loopOhms[i - 1]);
    }
    int[] heads = new int[line.feedAt.length];
    for (int f = 0; f < heads.length; f++) {
      int node = on.applyAsInt(f);
      int source = node == OWN ? mesh.source(line.feedVolts[f]) : node;
      heads[f] = mesh.conductor(source, first + line.feedAt[f], line.feedOhms[f]);
    }
    return new Laid(first, n, heads);
  }

  /** What a solution of the mesh says of it. */
  LineSolution read(MeshSolution solution) {
    return switch (solution) {
      case MeshSolution.Falls f ->
          new LineSolution.Falls(
              Math.clamp(f.node() - (long) first, 0, pixels - 1), f.atOrBelowZero());
      case MeshSolution.Stands s -> {
        double[] amps = new double[heads.length];
        double total = 0;
        for (int f = 0; f < heads.length; f++) {
          amps[f] = s.amps().at(heads[f]);
          total += amps[f];
        }
        yield new LineSolution.Stands(s.volts().part(first, pixels), VoltProfile.of(amps), total);
      }
    };
  }
}
