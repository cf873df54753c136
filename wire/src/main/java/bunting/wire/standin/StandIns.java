package bunting.wire.standin;

import bunting.core.addressing.SlotCursor;
import bunting.core.patch.LightMap;
import bunting.core.patch.LightPiece;
import bunting.core.show.Protocol;
import bunting.wire.packet.ArtNet;
import bunting.wire.packet.Ddp;
import bunting.wire.packet.Packet;
import bunting.wire.packet.Sacn;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.OptionalLong;

/**
 * The boxes of a plan, as they hear the wire. Levels stay as they came last; a source that is gone
 * leaves its look behind. May be used by several threads.
 */
public final class StandIns {
  /** A box as it hears. */
  private static final class Box {
    final BitSet came = new BitSet();
    int own;
    long frames;
    long packets;
    OptionalInt lastUniverse = OptionalInt.empty();
    OptionalLong testUntil = OptionalLong.empty();
  }

  /** A box's own test look lasts so long. */
  private static final long TEST_NANOS = 6_000_000_000L;

  private static final long AFTERWARDS_NANOS = 1_000_000_000L;

  /** A quarter of full, so that it may be pressed without a thought for fuses. */
  private static final byte TEST_LEVEL = 64;

  private final LightMap map;
  private final byte[] slots;
  private final List<Box> boxes = new ArrayList<>();
  private final List<List<Integer>> listeners = new ArrayList<>();
  private final List<Sources> sources = new ArrayList<>();
  private final Sources byteSources = new Sources();
  private final Map<Verdict, Long> verdicts = new EnumMap<>(Verdict.class);
  private long version;

  /** The boxes of a map of lights. */
  public StandIns(LightMap map) {
    this.map = map;
    this.slots = new byte[map.frameBytes()];
    for (int u = 0; u < map.universes(); u++) {
      listeners.add(new ArrayList<>());
      sources.add(new Sources());
    }
    for (int b = 0; b < map.boxes().size(); b++) {
      Box box = new Box();
      for (int universe : map.boxes().get(b).universes()) {
        listeners.get(map.universeIndex(universe)).add(b);
        box.own++;
      }
      boxes.add(box);
    }
  }

  /**
   * A datagram came.
   *
   * @param from who sent it, where the protocol names nobody
   * @param now nanoseconds of some clock
   */
  public synchronized Verdict hear(
      Protocol protocol, byte[] datagram, int bytes, Object from, long now) {
    Packet packet =
        switch (protocol) {
          case SACN -> Sacn.read(datagram, bytes);
          case ARTNET -> ArtNet.read(datagram, bytes);
          case DDP -> Ddp.read(datagram, bytes);
        };
    Verdict verdict =
        switch (packet) {
          case Packet.Malformed m -> Verdict.REJECTED;
          case Packet.Beside b -> Verdict.IGNORED;
          case Packet.Universe u -> universe(u, from, now);
          case Packet.Stretch s -> stretch(s, from, now);
        };
    verdicts.merge(verdict, 1L, Long::sum);
    return verdict;
  }

  private Verdict universe(Packet.Universe packet, Object from, long now) {
    int index = map.universeIndex(packet.universe());
    if (index < 0) {
      return Verdict.IGNORED;
    }
    boolean named = packet.cid().isPresent();
    Object who = named ? packet.cid().get() : from;
    Sources.Order order =
        named
            ? Sources.Order.OF_256
            : packet.sequenced() ? Sources.Order.OF_255 : Sources.Order.NONE;
    Sources heard = sources.get(index);
    if (packet.terminated()) {
      return heard.ends(who, packet.sequence(), order) ? Verdict.ACCEPTED : Verdict.IGNORED;
    }
    if (!heard.takes(who, packet.priority(), packet.sequence(), order, now)) {
      return Verdict.IGNORED;
    }
    packet.levels().copyTo(slots, index * SlotCursor.SLOTS, SlotCursor.SLOTS);
    version++;
    for (int b : listeners.get(index)) {
      Box box = boxes.get(b);
      box.packets++;
      box.lastUniverse = OptionalInt.of(packet.universe());
      box.came.set(index);
      if (box.came.cardinality() == box.own) {
        box.frames++;
        box.came.clear();
      }
    }
    return Verdict.ACCEPTED;
  }

  private Verdict stretch(Packet.Stretch packet, Object from, long now) {
    Packet.Levels levels = packet.levels();
    boolean beyond = packet.offset() >= map.bytes() && levels.count() > 0;
    if (beyond
        || !byteSources.takes(from, Sacn.PRIORITY, packet.sequence(), Sources.Order.OF_15, now)) {
      return Verdict.IGNORED;
    }
    int first = (int) Math.min(packet.offset(), map.bytes());
    int count = Math.min(levels.count(), map.bytes() - first);
    BitSet touched = new BitSet();
    for (int i = 0; i < count; ) {
      int piece = map.pieceOfByte(first + i);
      touched.set(map.pieces().get(piece).box());
      int begins = map.firstByte(piece) - first;
      int end = Math.min(count, begins + map.bytes(piece));
      for (; i < end; i++) {
        int slot = map.slotOfByte(piece, i - begins);
        if (slot >= 0) {
          slots[slot] = levels.at(i);
        }
      }
    }
    version++;
    touched.stream().forEach(b -> boxes.get(b).packets++);
    if (packet.push()) {
      boxes.forEach(b -> b.frames++);
    }
    return Verdict.ACCEPTED;
  }

  /** How many packets came to what. */
  public record Counts(Map<Verdict, Long> each) {
    public Counts {
      each = Map.copyOf(each);
    }

    /** How many had that fate. */
    public long of(Verdict verdict) {
      return each.getOrDefault(verdict, 0L);
    }

    /** All. */
    public long packets() {
      return each.values().stream().mapToLong(Long::longValue).sum();
    }
  }

  /** How many packets came to what, of one moment. */
  public synchronized Counts counts() {
    return new Counts(verdicts);
  }

  /**
   * How all boxes fare, in the order of the plan. Pixels are counted in a copy: packets do not wait
   * for that.
   */
  public List<BoxStatus> status() {
    byte[] now = new byte[slots.length];
    List<BoxStatus> all = new ArrayList<>();
    synchronized (this) {
      copy(now);
      for (int b = 0; b < boxes.size(); b++) {
        Box box = boxes.get(b);
        String id = map.boxes().get(b).id();
        all.add(new BoxStatus(id, box.frames, box.packets, 0, 0, box.lastUniverse));
      }
    }
    int[] pixels = new int[all.size()];
    int[] lit = new int[all.size()];
    for (int p = 0; p < map.pieces().size(); p++) {
      LightPiece piece = map.pieces().get(p);
      pixels[piece.box()] += piece.pixels();
      for (int set = 0; set < piece.sets(); set++) {
        if (map.lit(now, p, set)) {
          int first = piece.pixelOf(set);
          lit[piece.box()] += Math.min(piece.grouping(), piece.lastPixel() - first + 1);
        }
      }
    }
    for (int b = 0; b < pixels.length; b++) {
      all.set(b, all.get(b).withPixels(pixels[b], lit[b]));
    }
    return all;
  }

  /** How many packets are missing by the sequence numbers of those that came. */
  public synchronized long lost() {
    return sources.stream().mapToLong(Sources::lost).sum() + byteSources.lost();
  }

  /** How many packets each box took, in the order of the plan. */
  public synchronized long[] packets() {
    return boxes.stream().mapToLong(b -> b.packets).toArray();
  }

  /** Somebody presses the button of a box: it shows its own test look, white, without a network. */
  public synchronized void press(int box, long now) {
    boxes.get(box).testUntil = OptionalLong.of(now + TEST_NANOS);
  }

  /** Whether a box shows its own test look. */
  public synchronized boolean testing(int box, long now) {
    OptionalLong until = boxes.get(box).testUntil;
    return until.isPresent() && now - until.getAsLong() < 0;
  }

  /** Whether any box does, or did a moment ago. */
  public synchronized boolean testing(long now) {
    return boxes.stream()
        .anyMatch(b -> b.testUntil.isPresent() && now - b.testUntil.getAsLong() < AFTERWARDS_NANOS);
  }

  /** Copies the levels as the boxes show them now: what came, or their own test look. */
  public synchronized void look(byte[] frame, long now) {
    copy(frame);
    for (int p = 0; p < map.pieces().size(); p++) {
      LightPiece piece = map.pieces().get(p);
      if (testing(piece.box(), now)) {
        for (int set = 0; set < piece.sets(); set++) {
          for (int c = 0; c < piece.channels(); c++) {
            int slot = map.slot(p, set, c);
            if (slot >= 0) {
              frame[slot] = TEST_LEVEL;
            }
          }
        }
      }
    }
  }

  /** A number that grows whenever levels came. */
  public synchronized long version() {
    return version;
  }

  /** Copies the levels as they are now, a frame. */
  public synchronized void copy(byte[] frame) {
    System.arraycopy(slots, 0, frame, 0, slots.length);
  }
}
