package bunting.wire.standin;

/** What became of a packet. */
public enum Verdict {
  /** It did what it says. */
  ACCEPTED,
  /** Well-formed, and not for these lights, or not now. */
  IGNORED,
  /** Not a well-formed packet of its protocol. */
  REJECTED
}
