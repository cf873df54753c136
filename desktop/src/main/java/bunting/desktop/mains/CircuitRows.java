package bunting.desktop.mains;

import bunting.core.hookup.MainsSheet;
import bunting.core.hookup.Starting;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import java.util.ArrayList;
import java.util.List;

/**
 * Circuits as ropes of amps, one under the other and all to one scale: what is on each already,
 * what the show hangs on it piece by piece, the mark of 80 % and the breaker at its end. All
 * numbers are pixels from the top left corner of the whole picture.
 */
final class CircuitRows {
  static final double ROW = 202;
  static final double ROPE_Y = 30;
  static final double ROPE_H = 28;

  /** Where the spikes of starting stand, from the top of a row. */
  static final double SPIKES_BASE = 156;

  private static final double SPIKES_H = 62;
  private static final double SPIKE_STEP = 118;

  /** Half of what the widest spike has for its name. */
  static final double SPIKE_HALF = SPIKE_STEP / 2;

  static final double NAME_W = 172;
  private static final double RIGHT = 110;

  /** What a stretch of a rope is. */
  enum Kind {
    THERE_ALREADY,
    OF_THE_SHOW
  }

  /**
   * A stretch of a rope.
   *
   * @param colour of the thing, from 0, in the order of the plan
   */
  record Stretch(Kind kind, String label, double amps, double x, double width, int colour) {}

  /**
   * What starts together.
   *
   * @param x its foot
   * @param rest where what runs already ends, above its foot
   * @param after where that ends once it runs too
   * @param tall its point, above its foot
   */
  record Spike(Starting.Group of, double x, double rest, double after, double tall, boolean over) {}

  /**
   * A circuit.
   *
   * @param spikes in the order in which they start
   * @param tripTall what may open its breaker at once, above the feet of the spikes
   * @param markX where 80 % of its breaker is
   * @param endX where its breaker is
   */
  record Rope(
      MainsSheet.OnCircuit of,
      double y,
      List<Stretch> stretches,
      List<Spike> spikes,
      double tripTall,
      double markX,
      double endX) {
    Rope {
      stretches = List.copyOf(stretches);
      spikes = List.copyOf(spikes);
    }

    boolean over() {
      return of.leftAmps() < -1e-9;
    }
  }

  private final List<Rope> ropes = new ArrayList<>();
  private final double left;
  private final double scale;

  /**
   * @param width of the picture
   */
  CircuitRows(MainsSheet sheet, double width) {
    left = NAME_W;
    double most = 1;
    for (MainsSheet.OnCircuit c : sheet.circuits()) {
      most =
          Math.max(
              most,
              Math.max(c.circuit().breakerAmps(), c.circuit().existingAmps() + c.worstAmps()));
    }
    scale = Math.max(0, width - NAME_W - RIGHT) / most;
    int colour = 0;
    for (MainsSheet.OnCircuit c : sheet.circuits()) {
      List<Stretch> stretches = new ArrayList<>();
      double at = 0;
      Circuit circuit = c.circuit();
      if (circuit.restAmps() > 0) {
        at = add(stretches, Kind.THERE_ALREADY, "in use", circuit.restAmps(), at, 0);
      }
      for (CircuitFacts.Appliance a : circuit.facts().also()) {
        at = add(stretches, Kind.THERE_ALREADY, a.what(), a.amps(), at, 0);
      }
      for (MainsSheet.Hung h : c.hung()) {
        at = add(stretches, Kind.OF_THE_SHOW, h.id(), h.amps(), at, colour);
        colour++;
      }
      ropes.add(
          new Rope(
              c,
              ropes.size() * ROW,
              stretches,
              spikes(c, width),
              circuit.tripAmps() * ampTall(c),
              left + circuit.allowedAmps() * scale,
              left + circuit.breakerAmps() * scale));
    }
  }

  private double add(
      List<Stretch> to, Kind kind, String label, double amps, double at, int colour) {
    to.add(new Stretch(kind, label, amps, left + at * scale, amps * scale, colour));
    return at + amps;
  }

  List<Rope> ropes() {
    return ropes;
  }

  double left() {
    return left;
  }

  double height() {
    return ropes.size() * ROW;
  }

  /** Pixels an ampere of a circuit's spikes. */
  private static double ampTall(MainsSheet.OnCircuit c) {
    double most = c.circuit().tripAmps();
    for (Starting.Group g : c.starts()) {
      most = Math.max(most, g.before() + g.inrushAmps());
    }
    return SPIKES_H / most;
  }

  private List<Spike> spikes(MainsSheet.OnCircuit c, double width) {
    List<Spike> spikes = new ArrayList<>();
    double tall = ampTall(c);
    double step = Math.min(SPIKE_STEP, (width - left - 20) / Math.max(1, c.starts().size()));
    for (Starting.Group g : c.starts()) {
      spikes.add(
          new Spike(
              g,
              left + step * (spikes.size() + 0.5),
              g.before() * tall,
              (g.before() + g.amps()) * tall,
              (g.before() + g.inrushAmps()) * tall,
              g.over(c.circuit())));
    }
    return spikes;
  }
}
