package bunting.core.build;

import bunting.core.assess.FeedReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.kit.Cables;
import bunting.core.kit.Cables.Cable;
import bunting.core.kit.Glands;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The cables that enter a box in the order of its ports, and a hole for each. */
final class Holes {
  /** A nut is so much wider than its hole. */
  private static final double NUT = 1.6;

  private static final double EDGE_MM = 20;

  /** Rows of glands in one wall, as far as a hand gets a spanner in. */
  static final int ROWS = 2;

  private static final String TRUNK = "trunk ";

  private Holes() {}

  /**
   * All cables that enter, in the order of the ports: each lead, then the feeds of its port.
   *
   * @param blocks where each feed and trunk is screwed to; of others, the supply
   */
  static List<Cable> cables(
      Reading reading,
      List<Cable> all,
      Set<String> boxes,
      List<Cable> cords,
      Map<String, String> blocks) {
    Map<String, Cable> by = new HashMap<>();
    all.forEach(c -> by.put(c.kind() + " " + c.box().orElse("") + " " + c.to(), c));
    List<Cable> in = new ArrayList<>();
    for (PortReading port : reading.ports()) {
      if (!boxes.contains(port.controller())) {
        continue;
      }
      for (SegmentReading s : port.segments()) {
        find(by, Cables.Kind.LEAD, port.controller(), s, s.segment().firstPixel())
            .ifPresent(in::add);
      }
      for (SegmentReading s : port.segments()) {
        for (FeedReading f : reading.feedsOf(s.segment().id())) {
          find(by, Cables.Kind.FEED, port.controller(), s, f.feed().atPixel())
              .map(c -> c.withFrom(blocks.getOrDefault(f.feed().id(), c.from())))
              .ifPresent(in::add);
        }
      }
    }
    for (Cable c : all) {
      boolean ours = c.box().filter(boxes::contains).isPresent();
      if (ours && (c.kind() == Cables.Kind.TRUNK || c.kind() == Cables.Kind.SET)) {
        String id = c.to().startsWith(TRUNK) ? c.to().substring(TRUNK.length()) : "";
        in.add(c.withFrom(blocks.getOrDefault(id, c.from())));
      }
    }
    in.addAll(cords);
    return in;
  }

  private static Optional<Cable> find(
      Map<String, Cable> by, Cables.Kind kind, String box, SegmentReading s, int pixel) {
    return Optional.ofNullable(
        by.get(kind + " " + box + " " + Cables.pixel(s.run().name(), pixel)));
  }

  /** Millimetres that the glands of cables of low voltage want side by side. */
  static double wideMm(List<Cable> cables) {
    return cables.stream()
        .filter(c -> c.kind() != Cables.Kind.CORD)
        .mapToDouble(c -> Glands.holeMm(c) * NUT)
        .sum();
  }

  /** The holes: low voltage in rows at the bottom, cords at the top left. */
  static List<Hole> of(List<Cable> cables, double boxWideMm) {
    double room = boxWideMm - 2 * EDGE_MM;
    List<Hole> holes = new ArrayList<>();
    double x = 0;
    double cord = 0;
    int row = 1;
    for (Cable c : cables) {
      boolean mains = c.kind() == Cables.Kind.CORD;
      double hole = Glands.holeMm(c);
      double wide = hole * NUT;
      if (!mains && x > 0 && x + wide > room) {
        x = 0;
        row++;
      }
      double at = EDGE_MM + (mains ? cord : x) + wide / 2;
      holes.add(
          new Hole(
              holes.size() + 1,
              part(c),
              c.from(),
              c.to(),
              wire(c),
              Glands.of(c).map(Glands::thread).orElse(""),
              hole,
              mains,
              at,
              mains ? 1 : row));
      x += mains ? 0 : wide;
      cord += mains ? wide : 0;
    }
    return holes;
  }

  /** What it is screwed to: its board, its block, its supply, or the terminals of the mains. */
  private static String part(Cable c) {
    return switch (c.kind()) {
      case LEAD, JUMPER, SET, INPUT -> c.box().orElse("");
      case FEED, TRUNK, TAIL -> c.from().split(" ")[1];
      case CORD -> Part.MAINS;
    };
  }

  private static String wire(Cable c) {
    return c.conductors() + " x " + c.wire().orElse("data");
  }
}
