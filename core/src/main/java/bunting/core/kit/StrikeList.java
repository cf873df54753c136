package bunting.core.kit;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.PlacedController;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Taking it down and putting it away: what of each box goes together into totes, and which label is
 * on which coil, so that next year one tote is carried to one place.
 *
 * <p>Down it goes against the order of building: pixels and their cables first, the box last. A
 * tote holds {@value #TOTE_LITRES} litres; strip on its reel takes {@value #STRIP_LITRES_PER_M}
 * litres a metre, a string {@value #STRING_LITRES_PER_PIXEL} a pixel, a coil of cable {@value
 * #CABLE_LITRES_PER_M} a metre and a conductor (our reckoning; what is bulky goes beside it).
 *
 * @param items in the order in which they come down
 */
public record StrikeList(List<Item> items) {
  /** Of one tote. */
  public static final int TOTE_LITRES = 60;

  private static final double STRIP_LITRES_PER_M = 0.15;
  private static final double STRING_LITRES_PER_PIXEL = 0.08;
  private static final double CABLE_LITRES_PER_M = 0.06;

  /**
   * Something that comes down in one piece.
   *
   * @param tote in which it is put; from 1
   * @param box it belongs to; empty: the mains
   * @param what it is
   * @param label what its label says at one end and the other
   * @param metres of it; 0: none are told
   * @param litres it takes
   */
  public record Item(
      int tote, String box, String what, String label, double metres, double litres) {}

  public StrikeList {
    items = List.copyOf(items);
  }

  /** Totes that it takes. */
  public int totes() {
    return items.stream().mapToInt(Item::tote).max().orElse(0);
  }

  /** How a plan comes down. */
  public static StrikeList of(Reading reading, List<Cables.Cable> cables) {
    Map<String, List<Item>> boxes = new LinkedHashMap<>();
    for (PlacedController c : reading.decisions().controllers()) {
      boxes.put(c.controller().id(), new ArrayList<>());
    }
    for (SegmentReading s : reading.segments()) {
      into(boxes, s.segment().controller()).add(piece(s));
    }
    for (Cables.Cable c : cables) {
      // What is wired inside a box stays in it.
      if (c.kind() != Cables.Kind.INPUT) {
        into(boxes, c.box().orElse("")).add(coil(c));
      }
    }
    for (PlacedController c : reading.decisions().controllers()) {
      String id = c.controller().id();
      into(boxes, id).add(new Item(0, id, "box, dry, lid closed, fuses in a bag", id, 0, 0));
    }
    return new StrikeList(packed(boxes));
  }

  private static List<Item> into(Map<String, List<Item>> boxes, String box) {
    return boxes.computeIfAbsent(box, k -> new ArrayList<>());
  }

  private static Item piece(SegmentReading s) {
    int pixels = s.segment().pixels();
    double metres = pixels / s.type().pitchPerM();
    boolean strip = s.type().strip();
    return new Item(
        0,
        s.segment().controller(),
        (strip ? "reel of " : "string of ") + pixels + " pixels",
        s.run().name()
            + (pixels == s.run().pixels()
                ? ""
                : " " + s.segment().firstPixel() + "-" + s.segment().lastPixel()),
        metres,
        strip ? STRIP_LITRES_PER_M * metres : STRING_LITRES_PER_PIXEL * pixels);
  }

  private static Item coil(Cables.Cable c) {
    double metres = c.metres().orElse(0);
    return new Item(
        0,
        c.box().orElse(""),
        "coil, " + c.kind().words() + c.wire().map(w -> ", " + w).orElse(""),
        c.from() + " \u2013 " + c.to(),
        metres,
        CABLE_LITRES_PER_M * metres * c.conductors());
  }

  /** Each box begins a tote of its own, and goes on in another where one is full. */
  private static List<Item> packed(Map<String, List<Item>> boxes) {
    List<Item> all = new ArrayList<>();
    int tote = 0;
    for (List<Item> of : boxes.values()) {
      double room = 0;
      boolean first = true;
      for (Item i : of) {
        if (first || i.litres() > room + 1e-9) {
          tote++;
          room = TOTE_LITRES;
          first = false;
        }
        room -= i.litres();
        all.add(new Item(tote, i.box(), i.what(), i.label(), i.metres(), i.litres()));
      }
    }
    return all;
  }

  /** The items of each tote, by its number. */
  public Map<Integer, List<Item>> byTote() {
    Map<Integer, List<Item>> totes = new LinkedHashMap<>();
    items.forEach(i -> totes.computeIfAbsent(i.tote(), k -> new ArrayList<>()).add(i));
    return totes;
  }

  /** The tote that something with this label is in. */
  public Optional<Integer> toteOf(String label) {
    return items.stream().filter(i -> i.label().equals(label)).map(Item::tote).findFirst();
  }
}
