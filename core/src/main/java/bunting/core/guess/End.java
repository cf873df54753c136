package bunting.core.guess;

/** Where in its range a guessed measure turns out to be. */
public enum End {
  /** At the shortest. */
  SHORT(-1, "at its shortest"),
  /** As it was guessed. */
  AS_SAID(0, "as it was guessed"),
  /** At the longest. */
  LONG(1, "at its longest");

  private final int sign;
  private final String words;

  End(int sign, String words) {
    this.sign = sign;
    this.words = words;
  }

  /** As people say it of one measure. */
  public String words() {
    return words;
  }

  /** What a measure is multiplied by, give or take so many percent. */
  double times(double percent) {
    return 1 + sign * percent / 100;
  }
}
