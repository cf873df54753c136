package bunting.core.whatif;

/**
 * One thing that fails.
 *
 * @param id of a fuse its name (a feed's id where it has its own), of a lead the segment behind it,
 *     of an input wire its controller or dimmer, of all others their own
 */
public record Loss(Kind kind, String id) {
  /** What fails. */
  public enum Kind {
    FUSE("fuse", "fuse"),
    FEED("feed", "feed"),
    LEAD("lead", "lead"),
    INPUT("input-wire", "input wire"),
    SUPPLY("supply", "supply"),
    CIRCUIT("circuit", "circuit"),
    CONTROLLER("controller", "controller");

    private final String id;
    private final String text;

    Kind(String id, String text) {
      this.id = id;
      this.text = text;
    }

    /** The name used in files. */
    public String id() {
      return id;
    }

    /** As people read it. */
    public String text() {
      return text;
    }
  }

  /** As people read it. */
  public String text() {
    return kind.text() + " " + id;
  }
}
