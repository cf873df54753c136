package bunting.core.show;

/** Where a feed is joined on, the least work first. */
public enum Attach {
  /** The port's own lead, plugged in at the first pixel of its chain anyway. */
  PORT("port", "plug in", 0),
  /** Another first or last pixel of a segment: its free end. */
  END("end", "join at the end", 5),
  /** Where one reel or string ends and the next begins. */
  JOINT("joint", "join between packs", 5),
  /** Where a strand of a course begins or ends and a jumper goes in. */
  CORNER("corner", "join at the corner", 5),
  /** Any other cut mark. */
  CUT("cut", "cut in and solder", 20);

  private final String id;
  private final String work;
  private final double usualMinutes;

  Attach(String id, String work, double usualMinutes) {
    this.id = id;
    this.work = work;
    this.usualMinutes = usualMinutes;
  }

  /** The name used in files. */
  public String id() {
    return id;
  }

  /** What is done there, as people say it. */
  public String work() {
    return work;
  }

  /** Minutes that it takes, where the builder said nothing (our reckoning). */
  public double usualMinutes() {
    return usualMinutes;
  }
}
