package bunting.core.faults;

import java.util.List;

/**
 * A fault that may be behind what was reported.
 *
 * @param share how likely, 0 to 1, beside all others
 * @param why what speaks for it
 * @param alike faults that no picture tells from it
 */
public record Cause(Fault fault, double share, String why, List<Fault> alike) {
  public Cause {
    alike = List.copyOf(alike);
  }
}
