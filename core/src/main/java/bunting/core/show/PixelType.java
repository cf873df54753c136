package bunting.core.show;

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
    double railOhmsPerM) {

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
