package bunting.core.meter;

import bunting.core.assess.Consequence;
import bunting.core.assess.FeedReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.assess.Supposition;
import bunting.core.dc.VoltProfile;
import bunting.core.island.Alteration;
import bunting.core.patch.LightMap;
import bunting.core.patch.LightMaps;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * What a meter should read on a plan, by the plan's own network: at both ends of every segment, at
 * every feed and at the lowest pixel.
 */
public final class Meter {
  private final Reading reading;
  private final LightMap map;

  /** Of a plan. */
  public Meter(Reading reading) {
    this.reading = reading;
    this.map = LightMaps.of(reading);
  }

  /** The sheet of a setting; a feed that is not there changes nothing. */
  public MeterSheet read(MeterSetting setting) {
    Consequence then = consequence(setting);
    List<MeterSheet.Volts> volts = new ArrayList<>();
    for (SegmentReading s : reading.segments()) {
      volts(s, then.segments().get(s.segment().id()).volts(), volts);
    }
    return new MeterSheet(setting, volts, amps(then));
  }

  /** All that follows of a setting. */
  public Consequence consequence(MeterSetting setting) {
    return Sent.of(map, setting.pattern(), setting.brightnessPercent())
        .consequence(
            new Supposition(reading, setting.trims()), Alteration.without(setting.without()));
  }

  /** What a feed is worth: volts where it is joined on, with it and without. */
  public FeedWorth worth(MeterSetting setting, FeedReading feed) {
    Set<String> without = new java.util.HashSet<>(setting.without());
    without.add(feed.feed().id());
    String segment = feed.feed().segment();
    VoltProfile with = consequence(setting).segments().get(segment).volts();
    VoltProfile gone = consequence(setting.withoutFeeds(without)).segments().get(segment).volts();
    SegmentReading s =
        reading.segments().stream()
            .filter(r -> r.segment().id().equals(segment))
            .findFirst()
            .orElseThrow();
    int at = feed.feed().atPixel() - s.segment().firstPixel();
    return new FeedWorth(feed.feed().id(), with.at(at), gone.at(at), with.lowest(), gone.lowest());
  }

  /**
   * A feed, with and without.
   *
   * @param withVolts at its pixel
   * @param withoutVolts there when it is pulled
   * @param lowestWith of its segment
   * @param lowestWithout of its segment when it is pulled
   */
  public record FeedWorth(
      String feed,
      double withVolts,
      double withoutVolts,
      double lowestWith,
      double lowestWithout) {}

  private void volts(SegmentReading s, VoltProfile profile, List<MeterSheet.Volts> to) {
    int first = s.segment().firstPixel();
    TreeMap<Integer, String> places = new TreeMap<>();
    places.put(first, "start");
    places.merge(s.segment().lastPixel(), "end", (a, b) -> a + ", " + b);
    for (FeedReading f : reading.feedsOf(s.segment().id())) {
      places.merge(f.feed().atPixel(), "feed " + f.feed().id(), (a, b) -> a + ", " + b);
    }
    places.merge(first + profile.lowestIndex(), "lowest", (a, b) -> a + ", " + b);
    for (Map.Entry<Integer, String> p : places.entrySet()) {
      to.add(
          new MeterSheet.Volts(
              s.run().name(),
              s.segment().id(),
              p.getKey(),
              profile.at(p.getKey() - first),
              s.type().volts(),
              p.getValue()));
    }
  }

  private List<MeterSheet.Amps> amps(Consequence then) {
    List<MeterSheet.Amps> amps = new ArrayList<>();
    for (FeedReading f : reading.feeds()) {
      String id = f.feed().id();
      amps.add(new MeterSheet.Amps(MeterSheet.Kind.FEED, id, then.feedAmps(id)));
    }
    Map<Consequence.PortName, Double> ports = then.portAmps();
    for (PortReading p : reading.ports()) {
      if (p.pixels() > 0) {
        double own = ports.getOrDefault(new Consequence.PortName(p.controller(), p.port()), 0.0);
        amps.add(new MeterSheet.Amps(MeterSheet.Kind.PORT, p.controller() + ":" + p.port(), own));
      }
    }
    then.supplies()
        .forEach(
            s ->
                amps.add(
                    new MeterSheet.Amps(MeterSheet.Kind.SUPPLY, s.supply().id(), s.loadAmps())));
    then.circuits()
        .forEach(
            c ->
                amps.add(
                    new MeterSheet.Amps(MeterSheet.Kind.CIRCUIT, c.circuit().id(), c.loadAmps())));
    return amps;
  }
}
