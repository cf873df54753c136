package bunting.core.checks;

/** What a finding is about. */
public record Subject(Kind kind, String id) {
  /** Kinds of things with ids. */
  public enum Kind {
    SHOW,
    SETTING,
    RUN,
    SEGMENT,
    FEED,
    CONTROLLER,
    SUPPLY,
    CIRCUIT
  }
}
