package bunting.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.desktop.DemoOpener;
import bunting.desktop.Screens;
import bunting.desktop.look.Contrast;
import bunting.desktop.look.Fonts;
import bunting.desktop.survey.WindowDriver;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.layout.Background;
import javafx.scene.layout.BackgroundFill;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Every text of every screen, as it stands in the window: large enough, readable on what lies under
 * it (WCAG 2.1, 1.4.3, level AA: 4.5 to 1, from memory), and nothing beyond the window's edge.
 */
class LooksWindowTest extends WindowDriver {
  private Optional<Stage> stage = Optional.empty();

  @Start
  void start(Stage on) {
    stage = Optional.of(on);
    open(on);
  }

  private Scene scene() {
    return stage.orElseThrow().getScene();
  }

  private void demo() {
    does(() -> session.start(DemoOpener.show()));
    settle();
  }

  /** Goes to each screen in turn and looks. */
  private List<String> onEveryScreen(java.util.function.BiConsumer<String, List<String>> look) {
    List<String> found = new ArrayList<>();
    for (ScreenDefinition<?> s : Screens.ALL) {
      if (s.step().isPresent()) {
        does(() -> window().go(s));
        wait(() -> !window().busy());
        WaitForAsyncUtils.waitForFxEvents();
        does(() -> look.accept(s.id(), found));
      }
    }
    return found;
  }

  @Test
  void everyTextIsLargeEnoughAndReadableByDayAndByNight() {
    demo();
    for (boolean night : new boolean[] {false, true}) {
      does(() -> preferences.change(p -> p.withNight(night)));
      List<String> bad =
          onEveryScreen(
              (screen, found) ->
                  texts(scene().getRoot())
                      .forEach(t -> judge(t).ifPresent(why -> found.add(screen + ": " + why))));
      assertThat(bad).as(night ? "by night" : "by day").isEmpty();
    }
  }

  @Test
  void nothingStandsBeyondTheEdgeOfASmallWindow() {
    demo();
    for (double[] size : new double[][] {{1024, 660}, {1366, 730}, {1280, 800}}) {
      does(
          () -> {
            stage.orElseThrow().setWidth(size[0]);
            stage.orElseThrow().setHeight(size[1]);
          });
      List<String> bad =
          onEveryScreen(
              (screen, found) -> {
                for (Node n : List.of(byId("menus"), byClass("top-bar"), byClass("message-line"))) {
                  Bounds at = n.localToScene(n.getBoundsInLocal());
                  if (at.getMinX() < -1 || at.getMaxX() > scene().getWidth() + 1) {
                    found.add(screen + ": " + n);
                  }
                }
                double least = ((Region) scene().getRoot()).minWidth(-1);
                if (least > scene().getWidth()) {
                  found.add(screen + " wants " + least + " px");
                }
              });
      assertThat(bad).as(size[0] + " wide").isEmpty();
    }
  }

  private Node byId(String id) {
    return scene().lookup("#" + id);
  }

  private Node byClass(String name) {
    return scene().lookup("." + name);
  }

  private static List<Text> texts(Node node) {
    List<Text> all = new ArrayList<>();
    if (!node.isVisible() || node.getOpacity() < 0.9 || node.isDisabled()) {
      return all;
    }
    if (node instanceof Text t && !t.getText().isBlank()) {
      all.add(t);
    }
    if (node instanceof Parent p) {
      p.getChildrenUnmodifiable().forEach(c -> all.addAll(texts(c)));
    }
    return all;
  }

  private static Optional<String> judge(Text text) {
    String what = "\"" + text.getText() + "\"";
    if (text.getFont().getSize() < Fonts.SMALL) {
      return Optional.of(what + " is of " + text.getFont().getSize() + " px");
    }
    if (text.getParent() instanceof Labeled l && l.getStyleClass().contains("legend-dot")) {
      return Optional.empty();
    }
    Color ground = ground(text);
    double ratio = Contrast.ratio((Color) text.getFill(), ground);
    return ratio >= Contrast.AA
        ? Optional.empty()
        : Optional.of(
            what
                + " has "
                + Math.round(ratio * 10) / 10.0
                + " to 1: "
                + text.getFill()
                + " on "
                + ground);
  }

  /** The colour under a text: that of the nearest part around it that is painted. */
  private static Color ground(Node node) {
    for (Parent p = node.getParent(); p != null; p = p.getParent()) {
      Background b = p instanceof Region r ? r.getBackground() : null;
      if (b != null) {
        for (BackgroundFill fill : b.getFills().reversed()) {
          if (fill.getFill() instanceof Color c && c.getOpacity() > 0.5) {
            return c;
          }
        }
      }
    }
    return Color.WHITE;
  }
}
