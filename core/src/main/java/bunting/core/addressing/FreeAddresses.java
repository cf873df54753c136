package bunting.core.addressing;

import bunting.core.show.Lan;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;

/**
 * Free IPv4 addresses, one after the other, block by block. A pool is skipped in one step, and so
 * are all the blocks that it covers.
 */
final class FreeAddresses {
  /**
   * Blocks of addresses that follow each other.
   *
   * @param base first address of the first block
   * @param size addresses from a block to the next
   * @param first place in its block of the address that is used first, from 1
   * @param last place of the last that is used
   * @param wraps whether the places before {@code first} are used after {@code last}
   */
  record Blocks(long base, long size, long first, long last, boolean wraps) {
    long lowest() {
      return wraps ? 1 : first;
    }
  }

  private final Blocks blocks;
  private final Set<String> taken;
  private final NavigableMap<Long, Long> pools = new TreeMap<>();
  private long block;
  private long at;
  private long end;

  /**
   * Begins with the first block.
   *
   * @param taken addresses that are not free; those that are given out are added
   */
  FreeAddresses(Blocks blocks, List<Lan.Pool> pools, Set<String> taken) {
    this.blocks = blocks;
    this.taken = taken;
    pools.forEach(p -> add(number(p.from()), number(p.to())));
    enter(0);
  }

  private static long number(String address) {
    return Ip4.parse(address).orElseThrow().value();
  }

  /** Adds a pool; pools that overlap or touch become one. */
  private void add(long from, long to) {
    long low = from;
    long high = to;
    for (Map.Entry<Long, Long> e = pools.floorEntry(high + 1);
        e != null && e.getValue() >= low - 1;
        e = pools.floorEntry(high + 1)) {
      low = Math.min(low, e.getKey());
      high = Math.max(high, e.getValue());
      pools.remove(e.getKey());
    }
    pools.put(low, high);
  }

  private void enter(long number) {
    block = blocks.base() + number * blocks.size();
    at = block + blocks.first();
    end = block + blocks.last();
    if (end >= Ip4.ALL) {
      if (pools.isEmpty()) {
        throw new IllegalStateException("more controllers than IPv4 addresses");
      }
      pools.clear();
      enter(0);
    }
  }

  /** Returns the next free address; where the pools hold all that are left, one of theirs. */
  String next() {
    while (true) {
      if (at > end) {
        boolean before = blocks.wraps() && end == block + blocks.last() && blocks.first() > 1;
        if (before) {
          at = block + 1;
          end = block + blocks.first() - 1;
        } else {
          enter((block - blocks.base()) / blocks.size() + 1);
        }
      }
      Map.Entry<Long, Long> pool = pools.floorEntry(at);
      if (pool != null && pool.getValue() >= at) {
        skip(pool.getKey(), pool.getValue());
      } else {
        String address = new Ip4(at++).text();
        if (taken.add(address)) {
          return address;
        }
      }
    }
  }

  private void skip(long from, long to) {
    boolean all = from <= block + blocks.lowest() && to >= block + blocks.last();
    if (all) {
      long number = (block - blocks.base()) / blocks.size();
      enter(Math.max(number + 1, (to + 1 - blocks.base()) / blocks.size()));
    } else {
      at = to + 1;
    }
  }
}
