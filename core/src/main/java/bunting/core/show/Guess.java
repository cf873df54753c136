package bunting.core.show;

import java.util.Optional;

/**
 * How far the measures of a run can be trusted. What was measured with a tape holds; a guess may be
 * so much longer or shorter.
 *
 * @param lengthPercent give or take on its length, percent; 0: not said
 * @param leadPercent give or take on its lead, percent; 0: as measured, or by the rule for lengths
 * @param readOff the thing of known size that its length was read off, such as a door in a photo
 */
public record Guess(double lengthPercent, double leadPercent, Optional<String> readOff) {
  /** All measured. */
  public static final Guess NONE = new Guess(0, 0, Optional.empty());

  /** Give or take of a length that somebody paced or guessed (common practice, no source). */
  public static final double USUAL_PERCENT = 15;

  /** Give or take of a length that was read off a thing of known size (our reckoning). */
  public static final double READ_OFF_PERCENT = 5;

  public Guess {
    lengthPercent += 0.0;
    leadPercent += 0.0;
    readOff = readOff.filter(t -> !t.isBlank());
  }

  /** Give or take on its length, percent: as said, else the usual one of what was read off. */
  public double length() {
    return lengthPercent == 0 && readOff.isPresent() ? READ_OFF_PERCENT : lengthPercent;
  }

  /** Whether anything is not measured. */
  public boolean any() {
    return length() > 0 || leadPercent > 0;
  }

  /** How its length is known, in words. */
  public String words() {
    String about = "give or take " + Texts.number(length()) + " %";
    return readOff
        .map(t -> "read off " + t + ", " + about)
        .orElse(lengthPercent > 0 ? "guessed, " + about : "measured");
  }

  /** The same with another give or take on the length. */
  public Guess withLength(double percent) {
    return new Guess(percent, leadPercent, readOff);
  }

  /** The same with another give or take on the lead. */
  public Guess withLead(double percent) {
    return new Guess(lengthPercent, percent, readOff);
  }

  /** The same read off another thing; empty: off none. */
  public Guess withReadOff(Optional<String> thing) {
    return new Guess(lengthPercent, leadPercent, thing);
  }
}
