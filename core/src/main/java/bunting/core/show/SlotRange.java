package bunting.core.show;

/** Slots {@code first} to {@code last} of a universe, both included, from 1 to 512. */
public record SlotRange(int universe, int first, int last) {
  /** How many slots. */
  public int slots() {
    return last - first + 1;
  }

  /** As people read it. */
  public String text() {
    return "u" + universe + "." + first + (first == last ? "" : " to " + last);
  }
}
