package bunting.core.show;

/** Whether somebody can turn a circuit off without knowing what hangs on it. */
public enum WallSwitch {
  /** There is none. */
  NONE("none", "no wall switch"),
  /** There is one, and anybody may press it. */
  OPEN("open", "a wall switch that anybody may press"),
  /** It is held on by a guard. */
  GUARDED("guarded", "a wall switch under a guard"),
  /** It is bypassed, by somebody who may. */
  BYPASSED("bypassed", "a wall switch that is bypassed");

  private final String id;
  private final String words;

  WallSwitch(String id, String words) {
    this.id = id;
    this.words = words;
  }

  /** Its name in files. */
  public String id() {
    return id;
  }

  /** What it is, for people. */
  public String words() {
    return words;
  }
}
