package bunting.core.show;

/** Where power comes into a run; practitioners differ, so all are here. */
public enum InjectionSchool {
  /** At the port's own lead, and where a feed is then cheapest: ends, joints, cuts last. */
  PORT_FIRST("port-first", "port, then price"),
  /** Wherever the fewest feeds hold, then the least copper, then the highest least volts. */
  BEST("best", "fewest feeds"),
  /** At the first pixel alone. */
  FRONT("front", "front only"),
  /** At the first and the last pixel. */
  ENDS("ends", "both ends"),
  /** At the first and after every so many pixels. */
  EVERY("every", "every so many pixels"),
  /** Heavy pairs past the runs of a box, tapped every so many pixels. */
  TRUNK("trunk", "trunk with tails"),
  /** Halves, each on a supply of its own, V+ cut between them. */
  SECOND_SUPPLY("second-supply", "second supply, V+ cut");

  private final String id;
  private final String text;

  InjectionSchool(String id, String text) {
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
