package bunting.core.network;

import bunting.core.addressing.Ip4;
import bunting.core.addressing.NetworkAddresses;
import bunting.core.addressing.SlotRow;
import bunting.core.addressing.Subnet;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.ControllerType;
import bunting.core.show.Network;
import bunting.core.show.PlacedController;
import bunting.core.show.Protocol;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * The network of a plan: who has which address, what goes over each link at the target rate, and in
 * which order the boxes are put into operation.
 *
 * @param subnet in CIDR
 * @param mask of the subnet
 * @param sender address of the computer that sends
 * @param network as the show has it
 * @param links one a box that has something on it, in the order of the plan
 * @param packetsPerSecond that the sender sends
 * @param megabits a second that the sender sends
 */
public record NetworkPlan(
    String subnet,
    String mask,
    String sender,
    Network network,
    List<Link> links,
    double packetsPerSecond,
    double megabits) {
  public NetworkPlan {
    links = List.copyOf(links);
  }

  /**
   * A box on its link.
   *
   * @param universes that it listens to, in order
   * @param bytes of its pixels, which DDP numbers from 0
   * @param received megabits a second that arrive: by multicast through a simple switch all that is
   *     sent
   */
  public record Link(
      String box,
      ControllerType type,
      String address,
      List<Integer> universes,
      long bytes,
      double packetsPerSecond,
      double megabits,
      double received,
      boolean wifi) {
    public Link {
      universes = List.copyOf(universes);
    }

    /** As people read them: 21-28, 31. */
    public String universeText() {
      return ranges(universes);
    }
  }

  /** What to do, and to which box; empty: to the laptop. */
  public record Step(String box, String what) {}

  /** Of a plan. */
  public static NetworkPlan of(Reading reading) {
    Map<String, String> addresses = NetworkAddresses.of(reading.show(), reading.decisions());
    Map<String, TreeSet<Integer>> universes = new HashMap<>();
    Map<String, Long> bytes = new HashMap<>();
    for (SegmentReading s : reading.segments()) {
      String box = s.segment().controller();
      for (SlotRow row : s.slots()) {
        universes.computeIfAbsent(box, k -> new TreeSet<>()).add(row.universe());
      }
      long own = (long) s.run().fitting().sets(s.segment().pixels()) * s.type().channels();
      bytes.merge(box, own, Long::sum);
    }
    Network network = reading.show().network();
    Protocol protocol = reading.show().addressing().protocol();
    double fps = reading.show().settings().targetFps();
    double sentBits = 0;
    double sentPackets = 0;
    TreeSet<Integer> all = new TreeSet<>();
    universes.values().forEach(all::addAll);
    boolean groups = network.multicast() && protocol == Protocol.SACN;
    if (groups) {
      sentPackets = all.size() * fps;
      sentBits = WireFigures.bits(protocol, all.size(), 0) * fps;
    }
    List<Link> links = new ArrayList<>();
    Map<String, ControllerType> types = reading.show().catalogue().controllerTypesById();
    for (PlacedController c : reading.decisions().controllers()) {
      String id = c.controller().id();
      if (universes.containsKey(id)) {
        int own = universes.get(id).size();
        double packets = WireFigures.packets(protocol, own, bytes.get(id)) * fps;
        double bits = WireFigures.bits(protocol, own, bytes.get(id)) * fps;
        sentPackets += groups ? 0 : packets;
        sentBits += groups ? 0 : bits;
        links.add(
            new Link(
                id,
                java.util.Objects.requireNonNull(types.get(c.controller().type())),
                java.util.Objects.requireNonNull(addresses.get(id)),
                List.copyOf(universes.get(id)),
                bytes.get(id),
                packets,
                bits / 1e6,
                (groups ? sentBits : bits) / 1e6,
                network.wifi().contains(id)));
      }
    }
    Subnet subnet = subnet(network, addresses);
    return new NetworkPlan(
        subnet.text(),
        subnet.maskText(),
        network.sender(),
        network,
        links,
        sentPackets,
        sentBits / 1e6);
  }

  /** A base of two numbers without a mask is as small as its boxes let it be. */
  private static Subnet subnet(Network network, Map<String, String> addresses) {
    Subnet said = Subnet.of(network);
    Subnet small = new Subnet(said.first(), 24);
    boolean free = network.lan().prefix().isEmpty() && said.prefix() < small.prefix();
    boolean fits =
        addresses.values().stream().allMatch(a -> small.holds(Ip4.parse(a).orElseThrow()));
    return free && fits ? small : said;
  }

  /**
   * The order of commissioning: one box at a time, since boxes fresh from the carton share one
   * address (common practice).
   */
  public List<Step> commissioning() {
    List<Step> steps = new ArrayList<>();
    String gateway = network.lan().gateway().map(g -> ", gateway " + g).orElse("");
    String net = "";
    for (Link link : links) {
      String factory = link.type().factoryAddress();
      String there = factory.substring(0, factory.lastIndexOf('.'));
      if (!there.equals(net)) {
        String host = factory.endsWith(".50") ? ".51" : ".50";
        steps.add(new Step("", "Set the laptop to " + there + host + ", mask 255.255.255.0"));
        net = there;
      }
      steps.add(new Step(link.box(), "Plug in " + link.box() + " alone, open " + factory));
      steps.add(
          new Step(
              link.box(),
              "Name it "
                  + link.box()
                  + ", give it "
                  + link.address()
                  + ", mask "
                  + mask
                  + gateway
                  + ", save"));
      steps.add(
          new Step(
              link.box(),
              "Tape: "
                  + link.box()
                  + ", "
                  + link.address()
                  + ", universes "
                  + link.universeText()));
      steps.add(new Step(link.box(), "Put it on the show's switch, identify, tick"));
    }
    if (!links.isEmpty()) {
      steps.add(new Step("", "Set the laptop to " + sender + ", mask " + mask));
    }
    network
        .lan()
        .borrowed()
        .forEach(
            (box, from) ->
                steps.add(new Step(box, "Afterwards put the cable of " + box + " back: " + from)));
    return steps;
  }

  /** Whole numbers as ranges: 21-28, 31. */
  public static String ranges(List<Integer> numbers) {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < numbers.size(); i++) {
      int from = numbers.get(i);
      while (i + 1 < numbers.size() && numbers.get(i + 1) == numbers.get(i) + 1) {
        i++;
      }
      text.append(text.isEmpty() ? "" : ", ").append(from);
      if (numbers.get(i) > from) {
        text.append("-").append(numbers.get(i));
      }
    }
    return text.toString();
  }
}
