package bunting.core.dc;

import bunting.core.show.PairOhms;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;

/** A line as it lies in a mesh, two nodes a pixel. Keeps the two conductors of each feed. */
final class Laid {
  /**
   * Two nodes of a mesh, of which pixels and feeds have one for either pole.
   *
   * @param plus of V+
   * @param ground of the return
   */
  record Pair(int plus, int ground) {}

  private final int first;
  private final int pixels;
  private final List<Pair> feeds;

  private Laid(int first, int pixels, List<Pair> feeds) {
    this.first = first;
    this.pixels = pixels;
    this.feeds = List.copyOf(feeds);
  }

  /** Two new nodes. */
  static Pair pair(Mesh mesh) {
    return new Pair(mesh.node(), mesh.node());
  }

  /** Two nodes that a source holds. */
  static Pair source(Mesh mesh, Poles at) {
    return new Pair(
        mesh.source(at.plus()), at.ground() == 0 ? Mesh.GROUND : mesh.source(at.ground()));
  }

  /** Two conductors between two pairs of nodes. */
  static Pair conductors(Mesh mesh, Pair a, Pair b, PairOhms ohms) {
    return new Pair(
        mesh.conductor(a.plus(), b.plus(), ohms.plus()),
        mesh.conductor(a.ground(), b.ground(), ohms.ground()));
  }

  /** Lays a line whose feeds have sources of their own. */
  static Laid in(Mesh mesh, Line line) {
    return in(mesh, line, f -> Optional.empty());
  }

  /**
   * Lays a line.
   *
   * @param on the nodes of the mesh that a feed hangs on; empty: its own source
   */
  static Laid in(Mesh mesh, Line line, IntFunction<Optional<Pair>> on) {
    List<Pair> nodes = new ArrayList<>();
    for (int i = 0; i < line.size(); i++) {
      nodes.add(pair(mesh));
      mesh.pixel(nodes.get(i).plus(), nodes.get(i).ground(), line, i);
      if (i > 0) {
        conductors(mesh, nodes.get(i - 1), nodes.get(i), PairOhms.even(line.loopOhms[i - 1]));
      }
    }
    List<Pair> feeds = new ArrayList<>();
    for (int f = 0; f < line.feeds().size(); f++) {
      Line.Feed feed = line.feeds().get(f);
      Pair from = on.apply(f).orElseGet(() -> source(mesh, feed.source()));
      feeds.add(conductors(mesh, from, nodes.get(feed.at()), feed.ohms()));
    }
    return new Laid(nodes.getFirst().plus(), line.size(), feeds);
  }

  /** What a solution of the mesh says of it. */
  LineSolution read(MeshSolution solution) {
    return switch (solution) {
      case MeshSolution.Falls f ->
          new LineSolution.Falls(
              Math.clamp((f.node() - (long) first) / 2, 0, pixels - 1), f.atOrBelowZero());
      case MeshSolution.Stands s -> {
        double[] volts = new double[pixels];
        for (int i = 0; i < pixels; i++) {
          volts[i] = s.volts().at(first + 2 * i) - s.volts().at(first + 2 * i + 1);
        }
        double[] amps = new double[feeds.size()];
        double[] back = new double[feeds.size()];
        double total = 0;
        for (int f = 0; f < amps.length; f++) {
          amps[f] = s.amps().at(feeds.get(f).plus());
          back[f] = -s.amps().at(feeds.get(f).ground());
          total += amps[f];
        }
        yield new LineSolution.Stands(
            VoltProfile.of(volts), VoltProfile.of(amps), VoltProfile.of(back), total);
      }
    };
  }
}
