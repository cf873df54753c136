package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.copper.Fuses;
import bunting.core.copper.Rails;
import bunting.core.island.Island;
import bunting.core.show.Feed;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A run's own rails are conductors, and nobody fuses them. */
final class RailAmps implements Check {
  @Override
  public String code() {
    return "rail-amps";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "The strip itself is a conductor too: foil and thin string wire carry what the fuse lets"
        + " through.";
  }

  @Override
  public String source() {
    return "no source: the wire of the same resistance by the table for fuses, half as much again"
        + " since foil and free strings shed heat; an assumption until the type says what"
        + " its rails bear";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Map<String, Double> fuses = new HashMap<>();
    for (Island island : reading.worst().islands()) {
      double fuse = island.feeds().stream().mapToDouble(Feed::fuseAmps).max().orElse(0);
      island.parts().forEach(p -> fuses.merge(p.segment(), fuse, Math::max));
    }
    Map<String, List<Strained>> byType = new LinkedHashMap<>();
    for (SegmentReading s : reading.segments()) {
      Rails.Limit limit = Rails.of(s.type());
      double amps = reading.worst().segments().get(s.segment().id()).railAmps();
      double fuse = fuses.getOrDefault(s.segment().id(), 0.0);
      boolean carries = !limit.given() && Fuses.over(amps, limit.amps());
      boolean bare = Fuses.over(fuse, Rails.FUSE_SHARE * limit.amps());
      if (carries || bare) {
        byType
            .computeIfAbsent(s.type().id(), k -> new ArrayList<>())
            .add(new Strained(s, limit, carries ? amps : 0, bare ? fuse : 0));
      }
    }
    byType.values().forEach(list -> report(reading, list, to));
  }

  /** A stretch that carries too much, or lies behind too large a fuse; 0: not that. */
  private record Strained(SegmentReading segment, Rails.Limit limit, double amps, double fuse) {
    double share() {
      return Math.max(amps, fuse / Rails.FUSE_SHARE) / limit.amps();
    }
  }

  private static void report(Reading reading, List<Strained> list, Reporter to) {
    list.sort(Comparator.comparingDouble(s -> -s.share()));
    Strained worst = list.getFirst();
    double most = worst.limit().amps();
    boolean carries = worst.amps() / most >= worst.fuse() / most / Rails.FUSE_SHARE;
    String assumed = worst.limit().given() ? "" : " (assumed)";
    String message =
        worst.segment().type().name()
            + ": the rails of "
            + Texts.count(list.size(), "stretch", "stretches")
            + " are not safe by what they bear, "
            + fixed(most, 1)
            + " A"
            + assumed
            + "; the worst, "
            + line(reading, worst)
            + ". A feed more takes amps out of the rail, a smaller fuse protects it; "
            + (worst.limit().given() ? "" : "measure one warm, or set the limit of its type.");
    to.report(
        Subject.Kind.SEGMENT,
        worst.segment().segment().id(),
        carries ? worst.amps() : worst.fuse(),
        carries ? most : Rails.FUSE_SHARE * most,
        "A",
        message.strip(),
        list.stream().map(s -> line(reading, s)).toList());
  }

  private static String line(Reading reading, Strained s) {
    String id = s.segment().segment().id();
    var flow = reading.worst().segments().get(id);
    List<String> parts = new ArrayList<>();
    if (s.amps() > 0) {
      parts.add(fixed(s.amps(), 1) + " A behind pixel " + flow.railAfter());
    }
    if (s.fuse() > 0) {
      parts.add(
          "a "
              + number(s.fuse())
              + " A fuse, over "
              + number(Rails.FUSE_SHARE)
              + " times what they bear");
    }
    return s.segment().run().name() + ": " + String.join(" and ", parts);
  }
}
