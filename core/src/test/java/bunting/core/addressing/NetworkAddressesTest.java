package bunting.core.addressing;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Controller;
import bunting.core.show.Decisions;
import bunting.core.show.Lan;
import bunting.core.show.Network;
import bunting.core.show.PlacedController;
import bunting.core.show.Show;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Addresses of boxes: free ones, none twice, none that is no host's. */
class NetworkAddressesTest {
  private static List<PlacedController> boxes(int count) {
    return IntStream.rangeClosed(1, count)
        .mapToObj(
            i -> new PlacedController(new Controller("B" + i, "box-4", 0, 0), 12, Optional.empty()))
        .toList();
  }

  private static Network network(int firstHost, String sender, Map<String, String> fixed) {
    return new Network("10.20", firstHost, sender, false, 10, 20, fixed, Set.of());
  }

  private static Map<String, String> of(Network network, int count) {
    return NetworkAddresses.of(
        Show.of(List.of()).withNetwork(network),
        new Decisions(boxes(count), List.of(), List.of(), List.of(), List.of(), List.of(), 0));
  }

  /** The sender's own address is taken, whatever comes in turn. */
  @Test
  void theSendersAddressIsNoBoxs() {
    Map<String, String> addresses = of(network(11, "10.20.0.12", Map.of()), 3);
    assertThat(addresses.values()).containsExactly("10.20.0.11", "10.20.0.13", "10.20.0.14");
  }

  /**
   * RFC 1122: 0 and 255 are no host's; a subnet of three numbers has room for 254 (from memory).
   */
  @Test
  void manyBoxesGoOnInTheNextSubnetAndEachIsAHost() {
    for (int first : new int[] {1, 11, 55, 200}) {
      Map<String, String> addresses = of(network(first, "10.20.0.2", Map.of()), 900);
      assertThat(new HashSet<>(addresses.values())).hasSize(900);
      for (String a : addresses.values()) {
        int host = Integer.parseInt(a.substring(a.lastIndexOf('.') + 1));
        assertThat(host).as(a).isBetween(1, 254);
        assertThat(NetworkAddresses.valid(a)).isTrue();
      }
      Map<String, Long> bySubnet =
          addresses.values().stream()
              .collect(
                  java.util.stream.Collectors.groupingBy(
                      a -> a.substring(0, a.lastIndexOf('.')),
                      java.util.stream.Collectors.counting()));
      assertThat(bySubnet.values()).as("some are left for other gear").allMatch(n -> n <= 200);
    }
  }

  @Test
  void whatIsFixedStaysAndNobodyElseGetsIt() {
    Map<String, String> addresses = of(network(11, "10.20.0.2", Map.of("B3", "10.20.0.11")), 3);
    assertThat(addresses)
        .containsEntry("B3", "10.20.0.11")
        .containsEntry("B1", "10.20.0.12")
        .containsEntry("B2", "10.20.0.13");
  }

  private static List<String> withPools(int prefix, int count, String... pools) {
    Lan lan =
        new Lan(OptionalInt.of(prefix), Optional.empty(), List.of(), Map.of(), Map.of())
            .withPool(
                Arrays.stream(pools)
                    .map(p -> new Lan.Pool(p.split("-", -1)[0], p.split("-", -1)[1]))
                    .toList());
    Network network = network(11, "10.20.0.2", Map.of()).with(lan);
    return List.copyOf(of(network, count).values());
  }

  @Test
  void poolsOfTheRouterAreLeftOut() {
    assertThat(withPools(24, 4, "10.20.0.12-10.20.0.253", "10.20.0.3-10.20.0.9"))
        .containsExactly("10.20.0.11", "10.20.0.254", "10.20.0.1", "10.20.0.10");
    assertThat(withPools(24, 3, "10.20.0.12-10.20.7.30"))
        .as("on after the pool, the hosts before the first one too")
        .containsExactly("10.20.0.11", "10.20.0.1", "10.20.0.3");
    assertThat(withPools(30, 3, "10.20.0.0-10.20.255.254", "10.20.255.255-10.200.0.0"))
        .as("pools that touch are one")
        .containsExactly("10.200.0.2", "10.200.0.1", "10.200.0.6");
  }

  /** A pool may be all that there is: it is skipped in one step, and then given up. */
  @Test
  void whereThePoolIsEverythingItIsIgnored() {
    for (int prefix : new int[] {8, 24, 30}) {
      assertThat(withPools(prefix, 2, "0.0.0.0-255.255.255.255")).doesNotHaveDuplicates();
    }
    assertThat(withPools(24, 2, "0.0.0.0-255.255.255.255"))
        .containsExactly("10.20.0.11", "10.20.0.12");
  }

  @Test
  void knowsAnAddressWhenItSeesOne() {
    assertThat(List.of("10.20.0.1", "255.255.255.255", "0.0.0.0", "192.168.1.200"))
        .allMatch(NetworkAddresses::valid);
    assertThat(
            List.of(
                "10.20.0", "10.20.0.256", "10.20.0.1.", "10.20.0.1.1", "a.b.c.d", "", "10,2,0,1"))
        .noneMatch(NetworkAddresses::valid);
  }
}
