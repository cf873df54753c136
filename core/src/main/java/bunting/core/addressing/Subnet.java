package bunting.core.addressing;

import bunting.core.show.Network;

/**
 * Addresses that reach each other without a router.
 *
 * @param first its own address, all host bits 0
 * @param prefix bits of its mask, 0 to 32
 */
public record Subnet(Ip4 first, int prefix) {
  /** The subnet that an address is in, by its mask. */
  public static Subnet around(Ip4 address, int prefix) {
    return new Subnet(new Ip4(address.value() & mask(prefix)), prefix);
  }

  /**
   * The show's: its base and its mask; without one /16 for a base of two numbers and /24 for one of
   * three.
   */
  public static Subnet of(Network network) {
    int numbers = network.base().split("\\.", -1).length;
    String padded = network.base() + ".0".repeat(4 - numbers);
    return around(Ip4.parse(padded).orElseThrow(), network.lan().prefix().orElse(8 * numbers));
  }

  private static long mask(int prefix) {
    return prefix == 0 ? 0 : Ip4.ALL - (1L << (32 - prefix));
  }

  /** Its mask as it is written. */
  public String maskText() {
    return new Ip4(mask(prefix)).text();
  }

  /** As it is written: {@code 10.20.0.0/16}. */
  public String text() {
    return first.text() + "/" + prefix;
  }

  /** Its last address, which means all of its devices. */
  public Ip4 broadcast() {
    return new Ip4(first.value() + size() - 1);
  }

  /** How many addresses it has. */
  public long size() {
    return 1L << (32 - prefix);
  }

  /** Whether an address is in it. */
  public boolean holds(Ip4 address) {
    return (address.value() & mask(prefix)) == first.value();
  }

  /** Whether a device may have an address: not the subnet's own, nor that of all (RFC 1122). */
  public boolean isHost(Ip4 address) {
    boolean whole = prefix >= 31;
    return holds(address) && (whole || !(address.equals(first) || address.equals(broadcast())));
  }
}
