package bunting.core.dc;

import java.util.Arrays;

/**
 * A line as it lies in a mesh, in loop form: one node a pixel and one a branch of a trunk. Keeps
 * the conductor of each feed, trunks behind.
 */
final class Laid {
  private final int first;
  private final int pixels;
  private final int[] heads;

  /** Of closed trunks the way back, by place among the heads; -1: none. */
  private final int[] backs;

  private Laid(int first, int pixels, int[] heads, int[] backs) {
    this.first = first;
    this.pixels = pixels;
    this.heads = heads;
    this.backs = backs;
  }

  /**
   * Lays a line.
   *
   * @param common its feed that hangs on a node of the mesh, not on a source of its own; -1: none
   * @param on that node
   */
  static Laid in(Mesh mesh, Line line, int common, int on) {
    int n = line.size();
    int first = mesh.node();
    mesh.pixel(first, Mesh.GROUND, line, 0);
    for (int i = 1; i < n; i++) {
      mesh.pixel(mesh.node(), Mesh.GROUND, line, i);
      mesh.conductor(first + i - 1, first + i, line.loopOhms[i - 1]);
    }
    int[] heads = new int[line.feedAt.length + line.trunks.size()];
    int[] backs = new int[heads.length];
    Arrays.fill(backs, -1);
    for (int f = 0; f < line.feedAt.length; f++) {
      int source = f == common ? on : mesh.source(line.feedVolts[f]);
      heads[f] = mesh.conductor(source, first + line.feedAt[f], line.feedOhms[f]);
    }
    for (int t = 0; t < line.trunks.size(); t++) {
      Trunk trunk = line.trunks.get(t);
      int branch = mesh.node();
      int source = mesh.source(trunk.volts);
      heads[line.feedAt.length + t] = mesh.conductor(source, branch, trunk.headOhms);
      for (int k = 0; k < trunk.at.length; k++) {
        mesh.conductor(branch, first + trunk.at[k], trunk.tapOhms[k]);
        if (k + 1 < trunk.at.length) {
          int next = mesh.node();
          mesh.conductor(branch, next, trunk.spanOhms[k]);
          branch = next;
        }
      }
      if (trunk.backOhms.isPresent()) {
        backs[line.feedAt.length + t] =
            mesh.conductor(source, branch, trunk.backOhms.getAsDouble());
      }
    }
    return new Laid(first, n, heads, backs);
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
          amps[f] = s.amps().at(heads[f]) + (backs[f] < 0 ? 0 : s.amps().at(backs[f]));
          total += amps[f];
        }
        yield new LineSolution.Stands(s.volts().part(first, pixels), VoltProfile.of(amps), total);
      }
    };
  }
}
