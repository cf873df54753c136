package bunting.core.show.edit;

/** Kinds of things that stand on the elevation and are neither run nor box. */
public enum PlaceKind {
  SITE("a place where a box may stand"),
  OUTLET("outlet"),
  NETWORK("network point"),
  NOTE("note"),
  SET("plain set"),
  BULBS("bulb string");

  private final String text;

  PlaceKind(String text) {
    this.text = text;
  }

  /** As people read it. */
  public String text() {
    return text;
  }
}
