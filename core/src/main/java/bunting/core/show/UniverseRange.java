package bunting.core.show;

/** Universes {@code first} to {@code last}, both included. */
public record UniverseRange(int first, int last) {
  /** As written in files: {@code 1-4}, or {@code 100}. */
  public String text() {
    return first == last ? Integer.toString(first) : first + "-" + last;
  }
}
