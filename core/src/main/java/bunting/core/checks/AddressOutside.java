package bunting.core.checks;

import bunting.core.addressing.Ip4;
import bunting.core.addressing.NetworkAddresses;
import bunting.core.addressing.Subnet;
import bunting.core.assess.Reading;

/** A box or the sender in another subnet. */
final class AddressOutside implements Check {
  @Override
  public String code() {
    return "address-outside";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A box in another subnet is not reached, and nothing says why: its lamps are on and all"
        + " is dark.";
  }

  @Override
  public String source() {
    return "RFC 1122 for masks and hosts, from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Subnet subnet = Subnet.of(reading.show().network());
    String sender = reading.show().network().sender();
    if (!subnet.isHost(Ip4.parse(sender).orElseThrow())) {
      report("The sender", Subject.Kind.SETTING, "sender", sender, subnet, to);
    }
    NetworkAddresses.of(reading.show(), reading.decisions())
        .forEach(
            (box, address) -> {
              if (!subnet.isHost(Ip4.parse(address).orElseThrow())) {
                report(box, Subject.Kind.CONTROLLER, box, address, subnet, to);
              }
            });
  }

  private static void report(
      String who, Subject.Kind kind, String id, String address, Subnet subnet, Reporter to) {
    boolean inside = subnet.holds(Ip4.parse(address).orElseThrow());
    to.report(
        kind,
        id,
        1,
        0,
        "addresses",
        who
            + " is at "
            + address
            + (inside
                ? ", which no device of " + subnet.text() + " may have"
                : ", which is not in " + subnet.text() + ": the others do not reach it")
            + ". Give it one from "
            + subnet.first().plus(1).text()
            + " to "
            + subnet.broadcast().plus(-1).text()
            + ", mask "
            + subnet.maskText()
            + ".");
  }
}
