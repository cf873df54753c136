package bunting.core.faults;

import bunting.core.assess.SegmentReading;
import bunting.core.dc.Shedding;
import bunting.core.pattern.Pattern;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;

/**
 * How well a fault's picture fits what was reported.
 *
 * <p>Each range that was seen counts as {@link #RANGE_WEIGHT} looks, however long it is, so that a
 * boundary that is off by a few pixels costs little and one that is off by half a range much. The
 * shares with which one look is taken for another are our reckoning. A reading counts by a normal
 * error of {@link #METER_SHARE} of the nominal volts, with a floor, since people also misread.
 *
 * <p>Where no look tells, all of a range costs as much as one look that is a third as likely.
 *
 * <p>What is not mentioned is not known, but people point at what is wrong: a fault that would show
 * much that nobody mentioned under the pattern that was looked at pays a little.
 */
final class Likelihood {
  private static final double RANGE_WEIGHT = 12;
  private static final double SAME = 0.9;
  private static final double UNTOLD = 0.3;
  private static final double NEAR = 0.12;
  private static final double HARDLY = 0.04;
  private static final double NEVER = 0.006;

  /** Meters and eyes of a threshold: half a percent of the nominal volts, 20 mV at least. */
  private static final double METER_SHARE = 0.005;

  private static final double METER_LEAST_VOLTS = 0.02;
  private static final double MISREAD = 1e-5;

  /** Within this share of a threshold a look may be either. */
  private static final double EDGE_SHARE = 0.006;

  private static final double UNMENTIONED_WEIGHT = 0.35;
  private static final double UNMENTIONED_PIXELS = 50;

  private final Pictures pictures;
  private final Layout layout;
  private final Observed observed;

  Likelihood(Pictures pictures, Observed observed) {
    this.pictures = pictures;
    this.layout = pictures.layout();
    this.observed = observed;
  }

  /**
   * The logarithm of how likely the report is, were this the fault, beside one that fits in all.
   */
  double of(Fault fault) {
    double sum = 0;
    for (Observed.Seen seen : observed.seen()) {
      sum += seen(fault, seen);
    }
    for (Observed.Reading reading : observed.readings()) {
      sum += reading(fault, reading);
    }
    return sum;
  }

  /** The same, but that it grows all the way towards what was read: for finding an amount. */
  double near(Fault fault) {
    double sum = 0;
    for (Observed.Seen seen : observed.seen()) {
      sum += seen(fault, seen);
    }
    for (Observed.Reading reading : observed.readings()) {
      double z = errors(fault, reading);
      sum -= Math.abs(z) < 1 ? z * z / 2 : Math.abs(z) - 0.5;
    }
    return sum;
  }

  private double seen(Fault fault, Observed.Seen seen) {
    double sum = 0;
    int count = 0;
    int untold = 0;
    for (Layout.Span p : layout.spans(seen.run(), seen.firstPixel(), seen.lastPixel())) {
      Picture picture = pictures.of(fault, seen.sending(), p.part().chain());
      for (int at = p.from(); at < p.to(); at++) {
        untold += picture.looks()[at].isEmpty() ? 1 : 0;
        sum += Math.log(share(picture, at, p.part().segment(), seen.looks()) / SAME);
      }
      count += p.count();
    }
    double known = count == 0 ? 0 : sum / count * Math.min(RANGE_WEIGHT, count);
    return known + (count == 0 ? 0 : Math.log(UNTOLD / SAME) * untold / count);
  }

  private static double share(Picture picture, int at, SegmentReading segment, Looks seen) {
    Optional<Looks> wanted = picture.looks()[at];
    if (wanted.isEmpty() || wanted.get() == seen) {
      return SAME;
    }
    double share = picture.volts()[at] / segment.type().volts();
    boolean edge =
        Math.abs(share - Pictures.ORANGE_SHARE) < EDGE_SHARE
            || Math.abs(share - Shedding.DARK_SHARE) < EDGE_SHARE;
    return edge && power(wanted.get()) && power(seen) ? SAME / 2 : taken(wanted.get(), seen);
  }

  private static boolean power(Looks looks) {
    return looks == Looks.RIGHT || looks == Looks.ORANGE || looks == Looks.DARK;
  }

  private static final Map<Looks, Map<Looks, Double>> TAKEN =
      Map.of(
          Looks.RIGHT, Map.of(Looks.ORANGE, HARDLY, Looks.DIM, HARDLY),
          Looks.ORANGE,
              Map.of(
                  Looks.RIGHT,
                  HARDLY,
                  Looks.DARK,
                  HARDLY,
                  Looks.WRONG_COLOUR,
                  NEAR,
                  Looks.DIM,
                  NEAR),
          Looks.DARK, Map.of(Looks.ORANGE, HARDLY, Looks.FROZEN, HARDLY),
          Looks.SHIFTED, Map.of(Looks.WRONG_COLOUR, NEAR, Looks.BACKWARDS, HARDLY),
          Looks.WRONG_COLOUR, Map.of(Looks.SHIFTED, NEAR, Looks.ORANGE, HARDLY),
          Looks.BACKWARDS, Map.of(Looks.SHIFTED, NEAR),
          Looks.SPARKLING, Map.of(Looks.WRONG_COLOUR, NEAR, Looks.DARK, HARDLY),
          Looks.FROZEN, Map.of(Looks.DARK, HARDLY, Looks.WRONG_COLOUR, HARDLY),
          Looks.DIM, Map.of(Looks.ORANGE, NEAR, Looks.RIGHT, NEAR));

  private static double taken(Looks is, Looks seen) {
    return TAKEN.getOrDefault(is, Map.of()).getOrDefault(seen, NEVER);
  }

  private double reading(Fault fault, Observed.Reading reading) {
    double z = errors(fault, reading);
    return Math.log(Math.max(MISREAD, Math.exp(-z * z / 2)));
  }

  /** By how many usual errors of a meter a reading is off. */
  private double errors(Fault fault, Observed.Reading reading) {
    Optional<Layout.Part> part = layout.partAt(reading.run(), reading.pixel());
    if (part.isEmpty()) {
      return 0;
    }
    Layout.Chain chain = part.get().chain();
    int at = part.get().indexOf(reading.pixel());
    Picture picture = pictures.of(fault, reading.sending(), chain);
    double volts = picture.volts()[at];
    double nominal = part.get().segment().type().volts();
    double off = reading.volts() - volts;
    if (off > 0 && unlit(fault, picture.looks())) {
      // Pixels without data draw no more than at idle: how much less there is nobody knows.
      off = Math.max(0, reading.volts() - Math.max(volts, pictures.idleVolts(chain)[at]));
    }
    return off / Math.max(METER_LEAST_VOLTS, METER_SHARE * nominal);
  }

  /** Whether the fault, and not want of volts, keeps pixels of the chain from what is sent. */
  private static boolean unlit(Fault fault, Optional<Looks>[] looks) {
    boolean data =
        switch (fault.kind()) {
          case DATA_OPEN,
              DEAD_PIXEL,
              PORT_DEAD,
              CONTROLLER_OFF,
              CONTROLLER_HUNG,
              FED_BACK,
              OTHER_SUBNET,
              LIMITER_LOW,
              STARVED ->
              true;
          default -> false;
        };
    if (!data) {
      return false;
    }
    for (Optional<Looks> look : looks) {
      if (look.filter(l -> l == Looks.DARK || l == Looks.FROZEN || l == Looks.DIM).isPresent()) {
        return true;
      }
    }
    return false;
  }

  /** What a fault pays for all that it would show and nobody mentioned. */
  double unmentioned(Fault fault) {
    int pixels = 0;
    for (Observed.Sending sending :
        observed.seen().stream().map(Observed.Seen::sending).distinct().toList()) {
      if (sending.pattern() != Pattern.BLACK) {
        for (Layout.Chain chain : layout.chains()) {
          if (pictures.touches(fault, chain)) {
            pixels += wrong(pictures.of(fault, sending, chain), sending, chain);
          }
        }
      }
    }
    return -UNMENTIONED_WEIGHT * Math.log1p(pixels / UNMENTIONED_PIXELS);
  }

  private int wrong(Picture picture, Observed.Sending sending, Layout.Chain chain) {
    boolean[] told = new boolean[chain.pixels()];
    for (Observed.Seen seen : observed.seen()) {
      if (seen.sending().equals(sending)) {
        layout.spans(seen, chain).forEach(p -> Arrays.fill(told, p.from(), p.to(), true));
      }
    }
    int wrong = 0;
    for (int i = 0; i < told.length; i++) {
      boolean off = picture.looks()[i].filter(l -> l != Looks.RIGHT).isPresent();
      wrong += off && !told[i] ? 1 : 0;
    }
    return wrong;
  }
}
