package bunting.core.network;

import bunting.core.addressing.Ip4;
import bunting.core.addressing.Subnet;
import bunting.core.show.ControllerType;
import bunting.core.show.Network;
import java.util.List;

/** What to do with a box whose address nobody knows (common practice, no source). */
public final class UnknownBox {
  private UnknownBox() {}

  /**
   * In order.
   *
   * @param address that it is to have
   */
  public static List<String> steps(ControllerType type, String address, Network network) {
    Ip4 factory = Ip4.parse(type.factoryAddress()).orElseThrow();
    Subnet there = Subnet.around(factory, 24);
    Ip4 laptop = there.first().plus(50).equals(factory) ? factory.plus(1) : there.first().plus(50);
    return List.of(
        "Read the tape on its lid; try that address first.",
        "Look at its lamps: without power or network lamp it has no address at all.",
        "Plug it into this computer alone, with nothing else on the cable.",
        "Set it back: hold its reset button, or fit its jumper, while it starts (its own paper says"
            + " which). Then it is at "
            + factory.text()
            + ".",
        "Set this computer to " + laptop.text() + ", mask " + there.maskText() + ".",
        "Open "
            + factory.text()
            + "; if it is not there, let the router give it one and read the"
            + " router's list.",
        "Give it "
            + address
            + ", mask "
            + Subnet.of(network).maskText()
            + network.lan().gateway().map(g -> ", gateway " + g).orElse("")
            + ", and save.",
        "Write name and address on tape, on the lid and inside.",
        "Set this computer back to " + network.sender() + ".");
  }
}
