package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.show.Protocol;

/** Multicast floods simple switches and Wi-Fi. */
final class MulticastFlood implements Check {
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
    int most = reading.show().network().switchUniverses();
    if (reading.show().network().multicast()
        && reading.show().addressing().protocol() == Protocol.SACN
        && reading.totals().universes() > most) {
      to.report(
          Subject.Kind.SHOW,
          reading.show().settings().name(),
          reading.totals().universes(),
          most,
          "universes",
          reading.totals().universes()
              + " universes are more than simple switches carry as multicast (about "
              + most
              + "): send unicast, or use a switch with IGMP snooping.");
    }
  }
}
