package bunting.core.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.Addressing;
import bunting.core.show.Controller;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.PortStart;
import bunting.core.show.Protocol;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.SlotSplit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class NetworkPlanTest {
  /** ANSI E1.31-2018, 9.3.1 (from memory): 239.255 and the universe's two bytes. */
  @Test
  void multicastGroupsAreThoseOfTheStandard() {
    assertThat(WireFigures.multicast(1)).isEqualTo("239.255.0.1");
    assertThat(WireFigures.multicast(7962)).isEqualTo("239.255.31.26");
    assertThat(WireFigures.multicast(63999)).isEqualTo("239.255.249.255");
  }

  /** Art-Net 4 (from memory): bits 14-8 net, 7-4 sub-net, 3-0 universe. */
  @Test
  void portAddressesAreSplitAsPublished() {
    assertThat(WireFigures.portAddress(1)).isEqualTo("0:0:1");
    assertThat(WireFigures.portAddress(16)).isEqualTo("0:1:0");
    assertThat(WireFigures.portAddress(32767)).isEqualTo("127:15:15");
  }

  /**
   * E1.31 (from memory): root layer 38 bytes, framing layer 77, DMP layer 10 and 513 property
   * values: 638. ArtDmx: 18 and 512. On Ethernet 66 more (IEEE 802.3).
   */
  @Test
  void packetsHaveThePublishedSizes() {
    assertThat(WireFigures.SACN_BYTES).isEqualTo(38 + 77 + 10 + 513);
    assertThat(WireFigures.ARTNET_BYTES).isEqualTo(18 + 512);
    assertThat(WireFigures.bits(Protocol.SACN, 1, 0)).isEqualTo((638 + 66) * 8.0);
    // 480 RGB pixels a packet: 1,000 pixels are three packets.
    assertThat(WireFigures.packets(Protocol.DDP, 0, 3000)).isEqualTo(3);
    assertThat(WireFigures.bits(Protocol.DDP, 0, 3000)).isEqualTo((3000 + 3 * 10 + 3 * 66) * 8.0);
  }

  private static Show twoBoxes(Protocol protocol) {
    List<Run> runs =
        List.of(Run.of("rim", "12v-strip-60", 340), Run.of("gate", "5v-strip-60", 170));
    return Show.of(runs)
        .withControllers(
            List.of(new Controller("Mill", "box-4", 0, 0), new Controller("Weir", "box-4", 9, 0)))
        .withAddressing(
            new Addressing(protocol, 21, SlotSplit.WHOLE_PIXELS, PortStart.CONTINUOUS, List.of()));
  }

  private static NetworkPlan plan(Show show) {
    return NetworkPlan.of(Reading.of(show, Planner.propose(show)));
  }

  @Test
  void aLinkCarriesItsUniversesAndByMulticastAll() {
    NetworkPlan unicast = plan(twoBoxes(Protocol.SACN));
    assertThat(unicast.subnet()).isEqualTo("10.20.0.0/24");
    assertThat(unicast.packetsPerSecond()).isEqualTo(3 * 40);
    NetworkPlan.Link mill =
        unicast.links().stream().filter(l -> l.box().equals("Mill")).findFirst().orElseThrow();
    assertThat(mill.megabits())
        .isCloseTo(mill.universes().size() * 40 * 704 * 8 / 1e6, within(1e-9));
    Show show = twoBoxes(Protocol.SACN);
    NetworkPlan groups = plan(show.withNetwork(show.network().withMulticast(true)));
    assertThat(groups.links()).allMatch(l -> Math.abs(l.received() - groups.megabits()) < 1e-9);
    assertThat(plan(twoBoxes(Protocol.DDP)).links())
        .extracting(NetworkPlan.Link::bytes)
        .containsExactlyInAnyOrder(1020L, 510L);
  }

  @Test
  void boxesAreCommissionedOneAtATime() {
    NetworkPlan plan = plan(twoBoxes(Protocol.SACN));
    List<NetworkPlan.Step> steps = plan.commissioning();
    assertThat(steps.getFirst().what()).contains("192.168.1.50");
    assertThat(steps)
        .extracting(NetworkPlan.Step::box)
        .containsSubsequence("Mill", "Mill", "Weir", "Weir");
    assertThat(steps.getLast().what()).contains(plan.sender());
    assertThat(NetworkPlan.ranges(List.of(1, 2, 3, 7, 9, 10))).isEqualTo("1-3, 7, 9-10");
  }

  /** Start address 1 is switch 1 alone, 510 all but it: sums of powers of two (arithmetic). */
  @Test
  void switchesAddUpToTheAddress() {
    assertThat(DmxLine.switchText(1)).isEqualTo("100000000");
    assertThat(DmxLine.switchText(510)).isEqualTo("011111111");
    for (int address = 1; address <= 512; address++) {
      int sum = 0;
      List<Boolean> on = DmxLine.switches(address);
      for (int i = 0; i < on.size(); i++) {
        sum += on.get(i) ? 1 << i : 0;
      }
      assertThat(sum).isEqualTo(address);
    }
  }

  /** ANSI E1.11 (from memory): 32 unit loads on a segment, 512 slots. */
  @Test
  void aLineBearsThirtyTwoBoardsAndNoBoardStraddles() {
    List<PlainSet> sets = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      sets.add(
          new PlainSet(
              "s" + i, 12, 3, 14, new Point(i % 40, 2), OptionalDouble.empty(), Optional.empty()));
    }
    Show show = Show.of(List.of()).withOthers(new OtherLoads(sets, List.of()));
    List<DmxLine> lines = DmxLine.of(Reading.of(show, Planner.propose(show)));
    assertThat(lines).isNotEmpty();
    for (DmxLine line : lines) {
      assertThat(line.boards()).hasSizeLessThanOrEqualTo(DmxLine.UNIT_LOADS);
      assertThat(line.boards()).allMatch(b -> b.start() + b.slots() - 1 <= 512);
    }
    assertThat(
            lines.stream()
                .mapToInt(l -> l.boards().stream().mapToInt(DmxLine.Board::slots).sum())
                .sum())
        .isEqualTo(600);
  }
}
