package bunting.desktop.mains;

import bunting.core.hookup.MainsSheet;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Keys;
import bunting.desktop.kit.ScrolledCanvas;
import bunting.desktop.look.Palette;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;

/** The circuits with what hangs on them. A click, or up and down, takes one at hand. */
final class CircuitsView extends ScrolledCanvas {
  private final MainsModel model;
  private final ObservableValue<Palette> palette;
  private Optional<CircuitRows> rows = Optional.empty();

  CircuitsView(MainsModel model, ObservableValue<Palette> palette) {
    super(
        "circuits",
        0,
        "Circuits as ropes of amps, with what is on each already and what the show hangs on it. Up"
            + " and down go from circuit to circuit.");
    this.model = model;
    this.palette = palette;
    model.sheet().addListener(o -> refresh());
    model
        .circuit()
        .addListener(
            o -> {
              show();
              paint();
            });
    palette.addListener(o -> paint());
    setOnMousePressed(this::press);
    setOnMouseMoved(this::hover);
    new Keys()
        .on(KeyCode.UP, () -> step(-1))
        .on(KeyCode.DOWN, () -> step(1))
        .on(KeyCode.HOME, () -> step(Integer.MIN_VALUE / 2))
        .on(KeyCode.END, () -> step(Integer.MAX_VALUE / 2))
        .install(this);
  }

  @Override
  protected double layOut(double width) {
    rows = model.sheet().get().map(s -> new CircuitRows(s, width));
    return rows.map(CircuitRows::height).orElse(0.0);
  }

  @Override
  protected void paint(GraphicsContext g, double width, double height) {
    CircuitPainter painter = new CircuitPainter(g, palette.getValue(), width, top());
    g.setFill(palette.getValue().ground());
    g.fillRect(0, 0, width, height);
    Lengths lengths = model.session().show().map(Lengths::of).orElse(new Lengths(false));
    rows.ifPresent(
        r ->
            painter.paint(
                r,
                model.sheet().get().map(MainsSheet::cords).orElse(List.of()),
                r.ropes().isEmpty() ? "" : r.ropes().get(row()).of().circuit().id(),
                lengths));
    if (isFocused()) {
      painter.focus(height);
    }
  }

  private int row() {
    List<CircuitRows.Rope> ropes = rows.map(CircuitRows::ropes).orElse(List.of());
    for (int i = 0; i < ropes.size(); i++) {
      if (model.circuit().get().filter(ropes.get(i).of().circuit().id()::equals).isPresent()) {
        return i;
      }
    }
    return 0;
  }

  private void step(int by) {
    List<CircuitRows.Rope> ropes = rows.map(CircuitRows::ropes).orElse(List.of());
    if (!ropes.isEmpty()) {
      int to = Math.clamp((long) row() + by, 0, ropes.size() - 1);
      model.circuit().set(Optional.of(ropes.get(to).of().circuit().id()));
    }
  }

  private void show() {
    double y = row() * CircuitRows.ROW;
    reveal(y, y + CircuitRows.ROW, 0, 0);
  }

  private Optional<CircuitRows.Rope> at(double y) {
    return rows.stream()
        .flatMap(r -> r.ropes().stream())
        .filter(r -> y >= r.y() && y < r.y() + CircuitRows.ROW)
        .findFirst();
  }

  private void press(MouseEvent e) {
    requestFocus();
    at(e.getY() + top()).ifPresent(r -> model.circuit().set(Optional.of(r.of().circuit().id())));
  }

  private void hover(MouseEvent e) {
    tell(
        at(e.getY() + top())
            .flatMap(
                r ->
                    r.stretches().stream()
                        .filter(s -> e.getX() >= s.x() && e.getX() < s.x() + s.width())
                        .findFirst())
            .map(s -> s.label() + ": " + bunting.core.show.Texts.fixed(s.amps(), 2) + " A")
            .orElse(""));
  }
}
