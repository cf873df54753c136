package bunting.core.show;

/**
 * A run that the plan could not place.
 *
 * @param run its name
 * @param lacks what it lacks, a sentence that ends with the number
 * @param measured what it needs
 * @param allowed what there is
 * @param unit of both
 */
public record Unplaced(String run, String lacks, double measured, double allowed, String unit) {}
