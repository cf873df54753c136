package bunting.core.checks;

/** How grave a finding is, gravest first. */
public enum Severity {
  /** Do not build this. */
  STOP,
  /** Look at it before you build. */
  WARN,
  /** Good to know. */
  NOTE;

  /** The name used in files. */
  public String id() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }
}
