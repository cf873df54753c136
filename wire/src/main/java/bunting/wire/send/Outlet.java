package bunting.wire.send;

import java.io.IOException;

/** Where packets go. */
@FunctionalInterface
public interface Outlet {
  /**
   * Sends a packet.
   *
   * @param target where it belongs, as its packets number it
   */
  void send(byte[] packet, int target) throws IOException;
}
