package bunting.desktop.power;

import bunting.core.show.Texts;
import bunting.core.whatif.Loss;
import bunting.desktop.kit.Keys;
import bunting.desktop.kit.ScrolledCanvas;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;

/** The river of current. A click on a fuse or a supply loses it, on a line brings it below. */
final class RiverView extends ScrolledCanvas {
  private final Session session;
  private final PowerModel model;
  private final ObservableValue<Palette> palette;
  private Optional<RiverLayout> layout = Optional.empty();
  private int row;

  RiverView(Session session, PowerModel model, ObservableValue<Palette> palette) {
    super(
        "river",
        0,
        "Current from supplies through fuses to feeds. Up and down go from fuse to fuse, space"
            + " blows one, enter shows its line.");
    this.session = session;
    this.model = model;
    this.palette = palette;
    model.shown().addListener(o -> refresh());
    model.feed().addListener(o -> paint());
    palette.addListener(o -> paint());
    setOnMousePressed(this::press);
    setOnMouseMoved(this::hover);
    new Keys()
        .on(KeyCode.UP, () -> step(row - 1))
        .on(KeyCode.DOWN, () -> step(row + 1))
        .on(KeyCode.HOME, () -> step(0))
        .on(KeyCode.END, () -> step(Integer.MAX_VALUE))
        .on(KeyCode.SPACE, () -> current().ifPresent(f -> model.lose(f.loss())))
        .on(KeyCode.ENTER, () -> current().ifPresent(this::bring))
        .install(this);
  }

  @Override
  protected double layOut(double width) {
    layout =
        model
            .base()
            .flatMap(
                base ->
                    model
                        .shown()
                        .get()
                        .map(shown -> new RiverLayout(base, shown, model.outcome())));
    return layout.map(RiverLayout::height).orElse(0.0) + 4;
  }

  @Override
  protected void paint(GraphicsContext g, double width, double height) {
    RiverPainter painter = new RiverPainter(g, palette.getValue(), width, top());
    layout.ifPresent(
        l -> {
          String picked = isFocused() ? current().map(RiverFuse::id).orElse("") : "";
          painter.paint(l, picked, model.feed().get().orElse(""));
        });
    if (isFocused()) {
      painter.focus(height);
    }
  }

  private List<RiverFuse> fuses() {
    return layout.map(RiverLayout::fuses).orElse(List.of());
  }

  private Optional<RiverFuse> current() {
    List<RiverFuse> fuses = fuses();
    return fuses.isEmpty()
        ? Optional.empty()
        : Optional.of(fuses.get(Math.clamp(row, 0, fuses.size() - 1)));
  }

  private void step(int to) {
    if (!fuses().isEmpty()) {
      row = Math.clamp(to, 0, fuses().size() - 1);
    }
    current().ifPresent(f -> reveal(f.y(), f.y(), RiverLayout.ROW, RiverLayout.ROW));
    paint();
  }

  private void press(MouseEvent e) {
    requestFocus();
    RiverColumns columns = RiverColumns.of(pictureWidth());
    double y = e.getY() + top();
    Optional<RiverFuse> fuse = fuseAt(y);
    if (columns.onCircuit(e.getX())) {
      circuitAt(y).ifPresent(c -> model.lose(new Loss(Loss.Kind.CIRCUIT, c.id())));
      return;
    }
    if (columns.onSupply(e.getX())) {
      supplyAt(y).ifPresent(s -> model.lose(new Loss(Loss.Kind.SUPPLY, s.id())));
      return;
    }
    fuse.ifPresent(
        f -> {
          row = layout.orElseThrow().fuses().indexOf(f);
          if (columns.onFuse(e.getX())) {
            model.lose(f.loss());
          } else if (e.getX() > columns.fuseX()) {
            bring(f);
          }
        });
  }

  private Optional<RiverFuse> fuseAt(double y) {
    return layout.stream()
        .flatMap(l -> l.fuses().stream())
        .filter(f -> Math.abs(f.y() - y) <= RiverLayout.ROW / 2)
        .findFirst();
  }

  private Optional<RiverLayout.Block> supplyAt(double y) {
    return layout.stream()
        .flatMap(l -> l.supplies().stream())
        .filter(b -> y >= b.y() && y <= b.y() + b.height())
        .findFirst();
  }

  private Optional<RiverLayout.Block> circuitAt(double y) {
    return layout.stream()
        .flatMap(l -> l.circuits().stream())
        .filter(b -> !b.id().isEmpty() && y >= b.y() && y <= b.y() + b.height())
        .findFirst();
  }

  /** Shows the line of a fuse below. */
  private void bring(RiverFuse fuse) {
    if (fuse.feeds().isEmpty()) {
      fuse.board().ifPresent(b -> session.selection().set(new Selection.OfBox(b)));
      return;
    }
    String feed = fuse.feeds().getFirst();
    model
        .base()
        .flatMap(
            r ->
                r.feeds().stream()
                    .filter(f -> f.feed().id().equals(feed))
                    .findFirst()
                    .flatMap(
                        f ->
                            r.segments().stream()
                                .filter(s -> s.segment().id().equals(f.feed().segment()))
                                .findFirst()))
        .ifPresent(
            s ->
                session
                    .selection()
                    .set(new Selection.OfPort(s.segment().controller(), s.segment().port())));
    model.feed().set(Optional.of(feed));
  }

  private void hover(MouseEvent e) {
    Optional<RiverFuse> fuse = fuseAt(e.getY() + top());
    tell(
        fuse.filter(f -> e.getX() >= RiverColumns.of(pictureWidth()).fuseX())
            .map(
                f ->
                    (f.board().isPresent() ? "Each wire of the " : "Fuse ")
                        + f.id()
                        + ": "
                        + Texts.fixed(f.amps(), 2)
                        + " A of "
                        + Texts.number(f.rating())
                        + " A. A click on it "
                        + (f.board().isPresent() ? "takes one wire out." : "blows it."))
            .orElse("A click on a supply or a circuit switches it off."));
  }
}
