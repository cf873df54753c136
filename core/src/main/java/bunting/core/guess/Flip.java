package bunting.core.guess;

import java.util.List;

/**
 * Something that a plan would want, or have too much of, if guessed measures turned out otherwise.
 *
 * @param kind of what
 * @param key what tells it from others of its kind
 * @param end of the range at which it comes
 * @param alone the runs of which each brings it by itself
 * @param together the runs that it hangs on, where none brings it by itself
 * @param says it, in one sentence
 */
public record Flip(
    Kind kind, String key, End end, List<String> alone, List<String> together, String says) {
  public Flip {
    alone = List.copyOf(alone);
    together = List.copyOf(together);
  }

  /** Kinds of what a wrong measure brings. */
  public enum Kind {
    /** Pixels fall below their volts. */
    FEED("feed", "another feed"),
    /** A port has more than it takes. */
    PORT("port", "a full port"),
    /** A cable does not reach. */
    CABLE("cable", "a cable too short"),
    /** Too few or too many packs of pixels. */
    PACK("pack", "packs of pixels"),
    /** A fuse, a supply or a circuit has too much on it. */
    LOAD("load", "more load than allowed"),
    /** Addresses that were handed out, or belong to others. */
    ADDRESS("address", "addresses that move"),
    /** Another finding. */
    OTHER("other", "another finding");

    private final String id;
    private final String words;

    Kind(String id, String words) {
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
  }

  /** The runs to measure again against it. */
  public List<String> runs() {
    return alone.isEmpty() ? together : alone;
  }

  /** Whether it is the same thing, at whichever end. */
  boolean sameAs(Flip other) {
    return kind == other.kind && key.equals(other.key);
  }
}
