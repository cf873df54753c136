package bunting.desktop.bench;

import bunting.core.pattern.Pattern;
import bunting.desktop.kit.Buttons;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.TilePane;
import javafx.scene.text.TextAlignment;

/** Patterns as keys that one hits with gloves on; each has a letter too. */
final class PatternKeys extends TilePane {
  private static final double WIDTH = 80;
  private static final double HEIGHT = 44;

  /** A key: its letter, and what stands on it. */
  private record Key(Pattern pattern, KeyCode code, String text) {}

  private static final List<Key> KEYS =
      List.of(
          new Key(Pattern.WHITE, KeyCode.W, "White"),
          new Key(Pattern.CHASE, KeyCode.C, "Chase"),
          new Key(Pattern.PORTS, KeyCode.P, "Ports"),
          new Key(Pattern.RED, KeyCode.R, "Red"),
          new Key(Pattern.GREEN, KeyCode.G, "Green"),
          new Key(Pattern.BLUE, KeyCode.B, "Blue"),
          new Key(Pattern.RGB_STEP, KeyCode.S, "R-G-B"),
          new Key(Pattern.ORDER, KeyCode.O, "Order"),
          new Key(Pattern.IDENTIFY, KeyCode.I, "Identify"),
          new Key(Pattern.TENS, KeyCode.T, "Tens"),
          new Key(Pattern.FIFTIES, KeyCode.Y, "Fifties"),
          new Key(Pattern.UNIVERSES, KeyCode.U, "Universe"),
          new Key(Pattern.FEEDS, KeyCode.F, "Feeds"),
          new Key(Pattern.RAMP, KeyCode.M, "Ramp"),
          new Key(Pattern.BLACK, KeyCode.K, "Black"));

  PatternKeys(BenchModel model) {
    super(5, 5);
    setPrefColumns(3);
    for (Key key : KEYS) {
      String id = "pattern-" + key.pattern().id();
      Button button =
          Buttons.of(
              id, key.text() + "\n" + key.code().getName(), () -> model.choose(key.pattern()));
      button.getStyleClass().add("pattern-key");
      button.setTextAlignment(TextAlignment.CENTER);
      button.setMinSize(WIDTH, HEIGHT);
      button.setPrefSize(WIDTH, HEIGHT);
      button.setTooltip(new Tooltip(key.pattern().about()));
      button.setAccessibleText(key.text() + ": " + key.pattern().about());
      model.pattern().addListener(o -> mark(button, key.pattern(), model));
      mark(button, key.pattern(), model);
      getChildren().add(button);
    }
  }

  private static void mark(Button button, Pattern pattern, BenchModel model) {
    boolean on = model.pattern().get().filter(pattern::equals).isPresent();
    button.getStyleClass().remove("pattern-on");
    if (on) {
      button.getStyleClass().add("pattern-on");
    }
  }

  /** Lets the letters of the patterns be pressed wherever nothing is typed. */
  static void listen(Node on, BenchModel model) {
    on.addEventHandler(
        KeyEvent.KEY_PRESSED,
        e -> {
          boolean typing =
              e.getTarget() instanceof TextInputControl || e.getTarget() instanceof ComboBoxBase;
          if (!typing && !e.isShortcutDown() && !e.isAltDown()) {
            of(e.getCode())
                .ifPresent(
                    p -> {
                      model.choose(p);
                      e.consume();
                    });
          }
        });
  }

  /** The pattern of a letter. */
  static Optional<Pattern> of(KeyCode code) {
    return KEYS.stream().filter(k -> k.code() == code).map(Key::pattern).findFirst();
  }
}
