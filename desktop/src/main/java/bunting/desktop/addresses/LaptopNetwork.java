package bunting.desktop.addresses;

import bunting.core.addressing.Ip4;
import bunting.core.network.Reach;
import java.net.Inet4Address;
import java.net.InterfaceAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/** The interfaces of this computer. They are read from the system; nothing is sent. */
@FunctionalInterface
interface LaptopNetwork {
  /** The system's own, without loopback and those that are down. */
  LaptopNetwork SYSTEM = LaptopNetwork::read;

  /** All that have an IPv4 address, by name. */
  List<Reach.Nic> interfaces();

  private static List<Reach.Nic> read() {
    List<Reach.Nic> list = new ArrayList<>();
    try {
      for (NetworkInterface nic : Collections.list(NetworkInterface.getNetworkInterfaces())) {
        if (nic.isUp() && !nic.isLoopback()) {
          for (InterfaceAddress a : nic.getInterfaceAddresses()) {
            if (a.getAddress() instanceof Inet4Address four) {
              Ip4.parse(four.getHostAddress())
                  .ifPresent(
                      ip ->
                          list.add(
                              new Reach.Nic(nic.getDisplayName(), ip, a.getNetworkPrefixLength())));
            }
          }
        }
      }
    } catch (SocketException e) {
      throw new IllegalStateException("The system does not tell its interfaces.", e);
    }
    list.sort(Comparator.comparing(Reach.Nic::name).thenComparing(Reach.Nic::address));
    return list;
  }
}
