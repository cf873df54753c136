package bunting.core.log;

import java.util.Arrays;
import java.util.Optional;

/** What a line of the log tells. */
public enum LogKind {
  /** A run or a box is up. */
  BUILT("built", "built"),
  /** Pixels of a run were counted. */
  COUNT("count", "counted"),
  /** A meter was read. */
  READING("reading", "measured"),
  /** Something failed, with its cause in words. */
  FAULT("fault", "fault"),
  /** It was mended, with what was done and the part that it took. */
  REPAIR("repair", "repaired"),
  /** Parts came (a count over 0) or went (under 0). */
  PART("part", "stock"),
  /** Minutes that people worked, or that lamps of a run or box were lit. */
  HOURS("hours", "hours"),
  /** Words. */
  NOTE("note", "note"),
  /** A season begins. */
  SEASON("season", "season");

  private final String id;
  private final String words;

  LogKind(String id, String words) {
    this.id = id;
    this.words = words;
  }

  /** The name used in files. */
  public String id() {
    return id;
  }

  /** As people say it. */
  public String words() {
    return words;
  }

  /** The kind of a name. */
  public static Optional<LogKind> of(String id) {
    return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
  }
}
