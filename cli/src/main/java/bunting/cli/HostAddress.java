package bunting.cli;

import bunting.files.BadInputException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.UnknownHostException;

/** {@code HOST[:PORT]}: one machine, by name or address; a version-6 address in brackets. */
final class HostAddress {
  private static final int PORT_MAX = 65_535;

  private HostAddress() {}

  static InetSocketAddress parse(String text, int usualPort) throws BadInputException {
    String host = text;
    int port = usualPort;
    int colon = text.lastIndexOf(':');
    boolean bare = text.indexOf(':') != colon && !text.endsWith("]") && !text.contains("]:");
    if (colon >= 0 && !text.endsWith("]") && !bare) {
      host = text.substring(0, colon);
      port = port(text.substring(colon + 1));
    }
    if (host.startsWith("[") && host.endsWith("]")) {
      host = host.substring(1, host.length() - 1);
    }
    InetAddress address;
    try {
      if (host.isBlank()) {
        throw new UnknownHostException();
      }
      address = InetAddress.getByName(host);
    } catch (UnknownHostException e) {
      throw new BadInputException(
          "Command line: --to names no machine that is known here; give an address like 127.0.0.1,"
              + " or 127.0.0.1:5568.");
    }
    if (address.isMulticastAddress()
        || address.isAnyLocalAddress()
        || "255.255.255.255".equals(address.getHostAddress())) {
      throw new BadInputException(
          "Command line: --to is a group or everybody; give the address of one machine.");
    }
    return new InetSocketAddress(address, port);
  }

  private static int port(String text) throws BadInputException {
    try {
      int port = Integer.parseInt(text);
      if (port >= 1 && port <= PORT_MAX) {
        return port;
      }
    } catch (NumberFormatException e) {
      // Told below.
    }
    throw new BadInputException(
        "Command line: the port behind --to should be a whole number from 1 to 65535.");
  }
}
