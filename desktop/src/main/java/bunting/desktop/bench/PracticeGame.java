package bunting.desktop.bench;

import bunting.core.faults.Fault;
import bunting.core.faults.FaultKind;
import bunting.core.faults.Planting;
import bunting.core.faults.Whereabouts;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;

/**
 * A fault to find: planted by a seed, so that two can compete; what was tried and how long it took
 * are counted, and the guess is judged by kind and by place.
 */
final class PracticeGame {
  /** How hard. */
  enum Level {
    /** Nothing lights, or all of it is wrong. */
    EASY("Easy"),
    /** It shows under the right pattern. */
    USUAL("Usual"),
    /** It wants a meter, or two patterns. */
    HARD("Hard");

    private final String text;

    Level(String text) {
      this.text = text;
    }

    String text() {
      return text;
    }

    List<FaultKind> kinds() {
      return switch (this) {
        case EASY ->
            List.of(
                FaultKind.FUSE_OPEN,
                FaultKind.SUPPLY_OFF,
                FaultKind.CONTROLLER_OFF,
                FaultKind.DEAD_PIXEL,
                FaultKind.ORDER_WRONG,
                FaultKind.CONTROLLER_HUNG);
        case USUAL ->
            List.of(
                FaultKind.DATA_OPEN,
                FaultKind.FEED_OPEN,
                FaultKind.PORTS_SWAPPED,
                FaultKind.RUN_REVERSED,
                FaultKind.COUNT_OFF,
                FaultKind.NOISE,
                FaultKind.PORT_DEAD,
                FaultKind.LIMITER_LOW);
        case HARD ->
            List.of(
                FaultKind.THIN_LEAD,
                FaultKind.SUPPLY_LOW,
                FaultKind.UNIVERSE_OFF,
                FaultKind.CIRCUIT_OFF,
                FaultKind.STARVED,
                FaultKind.FED_BACK);
      };
    }
  }

  private final Fault fault;
  private final Whereabouts whereabouts;
  private final Level level;
  private final long seed;
  private final InstantSource clock;
  private final Instant began;
  private Optional<Instant> ended = Optional.empty();
  private int tests;
  private int guesses;

  private PracticeGame(Rig rig, Fault fault, Level level, long seed, InstantSource clock) {
    this.fault = fault;
    this.whereabouts = Whereabouts.of(rig.pictures(), fault);
    this.level = level;
    this.seed = seed;
    this.clock = clock;
    this.began = clock.instant();
  }

  /** A game; empty where the plan has no place for any fault of that level. */
  static Optional<PracticeGame> of(Rig rig, Level level, long seed, InstantSource clock) {
    List<FaultKind> kinds = new ArrayList<>(level.kinds());
    // Seeds that people type are small and near each other, and begin alike without this.
    long mixed = new SplittableRandom(seed).nextLong();
    Planting planting = new Planting(rig.pictures(), mixed);
    Random random = new Random(mixed);
    while (!kinds.isEmpty()) {
      FaultKind kind = kinds.remove(random.nextInt(kinds.size()));
      Optional<Fault> fault = planting.plant(kind);
      if (fault.isPresent()) {
        return fault.map(f -> new PracticeGame(rig, f, level, seed, clock));
      }
    }
    return Optional.empty();
  }

  Fault fault() {
    return fault;
  }

  /** Where it is, and what one says of it afterwards. */
  Whereabouts whereabouts() {
    return whereabouts;
  }

  Level level() {
    return level;
  }

  long seed() {
    return seed;
  }

  /** Something was tried. */
  void tried() {
    tests += ended.isEmpty() ? 1 : 0;
  }

  int tests() {
    return tests;
  }

  int guesses() {
    return guesses;
  }

  boolean over() {
    return ended.isPresent();
  }

  /** How long it takes, or took. */
  Duration time() {
    return Duration.between(began, ended.orElseGet(clock::instant));
  }

  /** How near a guess is. */
  enum Near {
    /** That is it. */
    FOUND,
    /** The kind is right, the place is not. */
    KIND,
    /** The place is right, the kind is not. */
    PLACE,
    /** Neither. */
    FAR
  }

  /**
   * Judges a guess.
   *
   * @param place the run, box or part that was named; what is behind it counts too
   */
  Near guess(FaultKind kind, String place) {
    guesses++;
    boolean there = whereabouts.places().contains(place);
    boolean same = kind == fault.kind();
    if (same && there) {
      ended = Optional.of(clock.instant());
      return Near.FOUND;
    }
    return same ? Near.KIND : there ? Near.PLACE : Near.FAR;
  }

  /** Gives up. */
  void giveUp() {
    ended = ended.or(() -> Optional.of(clock.instant()));
  }
}
