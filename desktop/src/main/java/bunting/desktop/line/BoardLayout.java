package bunting.desktop.line;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.ports.PortRules;
import bunting.core.show.ControllerType;
import bunting.core.show.PlacedController;
import bunting.core.show.Texts;
import bunting.desktop.session.Selection;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** Where each box and each line stands on the board. Pure; heights in pixels. */
final class BoardLayout {
  static final double MARGIN = 10;
  static final double PAD = 10;

  /** From one spare port to the next. */
  static final double PEG = 26;

  private static final double REACH = 2;
  private static final double FIRST_PEG = 9;
  private static final double HEADER = 34;
  private static final double SPARE = 28;
  private static final double GAP = 12;

  /** A controller's card. */
  record Card(
      String controller, String facts, boolean folded, double y, double height, List<Row> rows) {}

  /**
   * A line, or the spare ports of a box together. Its shape is worked out when it first comes into
   * sight.
   */
  static final class Row {
    private final List<PortReading> ports;
    private final Supplier<LineShape> maker;
    private final double y;
    private final double height;
    private Optional<LineShape> shape = Optional.empty();

    Row(List<PortReading> ports, Supplier<LineShape> maker, double y, double height) {
      this.ports = List.copyOf(ports);
      this.maker = maker;
      this.y = y;
      this.height = height;
    }

    List<PortReading> ports() {
      return ports;
    }

    PortReading port() {
      return ports.getFirst();
    }

    /** The port there: the line's, or that of the spare ones. */
    PortReading portAt(double x) {
      long index = carriesRuns() ? 0 : (long) ((x - FIRST_PEG) / PEG);
      return ports.get(Math.clamp(index, 0, ports.size() - 1));
    }

    boolean carriesRuns() {
      return port().pixels() > 0;
    }

    double y() {
      return y;
    }

    double height() {
      return height;
    }

    Optional<LineShape> shape() {
      if (carriesRuns() && shape.isEmpty()) {
        shape = Optional.of(maker.get());
      }
      return shape;
    }
  }

  private final List<Card> cards = new ArrayList<>();
  private final double height;

  BoardLayout(Reading reading, double width) {
    this(reading, width, Set.of());
  }

  /** With the boxes that are folded up. */
  BoardLayout(Reading reading, double width, Set<String> folded) {
    this(reading, width, folded, c -> true, Integer.MAX_VALUE);
  }

  /**
   * Of some controllers alone.
   *
   * @param pixels as many as a line has room for, where its port could carry more
   */
  BoardLayout(
      Reading reading, double width, Set<String> folded, Predicate<String> shown, int pixels) {
    Map<String, List<PortReading>> ports =
        reading.ports().stream().collect(Collectors.groupingBy(PortReading::controller));
    Map<String, String> addresses = NetworkAddresses.of(reading.show(), reading.decisions());
    double y = MARGIN;
    double inner = width - 2 * MARGIN;
    for (PlacedController c : reading.decisions().controllers()) {
      String id = c.controller().id();
      if (!shown.test(id)) {
        continue;
      }
      List<PortReading> own = ports.getOrDefault(id, List.of());
      List<Row> rows = new ArrayList<>();
      double at = y + HEADER;
      List<PortReading> spare = new ArrayList<>();
      boolean shut = folded.contains(id);
      for (PortReading p : shut ? List.<PortReading>of() : own) {
        if (p.segments().isEmpty()) {
          spare.add(p);
        } else {
          double rowHeight = LineGeometry.height(reading, p);
          rows.add(
              new Row(
                  List.of(p),
                  () -> LineGeometry.of(reading, p, Math.min(pixels, capacity(reading, p)), inner),
                  at,
                  rowHeight));
          at += rowHeight;
        }
      }
      if (!spare.isEmpty()) {
        rows.add(
            new Row(spare, () -> LineGeometry.of(reading, spare.getFirst(), 1, inner), at, SPARE));
        at += SPARE;
      }
      at += PAD / 2;
      String facts = facts(c, own, addresses.getOrDefault(id, ""));
      cards.add(new Card(id, shut ? facts + folded(own) : facts, shut, y, at - y, rows));
      y = at + GAP;
    }
    height = y;
  }

  /** Pixels that the port could carry of what hangs on it. */
  static int capacity(Reading reading, PortReading p) {
    double each = p.pixels() == 0 ? 30 : p.micros() / p.pixels();
    double budget = PortRules.budgetMicros(reading.show().settings().targetFps());
    return (int)
        Math.max(p.pixels(), Math.min(p.type().pixelsPerPortMax(), Math.floor(budget / each)));
  }

  private static String facts(PlacedController c, List<PortReading> ports, String address) {
    double amps = ports.stream().mapToDouble(PortReading::amps).sum();
    StringBuilder text = new StringBuilder();
    text.append(c.voltsText())
        .append(" · ")
        .append(ports.size())
        .append(ports.size() == 1 ? " port" : " ports");
    if (!ports.isEmpty()) {
      ControllerType type = ports.getFirst().type();
      text.append(
          type.portAmpsMax() > 0
              ? " · "
                  + Texts.fixed(amps, 1)
                  + " of "
                  + c.everyBoard().stream()
                      .map(b -> Texts.number(type.boardAmps(b.bank())))
                      .collect(Collectors.joining(" and "))
                  + (c.boards().size() > 1 ? " A on its boards" : " A on the board")
              : " · data alone");
      if (!type.fuseGroups().isEmpty()) {
        text.append(" · fuses shared ")
            .append(
                type.fuseGroups().stream()
                    .map(g -> g.stream().map(String::valueOf).collect(Collectors.joining("+")))
                    .collect(Collectors.joining(", ")));
      }
    }
    return text.append(" · ").append(address).toString();
  }

  private static String folded(List<PortReading> ports) {
    long used = ports.stream().filter(p -> p.pixels() > 0).count();
    double least =
        ports.stream()
            .flatMap(p -> p.segments().stream())
            .mapToDouble(s -> s.minPercent())
            .min()
            .orElse(100);
    return " · folded, "
        + used
        + (used == 1 ? " line" : " lines")
        + (used == 0 ? "" : ", all at or above " + Texts.fixed(Math.floor(least), 0) + " %");
  }

  List<Card> cards() {
    return cards;
  }

  double height() {
    return height;
  }

  /** All rows that carry runs, from top to bottom. */
  List<Row> lines() {
    return cards.stream()
        .flatMap(c -> c.rows().stream())
        .filter(r -> r.shape().isPresent())
        .toList();
  }

  Optional<Row> rowAt(double y) {
    return cards.stream()
        .flatMap(c -> c.rows().stream())
        .filter(r -> y >= r.y() && y < r.y() + r.height())
        .findFirst();
  }

  Optional<Card> cardAt(double y) {
    return cards.stream().filter(c -> y >= c.y() && y < c.y() + c.height()).findFirst();
  }

  /** The box whose head is there. */
  Optional<String> signAt(double y) {
    return cardAt(y).filter(c -> y < c.y() + HEADER).map(Card::controller);
  }

  /** The piece of a run that hangs there. */
  Optional<LineShape.Span> spanAt(double x, double y) {
    double lx = x - MARGIN;
    return rowAt(y)
        .flatMap(Row::shape)
        .flatMap(
            s ->
                s.runs().stream()
                    .filter(r -> lx >= r.x1() - REACH && lx <= r.x2() + REACH)
                    .findFirst());
  }

  /** What stands there: a piece of a run, else its port, else its box. */
  Optional<Selection> hit(double x, double y) {
    Optional<Row> row = rowAt(y);
    if (row.isEmpty()) {
      return cardAt(y).map(c -> new Selection.OfBox(c.controller()));
    }
    return spanAt(x, y)
        .<Selection>map(s -> new Selection.OfRun(s.run()))
        .or(
            () -> {
              PortReading port = row.get().portAt(x - MARGIN);
              return Optional.of(new Selection.OfPort(port.controller(), port.port()));
            });
  }

  Optional<Row> rowOf(String controller, int port) {
    return cards.stream()
        .flatMap(c -> c.rows().stream())
        .filter(
            r ->
                r.ports().stream()
                    .anyMatch(p -> p.port() == port && p.controller().equals(controller)))
        .findFirst();
  }

  Optional<Row> rowOfRun(String run) {
    return lines().stream()
        .filter(r -> r.port().segments().stream().anyMatch(s -> s.run().name().equals(run)))
        .findFirst();
  }

  Optional<Card> card(String controller) {
    return cards.stream().filter(c -> c.controller().equals(controller)).findFirst();
  }
}
