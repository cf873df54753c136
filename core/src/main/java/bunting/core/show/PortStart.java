package bunting.core.show;

/** Where the slots of a port begin. */
public enum PortStart {
  /** In the slot after the port before it. */
  CONTINUOUS("continuous"),
  /** At slot 1 of a fresh universe. */
  NEW_UNIVERSE("new-universe");

  private final String id;

  PortStart(String id) {
    this.id = id;
  }

  /** The name used in files. */
  public String id() {
    return id;
  }
}
