package bunting.core.survey;

import bunting.core.show.Course;
import bunting.core.show.Hanging;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Runs by their courses: measured, counted, turned round. */
public final class MeasuredRuns {
  private MeasuredRuns() {}

  /** A run along a course, counted by its length; at least one cut unit. */
  public static Run along(String name, PixelType type, Course course) {
    int pixels = Geometry.pixelsOf(course, type);
    int sound = Math.max(type.cutEvery(), Math.min(Run.PIXELS_MAX, pixels));
    return Run.of(name, type.id(), sound)
        .withHanging(Hanging.along(course))
        .withLength(OptionalDouble.of(Math.round(course.lengthM() * 1000) / 1000.0));
  }

  /** The run hanging along another course, measured and counted anew; a built count holds on. */
  public static Run rehung(Run run, PixelType type, Course course) {
    Run fresh = along(run.name(), type, course);
    return run.withHanging(fresh.hanging().withRoute(run.hanging().route()))
        .withLength(fresh.lengthM())
        .withPixels(fresh.plannedPixels());
  }

  /** The run fed at its other end; a lead that was drawn to the first end is forgotten. */
  public static Run turned(Run run, PixelType type) {
    return run.hanging()
        .course()
        .map(c -> run.withHanging(Hanging.along(c.back())))
        .orElseGet(
            () ->
                run.withHanging(
                    new Hanging(
                        Geometry.end(run, type),
                        Optional.of(run.start()),
                        Optional.empty(),
                        List.of())));
  }
}
