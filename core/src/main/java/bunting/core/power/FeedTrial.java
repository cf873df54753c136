package bunting.core.power;

import bunting.core.copper.Fuses;
import bunting.core.copper.Rails;
import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.dc.Poles;
import bunting.core.ports.Piece;
import bunting.core.show.Wire;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Posts on a stretch, solved and judged. The first goes through the port where {@code port} is
 * there. Volts are judged at the brightness that is designed for; amps at the most that can be
 * sent, with the board's terminals at the lowest and at the highest that they can have: in between
 * each feed carries no more.
 */
final class FeedTrial {
  final Stretch stretch;
  final Optional<PortLimit> port;
  final List<Post> posts;
  final Wire joints;
  final double[] fuses;
  private final PowerRules rules;
  private final double[] most;
  private double totalAmps;
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
    this.most = new double[posts.size()];
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
    return totalAmps;
  }

  double portAmps() {
    return port.isPresent() ? most[0] : 0;
  }

  /** The largest fuse that a post's wires and holder bear. */
  double fuseMost(int post) {
    double bears = Math.min(wireBears(post), jointBears());
    return post == 0 && port.isPresent() ? Math.min(bears, port.get().fuseMax()) : bears;
  }

  /**
   * The largest fuse that a post may have without anything behind it minding: it opens before any
   * cable of its island, which the strip joins to it, or a lead between its pieces carries more
   * than it bears, and the rails bear it.
   */
  double fuseFreely(int post) {
    double bears = Math.min(fuseMost(post), jointBears() / Fuses.OPENS_SHARE);
    for (Post p : posts) {
      bears = Math.min(bears, p.wire().fuseAmpsMax() / Fuses.OPENS_SHARE);
    }
    for (Piece p : stretch.pieces()) {
      bears = Math.min(bears, Rails.FUSE_SHARE * Rails.of(p.type()).amps());
    }
    return bears;
  }

  /** Copper of its cables, mm2 m. */
  double copper() {
    double sum = stretch.jointMetres() * joints.copperMm2();
    for (Post p : posts) {
      sum += p.metres() * p.wire().copperMm2();
    }
    return 2 * sum;
  }

  /** Whether every cable bears the fuses of all feeds, which feed a fault in it from behind. */
  boolean protectedFromBehind() {
    double largest = 0;
    double thinnest = Double.MAX_VALUE;
    for (int f = 0; f < count(); f++) {
      largest = Math.max(largest, fuses[f]);
      thinnest = Math.min(thinnest, posts.get(f).wire().fuseAmpsMax());
    }
    return largest <= thinnest;
  }

  private Optional<Shortfall> judge() {
    Shortfalls words = new Shortfalls(stretch, rules, count());
    for (int f = 0; f < count(); f++) {
      fuses[f] = Fuses.largest(fuseMost(f)).orElse(0);
    }
    Optional<Shortfall> worst = Optional.empty();
    LineSolution designed = solve(rules.brightness(), rules.bus());
    if (designed instanceof LineSolution.Stands s) {
      lowest = s.volts().lowest();
      int low = s.volts().lowestIndex();
      worst = rules.enough(lowest) ? worst : Optional.of(words.volts(low, lowest));
    } else if (designed instanceof LineSolution.Falls f) {
      return Optional.of(words.falls(f.atIndex()));
    }
    boolean sameSent = rules.fusedBrightness() == rules.brightness();
    Optional<Shortfall> amps = load(designed, words);
    if (!sameSent) {
      LineSolution sent = solve(rules.fusedBrightness(), rules.bus());
      if (sent instanceof LineSolution.Falls f) {
        return Optional.of(words.falls(f.atIndex()));
      }
      amps = load(sent, words);
    }
    boolean terminalsMove = port.isPresent() && rules.bus().across() < rules.supplyVolts();
    if (terminalsMove) {
      Optional<Shortfall> high =
          load(solve(rules.fusedBrightness(), Poles.supply(rules.supplyVolts())), words);
      amps = amps.or(() -> high);
    }
    if (Fuses.over(totalAmps, rules.supplyAmps())) {
      return Optional.of(words.supply(totalAmps));
    }
    for (int f = 0; f < count(); f++) {
      Optional<Shortfall> fuse = fuse(f, words);
      amps = amps.or(() -> fuse);
    }
    return worst.isPresent() ? worst : amps;
  }

  private LineSolution solve(double brightness, Poles terminals) {
    return LineSolver.solve(
        stretch.line(rules, brightness, terminals, posts, port.isPresent(), joints));
  }

  /** Notes what the feeds carry; what rails and joints cannot. */
  private Optional<Shortfall> load(LineSolution solved, Shortfalls words) {
    if (solved instanceof LineSolution.Falls f) {
      return Optional.of(words.falls(f.atIndex()));
    }
    LineSolution.Stands s = (LineSolution.Stands) solved;
    totalAmps = Math.max(totalAmps, s.totalAmps());
    for (int f = 0; f < count(); f++) {
      most[f] = Math.max(most[f], s.feedAmps().at(f));
    }
    double[] bears = stretch.railMost(joints);
    if (Arrays.stream(bears).allMatch(b -> b == Double.MAX_VALUE)) {
      return Optional.empty();
    }
    // Flows follow from amps and volts, so the volts of the terminals do not matter here.
    Line line =
        stretch.line(rules, rules.fusedBrightness(), rules.bus(), posts, port.isPresent(), joints);
    return rails(line.railAmps(s), bears, words);
  }

  private Optional<Shortfall> rails(double[] flow, double[] most, Shortfalls words) {
    for (int i = 0; i < most.length; i++) {
      double amps = Math.abs(flow[i]);
      if (Fuses.over(amps, most[i])) {
        return Optional.of(
            stretch.jumperAfter(i)
                ? words.link("jumper", i, amps, stretch.jumper())
                : stretch.place(i).piece() < stretch.place(i + 1).piece()
                    ? words.link("lead", i, amps, joints)
                    : words.rail(i, amps, most[i]));
      }
    }
    return Optional.empty();
  }

  private Optional<Shortfall> fuse(int f, Shortfalls words) {
    double bears = Math.min(wireBears(f), jointBears());
    double fuseMost = fuseMost(f);
    OptionalDouble size = Fuses.next(most[f], rules.margin(), fuseMost);
    fuses[f] = size.orElse(Fuses.largest(fuseMost).orElse(0));
    boolean viaPort = f == 0 && port.isPresent();
    if (viaPort && Fuses.over(most[f], port.get().ampsMax())) {
      return Optional.of(words.port(most[f], port.get().ampsMax()));
    }
    Post post = posts.get(f);
    if (viaPort && post.free() && !port.get().takes(post.wire())) {
      return Optional.of(words.terminal(post.wire(), port.get().mm2Max()));
    }
    if (viaPort && port.get().shared() && bears < port.get().fuseMax()) {
      return Optional.of(words.shared(port.get().fuseMax(), bears));
    }
    return size.isPresent()
        ? Optional.empty()
        : Optional.of(words.fuse(f, posts, most[f], fuseMost));
  }

  private double wireBears(int post) {
    return rules.ways().protectBackFeed()
        ? posts.stream().mapToDouble(p -> p.wire().fuseAmpsMax()).min().orElse(0)
        : posts.get(post).wire().fuseAmpsMax();
  }

  private double jointBears() {
    return stretch.pieces().size() > 1 ? joints.fuseAmpsMax() : Double.MAX_VALUE;
  }
}
