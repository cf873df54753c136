package bunting.core.network;

import bunting.core.addressing.Ip4;
import bunting.core.addressing.Subnet;
import bunting.core.show.Network;
import java.util.List;
import java.util.Optional;

/**
 * Whether a computer reaches a box, and if not why: the commonest mistake is a box in another
 * subnet, which nothing tells of. A device sends to its own subnet straight away and everything
 * else to its router (RFC 1122, from memory); both ends decide by their own mask.
 */
public final class Reach {
  /** What boxes come with, where nobody knows their mask. */
  private static final int USUAL_PREFIX = 24;

  private Reach() {}

  /**
   * An interface of the computer.
   *
   * @param prefix bits of its mask
   */
  public record Nic(String name, Ip4 address, int prefix) {
    Subnet subnet() {
      return Subnet.around(address, prefix);
    }
  }

  /** What comes of it. */
  public enum Outcome {
    /** Straight away. */
    REACHED,
    /** What is sent arrives, and answers go elsewhere. */
    ONE_WAY,
    /** Only if a router passes it on. */
    BY_ROUTER,
    /** Both have one address. */
    ITSELF,
    /** Nothing of it is in that subnet. */
    NOT
  }

  /** An outcome, and why, with what to do, as a sentence. */
  public record Verdict(Outcome outcome, String why) {
    /** Whether the box gets what is sent. */
    public boolean arrives() {
      return outcome == Outcome.REACHED || outcome == Outcome.ONE_WAY;
    }
  }

  /** The subnet that a box takes itself to be in: the show's, else the usual one about it. */
  public static Subnet subnetOf(Ip4 box, Network network) {
    Subnet show = Subnet.of(network);
    return show.holds(box) ? show : Subnet.around(box, USUAL_PREFIX);
  }

  /** Of a box. */
  public static Verdict of(List<Nic> nics, Ip4 box, Network network) {
    Optional<Nic> itself = nics.stream().filter(n -> n.address().equals(box)).findFirst();
    if (itself.isPresent()) {
      return new Verdict(
          Outcome.ITSELF,
          "This computer has that address itself ("
              + itself.get().name()
              + "): give one of them another.");
    }
    Subnet own = subnetOf(box, network);
    Optional<Nic> near = nics.stream().filter(n -> n.subnet().isHost(box)).findFirst();
    if (near.isPresent()) {
      return own.holds(near.get().address())
          ? new Verdict(
              Outcome.REACHED,
              "Reached over " + near.get().name() + ", " + near.get().address().text() + ".")
          : new Verdict(
              Outcome.ONE_WAY,
              near.get().name()
                  + " sends to it, but the box takes "
                  + near.get().address().text()
                  + " for another network and does not answer: "
                  + set(box, network));
    }
    boolean routed =
        network
            .lan()
            .gateway()
            .flatMap(Ip4::parse)
            .filter(g -> nics.stream().anyMatch(n -> n.subnet().holds(g)))
            .isPresent();
    return routed
        ? new Verdict(
            Outcome.BY_ROUTER,
            "In another subnet: only the router could pass it on, and at home it does not. "
                + set(box, network))
        : new Verdict(
            Outcome.NOT, "No interface of this computer is in its subnet. " + set(box, network));
  }

  /** What to set the computer to. */
  private static String set(Ip4 box, Network network) {
    Subnet subnet = subnetOf(box, network);
    return "Set one to " + laptop(box, network).text() + ", mask " + subnet.maskText() + ".";
  }

  /**
   * An address for the computer from which a box is reached: the show's sender, else a free one.
   */
  public static Ip4 laptop(Ip4 box, Network network) {
    Subnet subnet = subnetOf(box, network);
    Optional<Ip4> sender = Ip4.parse(network.sender()).filter(subnet::isHost);
    if (sender.filter(s -> !s.equals(box)).isPresent()) {
      return sender.get();
    }
    Ip4 fifty = subnet.first().plus(Math.min(50, subnet.size() - 3));
    return fifty.equals(box) ? fifty.plus(1) : fifty;
  }
}
