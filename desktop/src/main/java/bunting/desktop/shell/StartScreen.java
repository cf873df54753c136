package bunting.desktop.shell;

import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;

/** What stands there while no show is open: what to do first. */
final class StartScreen extends VBox {
  private static final double WIDE = 620;

  private static final Color[] CLOTH = {
    Color.web("#b4452f"),
    Color.web("#c58a1c"),
    Color.web("#2f6f79"),
    Color.web("#6d4a7c"),
    Color.web("#4c7a3f")
  };

  private final Commands commands;

  StartScreen(Commands commands) {
    super(18);
    this.commands = commands;
    setId("start-screen");
    getStyleClass().add("start-screen");
    setAlignment(Pos.CENTER);
  }

  /** Shows what can be begun with, once the commands are all there. */
  void fill() {
    Label title = new Label("From a tape measure to a checked plan");
    title.getStyleClass().add("start-title");
    Label text =
        words(
            "Trace your runs on a photo, or bring the list you have. Bunting says which port, which"
                + " universe, how many amps, which fuse and how many injection points, and what is"
                + " wrong, before you stand on the ladder.",
            "start-text");
    Button open = button("open", "Open a run list or a show…   Ctrl O");
    open.setDefaultButton(true);
    HBox buttons = row(button("new", "Measure a new show   Ctrl N"), open);
    HBox more =
        row(
            button("import", "Take in a spreadsheet…   Ctrl I"),
            button("demo", "Look at the Sallow Mill Lantern Fair   Ctrl D"));
    Label hint =
        words(
            "A run list is a spreadsheet saved as CSV with the columns name, type, and pixels or"
                + " length_m. Drop one here. A SETTINGS.json beside it is read too.",
            "soft");
    Label caution =
        words(
            "Mains wiring, permanent installation and work on roofs belong to local codes and,"
                + " where they say so, to a licensed person.",
            "soft");
    getChildren().setAll(garland(), title, text, buttons, more, hint, caution);
  }

  private static Label words(String text, String style) {
    Label label = new Label(text);
    label.getStyleClass().add(style);
    label.setWrapText(true);
    label.setMaxWidth(WIDE);
    return label;
  }

  private static HBox row(Button... buttons) {
    HBox row = new HBox(14, buttons);
    row.setAlignment(Pos.CENTER);
    return row;
  }

  private Button button(String command, String text) {
    Button button = new Button(text);
    button.setId("start-" + command);
    button.setOnAction(e -> commands.get(command).run());
    return button;
  }

  /** A cord that sags between three posts, as a line does. */
  private static Canvas garland() {
    Canvas canvas = new Canvas(620, 120);
    GraphicsContext g = canvas.getGraphicsContext2D();
    int count = 44;
    double[] y = new double[count + 1];
    for (int i = 0; i <= count; i++) {
      double t = (i % 22) / 22.0;
      y[i] = 26 + 4 * 30 * t * (1 - t);
    }
    for (int i = 0; i < count; i++) {
      double x = 10 + i * 600.0 / count;
      double x2 = 10 + (i + 1) * 600.0 / count;
      g.setFill(CLOTH[i % CLOTH.length]);
      g.fillPolygon(
          new double[] {x + 1, x2 - 1, (x + x2) / 2},
          new double[] {y[i], y[i + 1], (y[i] + y[i + 1]) / 2 + 20},
          3);
    }
    g.setStroke(Color.web("#7d7461"));
    g.setLineWidth(2);
    for (int i = 0; i < count; i++) {
      g.strokeLine(10 + i * 600.0 / count, y[i], 10 + (i + 1) * 600.0 / count, y[i + 1]);
    }
    for (double x : new double[] {10, 310, 610}) {
      g.setLineWidth(3);
      g.strokeLine(x, 24, x, 112);
      g.setFill(Color.web("#7d7461"));
      g.fillOval(x - 4, 20, 8, 8);
    }
    return canvas;
  }
}
