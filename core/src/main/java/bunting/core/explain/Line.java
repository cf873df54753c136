package bunting.core.explain;

/**
 * One figure with its arithmetic.
 *
 * @param title what it is
 * @param figure the result with its unit
 * @param arithmetic how it came about
 */
public record Line(String title, String figure, String arithmetic) {}
