package bunting.core.propose;

import bunting.core.plan.Assessment;
import java.util.List;

/**
 * A part of a better plan that can be accepted without the rest.
 *
 * @param controllers ids of those that it changes, in the order of the plan
 * @param runs names of the runs that move or are fed in another way
 * @param saving what it saves where it alone is accepted, in the prices of the show
 * @param plan the accepted plan with this part of the better one
 */
public record Share(List<String> controllers, List<String> runs, double saving, Assessment plan) {
  public Share {
    controllers = List.copyOf(controllers);
    runs = List.copyOf(runs);
  }
}
