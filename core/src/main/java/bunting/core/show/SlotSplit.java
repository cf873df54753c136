package bunting.core.show;

/** Whether a pixel may straddle two universes. */
public enum SlotSplit {
  /** Never: 170 RGB or 128 RGBW pixels in a universe. */
  WHOLE_PIXELS("whole-pixels"),
  /** All 512 slots are used. */
  FULL_UNIVERSE("full-universe");

  private final String id;

  SlotSplit(String id) {
    this.id = id;
  }

  /** The name used in files. */
  public String id() {
    return id;
  }
}
