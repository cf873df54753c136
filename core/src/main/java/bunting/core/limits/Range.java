package bunting.core.limits;

import bunting.core.show.Face;
import bunting.core.show.Texts;

/**
 * The numbers that a field may have.
 *
 * @param least the least, included unless {@code aboveLeast}
 * @param most the most, included
 * @param aboveLeast whether the least itself is out
 * @param text as it is said behind "a number"
 */
public record Range(double least, double most, boolean aboveLeast, String text) {
  /** More than any quantity of a show is; keeps sums and squares finite. */
  private static final double MOST = 1e12;

  /** A currency is a code or a sign, no sentence: so many characters. */
  public static final int CURRENCY_MAX = 8;

  /** Places on the elevation, metres. */
  public static final Range PLACE = between(-100_000, 100_000);

  /** Lengths, metres. */
  public static final Range LENGTH = between(0, 100_000);

  /** Give or take of a measure, percent. */
  public static final Range GUESS = between(0, 90);

  /** Measured lengths of a run, metres. */
  public static final Range RUN_LENGTH = aboveTo(0, 100_000);

  /** Volts of a plain set. */
  public static final Range SET_VOLTS = aboveTo(0, 60);

  /** Watts of a plain set. */
  public static final Range SET_WATTS = aboveTo(0, 100_000);

  /** Outputs that a plain set takes. */
  public static final Range SET_CHANNELS = between(1, 12);

  /** Watts of one bulb. */
  public static final Range BULB_WATTS = aboveTo(0, 10_000);

  /** Amps that the cord of a bulb string bears. */
  public static final Range CORD_AMPS = aboveTo(0, 100);

  /** Minutes of work on one thing. */
  public static final Range MINUTES = between(0, 100_000);

  /** Ports that are kept free on each box. */
  public static final Range SPARE_PORTS = between(0, 10_000);

  /** Metres of a face, from corner to corner. */
  public static final Range FACE = between(Face.LEAST_M, 200_000);

  /** Turns of a winding. */
  public static final Range WINDINGS = aboveTo(0, 10_000);

  /** Degrees of a beginning or a direction. */
  public static final Range TURNS = between(-100_000, 100_000);

  /** Degrees Celsius of copper at work. */
  public static final Range CELSIUS = between(-50, 150);

  /** Milliohms of a fuse, a contact or a board's path. */
  public static final Range MILLIOHMS = between(0, 1000);

  /** Metres of a board's input wires. */
  public static final Range INPUT_LENGTH = between(0, 1000);

  /** Pixels of a run. */
  public static final Range PIXELS = between(1, 1_000_000);

  /** Pixels a metre: from one in a kilometre to what no eye parts. */
  public static final Range PITCH = between(0.001, 100_000);

  /** Volts, of pixels, supplies and mains. */
  public static final Range VOLTS = between(0.1, 100_000);

  /** Milliamps of a pixel. */
  public static final Range MILLIAMPS = between(0, 100_000);

  /** Ohms of a metre of rail. */
  public static final Range RAIL_OHMS = between(0, 1_000_000);

  /** Frames a second. */
  public static final Range FPS = aboveTo(0, 1_000_000);

  /** Amps that something bears or carries. */
  public static final Range AMPS = between(0, 1_000_000);

  /** What a rail bears, amps. */
  public static final Range RAIL_AMPS = aboveTo(0, 1_000_000);

  /** Watts of something that gives or takes some. */
  public static final Range WATTS = between(0.1, 1_000_000_000);

  /** Money for one thing or one metre. */
  public static final Range MONEY = between(0, 1_000_000_000);

  /** Metres of the elevation that one unit of a picture is. */
  public static final Range METRES_PER_UNIT = aboveTo(0, 1000);

  /** Degrees of a turn. */
  public static final Range DEGREES = between(-360, 360);

  /** Spares, percent of what is used. */
  public static final Range SPARE_PERCENT = between(0, 1000);

  /** Rating of a breaker, amps. */
  public static final Range BREAKER = aboveTo(0, 1_000_000);

  /** Share of a breaker for hours, percent. */
  public static final Range CONTINUOUS = between(1, 100);

  /** Days that something may hang. */
  public static final Range DAYS = between(1, 36_500);

  /** Days that something takes or comes before another. */
  public static final Range DAYS_AHEAD = between(0, 1000);

  /** What is in a pack; 0: not said. */
  public static final Range PACK = between(0, 1_000_000);

  /** Bits of a mask. */
  public static final Range PREFIX = between(8, 30);

  /** Phases of the mains. */
  public static final Range PHASE = between(1, 3);

  /** Degrees north. */
  public static final Range LATITUDE = between(-90, 90);

  /** Degrees east. */
  public static final Range LONGITUDE = between(-180, 180);

  /** Minutes after a time of the day; below 0: before. */
  public static final Range MINUTES_APART = between(-720, 720);

  /** Years of a calendar. */
  public static final Range YEARS = between(1901, 2199);

  /** Days of a season at most, after its first. */
  public static final int SEASON_DAYS = 3660;

  /** Percent. */
  public static final Range PERCENT = between(0, 100);

  /** Size of a wire; 0 where none is known. */
  public static final Range WIRE_MM2 = between(0, 1000);

  /** Least volts, percent of the nominal. */
  public static final Range LEAST_VOLTS = between(1, 100);

  /** Volts that a plan keeps above the least, percent of the nominal. */
  public static final Range VOLTS_MARGIN = between(0, 50);

  /** What a meter may read, volts. */
  public static final Range READ_VOLTS = between(0, 1000);

  /** Both ends included. */
  public static Range between(double least, double most) {
    return new Range(
        least, most, false, "from " + Texts.number(least) + " to " + Texts.number(most));
  }

  /** From so much on. */
  public static Range atLeast(double least) {
    return new Range(least, MOST, false, "of at least " + Texts.number(least));
  }

  /** Over so much. */
  public static Range above(double least) {
    return new Range(least, MOST, true, "over " + Texts.number(least));
  }

  /** Over so much, to so much. */
  public static Range aboveTo(double least, double most) {
    return new Range(
        least, most, true, "over " + Texts.number(least) + ", to " + Texts.number(most));
  }

  /** Whether a number is one of them. */
  public boolean holds(double value) {
    return Double.isFinite(value) && value <= most && (aboveLeast ? value > least : value >= least);
  }
}
