package bunting.core.checks;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.assess.Reading;
import java.util.HashMap;
import java.util.Map;

/** One address twice. */
final class SameAddress implements Check {
  @Override
  public String code() {
    return "same-address";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "Two devices with one address are both not found.";
  }

  @Override
  public String source() {
    return "RFC 5227";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Map<String, String> seen = new HashMap<>();
    reading.show().network().lan().taken().forEach(seen::put);
    reading.show().network().lan().gateway().ifPresent(g -> seen.put(g, "the router"));
    seen.put(reading.show().network().sender(), "the computer that sends");
    NetworkAddresses.of(reading.show(), reading.decisions())
        .forEach(
            (box, address) -> {
              String other = seen.putIfAbsent(address, box);
              if (other != null) {
                to.report(
                    Subject.Kind.CONTROLLER,
                    box,
                    2,
                    1,
                    "devices",
                    box
                        + " and "
                        + other
                        + " both have the address "
                        + address
                        + ": give one of them another.");
              }
            });
  }
}
