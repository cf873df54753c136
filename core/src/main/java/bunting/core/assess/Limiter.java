package bunting.core.assess;

import bunting.core.copper.Fuses;
import bunting.core.island.Island;
import bunting.core.island.SolvedBox;
import bunting.core.show.LoadKind;
import bunting.core.show.PowerWays;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What full white would exceed, and the limiter setting that keeps each.
 *
 * <p>Between the brightness that is designed for and full white amps are taken along the chord.
 * That is exact where currents do not depend on volts or go with them. Where pixels keep their
 * power or lose headroom the true curve may lie above: there the setting is tried, and lowered
 * until it holds. What breaks down before full white is followed as far as it stands, to a percent.
 */
public final class Limiter {
  /** A setting that is tried and does not hold is lowered by so many percent. */
  private static final double TRY_PERCENT = 1;

  /**
   * Something that full white would exceed.
   *
   * @param name for people
   * @param carries amps at full white, or as far as it stands
   * @param allowed the most amps
   * @param givesWay whether a fuse opens or a supply cuts out there
   * @param collapse whether it breaks down before
   * @param percent the limiter setting that keeps it, rounded down
   * @param milliamps the same for limiters that are set in milliamps
   */
  public record Held(
      String name,
      double carries,
      double allowed,
      boolean givesWay,
      boolean collapse,
      double percent,
      Optional<String> milliamps) {
    double share() {
      return collapse ? Double.MAX_VALUE : allowed > 0 ? carries / allowed : Double.MAX_VALUE;
    }
  }

  private final Reading reading;
  private final double designed;
  private final Electrics electrics;

  private Limiter(Reading reading) {
    this.reading = reading;
    this.designed = reading.show().settings().brightnessPercent();
    this.electrics = new Electrics(reading.show(), reading.decisions(), List.of(), false);
  }

  /**
   * Everything, worst first; nothing where the show is designed for full white or has no limiter.
   */
  public static List<Held> of(Reading reading) {
    return reading.worst().brightnessPercent() >= PowerWays.FULL_PERCENT
        ? List.of()
        : new Limiter(reading).find();
  }

  /** Something that is exceeded and the setting that keeps it. */
  private record Kept(Strain strain, double percent) {}

  private List<Held> find() {
    List<Held> held = new ArrayList<>();
    double stands = collapses(held);
    Consequence most =
        stands < PowerWays.FULL_PERCENT ? electrics.at(stands, reading.others()) : reading.white();
    Map<String, Strain> before = new HashMap<>();
    Strains.of(reading, reading.designed()).forEach(s -> before.put(key(s), s));
    List<Kept> kept = new ArrayList<>();
    for (Strain s : Strains.of(reading, most)) {
      Strain low = before.get(key(s));
      if (Fuses.over(s.carries(), s.allowed()) && !Fuses.over(low.carries(), low.allowed())) {
        double share = (s.allowed() - low.carries()) / (s.carries() - low.carries());
        double percent = Math.floor(designed + share * (most.brightnessPercent() - designed));
        kept.add(new Kept(s, Math.max(designed, percent)));
      }
    }
    double least = kept.stream().mapToDouble(Kept::percent).min().orElse(designed);
    double keeps = bends() ? tried(least) : least;
    kept.forEach(k -> held.add(held(k.strain(), k.percent() > least ? k.percent() : keeps)));
    held.sort(Comparator.comparingDouble(h -> -h.share()));
    return held;
  }

  private static String key(Strain s) {
    return s.kind() + " " + s.id() + " " + s.port().orElse(0);
  }

  private Held held(Strain s, double percent) {
    return new Held(
        s.name(),
        s.carries(),
        s.allowed(),
        Fuses.over(s.carries(), s.rating()),
        false,
        percent,
        milliamps(s, percent));
  }

  /** What the pixels that a limiter counts draw at a setting. */
  private Optional<String> milliamps(Strain s, double percent) {
    if (s.board().isEmpty()) {
      return Optional.empty();
    }
    double amps = 0;
    for (SegmentReading r : reading.segments()) {
      boolean counts =
          r.segment().controller().equals(s.board())
              && (s.port().isEmpty() || s.port().getAsInt() == r.segment().port());
      amps += counts ? r.segment().pixels() * r.type().amps(percent) : 0;
    }
    String where =
        s.port().isPresent() ? "port " + s.port().getAsInt() + " of " + s.board() : s.board();
    return amps == 0
        ? Optional.empty()
        : Optional.of(Texts.fixed(Math.floor(1000 * amps), 0) + " mA on " + where);
  }

  /** Notes boxes and islands that break down before full white; how far all of it stands. */
  private double collapses(List<Held> held) {
    double least = PowerWays.FULL_PERCENT;
    int boards = reading.decisions().boards().size();
    for (int b = 0; b < boards; b++) {
      SolvedBox white = reading.white().boxes().get(b);
      if (!broken(white).isEmpty() && broken(reading.designed().boxes().get(b)).isEmpty()) {
        double low = Math.floor(designed);
        double high = PowerWays.FULL_PERCENT;
        while (high - low > 1) {
          double middle = Math.floor((low + high) / 2);
          boolean sound = broken(electrics.box(b, middle)).isEmpty();
          low = sound ? middle : low;
          high = sound ? high : middle;
        }
        low = Math.max(low, designed);
        least = Math.min(least, low);
        for (String name : broken(white)) {
          held.add(new Held(name, 0, 0, false, true, Math.floor(low), Optional.empty()));
        }
      }
    }
    return least;
  }

  private static List<String> broken(SolvedBox box) {
    List<String> names = new ArrayList<>();
    for (var chain : box.ports()) {
      if (chain.isPresent()) {
        for (Island i : chain.get().islands()) {
          if (!i.feeds().isEmpty() && i.solution().isEmpty()) {
            names.add(i.parts().getFirst().run());
          }
        }
      }
    }
    return names;
  }

  /** Whether currents answer to volts. */
  private boolean bends() {
    return reading.segments().stream().anyMatch(r -> r.type().load() != LoadKind.CONSTANT_CURRENT);
  }

  /** A setting lowered until nothing is exceeded there. */
  private double tried(double least) {
    double percent = least;
    while (percent > designed && exceeds(percent)) {
      percent = Math.max(designed, percent - TRY_PERCENT);
    }
    return percent;
  }

  private boolean exceeds(double percent) {
    return Strains.of(reading, electrics.at(percent, reading.others())).stream()
        .anyMatch(s -> Fuses.over(s.carries(), s.allowed()));
  }
}
