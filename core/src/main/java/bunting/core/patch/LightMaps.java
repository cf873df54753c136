package bunting.core.patch;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.assess.FeedReading;
import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The map of a plan's lights. */
public final class LightMaps {
  private static final String LETTERS = "RGBW";

  private LightMaps() {}

  /** Pixels and plain sets; the boards of these come after the controllers. */
  public static LightMap of(Reading reading) {
    List<LightMap.Place> places = new ArrayList<>();
    Map<String, Integer> index = new HashMap<>();
    Map<String, String> addresses = NetworkAddresses.of(reading.show(), reading.decisions());
    for (var c : reading.decisions().controllers()) {
      String id = c.controller().id();
      index.put(id, places.size());
      places.add(new LightMap.Place(id, addresses.getOrDefault(id, "")));
    }
    for (OtherReading.Board b : reading.others().boards()) {
      index.put(b.dimmer().id(), places.size());
      places.add(new LightMap.Place(b.dimmer().id(), ""));
    }
    List<LightPiece> pieces = new ArrayList<>();
    for (SegmentReading s : reading.segments()) {
      pieces.add(piece(s, index, reading.feedsOf(s.segment().id())));
    }
    for (OtherReading.Set s : reading.others().sets()) {
      pieces.add(
          plain(
              s.set().name(),
              index.getOrDefault(s.output().dimmer(), 0),
              s.output().firstOutput(),
              s.set().channels(),
              s.slots().stream().toList()));
    }
    return new LightMap(places, pieces);
  }

  private static LightPiece piece(
      SegmentReading s, Map<String, Integer> index, List<FeedReading> feeds) {
    var d = s.segment();
    return new LightPiece(
        d.id(),
        d.run(),
        index.getOrDefault(d.controller(), 0),
        d.port(),
        d.position(),
        d.firstPixel(),
        d.lastPixel(),
        s.type().channels(),
        s.order(),
        s.run().fitting().grouping(),
        s.run().fitting().reversed(),
        s.slots(),
        feeds.stream().map(f -> f.feed().atPixel()).sorted().toList());
  }

  /** A plain set: one light, whose channels are red, green, blue, white; a single one is white. */
  public static LightPiece plain(
      String name, int box, int output, int channels, List<bunting.core.addressing.SlotRow> slots) {
    String order = channels == 1 ? "W" : LETTERS.substring(0, Math.min(channels, 4));
    return new LightPiece(
        name, name, box, output, 1, 1, 1, channels, order, 1, false, slots, List.of());
  }
}
