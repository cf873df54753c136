package bunting.core.show;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * The show's network.
 *
 * @param base its first two or three numbers, such as {@code 10.20}
 * @param firstHost last number of the first box's address, 1 to 200; below is left for other gear
 * @param sender address of the computer that sends
 * @param multicast whether universes are sent to groups rather than to each box
 * @param switchUniverses multicast universes that the switches bear
 * @param wifiMbits what Wi-Fi is trusted with, megabits a second
 * @param addresses boxes with an address of the builder's choice
 * @param wifi boxes that hang on Wi-Fi
 * @param lan what is known of it where it belongs to somebody else
 */
public record Network(
    String base,
    int firstHost,
    String sender,
    boolean multicast,
    int switchUniverses,
    double wifiMbits,
    Map<String, String> addresses,
    Set<String> wifi,
    Lan lan) {
  /** 10.20.0.11 and on, unicast, wired; some ten universes for a simple switch. */
  public static final Network DEFAULT =
      new Network("10.20", 11, "10.20.0.2", false, 10, 5, Map.of(), Set.of());

  public Network {
    addresses = java.util.Collections.unmodifiableMap(new TreeMap<>(addresses));
    wifi = java.util.Collections.unmodifiableSet(new TreeSet<>(wifi));
  }

  /** A network of the show's own. */
  public Network(
      String base,
      int firstHost,
      String sender,
      boolean multicast,
      int switchUniverses,
      double wifiMbits,
      Map<String, String> addresses,
      Set<String> wifi) {
    this(base, firstHost, sender, multicast, switchUniverses, wifiMbits, addresses, wifi, Lan.OWN);
  }

  /** The same with other facts about somebody else's network. */
  public Network with(Lan other) {
    return new Network(
        base, firstHost, sender, multicast, switchUniverses, wifiMbits, addresses, wifi, other);
  }

  /** The same with other addresses to choose from, and another sender. */
  public Network at(String otherBase, int otherFirst, String otherSender) {
    return new Network(
        otherBase,
        otherFirst,
        otherSender,
        multicast,
        switchUniverses,
        wifiMbits,
        addresses,
        wifi,
        lan);
  }

  /** The same, sent to groups or to each box. */
  public Network withMulticast(boolean groups) {
    return new Network(
        base, firstHost, sender, groups, switchUniverses, wifiMbits, addresses, wifi, lan);
  }

  /** The same with a box's address; an empty one: by the rule. */
  public Network withAddress(String box, String address) {
    Map<String, String> all = new TreeMap<>(addresses);
    if (address.isEmpty()) {
      all.remove(box);
    } else {
      all.put(box, address);
    }
    return new Network(
        base, firstHost, sender, multicast, switchUniverses, wifiMbits, all, wifi, lan);
  }

  /** The same with a box on Wi-Fi or on a cable. */
  public Network withWifi(String box, boolean on) {
    Set<String> all = new TreeSet<>(wifi);
    if (on) {
      all.add(box);
    } else {
      all.remove(box);
    }
    return new Network(
        base, firstHost, sender, multicast, switchUniverses, wifiMbits, addresses, all, lan);
  }

  /** The same with a box under another name. */
  public Network boxRenamed(String from, String to) {
    Network next = this;
    if (addresses.containsKey(from)) {
      next = next.withAddress(to, addresses.getOrDefault(from, "")).withAddress(from, "");
    }
    if (lan.borrowed().containsKey(from)) {
      String cable = lan.borrowed().getOrDefault(from, "");
      next = next.with(next.lan.borrowing(from, "").borrowing(to, cable));
    }
    return wifi.contains(from) ? next.withWifi(from, false).withWifi(to, true) : next;
  }
}
