package bunting.core.explain;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
import bunting.core.show.Feed;
import bunting.core.show.FuseSizes;
import java.util.List;

/** Why a fuse has its size, or why it is another than its amps would ask for. */
final class FuseWords {
  private FuseWords() {}

  /** The amps at the most that can be sent, the size that they want, and what it is beside it. */
  static String of(Reading reading, Feed feed) {
    double margin = reading.show().settings().fuseMargin();
    List<Feed> behind =
        reading.feeds().stream()
            .map(FeedReading::feed)
            .filter(f -> f.fuse().equals(feed.fuse()))
            .toList();
    double through = behind.stream().mapToDouble(f -> reading.worst().feedAmps(f.id())).sum();
    double percent = reading.worst().brightnessPercent();
    boolean more = percent > reading.show().settings().brightnessPercent();
    double size = Fuses.next(through, margin, Fuses.LARGEST).orElse(Fuses.LARGEST);
    String why =
        size == feed.fuseAmps()
            ? "next size up"
            : size > feed.fuseAmps()
                ? "which asks for " + number(size) + " A; wire and holder bear no more than this"
                : "where "
                    + number(size)
                    + " A would do"
                    + (reading.show().wiring().ways().fuses() == FuseSizes.EACH
                        ? ""
                        : "; the show's fuses are kept to few sizes");
    return fixed(through, 2)
        + " A"
        + (behind.size() > 1 ? " on the shared fuse" : "")
        + (more ? " at " + number(percent) + " %, which may be sent," : "")
        + " x "
        + number(margin)
        + " = "
        + fixed(through * margin, 2)
        + " A, "
        + why;
  }
}
