package bunting.core.show;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A plain set: all its lights are one colour at a time, driven by PWM outputs, one a colour.
 *
 * @param name unique among runs and sets
 * @param volts nominal volts
 * @param channels colours, each an output: 1 white, 3 RGB, 4 RGBW
 * @param watts of the whole set with all colours full
 * @param at where its lead begins, metres
 * @param leadM cable from the dimmer, where it was measured, metres
 * @param group sets of one group come one after the other
 */
public record PlainSet(
    String name,
    double volts,
    int channels,
    double watts,
    Point at,
    OptionalDouble leadM,
    Optional<String> group) {

  /** The same under another name. */
  public PlainSet withName(String other) {
    return new PlainSet(other, volts, channels, watts, at, leadM, group);
  }

  /** The same elsewhere. */
  public PlainSet at(Point place) {
    return new PlainSet(name, volts, channels, watts, place, leadM, group);
  }

  /** The same with other figures. */
  public PlainSet with(double nominalVolts, int colours, double allWatts) {
    return new PlainSet(name, nominalVolts, colours, allWatts, at, leadM, group);
  }

  /** Amps of the set at a brightness in percent: watts / volts. */
  public double amps(double brightnessPercent) {
    return watts / volts * brightnessPercent / 100;
  }

  /** Amps of one output: the set's amps divided by its colours. */
  public double outputAmps(double brightnessPercent) {
    return amps(brightnessPercent) / channels;
  }
}
