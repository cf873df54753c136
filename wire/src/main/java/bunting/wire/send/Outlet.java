package bunting.wire.send;

import java.io.IOException;

/** Where packets go. */
@FunctionalInterface
public interface Outlet {
  /**
   * Sends a packet.
   *
   * @param universe that it is for; 0: for none
   */
  void send(byte[] packet, int universe) throws IOException;
}
