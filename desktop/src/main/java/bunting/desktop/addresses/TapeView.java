package bunting.desktop.addresses;

import bunting.core.network.WireFigures;
import bunting.core.plan.Assessment;
import bunting.core.show.Protocol;
import bunting.core.show.edit.PlaceKind;
import bunting.desktop.kit.Keys;
import bunting.desktop.kit.ScrolledCanvas;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;

/** The universe tape: each universe a measured tape of 512 slots. Paints only what is in sight. */
final class TapeView extends ScrolledCanvas {
  private static final double RULER = 20;

  private final Session session;
  private final ObservableValue<Palette> palette;
  private final Set<String> folded = new TreeSet<>();
  private Optional<TapeLayout> layout = Optional.empty();

  TapeView(Session session, ObservableValue<Palette> palette) {
    super("tape", RULER, "Universe tape. Arrow keys go from run to run, space folds a box.");
    this.session = session;
    this.palette = palette;
    session
        .assessment()
        .addListener(
            o -> {
              refresh();
              reveal();
            });
    session.selection().addListener(o -> reveal());
    palette.addListener(o -> paint());
    setOnMousePressed(this::press);
    setOnMouseMoved(this::hover);
    new Keys()
        .on(KeyCode.UP, () -> step(-1))
        .on(KeyCode.LEFT, () -> step(-1))
        .on(KeyCode.DOWN, () -> step(1))
        .on(KeyCode.RIGHT, () -> step(1))
        .on(KeyCode.PAGE_UP, () -> scrollPage(-1))
        .on(KeyCode.PAGE_DOWN, () -> scrollPage(1))
        .on(KeyCode.SPACE, () -> currentBox().ifPresent(this::fold))
        .install(this);
  }

  @Override
  protected double layOut(double width) {
    layout = session.assessment().get().map(a -> new TapeLayout(a.reading(), folded));
    return layout.map(TapeLayout::height).orElse(0.0) + RULER + 8;
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
    reveal(row.y(), row.y() + row.height(), 40, 40);
  }

  @Override
  protected void paint(GraphicsContext g, double width, double height) {
    TapePainter painter = new TapePainter(g, palette.getValue(), width);
    painter.ground(height);
    String picked = session.selection().get() instanceof Selection.OfRun r ? r.name() : "";
    layout.ifPresent(
        l -> {
          for (TapeLayout.Row row : l.rows()) {
            double y = row.y() - top() + RULER;
            if (y + row.height() >= RULER && y <= height) {
              painter.row(row, y, picked);
            }
          }
        });
    painter.ruler(RULER);
    if (isFocused()) {
      painter.focus(height);
    }
  }

  /** Goes to a universe, a box or a run; false where there is none of that name. */
  boolean find(String text) {
    Optional<TapeLayout.Row> row = layout.flatMap(l -> l.find(text));
    row.ifPresent(
        r -> {
          scrollTo(r.y() - 40);
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
    refresh();
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
    refresh();
  }

  private Optional<TapeLayout.Row> rowAt(double y) {
    return y < RULER ? Optional.empty() : layout.flatMap(l -> l.at(y - RULER + top()));
  }

  private Optional<TapeLayout.Block> blockAt(TapeLayout.Row row, double x) {
    double slot = TapePainter.slotAt(x, pictureWidth());
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
    tell(text);
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

  private Optional<String> currentBox() {
    return switch (session.selection().get()) {
      case Selection.OfBox b -> Optional.of(b.controller());
      case Selection.OfRun r -> layout.flatMap(l -> l.of(r.name())).map(TapeLayout.Row::box);
      case Selection.OfPort p -> Optional.of(p.controller());
      case Selection.Nothing n -> Optional.empty();
      case Selection.OfPlace p -> Optional.empty();
      case Selection.OfRuns r -> Optional.empty();
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
