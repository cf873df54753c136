package bunting.core.power;

import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Feeds on a stretch, solved and judged. The first feed goes through the port where {@code port} is
 * there.
 */
final class FeedTrial {
  final Stretch stretch;
  final Optional<PortLimit> port;
  final int[] at;
  final double[] metres;
  final Wire[] wires;
  final Wire joints;
  final double[] fuses;
  private final PowerRules rules;
  private Optional<LineSolution.Stands> solution = Optional.empty();
  private Optional<Shortfall> shortfall;

  FeedTrial(
      Stretch stretch,
      PowerRules rules,
      Optional<PortLimit> port,
      int[] at,
      double[] metres,
      Wire[] wires,
      Wire joints) {
    this.stretch = stretch;
    this.rules = rules;
    this.port = port;
    this.at = at;
    this.metres = metres;
    this.wires = wires;
    this.joints = joints;
    this.fuses = new double[at.length];
    this.shortfall = judge();
  }

  boolean holds() {
    return shortfall.isEmpty();
  }

  Optional<Shortfall> shortfall() {
    return shortfall;
  }

  double totalAmps() {
    return solution.orElseThrow().totalAmps();
  }

  double portAmps() {
    return port.isPresent() ? solution.orElseThrow().feedAmps().at(0) : 0;
  }

  private Optional<Shortfall> judge() {
    LineSolution solved = LineSolver.solve(stretch.line(rules.volts(), at, metres, wires, joints));
    return switch (solved) {
      case LineSolution.Falls f ->
          Optional.of(
              volts(
                  "even with "
                      + at.length
                      + " feeds, the wires cannot carry what pixel "
                      + pixelName(f.atIndex())
                      + " asks for: it would have less than 0.1",
                  0));
      case LineSolution.Stands s -> {
        solution = Optional.of(s);
        yield judge(s);
      }
    };
  }

  private Optional<Shortfall> judge(LineSolution.Stands s) {
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
    double lowest = s.volts().at(low);
    if (!rules.enough(lowest)) {
      return Optional.of(
          volts(
              "with "
                  + at.length
                  + (at.length == 1 ? " feed" : " feeds")
                  + ", pixel "
                  + pixelName(low)
                  + " would have "
                  + Texts.fixed(lowest, 2),
              lowest));
    }
    for (int f = 0; f < at.length; f++) {
      Optional<Shortfall> fuse = fuse(f, s.feedAmps().at(f));
      if (fuse.isPresent()) {
        return fuse;
      }
    }
    return Optional.empty();
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
    double bears = Math.min(wires[f].fuseAmpsMax(), jointBears());
    boolean viaPort = f == 0 && port.isPresent();
    double most = viaPort ? Math.min(bears, port.get().fuseMax()) : bears;
    OptionalDouble size = Fuses.next(amps, rules.margin(), most);
    boolean sharedTooThin = viaPort && port.get().shared() && bears < port.get().fuseMax();
    boolean overPort = viaPort && amps > port.get().ampsMax();
    if (size.isEmpty() || sharedTooThin || overPort) {
      double needs = amps * rules.margin();
      return Optional.of(
          new Shortfall(
              "the feed at pixel "
                  + pixelName(at[f])
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
    fuses[f] = size.getAsDouble();
    return Optional.empty();
  }

  private double jointBears() {
    return stretch.pieces().size() > 1 ? joints.fuseAmpsMax() : Double.MAX_VALUE;
  }

  private int pixelName(int index) {
    int left = index;
    for (var piece : stretch.pieces()) {
      if (left < piece.pixels()) {
        return piece.first() + left;
      }
      left -= piece.pixels();
    }
    throw new IndexOutOfBoundsException(index);
  }
}
