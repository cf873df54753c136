package bunting.core.bench;

import bunting.core.assess.Limiter;
import bunting.core.assess.Reading;
import bunting.core.show.Texts;
import java.util.List;

/**
 * How bright white may be sent at the bench, where nobody knows yet whether the boxes' limiters are
 * set: full, or what keeps every fuse, wire, board and supply without them.
 *
 * @param percent of full
 * @param why the arithmetic, for people
 */
public record WhiteHold(double percent, String why) {
  private static final double FULL = 100;

  /** Of a plan. Without a limiter it is safe at full white, or its findings say what is not. */
  public static WhiteHold of(Reading reading) {
    List<Limiter.Held> held = Limiter.of(reading);
    if (held.isEmpty()) {
      return new WhiteHold(FULL, "White is sent in full: everything bears it.");
    }
    Limiter.Held least = held.getFirst();
    for (Limiter.Held h : held) {
      least = h.percent() < least.percent() ? h : least;
    }
    String what =
        least.collapse()
            ? least.name() + " breaks down before full white"
            : least.name()
                + " would carry "
                + Texts.fixed(least.carries(), 1)
                + " A at full white, and "
                + Texts.fixed(least.allowed(), 1)
                + " A is the most";
    return new WhiteHold(
        least.percent(), "White is held at " + Texts.number(least.percent()) + " %: " + what + ".");
  }
}
