package bunting.core.power;

import bunting.core.show.Break;
import bunting.core.show.Feed;
import bunting.core.show.Input;
import bunting.core.show.PlacedController;
import bunting.core.show.Segment;
import bunting.core.show.Supply;
import bunting.core.show.Trunk;
import java.util.List;

/**
 * Segments with their leads, feeds, trunks, breaks, supplies and the boards' inputs; and the runs
 * whose pixels cannot be powered where they are.
 */
public record PowerPlan(
    List<PlacedController> controllers,
    List<Segment> segments,
    List<Feed> feeds,
    List<Trunk> trunks,
    List<Break> breaks,
    List<Supply> supplies,
    List<Input> inputs,
    List<Failure> failures) {
  static PowerPlan failed(List<Failure> failures) {
    return new PowerPlan(
        List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), failures);
  }

  /** A run that cannot be powered from the box that it was put on. */
  public record Failure(
      String run, String controller, String lacks, double measured, double allowed, String unit) {}
}
