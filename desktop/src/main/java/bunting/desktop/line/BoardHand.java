package bunting.desktop.line;

import bunting.core.plan.Assessment;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Session;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;

/** The hand over the board: what it holds, where it is, and what letting go does. */
final class BoardHand {
  private final Session session;
  private Optional<PegDrag> drag = Optional.empty();
  private double x;
  private double y;

  BoardHand(Session session) {
    this.session = session;
  }

  /** Takes a piece of a run, or a run that is not placed; false where there is none. */
  boolean take(Optional<Assessment> plan, String run, int firstPixel) {
    drag = plan.flatMap(a -> PegDrag.of(a.reading(), run, firstPixel));
    return drag.isPresent();
  }

  /**
   * The hand is at a point of the view.
   *
   * @param top how far the board is scrolled
   */
  void at(Optional<BoardLayout> layout, double viewX, double viewY, double top) {
    x = viewX;
    y = viewY;
    drag.ifPresent(d -> over(d, layout.flatMap(l -> l.rowAt(y + top))));
  }

  private void over(PegDrag d, Optional<BoardLayout.Row> row) {
    double lx = x - BoardLayout.MARGIN;
    if (row.isEmpty()) {
      d.overNothing();
    } else if (row.get().shape().isEmpty()) {
      d.over(row.get().portAt(lx), 1);
    } else {
      long before =
          row.get().shape().get().runs().stream()
              .filter(s -> (s.x1() + s.x2()) / 2 < lx && !d.holds(s.run(), s.firstPixel()))
              .count();
      d.over(row.get().port(), (int) before + 1);
    }
  }

  /** Hangs what is held on the peg under the hand, or says why not. */
  void drop() {
    Optional<PegDrag> held = drag;
    drag = Optional.empty();
    held.filter(PegDrag::isOverPeg)
        .ifPresent(
            d -> {
              if (d.fits()) {
                session.edit(d.run() + " moved to " + d.place() + " and pinned there.", d::moved);
              } else {
                session.say(d.name() + " px, " + d.place() + ": " + d.text() + ".");
              }
            });
  }

  void letGo() {
    drag = Optional.empty();
  }

  /** What each peg of a row would make of it. */
  void paintRow(
      GraphicsContext g, Palette p, BoardLayout.Row row, double left, double top, double width) {
    drag.ifPresent(
        d -> {
          if (row.shape().isPresent()) {
            new DragPainter(g, p).row(d, row, left, top, width);
          } else {
            new DragPainter(g, p).spare(d, row, left, top);
          }
        });
  }

  /** The pennant itself. */
  void paint(GraphicsContext g, Palette p, double width) {
    drag.ifPresent(d -> new DragPainter(g, p).hand(d, x, y, width));
  }
}
