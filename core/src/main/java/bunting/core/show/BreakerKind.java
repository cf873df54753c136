package bunting.core.show;

/**
 * How a breaker answers a spike. The least that may open it at once, as a multiple of its rating:
 * IEC 60898-1 for B, C and D (from memory: 3, 5 and 10 times); thermal-magnetic breakers of North
 * America have no band in their standard, and open from about five times on (from memory).
 */
public enum BreakerKind {
  /** Nobody looked yet: the most sensitive that is common at those volts. */
  UNKNOWN("unknown", "not looked at yet", 3),
  /** The usual one of houses in IEC countries. */
  B("B", "B: opens at once from 3 times its rating on", 3),
  /** For motors and many supplies. */
  C("C", "C: opens at once from 5 times its rating on", 5),
  /** For transformers. */
  D("D", "D: opens at once from 10 times its rating on", 10),
  /** The usual one of North America. */
  THERMAL_MAGNETIC("thermal-magnetic", "thermal-magnetic: opens at once from about 5 times on", 5);

  private final String id;
  private final String words;
  private final double least;

  BreakerKind(String id, String words, double least) {
    this.id = id;
    this.words = words;
    this.least = least;
  }

  /** Its name in files. */
  public String id() {
    return id;
  }

  /** What it is, for people. */
  public String words() {
    return words;
  }

  /** The least that may open it at once, times its rating. */
  public double least() {
    return least;
  }
}
