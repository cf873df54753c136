package bunting.core.hookup;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.FeedReading;
import bunting.core.assess.InputReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SupplyReading;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.PlacedBoard;
import bunting.core.show.WallSwitch;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * The single-line diagram: from the panel over breakers, RCDs, cords and supplies to fuses and
 * boxes, laid out in columns and rows.
 *
 * <p><b>Method.</b> A tree, laid out from its leaves: a leaf takes a row, a parent stands at the
 * first row of its children, so that lines go right and down and never cross. Nothing is measured
 * in pixels here; who paints chooses the size of a cell.
 *
 * @param nodes in the order of the tree
 * @param links from parents to children
 * @param rows how many
 */
public record SingleLine(List<Node> nodes, List<Link> links, int rows) {
  /** Columns, from the panel to the boxes. */
  public enum Column {
    PANEL(0, "Panel"),
    BREAKER(1, "Breaker"),
    RCD(2, "RCD, switch"),
    CORD(3, "Cord"),
    LOAD(4, "Supply"),
    FUSES(5, "DC fuses"),
    BOX(6, "Box");

    private final int at;
    private final String head;

    Column(int at, String head) {
      this.at = at;
      this.head = head;
    }

    /** Its place, from 0 at the left. */
    public int at() {
      return at;
    }

    /** What stands over it. */
    public String head() {
      return head;
    }
  }

  /**
   * A thing on the diagram.
   *
   * @param id of the thing
   * @param lines at most three, the first its name
   * @param warns whether something about it is to be looked at
   */
  public record Node(Column column, int row, String id, List<String> lines, boolean warns) {
    public Node {
      lines = List.copyOf(lines);
    }
  }

  /** A line, by indices of nodes. */
  public record Link(int from, int to) {}

  public SingleLine {
    nodes = List.copyOf(nodes);
    links = List.copyOf(links);
  }

  /** Of a plan. */
  public static SingleLine of(Reading reading) {
    return new Builder(reading).build();
  }

  private static final class Builder {
    private final Reading reading;
    private final Lengths lengths;
    private final List<Node> nodes = new ArrayList<>();
    private final List<Link> links = new ArrayList<>();
    private final List<Cords.Cord> cords;
    private int row;

    Builder(Reading reading) {
      this.reading = reading;
      this.lengths = Lengths.of(reading.show());
      this.cords = Cords.of(reading);
    }

    SingleLine build() {
      int panel = node(Column.PANEL, "", List.of("Panel", "switch all", "off here"), false);
      for (MainsSheet.OnCircuit c : MainsSheet.circuits(reading)) {
        if (c.used()) {
          circuit(panel, c);
        }
      }
      List<SupplyReading> loose =
          reading.worst().supplies().stream().filter(s -> s.supply().circuit().isEmpty()).toList();
      if (!loose.isEmpty()) {
        int none =
            node(
                Column.BREAKER,
                "",
                List.of("no circuit", loose.size() + " supplies"),
                reading.show().circuits().isPresent());
        links.add(new Link(panel, none));
        loose.forEach(s -> supply(none, s));
      }
      return new SingleLine(nodes, links, Math.max(1, row));
    }

    private int node(Column column, String id, List<String> lines, boolean warns) {
      nodes.add(new Node(column, row, id, lines, warns));
      return nodes.size() - 1;
    }

    private void circuit(int panel, MainsSheet.OnCircuit c) {
      Circuit k = c.circuit();
      CircuitFacts f = k.facts();
      String kind = f.breaker().id().length() == 1 ? " " + f.breaker().id() : "";
      int breaker =
          node(
              Column.BREAKER,
              k.id(),
              List.of(
                  k.id(),
                  number(k.breakerAmps())
                      + " A"
                      + kind
                      + ", "
                      + number(k.volts())
                      + " V"
                      + (f.phase().isPresent() ? ", L" + f.phase().getAsInt() : ""),
                  fixed(c.worstAmps(), 1) + " + " + fixed(k.existingAmps(), 1) + " A"),
              c.leftAmps() < -1e-9);
      links.add(new Link(panel, breaker));
      List<String> rcd = new ArrayList<>();
      rcd.add(
          f.rcdMilliamps().isPresent()
              ? "RCD " + number(f.rcdMilliamps().getAsDouble()) + " mA"
              : "no RCD noted");
      if (!f.rcdWith().isEmpty()) {
        rcd.add("opens too: " + f.rcdWith());
      }
      if (f.wallSwitch() != WallSwitch.NONE) {
        rcd.add("wall switch: " + f.wallSwitch().id());
      }
      if (!f.socket().isEmpty() && rcd.size() < 3) {
        rcd.add(f.socket());
      }
      int device =
          node(
              Column.RCD,
              k.id(),
              rcd,
              f.rcdMilliamps().isEmpty() || f.wallSwitch() == WallSwitch.OPEN);
      links.add(new Link(breaker, device));
      for (Cords.Cord cord : cords) {
        if (cord.circuit().equals(k.id())) {
          cord(device, k, cord);
        }
      }
      c.devices().stream()
          .filter(d -> cords.stream().noneMatch(x -> x.feeds().contains(d)))
          .forEach(d -> leaf(device, d, List.of(d)));
    }

    private void cord(int device, Circuit circuit, Cords.Cord cord) {
      List<String> lines = new ArrayList<>();
      lines.add(
          (cord.lengthM().isPresent() ? lengths.rough(cord.lengthM().getAsDouble()) + " " : "")
              + cord.wire().id());
      lines.add(fixed(cord.amps(), 1) + " of " + number(cord.ampsMax()) + " A");
      lines.add(
          cord.ownFuseAmps().isPresent()
              ? "before it " + number(cord.ownFuseAmps().getAsDouble()) + " A"
              : "drop " + fixed(cord.dropVolts() / circuit.volts() * 100, 1) + " %");
      int at = node(Column.CORD, String.join(",", cord.feeds()), lines, false);
      links.add(new Link(device, at));
      for (String id : cord.feeds()) {
        Optional<SupplyReading> supply =
            reading.worst().supplies().stream().filter(s -> s.supply().id().equals(id)).findFirst();
        if (supply.isPresent()) {
          supply(at, supply.get());
        } else {
          leaf(at, id, load(id));
        }
      }
    }

    private List<String> load(String id) {
      return reading.others().chains().stream()
          .filter(c -> c.chain().id().equals(id))
          .findFirst()
          .map(
              c ->
                  List.of(
                      id + " bulbs",
                      number(c.watts()) + " W",
                      c.strings().size() + (c.strings().size() == 1 ? " string" : " strings")))
          .orElse(List.of(id));
    }

    private void leaf(int parent, String id, List<String> lines) {
      links.add(new Link(parent, node(Column.LOAD, id, lines, false)));
      row++;
    }

    private void supply(int parent, SupplyReading s) {
      String id = s.supply().id();
      int at =
          node(
              Column.LOAD,
              id,
              List.of(
                  id + "  " + number(s.type().volts()) + " V",
                  number(s.type().watts()) + " W",
                  fixed(s.loadWatts(), 0) + " W used"),
              false);
      links.add(new Link(parent, at));
      int fuses = node(Column.FUSES, id, fuses(id), false);
      links.add(new Link(at, fuses));
      List<PlacedBoard> boxes =
          reading.decisions().boards().stream()
              .filter(c -> c.supply().filter(id::equals).isPresent())
              .toList();
      for (PlacedBoard c : boxes) {
        String box = c.id();
        int end = node(Column.BOX, box, List.of(box, number(c.volts()) + " V"), false);
        links.add(new Link(fuses, end));
        row++;
      }
      if (boxes.isEmpty()) {
        row++;
      }
    }

    /** How many fuses of each size hang on a supply. */
    private List<String> fuses(String supply) {
      Map<Double, Integer> sizes = new TreeMap<>();
      TreeSet<String> seen = new TreeSet<>();
      for (FeedReading f : reading.feeds()) {
        if (f.feed().supply().equals(supply) && seen.add(f.feed().fuse())) {
          sizes.merge(f.feed().fuseAmps(), 1, Integer::sum);
        }
      }
      int inputs = 0;
      for (InputReading i : reading.designed().inputs()) {
        if (i.input().supply().equals(supply)) {
          inputs += i.input().wires();
        }
      }
      List<String> parts = new ArrayList<>();
      sizes.forEach((amps, n) -> parts.add(n + " x " + number(amps) + " A"));
      List<String> lines = new ArrayList<>();
      for (int i = 0; i < parts.size(); i += 2) {
        lines.add(String.join(", ", parts.subList(i, Math.min(i + 2, parts.size()))));
      }
      if (inputs > 0 && lines.size() < 3) {
        lines.add(inputs + (inputs == 1 ? " input wire" : " input wires"));
      }
      return lines.isEmpty() ? List.of("no feeds") : lines.subList(0, Math.min(3, lines.size()));
    }
  }
}
