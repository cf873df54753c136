package bunting.core.power;

import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Posts on a stretch, solved and judged. The first goes through the port where {@code port} is
 * there. Volts are judged at the brightness that is designed for; amps at the one that fuses are
 * chosen for.
 */
final class FeedTrial {
  final Stretch stretch;
  final Optional<PortLimit> port;
  final List<Post> posts;
  final Wire joints;
  final double[] fuses;
  private final PowerRules rules;
  private Optional<LineSolution.Stands> fused = Optional.empty();
  private double lowest;
  private final Optional<Shortfall> shortfall;

  FeedTrial(
      Stretch stretch, PowerRules rules, Optional<PortLimit> port, List<Post> posts, Wire joints) {
    this.stretch = stretch;
    this.rules = rules;
    this.port = port;
    this.posts = List.copyOf(posts);
    this.joints = joints;
    this.fuses = new double[posts.size()];
    this.shortfall = judge();
  }

  boolean holds() {
    return shortfall.isEmpty();
  }

  Optional<Shortfall> shortfall() {
    return shortfall;
  }

  int count() {
    return posts.size();
  }

  /** Lowest volts; 0 where it cannot stand. */
  double lowest() {
    return lowest;
  }

  double totalAmps() {
    return fused.map(LineSolution.Stands::totalAmps).orElse(0.0);
  }

  double portAmps() {
    return port.isPresent() ? fused.map(s -> s.feedAmps().at(0)).orElse(0.0) : 0;
  }

  /** Copper of its cables, mm2 m. */
  double copper() {
    double sum = stretch.jointMetres() * joints.copperMm2();
    for (Post p : posts) {
      sum += p.cableM(stretch) * p.wire().copperMm2();
    }
    return 2 * sum;
  }

  private Optional<Shortfall> judge() {
    Optional<Shortfall> first = judge(solve(rules.brightness()), true);
    boolean same = rules.fusedBrightness() == rules.brightness();
    Optional<Shortfall> second = same ? first : judge(solve(rules.fusedBrightness()), false);
    return first.or(() -> second);
  }

  private LineSolution solve(double brightness) {
    return LineSolver.solve(stretch.line(rules, brightness, posts, port.isPresent(), joints));
  }

  private Optional<Shortfall> judge(LineSolution solved, boolean judgeVolts) {
    return switch (solved) {
      case LineSolution.Falls f ->
          Optional.of(
              volts(
                  "even with "
                      + count()
                      + " feeds, the wires cannot carry what pixel "
                      + stretch.place(f.atIndex()).pixel()
                      + " asks for: it would have less than 0.1",
                  0));
      case LineSolution.Stands s -> {
        fused = Optional.of(s);
        lowest = judgeVolts ? s.volts().lowest() : lowest;
        yield judge(s, judgeVolts);
      }
    };
  }

  private Optional<Shortfall> judge(LineSolution.Stands s, boolean judgeVolts) {
    Optional<Shortfall> worst = Optional.empty();
    for (int f = 0; f < count(); f++) {
      Optional<Shortfall> fuse = fuse(f, amps(s, f));
      worst = worst.or(() -> fuse);
    }
    if (s.totalAmps() > rules.supplyAmps()) {
      return Optional.of(
          new Shortfall(
              "needs "
                  + Texts.fixed(s.totalAmps(), 2)
                  + " A from one "
                  + Texts.number(rules.volts())
                  + " V supply, and the largest gives "
                  + Texts.fixed(rules.supplyAmps(), 2)
                  + " A: "
                  + Texts.fixed(s.totalAmps() - rules.supplyAmps(), 2)
                  + " A too few",
              s.totalAmps(),
              rules.supplyAmps(),
              "A"));
    }
    int low = s.volts().lowestIndex();
    if (judgeVolts && !rules.enough(s.volts().at(low))) {
      return Optional.of(
          volts(
              "with "
                  + count()
                  + (count() == 1 ? " feed" : " feeds")
                  + ", pixel "
                  + stretch.place(low).pixel()
                  + " would have "
                  + Texts.fixed(s.volts().at(low), 2),
              s.volts().at(low)));
    }
    return worst;
  }

  /** Plain feeds come before trunks in a solution. */
  private double amps(LineSolution.Stands s, int f) {
    int plain = (int) posts.stream().filter(p -> p.taps().isEmpty()).count();
    int index = 0;
    for (int k = 0; k < f; k++) {
      index += posts.get(k).taps().isEmpty() == posts.get(f).taps().isEmpty() ? 1 : 0;
    }
    return s.feedAmps().at(posts.get(f).taps().isEmpty() ? index : plain + index);
  }

  private Shortfall volts(String what, double measured) {
    return new Shortfall(
        what
            + " V where "
            + Texts.fixed(rules.minVolts(), 2)
            + " V is the least: "
            + Texts.fixed(Math.max(rules.minVolts() - measured, 0), 2)
            + " V too few",
        measured,
        rules.minVolts(),
        "V");
  }

  private Optional<Shortfall> fuse(int f, double amps) {
    double bears = Math.min(posts.get(f).wire().fuseAmpsMax(), jointBears());
    boolean viaPort = f == 0 && port.isPresent();
    double most = viaPort ? Math.min(bears, port.get().fuseMax()) : bears;
    OptionalDouble size = Fuses.next(amps, rules.margin(), most);
    fuses[f] = size.orElse(Fuses.largest(most).orElse(0));
    boolean sharedTooThin = viaPort && port.get().shared() && bears < port.get().fuseMax();
    boolean overPort = viaPort && amps > port.get().ampsMax();
    if (size.isEmpty() || sharedTooThin || overPort) {
      double needs = amps * rules.margin();
      return Optional.of(
          new Shortfall(
              "the feed at pixel "
                  + stretch.place(posts.get(f).at()).pixel()
                  + " needs a fuse of "
                  + Texts.fixed(needs, 2)
                  + " A, and its wire and holder bear "
                  + Texts.number(most)
                  + " A: "
                  + Texts.fixed(Math.max(0, needs - most), 2)
                  + " A too few",
              needs,
              most,
              "A"));
    }
    return Optional.empty();
  }

  private double jointBears() {
    return stretch.pieces().size() > 1 ? joints.fuseAmpsMax() : Double.MAX_VALUE;
  }
}
