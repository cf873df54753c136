package bunting.desktop.survey;

import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.survey.Sheet;
import bunting.desktop.session.Selection;
import bunting.desktop.session.SelectionEdits;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** The elevation by keyboard. */
final class ElevationKeys {
  private static final double PAN_PX = 60;

  private final ElevationView view;
  private final Session session;
  private final Drafting drafting;

  ElevationKeys(ElevationView view, Session session, Drafting drafting) {
    this.view = view;
    this.session = session;
    this.drafting = drafting;
  }

  void install() {
    view.setOnKeyPressed(this::pressed);
    view.setOnKeyTyped(
        e -> {
          if (!e.isShortcutDown() && (drafting.type(e.getCharacter()) || lens(e.getCharacter()))) {
            e.consume();
          }
        });
  }

  private void pressed(KeyEvent e) {
    if (e.isShortcutDown() && !e.getCode().isArrowKey()) {
      return;
    }
    boolean measuring = !drafting.tracing().typed().isEmpty();
    if (done(e) || (!measuring && letter(e.getCode()))) {
      e.consume();
    }
  }

  /** With no tool in hand, 1 to 8 take up a lens. */
  private boolean lens(String character) {
    int n = "12345678".indexOf(character);
    if (drafting.tool().get() != Tool.PICK || character.isEmpty() || n < 0) {
      return false;
    }
    view.lens().set(List.of(Lens.values()).get(n));
    return true;
  }

  private boolean letter(KeyCode code) {
    if (code == KeyCode.F) {
      view.showChosen();
      return true;
    }
    if (code == KeyCode.E || code == KeyCode.Y) {
      chooseAlike(code == KeyCode.E);
      return true;
    }
    if (code == KeyCode.V) {
      view.turn(1);
      return true;
    }
    for (Tool tool : Tool.values()) {
      if (tool.key() == code) {
        drafting.take(tool);
        return true;
      }
    }
    return false;
  }

  private boolean done(KeyEvent e) {
    Tool tool = drafting.tool().get();
    switch (e.getCode()) {
      case ENTER -> drafting.set();
      case ESCAPE -> drafting.cancel();
      case BACK_SPACE -> drafting.back();
      case HOME -> view.fit();
      case PAGE_DOWN -> nextRun(1, e.isShiftDown());
      case PAGE_UP -> nextRun(-1, e.isShiftDown());
      case LEFT, RIGHT, UP, DOWN -> arrow(e, tool);
      case PLUS, ADD, EQUALS -> {
        if (tool == Tool.PICTURE) {
          UnderlayEdits.dim(session, view.sheet().get(), 10);
        } else {
          view.zoom(1.25);
        }
      }
      case MINUS, SUBTRACT -> {
        if (tool == Tool.PICTURE) {
          UnderlayEdits.dim(session, view.sheet().get(), -10);
        } else {
          view.zoom(0.8);
        }
      }
      case OPEN_BRACKET -> {
        if (tool == Tool.PICTURE) {
          UnderlayEdits.turn(session, view.sheet().get(), 0.5);
        }
      }
      case CLOSE_BRACKET -> {
        if (tool == Tool.PICTURE) {
          UnderlayEdits.turn(session, view.sheet().get(), -0.5);
        }
      }
      default -> {
        return false;
      }
    }
    return true;
  }

  private void arrow(KeyEvent e, Tool tool) {
    double x = e.getCode() == KeyCode.LEFT ? -1 : e.getCode() == KeyCode.RIGHT ? 1 : 0;
    double y = e.getCode() == KeyCode.DOWN ? -1 : e.getCode() == KeyCode.UP ? 1 : 0;
    double step = e.isShiftDown() ? 1 : e.isShortcutDown() ? 0.01 : 0.1;
    if (tool == Tool.PICTURE) {
      UnderlayEdits.move(session, view.sheet().get(), x * step, y * step);
    } else if (tool != Tool.PICK) {
      Point at = drafting.cursor();
      Sheet on = view.sheet().get();
      Point next = on.beside(at, rounded(on.across(at) + x * step), rounded(on.up(at) + y * step));
      drafting.moveTo(next, view.near() / 4);
    } else if (e.isAltDown()) {
      Selection what = session.selection().get();
      session.edit(
          "Moved.", s -> SelectionEdits.moved(s, what, view.sheet().get(), x * step, y * step));
    } else {
      view.pan(-x * PAN_PX, y * PAN_PX);
    }
  }

  private static double rounded(double metres) {
    return Math.round(metres * 1000) / 1000.0;
  }

  /** All runs of the group, or of the type, of one that is chosen. */
  private void chooseAlike(boolean byGroup) {
    Optional<Show> show = session.show();
    Optional<Run> one =
        session.selection().get().runs().stream()
            .findFirst()
            .flatMap(n -> show.flatMap(s -> s.run(n)));
    if (show.isEmpty() || one.isEmpty() || (byGroup && one.get().group().isEmpty())) {
      session.say(
          byGroup
              ? "Choose a run that belongs to a group; E then takes all of that group."
              : "Choose a run; Y then takes all of its type.");
      return;
    }
    session
        .selection()
        .set(
            Selection.ofRuns(
                show.get().runs().stream()
                    .filter(
                        r ->
                            byGroup
                                ? r.group().equals(one.get().group())
                                : r.type().equals(one.get().type()))
                    .map(Run::name)
                    .toList()));
  }

  /**
   * The next run in the list, or the one before.
   *
   * @param more whether it comes to those that are chosen
   */
  private void nextRun(int by, boolean more) {
    List<Run> runs = session.show().map(Show::runs).orElse(List.of());
    if (runs.isEmpty()) {
      return;
    }
    int now = -1;
    List<String> chosen = session.selection().get().runs();
    if (!chosen.isEmpty()) {
      now = runs.stream().map(Run::name).toList().indexOf(chosen.getLast());
    }
    int next = now < 0 ? 0 : Math.max(0, Math.min(runs.size() - 1, now + by));
    List<String> names = new ArrayList<>(more ? chosen : List.of());
    names.remove(runs.get(next).name());
    names.add(runs.get(next).name());
    session.selection().set(Selection.ofRuns(names));
  }
}
