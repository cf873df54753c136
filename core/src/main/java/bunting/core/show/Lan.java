package bunting.core.show;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;

/**
 * What is known of a network that belongs to somebody else.
 *
 * @param prefix bits of its mask, 8 to 30; empty: by how many numbers its base has
 * @param gateway address of its router
 * @param pool addresses that its router gives out by itself
 * @param taken addresses that something else has, and what that is
 * @param borrowed boxes on a cable that belongs to something else, and what that is
 */
public record Lan(
    OptionalInt prefix,
    Optional<String> gateway,
    List<Pool> pool,
    Map<String, String> taken,
    Map<String, String> borrowed) {
  /** A network of the show's own. */
  public static final Lan OWN =
      new Lan(OptionalInt.empty(), Optional.empty(), List.of(), Map.of(), Map.of());

  public Lan {
    pool = List.copyOf(pool);
    taken = java.util.Collections.unmodifiableMap(new TreeMap<>(taken));
    borrowed = java.util.Collections.unmodifiableMap(new TreeMap<>(borrowed));
  }

  /** Addresses from one to another, both included. */
  public record Pool(String from, String to) {
    /** As it is written: {@code 192.168.1.100-192.168.1.199}. */
    public String text() {
      return from + "-" + to;
    }
  }

  /** The same with another mask. */
  public Lan withPrefix(OptionalInt bits) {
    return new Lan(bits, gateway, pool, taken, borrowed);
  }

  /** The same with another router. */
  public Lan withGateway(Optional<String> address) {
    return new Lan(prefix, address, pool, taken, borrowed);
  }

  /** The same with other addresses that the router gives out. */
  public Lan withPool(List<Pool> ranges) {
    return new Lan(prefix, gateway, ranges, taken, borrowed);
  }

  /** The same with other addresses that are taken. */
  public Lan withTaken(Map<String, String> addresses) {
    return new Lan(prefix, gateway, pool, addresses, borrowed);
  }

  /** The same with a box on a borrowed cable; an empty word: on one of its own. */
  public Lan borrowing(String box, String from) {
    Map<String, String> all = new TreeMap<>(borrowed);
    if (from.isEmpty()) {
      all.remove(box);
    } else {
      all.put(box, from);
    }
    return new Lan(prefix, gateway, pool, taken, all);
  }
}
