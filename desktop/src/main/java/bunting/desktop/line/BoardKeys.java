package bunting.desktop.line;

import bunting.desktop.kit.Keys;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** The board by keyboard: from line to line, from run to run; with Alt a run is moved. */
final class BoardKeys {
  private final BoardView board;
  private final Session session;

  BoardKeys(BoardView board, Session session) {
    this.board = board;
    this.session = session;
  }

  void install() {
    new Keys()
        .on(KeyCode.UP, () -> step(-1))
        .on(KeyCode.DOWN, () -> step(1))
        .on(KeyCode.LEFT, () -> stepRun(-1))
        .on(KeyCode.RIGHT, () -> stepRun(1))
        .on(KeyCode.PAGE_UP, () -> board.page(-1))
        .on(KeyCode.PAGE_DOWN, () -> board.page(1))
        .on(KeyCode.SPACE, () -> currentBox().ifPresent(board::fold))
        .on(KeyCode.ESCAPE, () -> session.selection().set(new Selection.Nothing()))
        .install(board);
    board.addEventHandler(KeyEvent.KEY_PRESSED, this::move);
  }

  private void move(KeyEvent e) {
    if (e.isAltDown() && !e.isShortcutDown() && board.plan().isPresent()) {
      if (new KeyMoves(session, board.plan().get().reading()).key(e.getCode())) {
        e.consume();
      }
    }
  }

  private Optional<String> currentBox() {
    return switch (session.selection().get()) {
      case Selection.OfBox b -> Optional.of(b.controller());
      case Selection.OfPort p -> Optional.of(p.controller());
      case Selection.OfRun r ->
          board
              .plan()
              .flatMap(a -> a.reading().segmentsOf(r.name()).stream().findFirst())
              .map(s -> s.segment().controller());
      case Selection.Nothing n -> Optional.empty();
      case Selection.OfPlace p -> Optional.empty();
      case Selection.OfRuns r -> Optional.empty();
    };
  }

  private List<BoardLayout.Row> lines() {
    return board.placed().map(BoardLayout::lines).orElse(List.of());
  }

  private int currentLine(List<BoardLayout.Row> lines) {
    Optional<BoardLayout.Row> now =
        switch (session.selection().get()) {
          case Selection.OfRun r -> board.placed().flatMap(l -> l.rowOfRun(r.name()));
          case Selection.OfPort p -> board.placed().flatMap(l -> l.rowOf(p.controller(), p.port()));
          case Selection.Nothing n -> Optional.empty();
          case Selection.OfBox b -> Optional.empty();
          case Selection.OfPlace p -> Optional.empty();
          case Selection.OfRuns r -> Optional.empty();
        };
    return now.map(lines::indexOf).orElse(-1);
  }

  private void step(int by) {
    List<BoardLayout.Row> lines = lines();
    if (!lines.isEmpty()) {
      int next = Math.clamp(currentLine(lines) + (long) by, 0, lines.size() - 1);
      var port = lines.get(next).port();
      session.selection().set(new Selection.OfPort(port.controller(), port.port()));
    }
  }

  private void stepRun(int by) {
    List<BoardLayout.Row> lines = lines();
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
    int next = Math.clamp(now + (long) by, 0, runs.size() - 1);
    session.selection().set(new Selection.OfRun(runs.get(next)));
  }
}
