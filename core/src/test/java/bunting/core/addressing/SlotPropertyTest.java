package bunting.core.addressing;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Addressing;
import bunting.core.show.PortStart;
import bunting.core.show.Protocol;
import bunting.core.show.SlotSplit;
import bunting.core.show.UniverseRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;

/** The cursor's closed form against giving out slots one pixel and one slot at a time. */
@Tag("property")
class SlotPropertyTest {
  /** Slot by slot, as one would do it on squared paper. */
  private static final class Paper {
    private final Addressing policy;
    private int universe;
    private int slot = 1;

    Paper(Addressing policy) {
      this.policy = policy;
      universe = free(policy.startUniverse());
    }

    private boolean taken(int u) {
      return policy.reserved().stream().anyMatch(r -> u >= r.first() && u <= r.last());
    }

    private int free(int from) {
      int u = from;
      while (taken(u)) {
        u++;
      }
      return u;
    }

    void startPort() {
      if (policy.portStart() == PortStart.NEW_UNIVERSE && slot != 1) {
        universe = free(universe + 1);
        slot = 1;
      }
    }

    /** Universe x 1000 + slot for each slot of one pixel. */
    List<Integer> pixel(int channels) {
      boolean fits = slot + channels - 1 <= SlotCursor.SLOTS;
      boolean mayStraddle =
          policy.split() == SlotSplit.FULL_UNIVERSE
              && !taken(universe + 1)
              && slot <= SlotCursor.SLOTS;
      if (!fits && !mayStraddle) {
        universe = free(universe + 1);
        slot = 1;
      }
      List<Integer> slots = new ArrayList<>();
      for (int i = 0; i < channels; i++) {
        if (slot > SlotCursor.SLOTS) {
          universe = free(universe + 1);
          slot = 1;
        }
        slots.add(universe * 1000 + slot++);
      }
      return slots;
    }
  }

  private static Addressing policy(Random random) {
    List<UniverseRange> reserved = new ArrayList<>();
    for (int i = random.nextInt(4); i > 0; i--) {
      int first = 1 + random.nextInt(12);
      reserved.add(new UniverseRange(first, first + random.nextInt(3)));
    }
    return new Addressing(
        Protocol.SACN,
        1 + random.nextInt(6),
        random.nextBoolean() ? SlotSplit.WHOLE_PIXELS : SlotSplit.FULL_UNIVERSE,
        random.nextBoolean() ? PortStart.CONTINUOUS : PortStart.NEW_UNIVERSE,
        reserved);
  }

  @Property(tries = 600, seed = "7")
  void givesTheSameSlotsAsSquaredPaper(@ForAll long seed) {
    Random random = new Random(seed);
    Addressing policy = policy(random);
    SlotCursor cursor = new SlotCursor(policy);
    Paper paper = new Paper(policy);
    for (int port = 0; port < 3; port++) {
      cursor.startPort();
      paper.startPort();
      for (int piece = random.nextInt(3); piece >= 0; piece--) {
        int channels = random.nextInt(5) == 0 ? 1 + random.nextInt(512) : 1 + random.nextInt(7);
        int first = 1 + random.nextInt(50);
        int last = first + random.nextInt(400);
        assertThat(spread(cursor.take(channels, first, last), channels, first, last))
            .isEqualTo(onPaper(paper, channels, first, last));
      }
    }
    assertThat(cursor.exhausted()).isFalse();
  }

  private static Map<Integer, Integer> onPaper(Paper paper, int channels, int first, int last) {
    Map<Integer, Integer> pixelOf = new TreeMap<>();
    for (int p = first; p <= last; p++) {
      for (int slot : paper.pixel(channels)) {
        pixelOf.put(slot, p);
      }
    }
    return pixelOf;
  }

  /** Which pixel has which slot, by walking along the rows. */
  private static Map<Integer, Integer> spread(
      List<SlotRow> rows, int channels, int first, int last) {
    Map<Integer, Integer> pixelOf = new TreeMap<>();
    int given = 0;
    for (SlotRow row : rows) {
      assertThat(row.firstPixel()).isEqualTo(first + given / channels);
      for (int slot = row.firstSlot(); slot <= row.lastSlot(); slot++) {
        pixelOf.put(row.universe() * 1000 + slot, first + given / channels);
        given++;
      }
      assertThat(row.lastPixel()).isEqualTo(first + (given - 1) / channels);
    }
    assertThat(given).isEqualTo((last - first + 1) * channels);
    return pixelOf;
  }
}
