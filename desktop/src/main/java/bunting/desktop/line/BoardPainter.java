package bunting.desktop.line;

import bunting.core.assess.Reading;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Selection;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/** Paints the cards of the board from their layout. Painting twice gives the same. */
final class BoardPainter {
  private final GraphicsContext g;
  private final Palette p;
  private final Selection selected;
  private final Optional<BoardHand> hand;
  private final Predicate<String> moves;

  BoardPainter(GraphicsContext g, Palette palette, Selection selected, BoardHand hand) {
    this(g, palette, selected, Optional.of(hand), run -> false);
  }

  /**
   * @param hand what is carried over the board; empty: nothing can be
   * @param moves whether a run is marked as one that moves
   */
  BoardPainter(
      GraphicsContext g,
      Palette palette,
      Selection selected,
      Optional<BoardHand> hand,
      Predicate<String> moves) {
    this.g = g;
    this.p = palette;
    this.selected = selected;
    this.hand = hand;
    this.moves = moves;
  }

  void ground(double width, double height) {
    g.setFill(p.ground());
    g.fillRect(0, 0, width, height);
  }

  void focus(double width, double height) {
    g.setStroke(p.power());
    g.setLineWidth(2);
    g.strokeRect(1, 1, width - 2, height - 2);
  }

  /** A box. */
  void card(Reading reading, BoardLayout.Card card, double y, double top, double width) {
    double x = BoardLayout.MARGIN;
    double w = width - 2 * x;
    boolean picked =
        selected instanceof Selection.OfBox b && b.controller().equals(card.controller());
    g.setFill(p.card());
    g.fillRoundRect(x, y, w, card.height(), 12, 12);
    g.setStroke(picked ? p.ink() : p.line());
    g.setLineWidth(picked ? 2 : 1);
    g.strokeRoundRect(x + 0.5, y + 0.5, w - 1, card.height() - 1, 12, 12);
    LinePainter painter = new LinePainter(g, p, moves);
    head(painter, card, x, y, w);
    String run = selected instanceof Selection.OfRun r ? r.name() : "";
    for (BoardLayout.Row row : card.rows()) {
      double ry = row.y() - top;
      if (row.shape().isPresent()) {
        if (isPicked(row.port().controller(), row.port().port())) {
          g.setFill(p.pick());
          g.fillRoundRect(x + 5, ry, w - 10, row.height() - 2, 8, 8);
        }
        painter
            .judgedBy(
                reading.show().settings().minVoltsPercent(),
                BoardLayout.capacity(reading, row.port()))
            .paint(row, row.shape().get(), x, ry, run);
      } else {
        spare(painter, row, x, ry);
      }
      hand.ifPresent(h -> h.paintRow(g, p, row, x, ry, w));
    }
  }

  private void head(LinePainter painter, BoardLayout.Card card, double x, double y, double w) {
    String sign = card.folded() ? "▸ " : "▾ ";
    String name = sign + Fonts.fitted(card.controller(), Fonts.bold(14.5), 190);
    painter.text(name, x + 14, y + 23, Fonts.bold(14.5), p.ink(), TextAlignment.LEFT);
    double from = x + 14 + Fonts.width(name, Fonts.bold(14.5)) + 18;
    painter.text(
        Fonts.fitted(card.facts(), Fonts.plain(12.5), w - from),
        from,
        y + 23,
        Fonts.plain(12.5),
        p.soft(),
        TextAlignment.LEFT);
  }

  private boolean isPicked(String controller, int port) {
    return selected instanceof Selection.OfPort s
        && s.port() == port
        && s.controller().equals(controller);
  }

  private void spare(LinePainter painter, BoardLayout.Row row, double x, double y) {
    double px = x + 22;
    for (var port : row.ports()) {
      painter.peg(port.port(), isPicked(port.controller(), port.port()), px, y + 13);
      px += BoardLayout.PEG;
    }
    painter.text(
        row.ports().size() == 1 ? "spare" : "spare, for next year",
        px - 2,
        y + 17,
        Fonts.plain(12),
        p.soft(),
        TextAlignment.LEFT);
  }
}
