package bunting.core.show;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What has to be known of a run that hangs for years; each is a note of the run, and a column of
 * the run list where somebody wrote it.
 */
public enum Lasting {
  /** Against rain and dust, such as IP67. */
  WEATHER("weather", "Weather", "IP67, potted"),
  /** What it lies in. */
  ENCLOSURE("enclosure", "Lies in", "track with a cover"),
  /** What holds it, on what. */
  MOUNTING("mounting", "Held by", "screws in the mortar"),
  /** How it is mended: a potted strip takes no new piece (common practice, no source). */
  REPAIR("repair", "Mended by", "a piece, joint to joint"),
  /** Where spare wire was left. */
  SPARE_WIRE("spare_wire", "Spare wire", "behind the downpipe");

  private final String key;
  private final String words;
  private final String example;

  Lasting(String key, String words, String example) {
    this.key = key;
    this.words = words;
    this.example = example;
  }

  /** The note's name, and the column's. */
  public String key() {
    return key;
  }

  /** As people say it. */
  public String words() {
    return words;
  }

  /** What one may write. */
  public String example() {
    return example;
  }

  /** What is known of a run. */
  public Optional<String> of(Run run) {
    return Optional.ofNullable(run.notes().get(key)).filter(t -> !t.isBlank());
  }

  /** Whether anything of the kind is known of a run. */
  public static boolean any(Run run) {
    for (Lasting l : values()) {
      if (l.of(run).isPresent()) {
        return true;
      }
    }
    return false;
  }

  /** A run with another text; empty: nothing is known. */
  public Run with(Run run, String text) {
    Map<String, String> notes = new TreeMap<>(run.notes());
    notes.remove(key);
    if (!text.isBlank()) {
      notes.put(key, text);
    }
    return run.withNotes(notes);
  }
}
