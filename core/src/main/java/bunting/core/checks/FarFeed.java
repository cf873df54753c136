package bunting.core.checks;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.show.Texts;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A feed on a long cable carries little and is hard to find: a supply nearer to it may be less
 * copper.
 */
final class FarFeed implements Check {
  private static final double FAR_M = 15;

  @Override
  public String code() {
    return "far-feed";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "A feed on a long cable carries little and is hard to find: a supply nearer to it may be"
        + " less copper.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Lengths lengths = Lengths.of(reading.show());
    Map<String, String> boxOf = new HashMap<>();
    reading.segments().forEach(s -> boxOf.put(s.segment().id(), s.segment().controller()));
    Map<String, List<FeedReading>> far = new LinkedHashMap<>();
    for (var f : reading.feeds()) {
      if (f.lengthM() > FAR_M) {
        far.computeIfAbsent(boxOf.get(f.feed().segment()), k -> new ArrayList<>()).add(f);
      }
    }
    far.forEach(
        (box, feeds) -> {
          double most = feeds.stream().mapToDouble(FeedReading::lengthM).max().orElse(0);
          to.report(
              Subject.Kind.CONTROLLER,
              box,
              most,
              FAR_M,
              "m",
              box
                  + " has "
                  + Texts.count(feeds.size(), "feed", "feeds")
                  + " over "
                  + lengths.round(FAR_M)
                  + ", the longest "
                  + lengths.rough(most)
                  + ": a box nearer to them would save copper.");
        });
  }
}
