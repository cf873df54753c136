package bunting.desktop.line;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.Assessment;
import bunting.core.show.Texts;
import bunting.desktop.kit.ScrolledCanvas;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Planning;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;

/** The board of all controllers with their lines. */
public final class BoardView extends ScrolledCanvas {
  private static final double EDGE = 30;
  private static final double EDGE_STEP = 14;
  private static final double SIGN_WIDTH = 40;

  private final Session session;
  private final ObservableValue<Palette> palette;
  private final Set<String> folded = new TreeSet<>();
  private final BoardHand hand;
  private Optional<BoardLayout> layout = Optional.empty();
  private Optional<Assessment> laidOut = Optional.empty();
  private double laidOutWidth;
  private boolean changed = true;

  BoardView(Session session, ObservableValue<Palette> palette) {
    super("board", 0, "Lines of all ports. Arrow keys go from line to line and run to run.");
    this.session = session;
    this.palette = palette;
    this.hand = new BoardHand(session);
    session.assessment().addListener(o -> relaid());
    session.selection().addListener(o -> follow());
    session.plans().state().addListener(o -> paint());
    session.plans().progress().addListener(o -> paint());
    palette.addListener(o -> paint());
    setOnMousePressed(this::press);
    setOnMouseMoved(this::hover);
    setOnDragDetected(this::take);
    setOnMouseDragOver(e -> carryTo(e.getX(), e.getY()));
    setOnMouseDragReleased(
        e -> {
          hand.drop();
          paint();
        });
    setOnMouseReleased(e -> letGo());
    new BoardKeys(this, session).install();
  }

  /** Where everything stands; empty while there is no plan. */
  Optional<BoardLayout> placed() {
    return layout;
  }

  /** The plan that is shown. */
  Optional<Assessment> plan() {
    return laidOut;
  }

  private void relaid() {
    changed = true;
    refresh();
  }

  @Override
  protected double layOut(double width) {
    if (width >= 200 && (changed || laidOutWidth != width)) {
      laidOut = session.assessment().get();
      layout = laidOut.map(a -> new BoardLayout(a.reading(), width, folded));
      changed = false;
      laidOutWidth = width;
    }
    return layout.map(BoardLayout::height).orElse(0.0);
  }

  @Override
  protected void paint(GraphicsContext g, double width, double height) {
    BoardPainter painter = new BoardPainter(g, palette.getValue(), session.selection().get(), hand);
    painter.ground(width, height);
    layout.ifPresent(
        l ->
            laidOut.ifPresent(
                plan -> {
                  for (BoardLayout.Card card : l.cards()) {
                    double y = card.y() - top();
                    if (y + card.height() >= 0 && y <= height) {
                      painter.card(plan.reading(), card, y, top(), width);
                    }
                  }
                }));
    if (isFirst()) {
      new PlanPicture(g, palette.getValue())
          .paint(session.show().orElseThrow(), session.plans().progress().get(), width, height);
    }
    if (isFocused()) {
      painter.focus(width, height);
    }
    hand.paint(g, palette.getValue(), width);
  }

  /** Whether the show is still getting its first plan. */
  private boolean isFirst() {
    return layout.isEmpty()
        && session.show().isPresent()
        && session.plans().state().get() instanceof Planning.State.Working;
  }

  @Override
  protected void resized() {
    follow();
  }

  /** Scrolls to what is selected. */
  private void follow() {
    layout.ifPresent(
        l -> {
          switch (session.selection().get()) {
            case Selection.Nothing n -> {}
            case Selection.OfPlace p -> {}
            case Selection.OfRuns r -> {}
            case Selection.OfRun r -> l.rowOfRun(r.name()).ifPresent(this::reveal);
            case Selection.OfPort p -> l.rowOf(p.controller(), p.port()).ifPresent(this::reveal);
            case Selection.OfBox b ->
                l.card(b.controller())
                    .ifPresent(
                        c -> reveal(c.y(), c.y() + Math.min(c.height(), getHeight()), 44, 12));
          }
        });
    paint();
  }

  private void reveal(BoardLayout.Row row) {
    reveal(row.y(), row.y() + row.height(), 44, 12);
  }

  void page(int by) {
    scrollPage(by);
  }

  private void press(MouseEvent e) {
    requestFocus();
    layout
        .flatMap(l -> l.signAt(e.getY() + top()))
        .filter(c -> e.getX() < SIGN_WIDTH)
        .ifPresent(this::fold);
    session.selection().set(hit(e.getX(), e.getY()).orElse(new Selection.Nothing()));
  }

  private Optional<Selection> hit(double x, double y) {
    return layout.flatMap(l -> l.hit(x, y + top()));
  }

  /** Folds a box up, or opens it. */
  void fold(String controller) {
    if (!folded.remove(controller)) {
      folded.add(controller);
    }
    relaid();
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
          relaid();
        });
  }

  /** Takes the pennant under the mouse into the hand. */
  private void take(MouseEvent e) {
    Optional<LineShape.Span> span = layout.flatMap(l -> l.spanAt(e.getX(), e.getY() + top()));
    if (span.isPresent() && beginDrag(span.get().run(), span.get().firstPixel())) {
      startFullDrag();
      e.consume();
    }
  }

  /** Takes a run into the hand; from elsewhere the caller starts the full drag. */
  public boolean beginDrag(String run, int firstPixel) {
    boolean taken = hand.take(laidOut, run, firstPixel);
    tell("");
    paint();
    return taken;
  }

  /** What is in the hand is over a point of the view; near an edge the board moves on. */
  public void carryTo(double x, double y) {
    if (y < EDGE) {
      scrollTo(top() - EDGE_STEP);
    } else if (y > getHeight() - EDGE) {
      scrollTo(top() + EDGE_STEP);
    }
    hand.at(layout, x, y, top());
    paint();
  }

  /** Puts back what is in the hand. */
  public void letGo() {
    hand.letGo();
    paint();
  }

  private void hover(MouseEvent e) {
    tell(
        hit(e.getX(), e.getY())
            .filter(s -> s instanceof Selection.OfRun)
            .flatMap(s -> laidOut.map(a -> describe(a.reading(), ((Selection.OfRun) s).name())))
            .orElse(""));
  }

  private static String describe(Reading reading, String run) {
    List<SegmentReading> segments = reading.segmentsOf(run);
    double least = segments.stream().mapToDouble(s -> s.volts().lowest()).min().orElse(0);
    int pixels = segments.stream().mapToInt(s -> s.segment().pixels()).sum();
    return run
        + ": "
        + Texts.count(pixels, "pixel", "pixels")
        + ", least "
        + Texts.fixed(least, 2)
        + " V";
  }
}
