package bunting.desktop.addresses;

import bunting.core.addressing.SlotRow;
import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.HandOut;
import bunting.core.show.PlacedController;
import bunting.core.show.SlotRange;
import bunting.core.show.UniverseRange;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/** Which universe is where on the tape, and what lies on it. Pure; heights in pixels. */
final class TapeLayout {
  static final double ROW = 25;
  static final double SIGN = 30;
  static final double TOP = 6;

  /** A stretch of slots: a run's or a plain set's. */
  record Block(String what, boolean set, int first, int last, String pixels, boolean nailed) {}

  /**
   * A row: the sign of a box, a universe, or universes that belong to someone else.
   *
   * @param box whose, empty where it is nobody's
   * @param kind number of the box, for its colour
   * @param universe the first, 0 for a sign
   * @param blocks what lies on it, in the order of the slots
   */
  record Row(
      Kind kind, String box, int colour, int universe, String text, List<Block> blocks, double y) {
    double height() {
      return kind == Kind.SIGN ? SIGN : ROW;
    }
  }

  /** Kinds of rows. */
  enum Kind {
    SIGN,
    TAPE,
    FOREIGN
  }

  private final List<Row> rows = new ArrayList<>();
  private double height = TOP;

  /**
   * @param folded boxes of which only the sign is shown
   */
  TapeLayout(Reading reading, Set<String> folded) {
    Map<String, TreeMap<Integer, List<Block>>> tapes = new java.util.LinkedHashMap<>();
    Map<String, Integer> colours = new HashMap<>();
    for (PlacedController c : reading.decisions().controllers()) {
      colours.put(c.controller().id(), colours.size());
    }
    Set<String> nailed = nailed(reading);
    for (SegmentReading s : reading.segments()) {
      for (SlotRow r : s.slots()) {
        int from = Math.min(r.firstPixel(), r.lastPixel());
        int to = Math.max(r.firstPixel(), r.lastPixel());
        tapes
            .computeIfAbsent(s.segment().controller(), k -> new TreeMap<>())
            .computeIfAbsent(r.universe(), k -> new ArrayList<>())
            .add(
                new Block(
                    s.run().name(),
                    false,
                    r.firstSlot(),
                    r.lastSlot(),
                    "pixels " + from + " to " + to,
                    nailed.contains(s.run().name() + " " + r.universe() + "." + r.firstSlot())));
      }
    }
    for (OtherReading.Set s : reading.others().sets()) {
      colours.putIfAbsent(s.output().dimmer(), colours.size());
      s.slots()
          .ifPresent(
              r ->
                  tapes
                      .computeIfAbsent(s.output().dimmer(), k -> new TreeMap<>())
                      .computeIfAbsent(r.universe(), k -> new ArrayList<>())
                      .add(
                          new Block(
                              s.set().name(),
                              true,
                              r.firstSlot(),
                              r.lastSlot(),
                              "plain set",
                              nailed.contains(
                                  s.set().name() + " " + r.universe() + "." + r.firstSlot()))));
    }
    foreign(reading);
    List<String> order = new ArrayList<>(tapes.keySet());
    order.sort(Comparator.comparingInt(b -> tapes.get(b).firstKey()));
    for (String box : order) {
      TreeMap<Integer, List<Block>> tape = tapes.get(box);
      String text =
          bunting.core.network.NetworkPlan.ranges(List.copyOf(tape.keySet()))
              + (folded.contains(box) ? " · folded" : "");
      add(Kind.SIGN, box, colours.getOrDefault(box, 0), 0, text, List.of());
      if (!folded.contains(box)) {
        tape.forEach(
            (universe, blocks) -> {
              blocks.sort(Comparator.comparingInt(Block::first));
              add(
                  Kind.TAPE,
                  box,
                  colours.getOrDefault(box, 0),
                  universe,
                  Integer.toString(universe),
                  blocks);
            });
      }
    }
  }

  private void foreign(Reading reading) {
    for (UniverseRange r : reading.show().addressing().reserved()) {
      String owner = r.owner().isEmpty() ? "belongs to someone else" : "belongs to " + r.owner();
      add(Kind.FOREIGN, owner, 0, r.first(), r.text(), List.of());
    }
  }

  private void add(
      Kind kind, String box, int colour, int universe, String text, List<Block> blocks) {
    Row row = new Row(kind, box, colour, universe, text, blocks, height);
    rows.add(row);
    height += row.height();
  }

  /** Beginnings of rows that lie where they were handed out. */
  private static Set<String> nailed(Reading reading) {
    Set<String> starts = new HashSet<>();
    for (HandOut h : reading.show().allotting().handOut().stream().toList()) {
      for (HandOut.Nail n : h.nails()) {
        for (SlotRange r : n.slots()) {
          starts.add(n.run() + " " + r.universe() + "." + r.first());
        }
      }
    }
    return starts;
  }

  List<Row> rows() {
    return rows;
  }

  double height() {
    return height;
  }

  Optional<Row> at(double y) {
    return rows.stream().filter(r -> y >= r.y() && y < r.y() + r.height()).findFirst();
  }

  /** The first row on which a run or set lies. */
  Optional<Row> of(String what) {
    return rows.stream()
        .filter(r -> r.blocks().stream().anyMatch(b -> b.what().equals(what)))
        .findFirst();
  }

  /** The first row that bears a text: a universe's number, or a part of a box's or run's name. */
  Optional<Row> find(String text) {
    String low = text.toLowerCase(java.util.Locale.ROOT);
    return rows.stream()
        .filter(r -> r.kind() == Kind.TAPE && r.text().equals(text))
        .findFirst()
        .or(
            () ->
                rows.stream()
                    .filter(
                        r ->
                            r.box().toLowerCase(java.util.Locale.ROOT).contains(low)
                                || r.blocks().stream()
                                    .anyMatch(
                                        b ->
                                            b.what()
                                                .toLowerCase(java.util.Locale.ROOT)
                                                .contains(low)))
                    .findFirst());
  }
}
