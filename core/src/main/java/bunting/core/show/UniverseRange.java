package bunting.core.show;

/**
 * Universes {@code first} to {@code last}, both included.
 *
 * @param owner whose they are, where somebody said so; else empty
 */
public record UniverseRange(int first, int last, String owner) {
  /** Somebody's. */
  public UniverseRange(int first, int last) {
    this(first, last, "");
  }

  /** As written in files: {@code 1-4}, or {@code 100}. */
  public String text() {
    return first == last ? Integer.toString(first) : first + "-" + last;
  }
}
