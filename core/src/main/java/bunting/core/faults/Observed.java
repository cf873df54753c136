package bunting.core.faults;

import bunting.core.pattern.Pattern;
import java.util.ArrayList;
import java.util.List;

/**
 * What was seen and measured. What is not mentioned is not known.
 *
 * @param seen pixels and how they look
 * @param readings volts
 */
public record Observed(List<Seen> seen, List<Reading> readings) {
  /** Nothing yet. */
  public static final Observed NOTHING = new Observed(List.of(), List.of());

  public Observed {
    seen = List.copyOf(seen);
    readings = List.copyOf(readings);
  }

  /** What is sent while one looks: a pattern, dimmed to some percent. */
  public record Sending(Pattern pattern, double brightnessPercent) {
    /** All that can be sent. */
    public static Sending full(Pattern pattern) {
      return new Sending(pattern, 100);
    }
  }

  /** Pixels of a run, in its numbering, both included, and how they look. */
  public record Seen(Sending sending, String run, int firstPixel, int lastPixel, Looks looks) {
    /** How many. */
    public int pixels() {
      return lastPixel - firstPixel + 1;
    }
  }

  /** Volts at a pixel of a run. */
  public record Reading(Sending sending, String run, int pixel, double volts) {}

  /** The same with one more thing seen. */
  public Observed with(Seen more) {
    List<Seen> all = new ArrayList<>(seen);
    all.add(more);
    return new Observed(all, readings);
  }

  /** The same with one more reading. */
  public Observed with(Reading more) {
    List<Reading> all = new ArrayList<>(readings);
    all.add(more);
    return new Observed(seen, all);
  }

  /** Whether there is nothing. */
  public boolean isEmpty() {
    return seen.isEmpty() && readings.isEmpty();
  }
}
