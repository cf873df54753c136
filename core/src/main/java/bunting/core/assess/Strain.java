package bunting.core.assess;

import java.util.OptionalInt;

/**
 * What something carries, beside the most that it may for hours.
 *
 * @param kind what sort of thing
 * @param id its id: of a fuse its name, of a tail its feed, of a lead, rail or jumper the segment,
 *     of a set its name, of all others that of the board, supply or circuit
 * @param board controller or dimmer whose limiter holds it; empty: that of several
 * @param port the port whose limiter holds it, where it is one's alone
 * @param carries amps
 * @param allowed amps
 * @param rating amps beyond which it gives way: a fuse's rating, a supply's, a breaker's
 */
public record Strain(
    Kind kind,
    String id,
    String board,
    OptionalInt port,
    double carries,
    double allowed,
    double rating) {
  /** Sorts of things that have a limit. */
  public enum Kind {
    FUSE("fuse"),
    PORT("port"),
    BOARD("board"),
    INPUT("each input wire of"),
    TRUNK("trunk"),
    TAIL("tail"),
    LEAD("lead to"),
    RAIL("rail of"),
    JUMPER("jumper of"),
    SUPPLY("supply"),
    CIRCUIT("circuit"),
    SET_FUSE("fuse of"),
    SET_OUTPUT("outputs of");

    private final String text;

    Kind(String text) {
      this.text = text;
    }
  }

  /** As people read it. */
  public String name() {
    return kind.text + " " + (kind == Kind.PORT ? port.orElse(0) + " of " : "") + id;
  }

  /** How far it is loaded; 1 is all that it may. */
  public double share() {
    return allowed > 0 ? carries / allowed : carries > 0 ? Double.MAX_VALUE : 0;
  }
}
