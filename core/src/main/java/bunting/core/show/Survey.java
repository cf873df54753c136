package bunting.core.show;

import java.util.List;
import java.util.Optional;

/**
 * What stands on the elevation besides runs and boxes.
 *
 * @param feet whether lengths are shown in feet; they are kept in metres
 * @param underlay a picture to trace on
 * @param outlets where mains can be had, ids unique
 * @param networkPoints where the network can be had, ids unique
 * @param notes words at a place
 * @param faces sheets beside the front, names unique
 */
public record Survey(
    boolean feet,
    Optional<Underlay> underlay,
    List<Outlet> outlets,
    List<Site> networkPoints,
    List<Note> notes,
    List<Face> faces) {
  /** Metres, and nothing on it. */
  public static final Survey EMPTY =
      new Survey(false, Optional.empty(), List.of(), List.of(), List.of(), List.of());

  public Survey {
    outlets = List.copyOf(outlets);
    networkPoints = List.copyOf(networkPoints);
    notes = List.copyOf(notes);
    faces = List.copyOf(faces);
  }

  /** An outlet, and the circuit that it is on where that is known. */
  public record Outlet(String id, Point at, Optional<String> circuit) {}

  /** Words at a place. */
  public record Note(String text, Point at) {}

  /** The same in feet or metres. */
  public Survey withFeet(boolean shown) {
    return new Survey(shown, underlay, outlets, networkPoints, notes, faces);
  }

  /** The same with another underlay, or none. */
  public Survey withUnderlay(Optional<Underlay> other) {
    return new Survey(feet, other, outlets, networkPoints, notes, faces);
  }

  /** The same with other outlets. */
  public Survey withOutlets(List<Outlet> list) {
    return new Survey(feet, underlay, list, networkPoints, notes, faces);
  }

  /** The same with other network points. */
  public Survey withNetworkPoints(List<Site> list) {
    return new Survey(feet, underlay, outlets, list, notes, faces);
  }

  /** The same with other notes. */
  public Survey withNotes(List<Note> list) {
    return new Survey(feet, underlay, outlets, networkPoints, list, faces);
  }

  /** The same with other faces. */
  public Survey withFaces(List<Face> list) {
    return new Survey(feet, underlay, outlets, networkPoints, notes, list);
  }
}
