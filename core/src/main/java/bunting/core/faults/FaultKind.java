package bunting.core.faults;

/**
 * Kinds of faults, with how often each is met: shares of a hundred faults, connectors and counts
 * before chips (common practice, no source; the figures are our reckoning).
 */
public enum FaultKind {
  /** A fuse is open. */
  FUSE_OPEN("fuse-open", 9, true),
  /** A feed carries nothing: a plug, a broken wire. */
  FEED_OPEN("feed-open", 8, true),
  /** A supply gives nothing. */
  SUPPLY_OFF("supply-off", 4, true),
  /** A mains circuit is off. */
  CIRCUIT_OFF("circuit-off", 4, true),
  /** The data wire is open. */
  DATA_OPEN("data-open", 14, true),
  /** A pixel that passes nothing on. */
  DEAD_PIXEL("dead-pixel", 7, true),
  /** A port sends nothing. */
  PORT_DEAD("port-dead", 3, true),
  /** A box does nothing. */
  CONTROLLER_OFF("controller-off", 4, true),
  /** A box hears nothing any more. */
  CONTROLLER_HUNG("controller-hung", 4, true),
  /** Two leads in each other's port. */
  PORTS_SWAPPED("ports-swapped", 6, true),
  /** Colours in another order. */
  ORDER_WRONG("order-wrong", 7, true),
  /** Data go in at the other end. */
  RUN_REVERSED("run-reversed", 4, true),
  /** A box listens to other universes. */
  UNIVERSE_OFF("universe-off", 5, true),
  /** More or fewer pixels than planned. */
  COUNT_OFF("count-off", 8, true),
  /** Data that arrive torn. */
  NOISE("noise", 5, true),
  /** Too much resistance in a feed. */
  THIN_LEAD("thin-lead", 5, true),
  /** A supply that holds less than it should. */
  SUPPLY_LOW("supply-low", 3, true),
  /** A limiter that was never raised. */
  LIMITER_LOW("limiter-low", 4, false),
  /** A feed past the board's switch: lit when all is off. */
  PAST_THE_SWITCH("past-the-switch", 1, false),
  /** V+ from elsewhere on a port: its protection opens. */
  FED_BACK("fed-back", 1, false),
  /** A bare joint on metal. */
  SHORT_TO_METAL("short-to-metal", 2, false),
  /** A laptop in another subnet than the box. */
  OTHER_SUBNET("other-subnet", 4, false),
  /** A box that hangs when its pixels go white. */
  STARVED("starved", 3, false);

  private final String id;
  private final double often;
  private final boolean inFiles;

  FaultKind(String id, double often, boolean inFiles) {
    this.id = id;
    this.often = often;
    this.inFiles = inFiles;
  }

  /** As files have it. */
  public String id() {
    return id;
  }

  /** How often it is met, beside the others. */
  public double often() {
    return often;
  }

  /** Whether it is in the closed list that files may have. */
  public boolean inFiles() {
    return inFiles;
  }
}
