package bunting.core.show;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;

/**
 * A measured line of pixels of one type.
 *
 * @param name unique name
 * @param type id of its pixel type
 * @param pixels how many there are, 1 to 1,000,000: the built count where it is known, else the
 *     planned one
 * @param planned the planned count, once a built one is known
 * @param lengthM measured length, where one was given, metres
 * @param hanging where it hangs
 * @param leadM cable from the box to pixel 1, where it was measured, metres
 * @param group runs of one group belong on one controller
 * @param pin where the builder wants it
 * @param split whether it may be divided between ports
 * @param fitting how its slots lie on its pixels
 * @param guess how far its measures can be trusted
 * @param notes columns that are not ours, kept
 */
public record Run(
    String name,
    String type,
    int pixels,
    OptionalInt planned,
    OptionalDouble lengthM,
    Hanging hanging,
    OptionalDouble leadM,
    Optional<String> group,
    Optional<Pin> pin,
    boolean split,
    Fitting fitting,
    Guess guess,
    Map<String, String> notes) {
  /** Most pixels that a run may have. */
  public static final int PIXELS_MAX = 1_000_000;

  public Run {
    notes = java.util.Collections.unmodifiableMap(new TreeMap<>(notes));
  }

  /** A straight run, not counted yet, its slots in plain order. */
  public Run(
      String name,
      String type,
      int pixels,
      OptionalDouble lengthM,
      Point start,
      Optional<Point> end,
      OptionalDouble leadM,
      Optional<String> group,
      Optional<Pin> pin,
      boolean split,
      Map<String, String> notes) {
    this(
        name,
        type,
        pixels,
        OptionalInt.empty(),
        lengthM,
        Hanging.straight(start, end),
        leadM,
        group,
        pin,
        split,
        Fitting.PLAIN,
        Guess.NONE,
        notes);
  }

  /** A run with nothing but the necessary. */
  public static Run of(String name, String type, int pixels) {
    return new Run(
        name,
        type,
        pixels,
        OptionalDouble.empty(),
        new Point(0, 0),
        Optional.empty(),
        OptionalDouble.empty(),
        Optional.empty(),
        Optional.empty(),
        true,
        Map.of());
  }

  /** Where pixel 1 is. */
  public Point start() {
    return hanging.start();
  }

  /** Where the last pixel is, where that is known. */
  public Optional<Point> end() {
    return hanging.end();
  }

  /** The count that was planned. */
  public int plannedPixels() {
    return planned.orElse(pixels);
  }

  /** The count that was built, where it is known. */
  public OptionalInt built() {
    return planned.isPresent() ? OptionalInt.of(pixels) : OptionalInt.empty();
  }

  /** The same with another planned count; a built one that is known goes on to hold. */
  public Run withPixels(int count) {
    boolean counted = planned.isPresent();
    OptionalInt plan = counted ? OptionalInt.of(count) : planned;
    int now = counted ? pixels : count;
    return new Run(
        name, type, now, plan, lengthM, hanging, leadM, group, pin, split, fitting, guess, notes);
  }

  /** The same as it was built; empty: not counted yet, the plan holds again. */
  public Run withBuilt(OptionalInt count) {
    OptionalInt plan = count.isPresent() ? OptionalInt.of(plannedPixels()) : OptionalInt.empty();
    int now = count.orElse(plannedPixels());
    return new Run(
        name, type, now, plan, lengthM, hanging, leadM, group, pin, split, fitting, guess, notes);
  }

  /** The same under another name. */
  public Run withName(String other) {
    return new Run(
        other, type, pixels, planned, lengthM, hanging, leadM, group, pin, split, fitting, guess,
        notes);
  }

  /** The same with another pixel type. */
  public Run withType(String id) {
    return new Run(
        name, id, pixels, planned, lengthM, hanging, leadM, group, pin, split, fitting, guess,
        notes);
  }

  /** The same with another measured length. */
  public Run withLength(OptionalDouble metres) {
    return new Run(
        name, type, pixels, planned, metres, hanging, leadM, group, pin, split, fitting, guess,
        notes);
  }

  /** The same hanging elsewhere. */
  public Run withHanging(Hanging where) {
    return new Run(
        name, type, pixels, planned, lengthM, where, leadM, group, pin, split, fitting, guess,
        notes);
  }

  /** The same with another measured lead; empty: by the rule for lengths. */
  public Run withLead(OptionalDouble metres) {
    return new Run(
        name, type, pixels, planned, lengthM, hanging, metres, group, pin, split, fitting, guess,
        notes);
  }

  /** The same in another group; empty: in none. */
  public Run withGroup(Optional<String> other) {
    return new Run(
        name, type, pixels, planned, lengthM, hanging, leadM, other, pin, split, fitting, guess,
        notes);
  }

  /** The same with another pin; empty: free. */
  public Run withPin(Optional<Pin> to) {
    return new Run(
        name, type, pixels, planned, lengthM, hanging, leadM, group, to, split, fitting, guess,
        notes);
  }

  /** The same with its slots laid otherwise. */
  public Run withFitting(Fitting other) {
    return new Run(
        name, type, pixels, planned, lengthM, hanging, leadM, group, pin, split, other, guess,
        notes);
  }

  /** The same with measures that are trusted otherwise. */
  public Run withGuess(Guess other) {
    return new Run(
        name, type, pixels, planned, lengthM, hanging, leadM, group, pin, split, fitting, other,
        notes);
  }

  /** The same with other notes. */
  public Run withNotes(Map<String, String> other) {
    return new Run(
        name, type, pixels, planned, lengthM, hanging, leadM, group, pin, split, fitting, guess,
        other);
  }

  /** The same, which may be divided between ports or not. */
  public Run withSplit(boolean may) {
    return new Run(
        name, type, pixels, planned, lengthM, hanging, leadM, group, pin, may, fitting, guess,
        notes);
  }
}
