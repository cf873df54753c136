package bunting.core.checks;

import bunting.core.addressing.Ip4;
import bunting.core.addressing.NetworkAddresses;
import bunting.core.assess.Reading;
import bunting.core.show.Lan;

/** A box at an address that the router gives to anybody. */
final class AddressInPool implements Check {
  @Override
  public String code() {
    return "address-pool";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "The router may give the same address to somebody's phone on any evening, and both are"
        + " gone.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Lan lan = reading.show().network().lan();
    NetworkAddresses.of(reading.show(), reading.decisions())
        .forEach(
            (box, address) -> {
              if (NetworkAddresses.inPool(lan, Ip4.parse(address).orElseThrow())) {
                to.report(
                    Subject.Kind.CONTROLLER,
                    box,
                    1,
                    0,
                    "addresses",
                    box
                        + " is at "
                        + address
                        + ", which the router gives out by itself ("
                        + String.join(", ", lan.pool().stream().map(Lan.Pool::text).toList())
                        + "): give it one outside of that, or reserve it in the router.");
              }
            });
  }
}
