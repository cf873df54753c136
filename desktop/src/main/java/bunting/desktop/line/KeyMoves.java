package bunting.desktop.line;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.ByHand;
import bunting.core.ports.BoxLoads;
import bunting.core.show.Segment;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;

/** The selected run moved by keys: along its line, or to the next peg of its box that takes it. */
final class KeyMoves {
  private final Session session;
  private final Reading reading;

  KeyMoves(Session session, Reading reading) {
    this.session = session;
    this.reading = reading;
  }

  /** Whether the key was one of ours, held with Alt. */
  boolean key(KeyCode code) {
    Optional<Segment> piece =
        session.selection().get() instanceof Selection.OfRun r
            ? reading.segmentsOf(r.name()).stream().map(SegmentReading::segment).findFirst()
            : Optional.empty();
    if (piece.isEmpty()) {
      return false;
    }
    return switch (code) {
      case LEFT -> along(piece.get(), -1);
      case RIGHT -> along(piece.get(), 1);
      case UP -> toPort(piece.get(), -1);
      case DOWN -> toPort(piece.get(), 1);
      default -> false;
    };
  }

  private boolean along(Segment s, int by) {
    long chain =
        reading.segments().stream()
            .map(SegmentReading::segment)
            .filter(o -> o.controller().equals(s.controller()) && o.port() == s.port())
            .count();
    int to = s.position() + by;
    if (to >= 1 && to <= chain) {
      session.edit(
          s.run() + " moved to place " + to + " of its port and pinned there.",
          now -> ByHand.move(now, reading, s.run(), s.firstPixel(), s.controller(), s.port(), to));
    } else {
      session.say(s.run() + " is at the end of its line already.");
    }
    return true;
  }

  private boolean toPort(Segment s, int by) {
    BoxLoads boxes = new BoxLoads(reading.show(), reading.decisions(), s.run());
    List<String> ids = boxes.ids();
    int box = ids.indexOf(s.controller());
    int port = s.port() + by;
    String why = "";
    while (box >= 0 && box < ids.size()) {
      for (; port >= 1 && port <= boxes.ports(ids.get(box)); port += by) {
        var fit =
            boxes.fit(
                reading.show().run(s.run()).orElseThrow(),
                s.firstPixel(),
                s.lastPixel(),
                ids.get(box),
                port);
        if (fit.hindrance().isEmpty()) {
          String id = ids.get(box);
          int number = port;
          session.edit(
              s.run() + " moved to " + id + " port " + number + " and pinned there.",
              now ->
                  ByHand.move(
                      now, reading, s.run(), s.firstPixel(), id, number, Integer.MAX_VALUE));
          return true;
        }
        why = ids.get(box) + " port " + port + ": " + fit.hindrance().get();
      }
      box += by;
      port = box < 0 || box >= ids.size() ? 0 : by > 0 ? 1 : boxes.ports(ids.get(box));
    }
    session.say(
        "No port in that direction takes " + s.run() + (why.isEmpty() ? "." : "; " + why + "."));
    return true;
  }
}
