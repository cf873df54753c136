package bunting.core.explain;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SupplyReading;
import bunting.core.show.ControllerType;
import bunting.core.show.PlacedBoard;
import bunting.core.show.PlacedController;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** The arithmetic behind a box: what its board carries, and its supply. */
public final class BoxExplanations {
  private BoxExplanations() {}

  /** All of it; nothing where the plan has no such box. */
  public static List<Line> of(Reading reading, String box) {
    List<Line> lines = new ArrayList<>();
    for (PlacedController c : reading.decisions().controllers()) {
      if (c.controller().id().equals(box)) {
        lines.addAll(of(reading, c));
      }
    }
    return lines;
  }

  private static List<Line> of(Reading reading, PlacedController c) {
    ControllerType type =
        Objects.requireNonNull(
            reading.show().catalogue().controllerTypesById().get(c.controller().type()));
    List<Line> lines = new ArrayList<>();
    lines.add(new Line("Kind", c.voltsText(), type.name()));
    for (PlacedBoard b : c.everyBoard()) {
      double amps =
          reading.ports().stream()
              .filter(p -> p.controller().equals(c.controller().id()))
              .filter(p -> type.bankOf(p.port()) == b.bank())
              .mapToDouble(PortReading::amps)
              .sum();
      lines.add(
          new Line(
              b.bank() == 0
                  ? "On the board"
                  : "On board " + b.bank() + ", " + number(b.volts()) + " V",
              fixed(amps, 1) + " A",
              "over its ports, at most " + number(type.boardAmps(b.bank())) + " A"));
    }
    reading.supplies().stream()
        .filter(s -> c.hangsOn(s.supply().id()))
        .forEach(s -> lines.add(supply(reading, s)));
    return lines;
  }

  private static Line supply(Reading reading, SupplyReading s) {
    double percent = reading.show().settings().supplyLoadPercentMax();
    return new Line(
        "Supply " + s.supply().id(),
        fixed(s.loadWatts(), 0) + " W",
        fixed(s.loadAmps(), 1)
            + " A x "
            + number(s.type().volts())
            + " V; "
            + number(s.type().watts())
            + " W x "
            + number(percent)
            + " % = "
            + fixed(s.type().usableWatts(percent), 0)
            + " W"
            + s.supply().circuit().map(circuit -> "; on " + circuit).orElse(""));
  }
}
