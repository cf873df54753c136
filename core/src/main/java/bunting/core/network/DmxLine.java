package bunting.core.network;

import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.show.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Dimmer boards on one pair of wires: a universe of 512 slots, at most 32 unit loads on a segment,
 * one after the other and 120 ohm at the last (ANSI E1.11-2008 over EIA-485, from memory). A
 * universe with more boards goes on behind a splitter.
 *
 * @param universe that it carries
 * @param segment 1, and on behind splitters
 * @param boards in the order of the cable
 * @param cableM cable from board to board, metres
 */
public record DmxLine(int universe, int segment, List<Board> boards, double cableM) {
  /** Receivers on one segment, of one unit load each. */
  public static final int UNIT_LOADS = 32;

  /** At the end of the line. */
  public static final int TERMINATION_OHMS = 120;

  public DmxLine {
    boards = List.copyOf(boards);
  }

  /** A board, its start address and how many slots it listens to. */
  public record Board(String dimmer, Point at, int start, int slots) {}

  /** All lines of a plan. */
  public static List<DmxLine> of(Reading reading) {
    Map<Integer, List<Board>> byUniverse = new TreeMap<>();
    for (OtherReading.Board board : reading.others().boards()) {
      reading.others().sets().stream()
          .filter(s -> s.output().dimmer().equals(board.dimmer().id()) && s.slots().isPresent())
          .map(s -> s.slots().orElseThrow())
          .min(Comparator.comparingInt(r -> (r.universe() << 10) + r.firstSlot()))
          .ifPresent(
              r ->
                  byUniverse
                      .computeIfAbsent(r.universe(), k -> new ArrayList<>())
                      .add(
                          new Board(
                              board.dimmer().id(),
                              board.dimmer().at(),
                              r.firstSlot(),
                              board.outputs())));
    }
    List<DmxLine> lines = new ArrayList<>();
    byUniverse.forEach(
        (universe, boards) -> {
          List<Board> chain = nearestNext(boards);
          for (int from = 0; from < chain.size(); from += UNIT_LOADS) {
            List<Board> own = chain.subList(from, Math.min(chain.size(), from + UNIT_LOADS));
            double cable = 0;
            for (int i = 1; i < own.size(); i++) {
              cable += own.get(i - 1).at().cableTo(own.get(i).at());
            }
            lines.add(new DmxLine(universe, from / UNIT_LOADS + 1, own, cable));
          }
        });
    return lines;
  }

  private static List<Board> nearestNext(List<Board> boards) {
    List<Board> left = new ArrayList<>(boards);
    List<Board> chain = new ArrayList<>();
    while (!left.isEmpty()) {
      Board next =
          chain.isEmpty()
              ? left.getFirst()
              : left.stream()
                  .min(
                      Comparator.<Board>comparingDouble(b -> chain.getLast().at().cableTo(b.at()))
                          .thenComparing(Board::dimmer))
                  .orElseThrow();
      left.remove(next);
      chain.add(next);
    }
    return chain;
  }

  /**
   * Nine switches for a start address, the one worth 1 first: those that are on add up to it. 512
   * needs a tenth switch.
   *
   * @param address 1 to 512
   */
  public static List<Boolean> switches(int address) {
    List<Boolean> on = new ArrayList<>();
    for (int bit = 0; bit < (address > 511 ? 10 : 9); bit++) {
      on.add((address >> bit & 1) == 1);
    }
    return on;
  }

  /** The switches as text: {@code 1 up} for on. */
  public static String switchText(int address) {
    StringBuilder text = new StringBuilder();
    switches(address).forEach(on -> text.append(on ? '1' : '0'));
    return text.toString();
  }
}
