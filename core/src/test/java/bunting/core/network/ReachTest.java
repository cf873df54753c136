package bunting.core.network;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.addressing.Ip4;
import bunting.core.addressing.NetworkAddresses;
import bunting.core.addressing.Subnet;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Decisions;
import bunting.core.show.Lan;
import bunting.core.show.Network;
import bunting.core.show.PlacedController;
import bunting.core.show.Protocol;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.StandardCatalogue;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class ReachTest {
  private static Ip4 ip(String text) {
    return Ip4.parse(text).orElseThrow();
  }

  private static Network at(String base, OptionalInt prefix) {
    return Network.DEFAULT.at(base, 11, "10.20.0.2").with(Lan.OWN.withPrefix(prefix));
  }

  /** 120 pairs judged by Python's {@code ipaddress} (a script made the table, seed 16). */
  @ParameterizedTest
  @CsvFileSource(resources = "reach.csv", numLinesToSkip = 1)
  void agreesWithAGeneralLibrary(
      String laptop,
      int prefix,
      String mask,
      String network,
      String broadcast,
      String box,
      String reaches) {
    Subnet subnet = Subnet.around(ip(laptop), prefix);
    assertThat(subnet.maskText()).isEqualTo(mask);
    assertThat(subnet.first().text()).isEqualTo(network);
    assertThat(subnet.broadcast().text()).isEqualTo(broadcast);
    Reach.Nic nic = new Reach.Nic("eth", ip(laptop), prefix);
    Reach.Verdict v = Reach.of(List.of(nic), ip(box), at("10.20", OptionalInt.empty()));
    assertThat(v.arrives()).as(v.why()).isEqualTo(reaches.equals("yes"));
  }

  @Test
  void aBoxInAnotherSubnetIsNotReachedAndItSaysWhatToDo() {
    Network network = at("192.168.1", OptionalInt.empty());
    List<Reach.Nic> nics = List.of(new Reach.Nic("cable", ip("192.168.178.23"), 24));
    Reach.Verdict v = Reach.of(nics, ip("192.168.1.50"), network);
    assertThat(v.outcome()).isEqualTo(Reach.Outcome.NOT);
    assertThat(v.why()).contains("mask 255.255.255.0").contains("192.168.1.51");
    assertThat(Reach.of(List.of(), ip("192.168.1.50"), network).outcome())
        .isEqualTo(Reach.Outcome.NOT);
  }

  /** The laptop's mask is wide, the box's is not: it hears and does not answer. */
  @Test
  void masksThatDifferMakeAOneWayStreet() {
    Network network = at("10.20.0", OptionalInt.of(24));
    List<Reach.Nic> nics = List.of(new Reach.Nic("cable", ip("10.20.5.2"), 16));
    assertThat(Reach.of(nics, ip("10.20.0.11"), network).outcome())
        .isEqualTo(Reach.Outcome.ONE_WAY);
  }

  @Test
  void theRouterAndTheComputerItselfAreTold() {
    Network network =
        at("192.168.1", OptionalInt.empty())
            .with(Lan.OWN.withGateway(Optional.of("192.168.178.1")));
    List<Reach.Nic> nics = List.of(new Reach.Nic("cable", ip("192.168.178.23"), 24));
    assertThat(Reach.of(nics, ip("192.168.1.50"), network).outcome())
        .isEqualTo(Reach.Outcome.BY_ROUTER);
    assertThat(Reach.of(nics, ip("192.168.178.23"), network).outcome())
        .isEqualTo(Reach.Outcome.ITSELF);
  }

  private static List<PlacedController> boxes(int count) {
    return IntStream.rangeClosed(1, count)
        .mapToObj(
            i -> new PlacedController(new Controller("B" + i, "box-4", 0, 0), 12, Optional.empty()))
        .toList();
  }

  private static Map<String, String> addresses(Network network, int count) {
    return NetworkAddresses.of(
        Show.of(List.of()).withNetwork(network),
        new Decisions(boxes(count), List.of(), List.of(), List.of(), List.of(), List.of(), 0));
  }

  /** Neither the router's, nor of its pool, nor taken, nor the sender's: what is left, in order. */
  @Test
  void inSomebodyElsesNetworkBoxesGetWhatIsFree() {
    Lan lan =
        Lan.OWN
            .withGateway(Optional.of("192.168.1.12"))
            .withPool(List.of(new Lan.Pool("192.168.1.14", "192.168.1.199")))
            .withTaken(Map.of("192.168.1.11", "till"));
    Network network = Network.DEFAULT.at("192.168.1", 11, "192.168.1.200").with(lan);
    assertThat(addresses(network, 3).values())
        .containsExactly("192.168.1.13", "192.168.1.201", "192.168.1.202");
  }

  /** A /27 from 96 has 97 to 126; the fourth of six boxes from host 28 on begins again below. */
  @Test
  void aSmallSubnetIsFilledBeforeItIsLeft() {
    Network network = Network.DEFAULT.at("192.168.1", 28, "192.168.1.98");
    Network small = network.with(Lan.OWN.withPrefix(OptionalInt.of(29)));
    assertThat(Subnet.of(small).text()).isEqualTo("192.168.1.0/29");
    Map<String, String> six = addresses(small, 6);
    assertThat(six.values()).allMatch(a -> Subnet.of(small).isHost(ip(a))).doesNotHaveDuplicates();
    assertThat(addresses(small, 7).get("B7")).isEqualTo("192.168.1.14");
  }

  @Test
  void masksOtherThanTheTwoUsualOnesAreShown() {
    Show show =
        Show.of(List.of(Run.of("Weir", "5v-strip-60", 60)))
            .withNetwork(at("192.168.4", OptionalInt.of(22)));
    var reading = bunting.core.assess.Reading.of(show, bunting.core.plan.Planner.sketch(show));
    NetworkPlan plan = NetworkPlan.of(reading);
    assertThat(plan.subnet()).isEqualTo("192.168.4.0/22");
    assertThat(plan.mask()).isEqualTo("255.255.252.0");
    assertThat(plan.links().getFirst().address()).isEqualTo("192.168.4.11");
  }

  @Test
  void aBoxThatNobodyFindsIsSoughtStepByStep() {
    ControllerType type = StandardCatalogue.get().controllerTypes().getFirst();
    List<String> steps =
        UnknownBox.steps(
            type,
            "192.168.1.11",
            at("192.168.1", OptionalInt.empty())
                .with(Lan.OWN.withGateway(Optional.of("192.168.1.1"))));
    assertThat(steps).anyMatch(s -> s.contains(type.factoryAddress()));
    assertThat(steps).anyMatch(s -> s.contains("192.168.1.11, mask 255.255.255.0, gateway"));
  }

  /**
   * A full universe of sACN is 638 bytes and 66 of Ethernet, UDP and IP (ANSI E1.31, IEEE 802.3,
   * from memory): at 40 fps 225 kbit/s, so 22 fit 5 Mbit/s.
   */
  @Test
  void wifiIsCountedInUniverses() {
    assertThat(704 * 8 * 40 / 1e6).isBetween(5.0 / 23, 5.0 / 22);
    assertThat(WireFigures.universes(Protocol.SACN, 5, 40)).isEqualTo(22);
  }
}
