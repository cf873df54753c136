package bunting.desktop.addresses;

import bunting.core.network.WireFigures;
import bunting.core.plan.Assessment;
import bunting.core.show.Protocol;
import bunting.core.show.edit.PlaceKind;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Orientation;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/** The universe tape: each universe a measured tape of 512 slots. Paints only what is in sight. */
final class TapeView extends Region {
  private static final double BAR = 12;
  private static final double RULER = 20;

  private final Session session;
  private final ObservableValue<Palette> palette;
  private final Canvas canvas = new Canvas();
  private final ScrollBar bar = new ScrollBar();
  private final Tooltip tip = new Tooltip();
  private final Set<String> folded = new TreeSet<>();
  private Optional<TapeLayout> layout = Optional.empty();

  TapeView(Session session, ObservableValue<Palette> palette) {
    this.session = session;
    this.palette = palette;
    setId("tape");
    bar.setOrientation(Orientation.VERTICAL);
    bar.setFocusTraversable(false);
    getChildren().addAll(canvas, bar);
    setFocusTraversable(true);
    setAccessibleText("Universe tape. Arrow keys go from run to run, space folds a box.");
    session
        .assessment()
        .addListener(
            o -> {
              reread();
              reveal();
            });
    session.selection().addListener(o -> reveal());
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
    bar.resizeRelocate(getWidth() - BAR, RULER, BAR, Math.max(0, getHeight() - RULER));
    reread();
  }

  private double clamp(double v) {
    return Math.max(0, Math.min(bar.getMax(), v));
  }

  private void reread() {
    layout = session.assessment().get().map(a -> new TapeLayout(a.reading(), folded));
    double total = layout.map(TapeLayout::height).orElse(0.0) + RULER + 8;
    bar.setMax(Math.max(0, total - getHeight()));
    bar.setVisibleAmount(total <= 0 ? 0 : bar.getMax() * getHeight() / Math.max(total, 1));
    bar.setVisible(bar.getMax() > 0);
    bar.setValue(clamp(bar.getValue()));
    paint();
  }

  private void reveal() {
    if (session.selection().get() instanceof Selection.OfRun r) {
      layout.flatMap(l -> l.of(r.name())).ifPresent(this::show);
    } else if (session.selection().get() instanceof Selection.OfBox b) {
      layout
          .flatMap(l -> l.rows().stream().filter(r -> r.box().equals(b.controller())).findFirst())
          .ifPresent(this::show);
    }
    paint();
  }

  private void show(TapeLayout.Row row) {
    double visible = getHeight() - RULER - 10;
    if (row.y() < bar.getValue()) {
      bar.setValue(clamp(row.y() - 40));
    } else if (row.y() + row.height() > bar.getValue() + visible) {
      bar.setValue(clamp(row.y() - visible / 2));
    }
  }

  private void paint() {
    TapePainter painter =
        new TapePainter(canvas.getGraphicsContext2D(), palette.getValue(), canvas.getWidth());
    painter.ground(canvas.getHeight());
    String picked = session.selection().get() instanceof Selection.OfRun r ? r.name() : "";
    layout.ifPresent(
        l -> {
          for (TapeLayout.Row row : l.rows()) {
            double y = row.y() - bar.getValue() + RULER;
            if (y + row.height() >= RULER && y <= getHeight()) {
              painter.row(row, y, picked);
            }
          }
        });
    painter.ruler(RULER);
    if (isFocused()) {
      painter.focus(canvas.getHeight());
    }
  }

  /** Goes to a universe, a box or a run; false where there is none of that name. */
  boolean find(String text) {
    Optional<TapeLayout.Row> row = layout.flatMap(l -> l.find(text));
    row.ifPresent(
        r -> {
          bar.setValue(clamp(r.y() - 40));
          String low = text.toLowerCase(java.util.Locale.ROOT);
          r.blocks().stream()
              .filter(b -> !b.set() && b.what().toLowerCase(java.util.Locale.ROOT).contains(low))
              .findFirst()
              .ifPresent(b -> session.selection().set(new Selection.OfRun(b.what())));
        });
    return row.isPresent();
  }

  void fold(String box) {
    if (!folded.remove(box)) {
      folded.add(box);
    }
    reread();
  }

  void foldAll() {
    List<String> all =
        layout.stream()
            .flatMap(l -> l.rows().stream())
            .filter(r -> r.kind() == TapeLayout.Kind.SIGN)
            .map(TapeLayout.Row::box)
            .toList();
    if (folded.containsAll(all)) {
      folded.clear();
    } else {
      folded.addAll(all);
    }
    reread();
  }

  private Optional<TapeLayout.Row> rowAt(double y) {
    return y < RULER ? Optional.empty() : layout.flatMap(l -> l.at(y - RULER + bar.getValue()));
  }

  private Optional<TapeLayout.Block> blockAt(TapeLayout.Row row, double x) {
    double slot = TapePainter.slotAt(x, canvas.getWidth());
    return row.blocks().stream().filter(b -> slot >= b.first() && slot < b.last() + 1).findFirst();
  }

  private void press(MouseEvent e) {
    requestFocus();
    rowAt(e.getY())
        .ifPresent(
            row -> {
              if (row.kind() == TapeLayout.Kind.SIGN) {
                if (e.getX() < TapePainter.LEFT) {
                  fold(row.box());
                } else {
                  session.selection().set(new Selection.OfBox(row.box()));
                }
              } else {
                blockAt(row, e.getX()).ifPresent(this::pick);
              }
            });
  }

  private void pick(TapeLayout.Block block) {
    session
        .selection()
        .set(
            block.set()
                ? new Selection.OfPlace(PlaceKind.SET, block.what())
                : new Selection.OfRun(block.what()));
  }

  private void hover(MouseEvent e) {
    Optional<Assessment> plan = session.assessment().get();
    String text =
        rowAt(e.getY())
            .flatMap(row -> blockAt(row, e.getX()).map(b -> describe(row, b, plan)))
            .orElse("");
    tip.setText(text);
    tip.setOpacity(text.isEmpty() ? 0 : 1);
  }

  private static String describe(
      TapeLayout.Row row, TapeLayout.Block b, Optional<Assessment> plan) {
    Protocol protocol =
        plan.map(p -> p.reading().show().addressing().protocol()).orElse(Protocol.SACN);
    boolean groups = plan.map(p -> p.reading().show().network().multicast()).orElse(false);
    String where =
        switch (protocol) {
          case SACN -> groups ? " · " + WireFigures.multicast(row.universe()) : "";
          case ARTNET -> " · net:sub-net:universe " + WireFigures.portAddress(row.universe());
          case DDP -> "";
        };
    return b.what()
        + ", "
        + b.pixels()
        + ": universe "
        + row.universe()
        + " slots "
        + b.first()
        + " to "
        + b.last()
        + where
        + (b.nailed() ? " · handed out" : "");
  }

  private void key(KeyEvent e) {
    switch (e.getCode()) {
      case UP, LEFT -> step(-1);
      case DOWN, RIGHT -> step(1);
      case PAGE_UP -> bar.setValue(clamp(bar.getValue() - getHeight() * 0.8));
      case PAGE_DOWN -> bar.setValue(clamp(bar.getValue() + getHeight() * 0.8));
      case SPACE -> currentBox().ifPresent(this::fold);
      default -> {
        return;
      }
    }
    e.consume();
  }

  private Optional<String> currentBox() {
    return switch (session.selection().get()) {
      case Selection.OfBox b -> Optional.of(b.controller());
      case Selection.OfRun r -> layout.flatMap(l -> l.of(r.name())).map(TapeLayout.Row::box);
      case Selection.OfPort p -> Optional.of(p.controller());
      case Selection.Nothing n -> Optional.empty();
      case Selection.OfPlace p -> Optional.empty();
    };
  }

  private void step(int by) {
    List<String> runs = new ArrayList<>();
    layout.ifPresent(
        l ->
            l.rows().stream()
                .flatMap(r -> r.blocks().stream())
                .filter(b -> !b.set() && !runs.contains(b.what()))
                .forEach(b -> runs.add(b.what())));
    if (!runs.isEmpty()) {
      int now =
          session.selection().get() instanceof Selection.OfRun r ? runs.indexOf(r.name()) : -1;
      int next = Math.clamp(now < 0 ? 0 : now + (long) by, 0, runs.size() - 1);
      session.selection().set(new Selection.OfRun(runs.get(next)));
    }
  }
}
