package bunting.core.addressing;

/**
 * Slots of one universe that pixels of a run take; pixels in the run's numbering, all bounds
 * included. Where the run is reversed, {@code firstPixel} is the higher one: the first slot is its
 * own.
 */
public record SlotRow(int universe, int firstSlot, int lastSlot, int firstPixel, int lastPixel) {}
