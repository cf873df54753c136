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
}
