package bunting.desktop.frame;

/** What the middle of the window shows. */
public enum Screen {
  ELEVATION("Elevation"),
  CUT("Cut list"),
  VOLTS("Voltages"),
  OTHERS("Other lights"),
  WHICH("Which is mine?"),
  PORTS("Ports"),
  TAPE("Universe tape"),
  NETWORK("Network"),
  POWER("River and line"),
  LOSSES("Every loss"),
  QUICK("Quick sheet");

  private final String text;

  Screen(String text) {
    this.text = text;
  }

  /** As people read it. */
  public String text() {
    return text;
  }
}
