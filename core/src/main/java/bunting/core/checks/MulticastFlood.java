package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.show.Protocol;

/** Multicast floods simple switches and Wi-Fi. */
final class MulticastFlood implements Check {
  private static final int MOST = 10;

  @Override
  public String code() {
    return "multicast-flood";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "Multicast floods simple switches and Wi-Fi.";
  }

  @Override
  public String source() {
    return "common practice, some ten universes";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    if (reading.show().addressing().protocol() == Protocol.SACN
        && reading.totals().universes() > MOST) {
      to.report(
          Subject.Kind.SHOW,
          reading.show().settings().name(),
          reading.totals().universes(),
          MOST,
          "universes",
          reading.totals().universes()
              + " universes are more than simple switches carry as multicast (about "
              + MOST
              + "): send unicast, or use a switch with IGMP snooping.");
    }
  }
}
