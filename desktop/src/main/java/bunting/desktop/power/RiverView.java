package bunting.desktop.power;

import bunting.core.assess.Reading;
import bunting.core.show.Texts;
import bunting.core.whatif.Loss;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Orientation;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/** The river of current. A click on a fuse or a supply loses it, on a line brings it below. */
final class RiverView extends Region {
  private static final double BAR = 12;

  private final Session session;
  private final PowerModel model;
  private final ObservableValue<Palette> palette;
  private final Canvas canvas = new Canvas();
  private final ScrollBar bar = new ScrollBar();
  private final Tooltip tip = new Tooltip();
  private Optional<RiverLayout> layout = Optional.empty();
  private int row;

  RiverView(Session session, PowerModel model, ObservableValue<Palette> palette) {
    this.session = session;
    this.model = model;
    this.palette = palette;
    setId("river");
    bar.setOrientation(Orientation.VERTICAL);
    bar.setFocusTraversable(false);
    getChildren().addAll(canvas, bar);
    setFocusTraversable(true);
    setAccessibleText(
        "River of current. Up and down go from fuse to fuse, space blows one, enter shows its"
            + " line.");
    model.shown().addListener(o -> reread());
    model.feed().addListener(o -> paint());
    palette.addListener(o -> paint());
    focusedProperty().addListener(o -> paint());
    bar.valueProperty().addListener(o -> paint());
    setOnScroll(e -> bar.setValue(clamp(bar.getValue() - e.getDeltaY())));
    setOnMousePressed(this::press);
    setOnMouseMoved(this::hover);
    setOnKeyPressed(this::key);
    Tooltip.install(this, tip);
  }

  @Override
  protected void layoutChildren() {
    canvas.setWidth(Math.max(0, getWidth() - BAR));
    canvas.setHeight(getHeight());
    bar.resizeRelocate(getWidth() - BAR, 0, BAR, getHeight());
    reread();
  }

  private double clamp(double v) {
    return Math.max(0, Math.min(bar.getMax(), v));
  }

  private void reread() {
    Optional<Reading> base = model.base();
    layout =
        base.isPresent() && model.shown().get().isPresent()
            ? Optional.of(new RiverLayout(base.get(), model.shown().get().get()))
            : Optional.empty();
    double total = layout.map(RiverLayout::height).orElse(0.0) + 4;
    bar.setMax(Math.max(0, total - getHeight()));
    bar.setVisibleAmount(total <= 0 ? 0 : bar.getMax() * getHeight() / Math.max(total, 1));
    bar.setVisible(bar.getMax() > 0);
    bar.setValue(clamp(bar.getValue()));
    paint();
  }

  private void paint() {
    RiverPainter painter =
        new RiverPainter(
            canvas.getGraphicsContext2D(), palette.getValue(), canvas.getWidth(), bar.getValue());
    layout.ifPresent(
        l -> {
          String picked = isFocused() && row < l.fuses().size() ? l.fuses().get(row).id() : "";
          painter.paint(l, picked, model.feed().get().orElse(""));
        });
    if (isFocused()) {
      painter.focus(canvas.getHeight());
    }
  }

  private void press(MouseEvent e) {
    requestFocus();
    double y = e.getY() + bar.getValue();
    Optional<RiverLayout.Fuse> fuse = fuseAt(y);
    boolean onSupply =
        e.getX() >= RiverLayout.SUPPLY_X && e.getX() <= RiverLayout.SUPPLY_X + RiverLayout.SUPPLY_W;
    if (onSupply) {
      supplyAt(y).ifPresent(s -> model.lose(new Loss(Loss.Kind.SUPPLY, s.id())));
      return;
    }
    fuse.ifPresent(
        f -> {
          row = layout.orElseThrow().fuses().indexOf(f);
          if (e.getX() >= RiverLayout.FUSE_X
              && e.getX() <= RiverLayout.FUSE_X + RiverLayout.FUSE_W) {
            model.lose(new Loss(Loss.Kind.FUSE, f.id()));
          } else if (e.getX() > RiverLayout.FUSE_X) {
            bring(f);
          }
        });
  }

  private Optional<RiverLayout.Fuse> fuseAt(double y) {
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

  /** Shows the line of a fuse below. */
  private void bring(RiverLayout.Fuse fuse) {
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
    Optional<RiverLayout.Fuse> fuse = fuseAt(e.getY() + bar.getValue());
    tip.setText(
        fuse.filter(f -> e.getX() >= RiverLayout.FUSE_X)
            .map(
                f ->
                    "Fuse "
                        + f.id()
                        + ": "
                        + Texts.fixed(f.amps(), 2)
                        + " A of "
                        + Texts.number(f.rating())
                        + " A. A click on it blows it.")
            .orElse("A click on a supply switches it off."));
  }

  private void key(KeyEvent e) {
    List<RiverLayout.Fuse> fuses = layout.map(RiverLayout::fuses).orElse(List.of());
    if (fuses.isEmpty()) {
      return;
    }
    switch (e.getCode()) {
      case UP -> row = Math.max(0, row - 1);
      case DOWN -> row = Math.min(fuses.size() - 1, row + 1);
      case HOME -> row = 0;
      case END -> row = fuses.size() - 1;
      case SPACE ->
          model.lose(new Loss(Loss.Kind.FUSE, fuses.get(Math.min(row, fuses.size() - 1)).id()));
      case ENTER -> bring(fuses.get(Math.min(row, fuses.size() - 1)));
      default -> {
        return;
      }
    }
    e.consume();
    double y = fuses.get(Math.min(row, fuses.size() - 1)).y();
    if (y - RiverLayout.ROW < bar.getValue()) {
      bar.setValue(clamp(y - RiverLayout.ROW));
    } else if (y + RiverLayout.ROW > bar.getValue() + getHeight()) {
      bar.setValue(clamp(y + RiverLayout.ROW - getHeight()));
    }
    paint();
  }
}
