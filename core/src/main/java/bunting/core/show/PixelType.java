package bunting.core.show;

import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * A kind of pixel as it can be seen and measured.
 *
 * @param id unique id
 * @param name for people
 * @param volts nominal volts
 * @param channels slots a pixel takes, 1 to 512
 * @param order colour order of its slots
 * @param bitsPerChannel bits on the wire for each channel
 * @param signal kind of data signal
 * @param pitchPerM pixels a metre
 * @param cutEvery pixels between cut marks
 * @param milliampsFull current at full white and nominal volts
 * @param milliampsIdle current while it shows black
 * @param load how the current answers to the voltage
 * @param railOhmsPerM resistance of one rail (go or return), ohms a metre
 * @param sheetMilliampsFull what the sheet says, where {@code milliampsFull} was measured by meter
 * @param railAmpsMax the most that one of its rails bears, where that is known
 * @param jointEvery pixels from connector to connector, where that is known
 */
public record PixelType(
    String id,
    String name,
    double volts,
    int channels,
    String order,
    int bitsPerChannel,
    Signal signal,
    double pitchPerM,
    int cutEvery,
    double milliampsFull,
    double milliampsIdle,
    LoadKind load,
    double railOhmsPerM,
    OptionalDouble sheetMilliampsFull,
    OptionalDouble railAmpsMax,
    OptionalInt jointEvery) {
  private static final double STRIP_PITCH = 20;

  /** Reels of 5 m for strips, strings of 50 for strings (common practice, no source). */
  private static final double STRIP_PACK_M = 5;

  private static final int STRING_PACK_PIXELS = 50;

  /** A type by its sheet. */
  public PixelType(
      String id,
      String name,
      double volts,
      int channels,
      String order,
      int bitsPerChannel,
      Signal signal,
      double pitchPerM,
      int cutEvery,
      double milliampsFull,
      double milliampsIdle,
      LoadKind load,
      double railOhmsPerM) {
    this(
        id,
        name,
        volts,
        channels,
        order,
        bitsPerChannel,
        signal,
        pitchPerM,
        cutEvery,
        milliampsFull,
        milliampsIdle,
        load,
        railOhmsPerM,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        OptionalInt.empty());
  }

  /** Whether it is a strip on a reel and not a string. */
  public boolean strip() {
    return isStrip(pitchPerM);
  }

  /** A strip has 20 pixels a metre or more (common practice, no source). */
  public static boolean isStrip(double pitchPerM) {
    return pitchPerM >= STRIP_PITCH;
  }

  /**
   * Pixels of one reel or string, from connector to connector: as it is known, else 5 m of strip or
   * 50 pixels.
   */
  public int packPixels() {
    int usual = strip() ? (int) Math.floor(pitchPerM * STRIP_PACK_M) : STRING_PACK_PIXELS;
    return jointEvery.orElse(Math.max(1, usual));
  }

  /** The same with another number of pixels from connector to connector. */
  public PixelType withJointEvery(OptionalInt pixels) {
    return new PixelType(
        id,
        name,
        volts,
        channels,
        order,
        bitsPerChannel,
        signal,
        pitchPerM,
        cutEvery,
        milliampsFull,
        milliampsIdle,
        load,
        railOhmsPerM,
        sheetMilliampsFull,
        railAmpsMax,
        pixels);
  }

  /** Whether its current was measured. */
  public boolean measured() {
    return sheetMilliampsFull.isPresent();
  }

  /** The same with a current that was measured; what the sheet says is kept beside it. */
  public PixelType withMeasured(double milliamps) {
    return new PixelType(
        id,
        name,
        volts,
        channels,
        order,
        bitsPerChannel,
        signal,
        pitchPerM,
        cutEvery,
        milliamps,
        Math.min(milliampsIdle, milliamps),
        load,
        railOhmsPerM,
        OptionalDouble.of(sheetMilliampsFull.orElse(milliampsFull)),
        railAmpsMax,
        jointEvery);
  }

  /** The same with rails that were measured, ohms a metre of one. */
  public PixelType withRailOhms(double ohmsPerM) {
    return new PixelType(
        id,
        name,
        volts,
        channels,
        order,
        bitsPerChannel,
        signal,
        pitchPerM,
        cutEvery,
        milliampsFull,
        milliampsIdle,
        load,
        ohmsPerM,
        sheetMilliampsFull,
        railAmpsMax,
        jointEvery);
  }

  /** The same with another kind of load. */
  public PixelType withLoad(LoadKind kind) {
    return new PixelType(
        id,
        name,
        volts,
        channels,
        order,
        bitsPerChannel,
        signal,
        pitchPerM,
        cutEvery,
        milliampsFull,
        milliampsIdle,
        kind,
        railOhmsPerM,
        sheetMilliampsFull,
        railAmpsMax,
        jointEvery);
  }

  /** The same with a known limit of its rails, amps. */
  public PixelType withRailAmpsMax(OptionalDouble amps) {
    return new PixelType(
        id,
        name,
        volts,
        channels,
        order,
        bitsPerChannel,
        signal,
        pitchPerM,
        cutEvery,
        milliampsFull,
        milliampsIdle,
        load,
        railOhmsPerM,
        sheetMilliampsFull,
        amps,
        jointEvery);
  }

  /** Nominal amps of one pixel at a brightness in percent. */
  public double amps(double brightnessPercent) {
    return (milliampsIdle + (milliampsFull - milliampsIdle) * brightnessPercent / 100) / 1000;
  }

  /** Time of one pixel on the wire in microseconds. */
  public double wireMicros() {
    return channels * (double) bitsPerChannel * signal.bitMicros();
  }

  /** Loop resistance (go and return) between two neighbouring pixels, ohms. */
  public double loopOhms() {
    return 2 * railOhmsPerM / pitchPerM;
  }
}
