package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.show.Feed;
import java.util.List;

/** V+ of two supplies is never joined. */
final class JoinedSupplies implements Check {
  @Override
  public String code() {
    return "v-plus-joined";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "Unequal supplies push current into each other, and a failed one is fed through a fuse"
        + " sized for something else.";
  }

  @Override
  public String source() {
    return "our way; others join similar supplies, common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (var island : reading.islands()) {
      List<String> supplies = island.feeds().stream().map(Feed::supply).distinct().toList();
      if (supplies.size() > 1) {
        String run = island.parts().getFirst().run();
        to.report(
            Subject.Kind.RUN,
            run,
            supplies.size(),
            1,
            "supplies",
            run
                + ": its V+ hangs on "
                + String.join(" and ", supplies)
                + " at once; cut V+ between them, ground and data go on.");
      }
    }
  }
}
