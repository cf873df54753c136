package bunting.core.copper;

import bunting.core.show.Conductors;
import bunting.core.show.Wire;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a board is wired to its supply: equal pairs side by side, a fuse in each. A fuse bears {@code
 * margin} x what its pair carries, and what it carries when one of the others is lost, so that one
 * loose wire is no chain of blown fuses (arithmetic: 50 A over three wires is 16.7 A each, over two
 * 25 A; common practice: fuse each, all of one length and gauge). As few pairs as that needs, of
 * the thinnest wire that its fuse protects and that loses little on the way.
 */
public final class InputRule {
  /** Most pairs that a board is given. */
  public static final int PAIRS_MAX = 8;

  /** Share of the supply's volts that an input may lose while a thicker wire can help. */
  private static final double DROP_SHARE = 0.02;

  /** A board's own electronics want a fuse that bears them too (our reckoning). */
  public static final double LEAST_FUSE = 2;

  /**
   * A way to wire it.
   *
   * @param pairs how many
   * @param fuseAmps of the fuse in each
   */
  public record Choice(int pairs, Wire wire, double fuseAmps) {}

  private InputRule() {}

  /** The least fuse in each of so many pairs for so many amps in all, before its size is chosen. */
  public static double leastFuse(double amps, double margin, int pairs) {
    double share = margin * amps / pairs;
    return pairs == 1 ? share : Math.max(share, amps / (pairs - 1));
  }

  /**
   * The way for a board; where nothing bears the amps, the most that there is.
   *
   * @param amps over the input, at the most that can be sent
   * @param volts of its supply
   * @param wires that a fuse may protect, thinnest first, at least one
   */
  public static Choice choose(
      double amps, double margin, double volts, Conductors copper, List<Wire> wires) {
    Optional<Wire> held =
        copper.inputWire().flatMap(id -> wires.stream().filter(w -> w.id().equals(id)).findFirst());
    if (held.isPresent()) {
      return fused(amps, margin, copper.inputWires(), held.get());
    }
    for (int pairs = 1; pairs <= PAIRS_MAX; pairs++) {
      OptionalDouble fuse = fuse(amps, margin, pairs);
      if (fuse.isPresent()) {
        int n = pairs;
        List<Wire> bear =
            wires.stream().filter(w -> w.fuseAmpsMax() >= fuse.getAsDouble()).toList();
        Optional<Wire> wire =
            bear.stream()
                .filter(w -> amps * copper.inputOhms(w, n).loop() <= DROP_SHARE * volts)
                .findFirst()
                .or(() -> bear.stream().min(Comparator.comparingDouble(Wire::ohmsPerM)));
        if (wire.isPresent()) {
          return new Choice(pairs, wire.get(), fuse.getAsDouble());
        }
      }
    }
    return fused(amps, margin, PAIRS_MAX, wires.getLast());
  }

  /** So many pairs of a wire with the fuse that they want, or the largest that they bear. */
  public static Choice fused(double amps, double margin, int pairs, Wire wire) {
    OptionalDouble fuse = fuse(amps, margin, pairs);
    double most = wire.fuseAmpsMax();
    double size =
        fuse.isPresent() && fuse.getAsDouble() <= most
            ? fuse.getAsDouble()
            : Fuses.largest(most).orElse(0);
    return new Choice(pairs, wire, size);
  }

  private static OptionalDouble fuse(double amps, double margin, int pairs) {
    return Fuses.next(Math.max(leastFuse(amps, margin, pairs), LEAST_FUSE), 1, Fuses.LARGEST);
  }
}
