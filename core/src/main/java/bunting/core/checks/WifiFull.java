package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.network.NetworkPlan;

/** More than Wi-Fi carries. */
final class WifiFull implements Check {
  @Override
  public String code() {
    return "wifi-full";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Controllers are happier on a cable; Wi-Fi drops frames when it is busy.";
  }

  @Override
  public String source() {
    return "common practice, no source";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    if (reading.show().network().wifi().isEmpty()) {
      return;
    }
    double most = reading.show().network().wifiMbits();
    for (var link : NetworkPlan.of(reading).links()) {
      if (link.wifi() && link.received() > most) {
        to.report(
            Subject.Kind.CONTROLLER,
            link.box(),
            link.received(),
            most,
            "Mbit/s",
            link.box()
                + " gets "
                + fixed(link.received(), 1)
                + " Mbit/s over Wi-Fi, over "
                + number(most)
                + ": lay a cable, or send unicast.");
      }
    }
  }
}
