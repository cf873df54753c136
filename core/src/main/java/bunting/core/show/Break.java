package bunting.core.show;

/** V+ is cut inside a segment after this pixel (in the run's numbering). Ground and data go on. */
public record Break(String segment, int afterPixel) {}
