package bunting.core.addressing;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An IPv4 address as a number, 0 to 2^32 - 1 (RFC 791; masks: RFC 950, from memory).
 *
 * @param value the four octets, the first the highest
 */
public record Ip4(long value) implements Comparable<Ip4> {
  /** All addresses. */
  static final long ALL = 1L << 32;

  private static final Pattern TEXT =
      Pattern.compile("(\\d{1,3})\\.(\\d{1,3})\\.(\\d{1,3})\\.(\\d{1,3})");

  /** From a text such as {@code 10.20.0.11}; empty where it is none. */
  public static Optional<Ip4> parse(String text) {
    Matcher m = TEXT.matcher(text);
    if (!NetworkAddresses.valid(text) || !m.matches()) {
      return Optional.empty();
    }
    long value = 0;
    for (int i = 1; i <= 4; i++) {
      value = value << 8 | Long.parseLong(m.group(i));
    }
    return Optional.of(new Ip4(value));
  }

  /** As it is written. */
  public String text() {
    return (value >> 24)
        + "."
        + (value >> 16 & 255)
        + "."
        + (value >> 8 & 255)
        + "."
        + (value & 255);
  }

  /** The address so many further. */
  public Ip4 plus(long n) {
    return new Ip4(value + n);
  }

  @Override
  public int compareTo(Ip4 other) {
    return Long.compare(value, other.value);
  }
}
