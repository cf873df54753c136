package bunting.core.checks;

import bunting.core.assess.Distribution;
import bunting.core.assess.Reading;
import bunting.core.show.DistributionBlock;
import bunting.core.show.Texts;
import java.util.Comparator;

/** Every feed from the distribution has a way of a block that takes its cable and its fuse. */
final class NoWay implements Check {
  @Override
  public String code() {
    return "no-way";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "A cable that is forced into a terminal loses strands, and a way burns behind a fuse"
        + " that is larger than it bears.";
  }

  @Override
  public String source() {
    return "the limits of the catalogue's distribution blocks";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    reading.show().catalogue().blocks().stream()
        .max(Comparator.comparingDouble(DistributionBlock::wayAmpsMax))
        .ifPresent(
            most ->
                Distribution.without(reading)
                    .forEach(
                        w ->
                            to.report(
                                Subject.Kind.FEED,
                                w.feed(),
                                w.fuse(),
                                most.wayAmpsMax(),
                                "A",
                                w.name()
                                    + ": no distribution block takes "
                                    + w.wire().id()
                                    + " behind a "
                                    + Texts.number(w.fuse())
                                    + " A fuse; join two ways where the maker of one says so, or"
                                    + " feed at two places.")));
  }
}
