package bunting.core.addressing;

/**
 * IPv4 addresses of the boxes: 10.20.0.11 and on, 200 in each third octet; below 11 is left to
 * people's own gear.
 */
public final class NetworkAddresses {
  private static final int FIRST_HOST = 11;
  private static final int HOSTS = 200;

  private NetworkAddresses() {}

  /**
   * The address of the nth controller, from 0.
   *
   * @throws IllegalArgumentException beyond 51,200 controllers
   */
  public static String of(int index) {
    if (index >= HOSTS * 256) {
      throw new IllegalArgumentException("more than " + HOSTS * 256 + " controllers");
    }
    return "10.20." + index / HOSTS + "." + (FIRST_HOST + index % HOSTS);
  }
}
