package bunting.desktop.model;

/** What is selected; the same on every screen. */
public sealed interface Selection {
  /** Nothing, so the show as a whole. */
  record Nothing() implements Selection {}

  /** A run by its name. */
  record OfRun(String name) implements Selection {}

  /** A port. */
  record OfPort(String controller, int port) implements Selection {}

  /** A controller. */
  record OfBox(String controller) implements Selection {}

  /** Something else that stands on the elevation, by its id; a note by its number from 0. */
  record OfPlace(Kind kind, String id) implements Selection {}

  /** Kinds of places. */
  enum Kind {
    SITE("a place where a box may stand"),
    OUTLET("outlet"),
    NETWORK("network point"),
    NOTE("note"),
    SET("plain set"),
    BULBS("bulb string");

    private final String text;

    Kind(String text) {
      this.text = text;
    }

    /** As people read it. */
    public String text() {
      return text;
    }
  }
}
