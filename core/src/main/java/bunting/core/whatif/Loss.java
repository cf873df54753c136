package bunting.core.whatif;

/**
 * One thing that fails.
 *
 * @param id of a fuse its name (a feed's id where it has its own), of a lead the segment behind it,
 *     of an input wire its controller, of a supply its id
 */
public record Loss(Kind kind, String id) {
  /** What fails. */
  public enum Kind {
    FUSE("fuse"),
    LEAD("lead"),
    INPUT("input wire"),
    SUPPLY("supply");

    private final String text;

    Kind(String text) {
      this.text = text;
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
