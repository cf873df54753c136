package bunting.desktop.log;

import bunting.core.log.Drift;
import bunting.core.show.Texts;
import bunting.desktop.kit.Painted;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Volts of each place over the years, all to one scale of percent; who falls stands first. */
final class DriftView extends Painted {
  private static final double ROW = 60;
  private static final double LEFT = 138;
  private static final double RIGHT = 118;
  private static final double PAD = 8;

  /** Half the height of a row, in percent of what was read first. */
  private static final double SPAN_PERCENT = 4;

  private List<Drift> places = List.of();

  DriftView(ObservableValue<Palette> palette) {
    super(
        palette, "log-drift", "Volts that were read at each place, over time; falling ones first.");
  }

  void show(List<Drift> now) {
    places =
        now.stream()
            .filter(d -> d.readings().size() > 1)
            .sorted(
                Comparator.comparing((Drift d) -> !d.flagged())
                    .thenComparing(d -> -d.fallVolts() / d.readings().getFirst().volts()))
            .toList();
    setMinHeight(places.size() * ROW);
    setPrefHeight(places.size() * ROW);
    requestLayout();
    repaint();
  }

  @Override
  protected void paint(GraphicsContext g, Palette p, double width, double height) {
    g.setFill(p.card());
    g.fillRect(0, 0, width, height);
    long first =
        places.stream().mapToLong(d -> d.readings().getFirst().date().toEpochDay()).min().orElse(0);
    long last =
        places.stream().mapToLong(d -> d.readings().getLast().date().toEpochDay()).max().orElse(1);
    for (int i = 0; i < places.size(); i++) {
      row(g, p, places.get(i), i * ROW, first, (double) Math.max(1, last - first));
    }
  }

  private void row(GraphicsContext g, Palette p, Drift d, double top, long first, double days) {
    double middle = top + ROW / 2;
    double wide = getWidth() - LEFT - RIGHT;
    double base = d.readings().getFirst().volts();
    double perPercent = (ROW / 2 - 4) / SPAN_PERCENT;
    g.setStroke(p.line());
    g.setLineWidth(1);
    g.strokeLine(0, top + ROW - 0.5, getWidth(), top + ROW - 0.5);
    g.setLineDashes(2, 3);
    g.strokeLine(LEFT, middle, LEFT + wide, middle);
    g.setLineDashes();
    Color line = d.flagged() ? p.stop() : p.power();
    g.setStroke(line);
    g.setFill(line);
    g.setLineWidth(1.5);
    double lastX = 0;
    double lastY = 0;
    for (int i = 0; i < d.readings().size(); i++) {
      Drift.Reading r = d.readings().get(i);
      double x = LEFT + wide * (r.date().toEpochDay() - first) / days;
      double percent = 100 * (r.volts() - base) / base;
      double y = middle - perPercent * Math.clamp(percent, -SPAN_PERCENT, SPAN_PERCENT);
      if (i > 0) {
        g.strokeLine(lastX, lastY, x, y);
      }
      g.fillOval(x - 2.5, y - 2.5, 5, 5);
      lastX = x;
      lastY = y;
    }
    Font small = Fonts.plain(Fonts.SMALL);
    g.setFont(small);
    g.setTextAlign(TextAlignment.LEFT);
    g.setFill(p.ink());
    g.fillText(Fonts.fitted(d.run(), small, LEFT - 2 * PAD), PAD, middle - 2);
    g.setFill(p.soft());
    String from = d.pixel() > 0 ? "pixel " + d.pixel() + ", " : "";
    g.fillText(from + Texts.fixed(base, 2) + " V", PAD, middle + 13);
    g.setFill(line);
    String says =
        String.format(
            Locale.ROOT, "%s%.2f V", d.fallVolts() > 0 ? "\u2212" : "+", Math.abs(d.fallVolts()));
    g.fillText(says, LEFT + wide + PAD, middle - 2);
    g.setFill(d.flagged() ? p.stop() : p.soft());
    g.fillText(d.flagged() ? "! falls: joints" : "steady", LEFT + wide + PAD, middle + 13);
  }
}
