package bunting.core.addressing;

import bunting.core.show.Lan;
import bunting.core.show.Network;
import bunting.core.show.PlacedController;
import bunting.core.show.Show;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.LongUnaryOperator;
import java.util.regex.Pattern;

/**
 * IPv4 addresses of the boxes. A box has the address that the builder gave it, else the one that
 * was handed out, else the next free one: by default 10.20.0.11 and on, 200 in each third octet,
 * then on in the second; what is below is left to people's own gear. In somebody else's network
 * (three numbers, or a mask of its own) the next free one of its subnet: not its router's, nor of
 * what that gives out, nor taken. Where that is full it goes on behind it, and a finding says so.
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

  /**
   * Addresses by controller id, in the order of the controllers.
   *
   * @throws IllegalArgumentException beyond some ten million controllers
   */
  public static Map<String, String> of(Show show, List<PlacedController> controllers) {
    Network network = show.network();
    Map<String, String> fixed = new LinkedHashMap<>();
    show.allotting().handOut().ifPresent(h -> fixed.putAll(h.addresses()));
    fixed.putAll(network.addresses());
    Set<String> taken = new HashSet<>(fixed.values());
    taken.add(network.sender());
    taken.addAll(network.lan().taken().keySet());
    network.lan().gateway().ifPresent(taken::add);
    boolean twoNumbers = network.base().indexOf('.') == network.base().lastIndexOf('.');
    boolean byOctets = twoNumbers && network.lan().prefix().isEmpty();
    LongUnaryOperator inSubnet = new InSubnet(network, Subnet.of(network));
    Map<String, String> addresses = new LinkedHashMap<>();
    int next = 0;
    for (PlacedController c : controllers) {
      String id = c.controller().id();
      String address = fixed.get(id);
      while (address == null || (!fixed.containsKey(id) && gone(network, taken, address))) {
        address = byOctets ? nth(network, next++) : new Ip4(inSubnet.applyAsLong(next++)).text();
      }
      taken.add(address);
      addresses.put(id, address);
    }
    return addresses;
  }

  private static boolean gone(Network network, Set<String> taken, String address) {
    return taken.contains(address) || inPool(network.lan(), Ip4.parse(address).orElseThrow());
  }

  /** Whether the router gives an address out by itself. */
  public static boolean inPool(Lan lan, Ip4 address) {
    return lan.pool().stream()
        .anyMatch(
            p ->
                address.compareTo(Ip4.parse(p.from()).orElseThrow()) >= 0
                    && address.compareTo(Ip4.parse(p.to()).orElseThrow()) <= 0);
  }

  /**
   * The n-th address of a subnet, from the first host on and then what is below it; beyond, on
   * behind it, leaving out what no device may have in a subnet of that size.
   */
  private record InSubnet(Network network, Subnet subnet) implements LongUnaryOperator {
    @Override
    public long applyAsLong(long n) {
      long hosts = subnet.size() - 2;
      long block = n / hosts;
      long first = Math.min(network.firstHost(), hosts);
      long host = (first - 1 + n % hosts) % hosts + 1;
      long value = subnet.first().value() + block * subnet.size() + host;
      if (value >= Ip4.ALL) {
        throw new IllegalArgumentException("more controllers than addresses");
      }
      return value;
    }
  }

  private static String nth(Network network, int index) {
    int dot = network.base().indexOf('.');
    int first = Integer.parseInt(network.base().substring(0, dot));
    int third = index / HOSTS;
    int second = Integer.parseInt(network.base().substring(dot + 1)) + third / 256;
    if (second > 255) {
      throw new IllegalArgumentException("more controllers than addresses");
    }
    int host = Math.min(network.firstHost(), 255 - HOSTS) + index % HOSTS;
    return first + "." + second + "." + third % 256 + "." + host;
  }
}
