package bunting.core.addressing;

/**
 * IPv4 addresses of the boxes: 10.20.0.11 and on, 200 in each third octet, then on in the second;
 * below 11 is left to people's own gear.
 */
public final class NetworkAddresses {
  private static final int FIRST_HOST = 11;
  private static final int HOSTS = 200;
  private static final int FIRST_NET = 20;

  private NetworkAddresses() {}

  /**
   * The address of the nth controller, from 0.
   *
   * @throws IllegalArgumentException beyond 12 million controllers
   */
  public static String of(int index) {
    int third = index / HOSTS;
    int second = FIRST_NET + third / 256;
    if (second > 255) {
      throw new IllegalArgumentException("more controllers than addresses");
    }
    return "10." + second + "." + third % 256 + "." + (FIRST_HOST + index % HOSTS);
  }
}
