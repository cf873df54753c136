package bunting.core.show;

/** A place where a box can stand, in metres on the elevation, y up. */
public record Site(String id, double x, double y) {}
