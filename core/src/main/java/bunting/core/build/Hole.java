package bunting.core.build;

/**
 * A hole in the wall of a box, with its gland.
 *
 * @param number from 1, in the order in which they stand; on the label at the cable
 * @param part id of the part that its cable is screwed to
 * @param from the same in words
 * @param to where its cable goes
 * @param wire what the cable is made of
 * @param thread of the gland; empty: no gland of the list holds the cable
 * @param holeMm to drill, millimetres across; of no gland, as thick as the cable
 * @param mains whether it is a mains cord: it enters above, away from the rest
 * @param xMm from the left wall to its middle
 * @param row from the lid inwards, from 1
 */
public record Hole(
    int number,
    String part,
    String from,
    String to,
    String wire,
    String thread,
    double holeMm,
    boolean mains,
    double xMm,
    int row) {
  /** As a drill and a bag of glands want it. */
  public String words() {
    return (thread.isEmpty() ? "a grommet" : thread)
        + ", hole "
        + bunting.core.show.Texts.number(holeMm)
        + " mm";
  }
}
