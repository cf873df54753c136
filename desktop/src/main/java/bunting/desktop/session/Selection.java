package bunting.desktop.session;

import bunting.core.show.edit.PlaceKind;

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
  record OfPlace(PlaceKind kind, String id) implements Selection {}
}
