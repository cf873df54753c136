package bunting.desktop.mains;

import bunting.core.assess.Reading;
import bunting.core.hookup.SingleLine;
import bunting.desktop.kit.Newest;
import bunting.desktop.kit.ScrolledCanvas;
import bunting.desktop.kit.Words;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** The single-line diagram, for the electrician: from the panel to the fuses. */
public final class SingleLineScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<SingleLineScreen> SCREEN =
      ScreenDefinition.of("single-line", "Power", "Single line", SingleLineScreen::new)
          .reachedBy("Shortcut+Shift+G", "Power: the single-line diagram");

  private final Session session;
  private final Newest working;
  private final Diagram diagram;
  private Optional<Reading> of = Optional.empty();

  private SingleLineScreen(Desk desk) {
    super(8);
    this.session = desk.session();
    this.working = new Newest(session.background());
    this.diagram = new Diagram(desk.palette());
    getStyleClass().add("sheet");
    HBox head =
        new HBox(
            12,
            Words.heading("Single line"),
            Words.soft("from the panel to the fuses; printed as the paper “mains”"));
    head.setAlignment(javafx.geometry.Pos.BASELINE_LEFT);
    VBox.setVgrow(diagram, Priority.ALWAYS);
    Label caution =
        Words.note(
            "For the one who answers for the installation: a sum is no inspection. Switch all off"
                + " at the panel before a terminal is touched, and measure that it is.",
            "warn");
    getChildren().addAll(head, diagram, caution);
    session.assessment().addListener(o -> refresh());
    sceneProperty().addListener(o -> refresh());
  }

  private void refresh() {
    Optional<Reading> now = session.assessment().get().map(a -> a.reading());
    if (getScene() == null || now.equals(of)) {
      return;
    }
    of = now;
    if (now.isEmpty()) {
      working.stop();
      diagram.show(Optional.empty());
      return;
    }
    working.ask(
        "drawing the single line",
        job -> SingleLine.of(now.get()),
        l -> diagram.show(Optional.of(l)),
        why -> {
          of = Optional.empty();
          session.say(why);
        });
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of();
  }

  @Override
  public void takeKeyboard() {
    diagram.requestFocus();
  }

  @Override
  public boolean busy() {
    return working.busy().get();
  }

  /** The diagram, painted from its layout in columns and rows. */
  private static final class Diagram extends ScrolledCanvas {
    private static final double ROW = 66;
    private static final double HEAD = 26;
    private static final double GAP = 18;
    private static final double CARD = 54;

    private final ObservableValue<Palette> palette;
    private Optional<SingleLine> line = Optional.empty();

    Diagram(ObservableValue<Palette> palette) {
      super("single-line", HEAD, "The single-line diagram. Page up and down scroll it.");
      this.palette = palette;
      palette.addListener(o -> paint());
      new bunting.desktop.kit.Keys()
          .on(javafx.scene.input.KeyCode.PAGE_DOWN, () -> scrollPage(1))
          .on(javafx.scene.input.KeyCode.PAGE_UP, () -> scrollPage(-1))
          .on(javafx.scene.input.KeyCode.DOWN, () -> scrollTo(top() + ROW))
          .on(javafx.scene.input.KeyCode.UP, () -> scrollTo(top() - ROW))
          .on(javafx.scene.input.KeyCode.HOME, () -> scrollTo(0))
          .install(this);
    }

    void show(Optional<SingleLine> now) {
      line = now;
      refresh();
    }

    @Override
    protected double layOut(double width) {
      return HEAD + line.map(l -> l.rows() * ROW).orElse(0.0);
    }

    private static double columnWidth(double width) {
      return (width - 8) / SingleLine.Column.values().length;
    }

    private double x(SingleLine.Column c, double width) {
      return 6 + c.at() * columnWidth(width);
    }

    private double y(int row) {
      return HEAD + row * ROW - top() + 6;
    }

    @Override
    protected void paint(GraphicsContext g, double width, double height) {
      Palette p = palette.getValue();
      g.setFill(p.ground());
      g.fillRect(0, 0, width, height);
      line.ifPresent(l -> paint(g, p, l, width));
      g.setFill(p.ground());
      g.fillRect(0, 0, width, HEAD);
      g.setTextAlign(TextAlignment.LEFT);
      g.setFont(Fonts.plain(Fonts.SMALL));
      g.setFill(p.soft());
      for (SingleLine.Column c : SingleLine.Column.values()) {
        g.fillText(c.head(), x(c, width) + 4, 17);
      }
      if (isFocused()) {
        g.setStroke(p.power());
        g.setLineWidth(2);
        g.strokeRoundRect(1, 1, width - 2, height - 2, 6, 6);
      }
    }

    private void paint(GraphicsContext g, Palette p, SingleLine l, double width) {
      double card = columnWidth(width) - GAP;
      g.setStroke(p.ink());
      g.setLineWidth(1.4);
      for (SingleLine.Link link : l.links()) {
        SingleLine.Node a = l.nodes().get(link.from());
        SingleLine.Node b = l.nodes().get(link.to());
        double bus = x(a.column(), width) + card + GAP / 2;
        double y1 = y(a.row()) + CARD / 2;
        double y2 = y(b.row()) + CARD / 2;
        g.strokeLine(x(a.column(), width) + card, y1, bus, y1);
        g.strokeLine(bus, y1, bus, y2);
        g.strokeLine(bus, y2, x(b.column(), width), y2);
      }
      for (SingleLine.Node n : l.nodes()) {
        double x = x(n.column(), width);
        double y = y(n.row());
        g.setFill(p.card());
        g.fillRoundRect(x, y, card, CARD, 6, 6);
        g.setStroke(n.warns() ? p.warn() : p.line());
        g.setLineWidth(n.warns() ? 2 : 1);
        g.strokeRoundRect(x, y, card, CARD, 6, 6);
        text(g, p, n, x, y, card);
      }
    }

    private static void text(
        GraphicsContext g, Palette p, SingleLine.Node n, double x, double y, double card) {
      g.setTextAlign(TextAlignment.LEFT);
      for (int i = 0; i < n.lines().size(); i++) {
        Font font = i == 0 ? Fonts.bold(Fonts.SMALL) : Fonts.plain(Fonts.SMALL);
        Color colour = i == 0 ? n.warns() ? p.warn() : p.ink() : p.soft();
        g.setFont(font);
        g.setFill(colour);
        String text = (i == 0 && n.warns() ? "! " : "") + n.lines().get(i);
        g.fillText(Fonts.fitted(text, font, card - 10), x + 6, y + 16 + 15 * i);
      }
    }
  }
}
