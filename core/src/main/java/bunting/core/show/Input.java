package bunting.core.show;

/**
 * The cable from a supply to a board: equal pairs side by side, all of one length and gauge, a fuse
 * in each.
 *
 * @param board controller or dimmer id
 * @param supply supply id
 * @param wires how many pairs, at least 1
 * @param wire conductor id
 * @param lengthM of each, metres; 0: not known
 * @param fuseAmps rating of the fuse in each
 */
public record Input(
    String board, String supply, int wires, String wire, double lengthM, double fuseAmps) {
  /** What a wire inside a box is cut to where nobody measured it, metres (common practice). */
  private static final double IN_THE_BOX_M = 0.5;

  /** Metres of cable to buy for each pair. */
  public double cableM() {
    return lengthM > 0 ? lengthM : IN_THE_BOX_M;
  }

  /** The same with another fuse in each wire. */
  public Input withFuse(double amps) {
    return new Input(board, supply, wires, wire, lengthM, amps);
  }
}
