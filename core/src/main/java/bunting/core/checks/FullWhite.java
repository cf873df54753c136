package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Limiter;
import bunting.core.assess.Reading;
import bunting.core.show.Texts;
import java.util.List;

/**
 * With a limiter, the wires are protected for what it lets through; what somebody's full white
 * would exceed if it is not set is said in one finding.
 */
final class FullWhite implements Check {
  /** So many are named in the message; all stand in the details. */
  private static final int NAMED = 3;

  @Override
  public String code() {
    return "full-white";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Designed for less than full white, all hangs on the limiter: without it somebody's"
        + " white overloads what is listed.";
  }

  @Override
  public String source() {
    return "the way of limited brightness, common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    List<Limiter.Held> held = Limiter.of(reading);
    if (held.isEmpty()) {
      return;
    }
    double percent = held.stream().mapToDouble(Limiter.Held::percent).min().orElse(0);
    String named = String.join("; ", held.stream().limit(NAMED).map(FullWhite::shortly).toList());
    String message =
        "Designed for "
            + number(reading.show().settings().brightnessPercent())
            + " %: full white would be too much for "
            + Texts.count(held.size(), "thing", "things")
            + " ("
            + named
            + (held.size() > NAMED ? "; and " + (held.size() - NAMED) + " more" : "")
            + "). Set the limiter of each controller to "
            + number(percent)
            + " % or less.";
    to.report(
        Subject.Kind.SHOW,
        reading.show().settings().name(),
        100,
        percent,
        "%",
        message,
        held.stream().map(FullWhite::line).toList());
  }

  private static String shortly(Limiter.Held h) {
    return h.collapse()
        ? h.name() + " cannot stand"
        : h.name() + ": " + fixed(h.carries(), 1) + " of " + number(h.allowed()) + " A";
  }

  private static String line(Limiter.Held h) {
    return h.name()
        + (h.collapse()
            ? ": its volts break down"
            : ": "
                + fixed(h.carries(), 2)
                + " A, allowed "
                + fixed(h.allowed(), 2)
                + " A"
                + (h.givesWay() ? ", opens or cuts out" : ""))
        + "; kept by "
        + number(h.percent())
        + " %"
        + h.milliamps().map(m -> ", " + m).orElse("");
  }
}
