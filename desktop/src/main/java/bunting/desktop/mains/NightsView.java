package bunting.desktop.mains;

import bunting.core.show.Hours;
import bunting.desktop.kit.Painted;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** The nights of the season as one picture: where the sun is down, and where the lights are on. */
final class NightsView extends Painted {
  private static final double LEFT = 52;
  private static final double TOP = 14;
  private static final double BOTTOM = 24;
  private static final double RIGHT = 12;
  private static final double WIDEST = 40;
  private static final int CLOCK_STEP = 3;
  private static final double LABEL_APART = 62;
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
  private static final DateTimeFormatter CLOCK =
      DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

  private final Tooltip tip = new Tooltip();
  private final HoursModel model;
  private List<Nights.Column> columns = List.of();

  NightsView(HoursModel model, ObservableValue<Palette> palette) {
    super(
        palette,
        "nights",
        "Each evening of the season: when the sun is down and the lights are on.");
    this.model = model;
    setMinHeight(150);
    Tooltip.install(this, tip);
    setOnMouseMoved(this::hover);
    model.answer().addListener(o -> refresh());
  }

  private void refresh() {
    Optional<Hours> said = model.said();
    columns =
        model
            .answer()
            .get()
            .flatMap(HoursModel.Answer::sheet)
            .flatMap(s -> said.map(h -> Nights.of(h, s)))
            .orElse(List.of());
    repaint();
  }

  private double columnWidth() {
    return Math.min(WIDEST, (getWidth() - LEFT - RIGHT) / Math.max(1, columns.size()));
  }

  @Override
  protected void paint(GraphicsContext g, Palette p, double width, double height) {
    g.setFill(p.ground());
    g.fillRect(0, 0, width, height);
    if (columns.isEmpty()) {
      return;
    }
    double tall = getHeight() - TOP - BOTTOM;
    double wide = columnWidth();
    Color night = p.night() ? Color.web("#05090d") : Color.web("#3a4a63");
    Color lamp = Color.web("#f2b94b");
    for (int i = 0; i < columns.size(); i++) {
      Nights.Column c = columns.get(i);
      double x = LEFT + i * wide;
      double gap = wide > 6 ? 1.5 : 0;
      g.setFill(p.card());
      g.fillRect(x, TOP, wide - gap / 2, tall);
      g.setFill(night);
      c.night().ifPresent(s -> fill(g, s, x, wide - gap / 2, tall));
      g.setFill(lamp);
      c.lit().forEach(s -> fill(g, s, x + gap, wide - 2 * gap - gap / 2, tall));
    }
    clock(g, p, tall, columns.size() * wide);
    dates(g, p, wide);
  }

  private static void fill(GraphicsContext g, Nights.Span s, double x, double wide, double tall) {
    g.fillRect(x, TOP + s.from() * tall, Math.max(0.5, wide), (s.to() - s.from()) * tall);
  }

  private void clock(GraphicsContext g, Palette p, double tall, double wide) {
    Font small = Fonts.plain(Fonts.SMALL);
    g.setFont(small);
    g.setTextAlign(TextAlignment.RIGHT);
    for (int h = 0; h <= 24; h += CLOCK_STEP) {
      double y = TOP + tall * h / 24;
      g.setStroke(p.line().deriveColor(0, 1, 1, 0.5));
      g.setLineWidth(0.7);
      g.strokeLine(LEFT - 4, y, LEFT + wide, y);
      g.setFill(p.soft());
      g.fillText(String.format(Locale.ROOT, "%02d:00", (12 + h) % 24), LEFT - 8, y + 4);
    }
  }

  private void dates(GraphicsContext g, Palette p, double wide) {
    g.setTextAlign(TextAlignment.LEFT);
    g.setFill(p.soft());
    double free = 0;
    Optional<LocalDate> before = Optional.empty();
    for (int i = 0; i < columns.size(); i++) {
      double x = LEFT + i * wide;
      LocalDate date = columns.get(i).date();
      boolean gap = before.filter(b -> !b.plusDays(1).equals(date)).isPresent();
      if (gap) {
        g.setStroke(p.ink());
        g.setLineWidth(1.4);
        g.strokeLine(x, TOP - 6, x, getHeight() - BOTTOM + 6);
      }
      if (x >= free && x < getWidth() - LABEL_APART + RIGHT) {
        g.fillText(DAY.format(date), x, getHeight() - 7);
        free = x + LABEL_APART;
      }
      before = Optional.of(date);
    }
  }

  private void hover(MouseEvent e) {
    int i = (int) Math.floor((e.getX() - LEFT) / columnWidth());
    if (i < 0 || i >= columns.size() || columns.isEmpty()) {
      tip.setOpacity(0);
      return;
    }
    LocalDate date = columns.get(i).date();
    String lit =
        model
            .answer()
            .get()
            .flatMap(HoursModel.Answer::sheet)
            .flatMap(s -> s.days().stream().filter(d -> d.date().equals(date)).findFirst())
            .map(
                d ->
                    d.on().map(CLOCK::format).orElse("not lit")
                        + d.off().map(t -> " to " + CLOCK.format(t)).orElse("")
                        + d.sunset().map(t -> ", sunset " + CLOCK.format(t)).orElse("")
                        + d.odd().map(o -> " (" + o.text() + ")").orElse(""))
            .orElse("a day off");
    tip.setText(date + ": " + lit);
    tip.setOpacity(1);
  }
}
