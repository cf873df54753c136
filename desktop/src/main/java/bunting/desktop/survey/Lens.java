package bunting.desktop.survey;

/** What the beads of the elevation are coloured by. */
public enum Lens {
  PLAIN("Plain"),
  TYPE("Type"),
  PORT("Port"),
  UNIVERSE("Universe"),
  SUPPLY("Supply"),
  VOLTS("Volts"),
  WHITE("White test"),
  WIRE("Wire");

  private final String text;

  Lens(String text) {
    this.text = text;
  }

  /** As people read it. */
  public String text() {
    return text;
  }
}
