package bunting.core.island;

/**
 * A trunk as it was solved.
 *
 * @param mostAmps the most over any part of its heavy pair; 0 where it cannot stand
 */
public record SolvedTrunk(TrunkLaid laid, double mostAmps) {}
