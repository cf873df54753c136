package bunting.core.addressing;

import bunting.core.show.Addresses;
import bunting.core.show.Decisions;
import bunting.core.show.Lan;
import bunting.core.show.Network;
import bunting.core.show.PlacedController;
import bunting.core.show.Show;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * IPv4 addresses of the controllers. A controller has the address that the builder gave it, else
 * the one that was issued, else the next free one: by default 10.20.0.11 and on, 200 in each third
 * octet, then on in the second; what is below is left to people's own gear. In somebody else's
 * network (three numbers, or a mask of its own) the next free one of its subnet: not its router's,
 * not one that the router gives out, not one that is taken. Where the subnet is full, numbering
 * continues after it, and a finding says so.
 *
 * <p><b>Cost.</b> A pool is skipped a stretch of addresses at a time, so the steps are bounded by
 * the controllers, what is taken, and the number of pools, not by the size of a pool. Where the
 * pools leave no address at all, they are ignored; {@code address-in-pool} then reports each.
 */
public final class NetworkAddresses {
  private static final int HOSTS = 200;
  private static final Pattern IPV4 =
      Pattern.compile("((25[0-5]|2[0-4]\\d|1?\\d?\\d)(\\.|$)){4}(?<!\\.)");

  private NetworkAddresses() {}

  /** Whether a text is an IPv4 address. */
  public static boolean valid(String text) {
    return IPV4.matcher(text).matches();
  }

  /** Returns addresses by controller id, in the order of the controllers. */
  public static Map<String, String> of(Show show, Decisions decisions) {
    Map<String, String> kept = decisions.addresses().map(Addresses::network).orElse(Map.of());
    return of(show, decisions.controllers(), kept);
  }

  /**
   * Returns addresses by controller id.
   *
   * @param kept addresses of an earlier plan; those that still are free in the show's subnet stay
   */
  static Map<String, String> of(
      Show show, List<PlacedController> controllers, Map<String, String> kept) {
    Network network = show.network();
    Map<String, String> fixed = new LinkedHashMap<>();
    show.allotting().handOut().ifPresent(h -> fixed.putAll(h.addresses()));
    fixed.putAll(network.addresses());
    Set<String> taken = new HashSet<>(fixed.values());
    taken.add(network.sender());
    taken.addAll(network.lan().taken().keySet());
    network.lan().gateway().ifPresent(taken::add);
    for (PlacedController c : controllers) {
      String id = c.controller().id();
      if (!fixed.containsKey(id) && kept.containsKey(id) && suits(network, kept.get(id))) {
        String address = kept.get(id);
        if (taken.add(address)) {
          fixed.put(id, address);
        }
      }
    }
    boolean twoNumbers = network.base().indexOf('.') == network.base().lastIndexOf('.');
    FreeAddresses free =
        new FreeAddresses(
            twoNumbers && network.lan().prefix().isEmpty()
                ? byOctets(network)
                : inSubnet(network, Subnet.of(network)),
            network.lan().pool(),
            taken);
    Map<String, String> addresses = new LinkedHashMap<>();
    for (PlacedController c : controllers) {
      String id = c.controller().id();
      addresses.put(id, fixed.containsKey(id) ? fixed.get(id) : free.next());
    }
    return addresses;
  }

  private static boolean suits(Network network, String address) {
    return Ip4.parse(address)
        .filter(a -> Subnet.of(network).isHost(a) && !inPool(network.lan(), a))
        .isPresent();
  }

  /** Whether the router gives an address out by itself. */
  public static boolean inPool(Lan lan, Ip4 address) {
    return lan.pool().stream()
        .anyMatch(
            p ->
                address.compareTo(Ip4.parse(p.from()).orElseThrow()) >= 0
                    && address.compareTo(Ip4.parse(p.to()).orElseThrow()) <= 0);
  }

  /** All hosts of the subnet, then those of the subnets of that size that follow. */
  private static FreeAddresses.Blocks inSubnet(Network network, Subnet subnet) {
    long hosts = subnet.size() - 2;
    return new FreeAddresses.Blocks(
        subnet.first().value(), subnet.size(), Math.min(network.firstHost(), hosts), hosts, true);
  }

  /** So many hosts of each third octet, from the first host on. */
  private static FreeAddresses.Blocks byOctets(Network network) {
    int first = Math.min(network.firstHost(), 255 - HOSTS);
    return new FreeAddresses.Blocks(
        Subnet.of(network).first().value(), 256, first, first + HOSTS - 1, false);
  }
}
