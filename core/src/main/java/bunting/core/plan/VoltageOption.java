package bunting.core.plan;

import java.util.List;

/**
 * A show as it would be at one voltage.
 *
 * @param volts the voltage
 * @param current whether all its runs are of this voltage already
 * @param takeOver the whole show with this taken over
 * @param plan the runs in question, planned
 * @param basis what each pixel type would become, in words
 * @param copper power cable of that plan
 * @param fuses how many fuses
 * @param unplacedPixels pixels of runs that found no place
 * @param strengths the case for it
 * @param weaknesses the case against it
 */
public record VoltageOption(
    double volts,
    boolean current,
    bunting.core.show.Show takeOver,
    Assessment plan,
    List<String> basis,
    Copper copper,
    int fuses,
    long unplacedPixels,
    List<String> strengths,
    List<String> weaknesses) {
  public VoltageOption {
    basis = List.copyOf(basis);
    strengths = List.copyOf(strengths);
    weaknesses = List.copyOf(weaknesses);
  }
}
