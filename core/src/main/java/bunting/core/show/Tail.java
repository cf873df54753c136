package bunting.core.show;

/**
 * A short thin end for a thick cable, where it is joined to the pads of a strip.
 *
 * @param id unique id
 * @param wire its wire
 * @param lengthM metres
 * @param cost price, 0 where none is known
 */
public record Tail(String id, Wire wire, double lengthM, double cost) {}
