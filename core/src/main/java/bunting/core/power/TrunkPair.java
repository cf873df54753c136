package bunting.core.power;

import bunting.core.copper.TailRule;
import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.Poles;
import bunting.core.dc.TrunkSolver;
import bunting.core.island.Compiler;
import bunting.core.island.TrunkLaid;
import bunting.core.show.Point;
import bunting.core.show.Trunk;
import bunting.core.show.Wire;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** One heavy pair past some pieces, with its tails; solved when it is first asked. */
public final class TrunkPair {
  private final PowerRules rules;
  private final List<TrunkTour.Stop> stops;
  private final List<Tailed> tailed;
  private final Wire wire;
  private final TrunkLaid laid;
  private final List<Branch> branches = new ArrayList<>();
  private @Nullable Found found;

  /**
   * A branch of it.
   *
   * @param stop by its place on the way
   * @param post of that stop
   */
  record Branch(int stop, int post) {}

  /** A piece's pixels with a tail at each post. */
  record Tailed(Stretch stretch, List<Post> posts) {
    Tailed {
      posts = List.copyOf(posts);
    }

    /** As an island of its own, as if its tails were feeds. */
    FeedTrial trial(PowerRules rules) {
      return new FeedTrial(stretch, rules, Optional.empty(), posts, rules.thickest());
    }
  }

  private record Found(boolean stands, double leastVolts, double mostAmps) {}

  TrunkPair(
      PowerRules rules,
      Point box,
      List<TrunkTour.Stop> stops,
      List<Tailed> tailed,
      Wire wire,
      boolean ring) {
    this.rules = rules;
    this.stops = List.copyOf(stops);
    this.tailed = List.copyOf(tailed);
    this.wire = wire;
    List<Double> spans = new ArrayList<>();
    Point here = box;
    int before = -1;
    for (int s = 0; s < stops.size(); s++) {
      Tailed one = tailed.get(s);
      int tails = one.posts().size();
      for (int k = 0; k < tails; k++) {
        int post = stops.get(s).back() ? tails - 1 - k : k;
        int at = one.posts().get(post).at();
        Point there = one.stretch().point(at);
        spans.add(
            k == 0
                ? here.cableTo(there)
                : one.stretch().alongM(Math.min(before, at), Math.max(before, at)));
        branches.add(new Branch(s, post));
        before = at;
        here = there;
      }
    }
    double headM = spans.removeFirst() + Geometry.BOX_SLACK_M;
    OptionalDouble backM =
        ring ? OptionalDouble.of(box.cableTo(here) + Geometry.BOX_SLACK_M) : OptionalDouble.empty();
    this.laid = new TrunkLaid(new Trunk("", wire.id(), ring, List.of()), headM, spans, backM);
  }

  /** Metres of the heavy pair. */
  public double metres() {
    return laid.metres();
  }

  int tails() {
    return branches.size();
  }

  Wire wire() {
    return wire;
  }

  boolean ring() {
    return laid.backM().isPresent();
  }

  List<TrunkTour.Stop> stops() {
    return stops;
  }

  /** The pieces with their tails, in the order of the way. */
  List<Tailed> tailed() {
    return tailed;
  }

  /** Its branches in the order of the way. */
  List<Branch> branches() {
    return branches;
  }

  /** The largest fuse that the pair bears, and that may protect its tails. */
  double fuseMost() {
    return tailed.stream()
        .flatMap(t -> t.posts().stream())
        .map(p -> TailRule.fuseMost(p.wire()))
        .reduce(wire.fuseAmpsMax(), Math::min);
  }

  boolean stands() {
    return found().stands();
  }

  /** The lowest volts of any pixel at the brightness that is designed for. */
  double leastVolts() {
    return found().leastVolts();
  }

  /** What it draws at the most that can be sent, amps. */
  double mostAmps() {
    return found().mostAmps();
  }

  private Found found() {
    Found known = found;
    if (known == null) {
      known = solve();
      found = known;
    }
    return known;
  }

  private Found solve() {
    TrunkSolver.Solution designed = at(rules.brightness());
    TrunkSolver.Solution most =
        rules.fusedBrightness() == rules.brightness() ? designed : at(rules.fusedBrightness());
    if (!designed.stands() || !most.stands()) {
      return new Found(false, 0, 0);
    }
    double least = Double.MAX_VALUE;
    for (LineSolution line : designed.lines()) {
      least = Math.min(least, ((LineSolution.Stands) line).volts().lowest());
    }
    return new Found(true, least, most.headAmps() + most.backAmps());
  }

  private TrunkSolver.Solution at(double percent) {
    List<Line> lines = new ArrayList<>();
    Poles supply = Poles.supply(rules.supplyVolts());
    for (Tailed one : tailed) {
      List<Compiler.Cable> cables =
          one.posts().stream()
              .map(p -> new Compiler.Cable(p.at(), p.wire(), p.metres(), false, true))
              .toList();
      Line bare = one.stretch().bare(percent, wire);
      lines.add(Compiler.fed(bare, cables, rules.copper(), supply, supply));
    }
    return TrunkSolver.solve(
        laid.ohms(wire, rules.copper(), rules.supplyVolts()),
        lines,
        branches.stream().map(b -> Optional.of(new TrunkSolver.Tail(b.stop(), b.post()))).toList());
  }
}
