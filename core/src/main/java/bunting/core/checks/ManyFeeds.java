package bunting.core.checks;

import bunting.core.assess.Reading;

/** A run that wants a feed every few pixels is too far from its box. */
final class ManyFeeds implements Check {
  private static final int PIXELS_A_FEED_LEAST = 25;
  private static final int FEEDS_MOST = 4;

  @Override
  public String code() {
    return "many-feeds";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A run that wants a feed every few pixels is too far from its box, or its volts are too"
        + " low for the way.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (var s : reading.segments()) {
      int feeds =
          (int)
              reading.feedsOf(s.segment().id()).stream()
                  .filter(f -> f.feed().trunk().isEmpty())
                  .count();
      int most = Math.max(FEEDS_MOST, s.segment().pixels() / PIXELS_A_FEED_LEAST);
      if (feeds > most) {
        to.report(
            Subject.Kind.SEGMENT,
            s.segment().id(),
            feeds,
            most,
            "feeds",
            "The "
                + s.segment().pixels()
                + " pixels of "
                + s.run().name()
                + " want "
                + feeds
                + " feeds: put a box nearer to them, or choose a higher voltage.");
      }
    }
  }
}
