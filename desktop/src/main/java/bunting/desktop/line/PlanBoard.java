package bunting.desktop.line;

import bunting.core.assess.Reading;
import bunting.desktop.kit.ScrolledCanvas;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Selection;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;

/** The lines of some controllers of a plan, to be looked at beside another: nothing is carried. */
public final class PlanBoard extends ScrolledCanvas {
  private final ObservableValue<Palette> palette;
  private Optional<Reading> plan = Optional.empty();
  private Set<String> controllers = Set.of();
  private Set<String> moving = Set.of();
  private String chosen = "";
  private int pixels = Integer.MAX_VALUE;
  private Optional<BoardLayout> layout = Optional.empty();

  /**
   * @param id for style and tests
   * @param choose told the run that is clicked
   */
  @SuppressWarnings("this-escape") // the listeners are told only once the picture is in a window
  public PlanBoard(
      String id, String spoken, ObservableValue<Palette> palette, Consumer<String> choose) {
    super(id, 0, spoken);
    this.palette = palette;
    palette.addListener(o -> paint());
    setOnMousePressed(
        e -> {
          requestFocus();
          layout
              .flatMap(l -> l.spanAt(e.getX(), e.getY() + top()))
              .ifPresent(s -> choose.accept(s.run()));
        });
  }

  /**
   * Shows a plan.
   *
   * @param boxes ids of the controllers that are shown
   * @param moves names of the runs that are marked
   * @param room as many pixels as a line has room for
   */
  public void show(Optional<Reading> other, Set<String> boxes, Set<String> moves, int room) {
    pixels = room;
    plan = other;
    controllers = Set.copyOf(boxes);
    moving = Set.copyOf(moves);
    scrollTo(0);
    refresh();
  }

  /** Marks a run, and scrolls to it. */
  public void choose(String run) {
    chosen = run;
    layout.flatMap(l -> l.rowOfRun(run)).ifPresent(r -> reveal(r.y(), r.y() + r.height(), 44, 12));
    paint();
  }

  @Override
  protected double layOut(double width) {
    layout =
        plan.filter(r -> width >= 200)
            .map(r -> new BoardLayout(r, width, Set.of(), controllers::contains, pixels));
    return layout.map(BoardLayout::height).orElse(0.0);
  }

  @Override
  protected void paint(GraphicsContext g, double width, double height) {
    Selection selected = chosen.isEmpty() ? new Selection.Nothing() : new Selection.OfRun(chosen);
    BoardPainter painter =
        new BoardPainter(g, palette.getValue(), selected, Optional.empty(), moving::contains);
    painter.ground(width, height);
    layout.ifPresent(
        l ->
            l.cards()
                .forEach(
                    card ->
                        painter.card(plan.orElseThrow(), card, card.y() - top(), top(), width)));
    if (isFocused()) {
      painter.focus(width, height);
    }
  }
}
