package bunting.desktop.survey;

import javafx.scene.input.KeyCode;

/** What the hand does on the elevation. */
public enum Tool {
  PICK(
      "Choose",
      KeyCode.C,
      "drag moves, Shift takes several, E: the group, Y: the type, V: next face, 1 to 8: lenses"),
  TRACE("Trace", KeyCode.R, "corner by corner, feed end first; type a length; Enter twice ends"),
  RING("Ring", KeyCode.G, "set its centre; then its measures at the right"),
  GRID("Grid", KeyCode.H, "set its first pixel; then its measures at the right"),
  SPOKES("Spokes", KeyCode.K, "set the hub; then the measures at the right"),
  VERTICALS("Verticals", KeyCode.J, "set the upper left end; then the measures at the right"),
  WRAP("Wrap", KeyCode.W, "two ends of a bar or a trunk; then girth and turns at the right"),
  WALL("Face", KeyCode.A, "on the plan: left and right corner of a face, seen from outside"),
  LEAD("Lead", KeyCode.L, "corners of the chosen run's lead from the box on; Enter twice ends"),
  CONTROLLER("Controller", KeyCode.B, "click where it stands; its type is at the right"),
  PLACE("Candidate place", KeyCode.M, "click where Bunting may put a controller"),
  OUTLET("Outlet", KeyCode.O, "set where it is"),
  NETWORK("Network", KeyCode.N, "set where the network can be had"),
  NOTE("Note", KeyCode.X, "set where it belongs"),
  SCALE("Scale", KeyCode.S, "two points of the picture whose distance you know"),
  STRAIGHT("Straighten", KeyCode.Q, "four corners of a rectangle in the photo, once round it"),
  PICTURE("Picture", KeyCode.P, "drag or arrow keys move the picture; [ ] turn, - + dim");

  private final String text;
  private final KeyCode key;
  private final String hint;

  Tool(String text, KeyCode key, String hint) {
    this.text = text;
    this.key = key;
    this.hint = hint;
  }

  /** As people read it. */
  public String text() {
    return text;
  }

  /** The key that takes it up while the elevation has the keyboard. */
  KeyCode key() {
    return key;
  }

  /** What to do with it. */
  String hint() {
    return hint;
  }
}
