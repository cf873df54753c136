package bunting.desktop.line;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.Assessment;
import bunting.core.show.Texts;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.beans.InvalidationListener;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Orientation;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;

/**
 * The board of all controllers with their lines. Paints only what is in sight, so 200 boxes cost
 * what eight do.
 */
public final class BoardView extends Region {
  private static final double BAR = 12;

  private final Session session;
  private final ObservableValue<Palette> palette;
  private final Canvas canvas = new Canvas();
  private final ScrollBar bar = new ScrollBar();
  private final Tooltip tip = new Tooltip();
  private final InvalidationListener reread =
      o -> {
        changed = true;
        reread();
      };
  private final InvalidationListener follow = o -> reveal();
  private final InvalidationListener repaint = o -> paint();
  private Optional<BoardLayout> layout = Optional.empty();
  private Optional<Assessment> laidOut = Optional.empty();
  private double laidOutWidth;
  private boolean changed = true;
  private final Set<String> folded = new TreeSet<>();
  private final BoardHand hand;

  /** A board on a session. */
  public BoardView(Session session, ObservableValue<Palette> palette) {
    this.session = session;
    this.palette = palette;
    this.hand = new BoardHand(session);
    setId("board");
    bar.setOrientation(Orientation.VERTICAL);
    bar.setFocusTraversable(false);
    getChildren().addAll(canvas, bar);
    setFocusTraversable(true);
    setAccessibleText("Lines of all ports. Arrow keys go from line to line and run to run.");
    session.assessment().addListener(reread);
    session.selection().addListener(follow);
    palette.addListener(repaint);
    focusedProperty().addListener(repaint);
    bar.valueProperty().addListener(repaint);
    setOnScroll(e -> bar.setValue(clamp(bar.getValue() - e.getDeltaY())));
    setOnMousePressed(this::press);
    setOnMouseMoved(this::hover);
    setOnDragDetected(this::take);
    setOnMouseDragOver(e -> carryTo(e.getX(), e.getY()));
    setOnMouseDragReleased(e -> drop());
    setOnMouseReleased(e -> letGo());
    setOnKeyPressed(this::key);
    Tooltip.install(this, tip);
  }

  /** Takes the listeners off again. */
  public void dispose() {
    session.assessment().removeListener(reread);
    session.selection().removeListener(follow);
    palette.removeListener(repaint);
  }

  @Override
  protected void layoutChildren() {
    boolean resized = canvas.getHeight() != getHeight();
    canvas.setWidth(Math.max(0, getWidth() - BAR));
    canvas.setHeight(getHeight());
    bar.resizeRelocate(getWidth() - BAR, 0, BAR, getHeight());
    reread();
    if (resized) {
      reveal();
    }
  }

  private double clamp(double value) {
    return Math.max(0, Math.min(bar.getMax(), value));
  }

  private void reread() {
    Optional<Assessment> now = session.assessment().get();
    if (canvas.getWidth() < 200) {
      return;
    }
    if (layout.isEmpty() || changed || laidOutWidth != canvas.getWidth()) {
      layout = now.map(a -> new BoardLayout(a.reading(), canvas.getWidth(), folded));
      laidOut = now;
      changed = false;
      laidOutWidth = canvas.getWidth();
    }
    double total = layout.map(BoardLayout::height).orElse(0.0);
    bar.setMax(Math.max(0, total - getHeight()));
    bar.setVisibleAmount(
        total <= 0 ? 0 : bar.getMax() * getHeight() / Math.max(total, getHeight()));
    bar.setVisible(bar.getMax() > 0);
    bar.setValue(clamp(bar.getValue()));
    paint();
  }

  /** Scrolls to what is selected. */
  private void reveal() {
    layout.ifPresent(
        l -> {
          Optional<double[]> span =
              switch (session.selection().get()) {
                case Selection.Nothing n -> Optional.empty();
                case Selection.OfPlace p -> Optional.empty();
                case Selection.OfRun r -> l.rowOfRun(r.name()).map(BoardView::span);
                case Selection.OfPort p -> l.rowOf(p.controller(), p.port()).map(BoardView::span);
                case Selection.OfBox b ->
                    l.card(b.controller())
                        .map(c -> new double[] {c.y(), c.y() + Math.min(c.height(), getHeight())});
              };
          span.ifPresent(
              s -> {
                double top = s[0] - 44;
                if (top < bar.getValue()) {
                  bar.setValue(clamp(top));
                } else if (s[1] + 12 > bar.getValue() + getHeight()) {
                  bar.setValue(clamp(s[1] + 12 - getHeight()));
                }
              });
        });
    paint();
  }

  private static double[] span(BoardLayout.Row row) {
    return new double[] {row.y(), row.y() + row.height()};
  }

  private void paint() {
    GraphicsContext g = canvas.getGraphicsContext2D();
    Palette p = palette.getValue();
    g.setFill(p.ground());
    g.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
    if (layout.isEmpty() || laidOut.isEmpty()) {
      return;
    }
    Reading reading = laidOut.get().reading();
    double top = bar.getValue();
    for (BoardLayout.Card card : layout.get().cards()) {
      if (card.y() + card.height() >= top && card.y() <= top + getHeight()) {
        paintCard(g, p, reading, card, top);
      }
    }
    hand.paint(g, p, canvas.getWidth());
    if (isFocused()) {
      g.setStroke(p.power());
      g.setLineWidth(2);
      g.strokeRect(2, 2, canvas.getWidth() - 4, canvas.getHeight() - 4);
    }
  }

  private void paintCard(
      GraphicsContext g, Palette p, Reading reading, BoardLayout.Card card, double top) {
    double y = card.y() - top;
    double x = BoardLayout.MARGIN;
    double w = canvas.getWidth() - 2 * x;
    Selection selected = session.selection().get();
    boolean picked =
        selected instanceof Selection.OfBox b && b.controller().equals(card.controller());
    g.setFill(p.card());
    g.fillRoundRect(x, y, w, card.height(), 12, 12);
    g.setStroke(picked ? p.ink() : p.line());
    g.setLineWidth(picked ? 2 : 1);
    g.strokeRoundRect(x + 0.5, y + 0.5, w - 1, card.height() - 1, 12, 12);
    LinePainter painter = new LinePainter(g, p);
    String sign = card.folded() ? "▸ " : "▾ ";
    String name = sign + Fonts.fitted(card.controller(), Fonts.bold(14.5), 190);
    painter.text(name, x + 14, y + 23, Fonts.bold(14.5), p.ink(), TextAlignment.LEFT);
    double from = x + 14 + Fonts.width(name, Fonts.bold(14.5)) + 18;
    painter.text(
        Fonts.fitted(card.facts(), Fonts.plain(12), w - from),
        from,
        y + 23,
        Fonts.plain(12),
        p.soft(),
        TextAlignment.LEFT);
    String run = selected instanceof Selection.OfRun r ? r.name() : "";
    for (BoardLayout.Row row : card.rows()) {
      double ry = row.y() - top;
      if (row.shape().isPresent()) {
        if (selected instanceof Selection.OfPort port
            && row.port().port() == port.port()
            && row.port().controller().equals(port.controller())) {
          g.setFill(p.pick());
          g.fillRoundRect(x + 5, ry, w - 10, row.height() - 2, 8, 8);
        }
        painter
            .judgedBy(
                reading.show().settings().minVoltsPercent(),
                BoardLayout.capacity(reading, row.port()))
            .paint(row, row.shape().get(), x, ry, run);
      } else {
        paintSpare(painter, p, row, x, ry, selected);
      }
      hand.paintRow(g, p, row, x, ry, w);
    }
  }

  private static void paintSpare(
      LinePainter painter, Palette p, BoardLayout.Row row, double x, double y, Selection selected) {
    double px = x + 22;
    for (var port : row.ports()) {
      boolean picked =
          selected instanceof Selection.OfPort s
              && s.port() == port.port()
              && s.controller().equals(port.controller());
      painter.peg(port.port(), picked, px, y + 13);
      px += 26;
    }
    painter.text(
        row.ports().size() == 1 ? "spare" : "spare, for next year",
        px - 2,
        y + 17,
        Fonts.plain(11.5),
        p.soft(),
        TextAlignment.LEFT);
  }

  private void press(MouseEvent e) {
    requestFocus();
    Optional<BoardLayout.Card> sign =
        layout
            .flatMap(l -> l.cardAt(e.getY() + bar.getValue()))
            .filter(c -> e.getY() + bar.getValue() < c.y() + 34 && e.getX() < 40);
    sign.ifPresent(c -> fold(c.controller()));
    hit(e.getX(), e.getY())
        .ifPresentOrElse(
            session.selection()::set, () -> session.selection().set(new Selection.Nothing()));
  }

  /** What stands at a point of the view. */
  private Optional<Selection> hit(double x, double y) {
    if (layout.isEmpty()) {
      return Optional.empty();
    }
    double at = y + bar.getValue();
    Optional<BoardLayout.Row> row = layout.get().rowAt(at);
    if (row.isEmpty()) {
      return layout.get().cardAt(at).map(c -> new Selection.OfBox(c.controller()));
    }
    double lx = x - BoardLayout.MARGIN;
    if (row.get().shape().isEmpty()) {
      int index = (int) Math.max(0, Math.min(row.get().ports().size() - 1, (lx - 9) / 26));
      var port = row.get().ports().get(index);
      return Optional.of(new Selection.OfPort(port.controller(), port.port()));
    }
    return row.get().shape().get().runs().stream()
        .filter(s -> lx >= s.x1() - 2 && lx <= s.x2() + 2)
        .findFirst()
        .<Selection>map(s -> new Selection.OfRun(s.run()))
        .or(
            () ->
                Optional.of(
                    new Selection.OfPort(row.get().port().controller(), row.get().port().port())));
  }

  /** Folds a box up, or opens it. */
  void fold(String controller) {
    if (!folded.remove(controller)) {
      folded.add(controller);
    }
    changed = true;
    reread();
  }

  /** Folds all boxes up; where all are, opens them. */
  public void foldAll() {
    layout.ifPresent(
        l -> {
          List<String> all = l.cards().stream().map(BoardLayout.Card::controller).toList();
          if (!folded.containsAll(all)) {
            folded.addAll(all);
          } else {
            folded.clear();
          }
          changed = true;
          reread();
        });
  }

  /** Takes the pennant under the mouse into the hand. */
  private void take(MouseEvent e) {
    Optional<LineShape.Span> span = spanAt(e.getX(), e.getY());
    if (span.isPresent() && beginDrag(span.get().run(), span.get().firstPixel())) {
      startFullDrag();
      e.consume();
    }
  }

  /** Takes a run into the hand; from elsewhere the caller starts the full drag. */
  public boolean beginDrag(String run, int firstPixel) {
    boolean taken = hand.take(laidOut, run, firstPixel);
    tip.setOpacity(0);
    paint();
    return taken;
  }

  private Optional<LineShape.Span> spanAt(double x, double y) {
    return layout
        .flatMap(l -> l.rowAt(y + bar.getValue()))
        .flatMap(BoardLayout.Row::shape)
        .flatMap(
            s ->
                s.runs().stream()
                    .filter(r -> x - BoardLayout.MARGIN >= r.x1() - 2)
                    .filter(r -> x - BoardLayout.MARGIN <= r.x2() + 2)
                    .findFirst());
  }

  /** What is in the hand is over a point of the view; near an edge the board moves on. */
  public void carryTo(double x, double y) {
    if (y < 30) {
      bar.setValue(clamp(bar.getValue() - 14));
    } else if (y > getHeight() - 30) {
      bar.setValue(clamp(bar.getValue() + 14));
    }
    hand.at(layout, x, y, bar.getValue());
    paint();
  }

  private void drop() {
    hand.drop();
    paint();
  }

  /** Puts back what is in the hand. */
  public void letGo() {
    hand.letGo();
    paint();
  }

  private void hover(MouseEvent e) {
    String text =
        hit(e.getX(), e.getY())
            .filter(s -> s instanceof Selection.OfRun)
            .flatMap(s -> laidOut.map(a -> describe(a.reading(), ((Selection.OfRun) s).name())))
            .orElse("");
    tip.setText(text);
    tip.setOpacity(text.isEmpty() ? 0 : 1);
  }

  private static String describe(Reading reading, String run) {
    List<SegmentReading> segments = reading.segmentsOf(run);
    double least = segments.stream().mapToDouble(s -> s.volts().lowest()).min().orElse(0);
    int pixels = segments.stream().mapToInt(s -> s.segment().pixels()).sum();
    return run + ": " + pixels + " pixels, least " + Texts.fixed(least, 2) + " V";
  }

  private void key(KeyEvent e) {
    if (layout.isEmpty() || e.isShortcutDown()) {
      return;
    }
    if (e.isAltDown()) {
      if (new KeyMoves(session, laidOut.orElseThrow().reading()).key(e.getCode())) {
        e.consume();
      }
      return;
    }
    switch (e.getCode()) {
      case UP -> step(-1);
      case DOWN -> step(1);
      case LEFT -> stepRun(-1);
      case RIGHT -> stepRun(1);
      case PAGE_UP -> bar.setValue(clamp(bar.getValue() - getHeight() * 0.8));
      case PAGE_DOWN -> bar.setValue(clamp(bar.getValue() + getHeight() * 0.8));
      case SPACE -> currentBox().ifPresent(this::fold);
      case ESCAPE -> session.selection().set(new Selection.Nothing());
      default -> {
        return;
      }
    }
    e.consume();
  }

  private Optional<String> currentBox() {
    return switch (session.selection().get()) {
      case Selection.OfBox b -> Optional.of(b.controller());
      case Selection.OfPort p -> Optional.of(p.controller());
      case Selection.OfRun r ->
          laidOut
              .flatMap(a -> a.reading().segmentsOf(r.name()).stream().findFirst())
              .map(s -> s.segment().controller());
      case Selection.Nothing n -> Optional.empty();
      case Selection.OfPlace p -> Optional.empty();
    };
  }

  private int currentLine(List<BoardLayout.Row> lines) {
    Optional<BoardLayout.Row> now =
        switch (session.selection().get()) {
          case Selection.OfRun r -> layout.get().rowOfRun(r.name());
          case Selection.OfPort p -> layout.get().rowOf(p.controller(), p.port());
          case Selection.Nothing n -> Optional.empty();
          case Selection.OfBox b -> Optional.empty();
          case Selection.OfPlace p -> Optional.empty();
        };
    return now.map(lines::indexOf).orElse(-1);
  }

  private void step(int by) {
    List<BoardLayout.Row> lines = layout.orElseThrow().lines();
    if (!lines.isEmpty()) {
      int next = Math.max(0, Math.min(lines.size() - 1, currentLine(lines) + by));
      var port = lines.get(next).port();
      session.selection().set(new Selection.OfPort(port.controller(), port.port()));
    }
  }

  private void stepRun(int by) {
    List<BoardLayout.Row> lines = layout.orElseThrow().lines();
    int line = currentLine(lines);
    if (line < 0) {
      step(1);
      return;
    }
    List<String> runs =
        lines.get(line).port().segments().stream().map(s -> s.run().name()).toList();
    int now =
        session.selection().get() instanceof Selection.OfRun r
            ? runs.indexOf(r.name())
            : by > 0 ? -1 : runs.size();
    int next = Math.max(0, Math.min(runs.size() - 1, now + by));
    session.selection().set(new Selection.OfRun(runs.get(next)));
  }
}
