package bunting.core.faults;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** How a pixel looks beside what was sent to it. */
public enum Looks {
  /** As it should. */
  RIGHT("right", "as it should"),
  /** Dark where it should be lit. */
  DARK("dark", "dark"),
  /** Yellow, orange, brown: its volts are going. */
  ORANGE("orange", "yellow or orange, dim"),
  /** In another colour. */
  WRONG_COLOUR("wrong-colour", "in another colour"),
  /** It shows what belongs to other pixels. */
  SHIFTED("shifted", "shifted: it shows what belongs to others"),
  /** What should go one way goes the other. */
  BACKWARDS("backwards", "backwards"),
  /** It shows what it showed, whatever is sent. */
  FROZEN("frozen", "frozen"),
  /** It flickers and sparkles. */
  SPARKLING("sparkling", "sparkling or flickering"),
  /** Its colour is right, and all of it is dim. */
  DIM("dim", "dim, all of it alike"),
  /** Something is lit though nothing is sent. */
  LIT("lit", "lit though nothing is sent");

  private final String id;
  private final String text;

  Looks(String id, String text) {
    this.id = id;
    this.text = text;
  }

  /** As files have it. */
  public String id() {
    return id;
  }

  /** As people say it. */
  public String text() {
    return text;
  }

  /** The look of that name. */
  public static Optional<Looks> of(String id) {
    return Arrays.stream(values()).filter(l -> l.id.equals(id)).findFirst();
  }

  /** All names. */
  public static List<String> ids() {
    return Arrays.stream(values()).map(Looks::id).toList();
  }
}
