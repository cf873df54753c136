package bunting.desktop.power;

import bunting.core.whatif.Loss;
import java.util.List;
import java.util.Optional;

/**
 * A row of the river: a fuse, or a board's input with one in each wire.
 *
 * @param line what hangs on it
 * @param kind colour of its supply's volts
 * @param thick of its bands
 * @param blown whether it is lost
 * @param board where this is a board's input: the board; else empty
 * @param depth 1: behind a board's input
 * @param worstShare of its rating at the most that can be sent
 * @param burns whether a cable behind it burns
 */
record RiverFuse(
    String id,
    String supply,
    double y,
    double amps,
    double rating,
    String line,
    List<String> feeds,
    int kind,
    double thick,
    boolean blown,
    Optional<String> board,
    int depth,
    double worstShare,
    boolean burns) {
  double share() {
    return amps / rating;
  }

  /** What is lost when it blows: of a board's input one wire. */
  Loss loss() {
    return board
        .map(b -> new Loss(Loss.Kind.INPUT, b))
        .orElseGet(() -> new Loss(Loss.Kind.FUSE, id));
  }
}
