package bunting.core.ports;

/** In which order a first fit goes through runs and boxes. */
enum Preference {
  /** Runs in the order of the list, the nearest box first. */
  LIST_ORDER,
  /** Runs that few boxes can take first, largest first; boxes that can do little else first. */
  SCARCE_FIRST,
  /** As the list goes, but undivided runs before those that can fill what is left. */
  WHOLE_FIRST,
  /** As the list goes, but a run is divided over what is free before a box is added. */
  FILL_UP,
  /** As the list goes, groups not regarded. */
  SINGLY,
  /** As the list goes, a port that is free before one that is in use. */
  SPREAD
}
