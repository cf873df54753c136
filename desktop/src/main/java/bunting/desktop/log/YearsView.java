package bunting.desktop.log;

import bunting.core.log.LogKind;
import bunting.core.log.ShowLog;
import bunting.core.show.Texts;
import bunting.desktop.kit.Painted;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * The years on a cord: a sag for each season between its first and its last entry, and a pennant
 * for each entry where its day is. Days that fall on each other hang one below the other.
 */
final class YearsView extends Painted {
  private static final double EDGE = 14;
  private static final double TOP = 36;
  private static final double SAG = 16;
  private static final double WIDE = 20;
  private static final double TALL = 20;
  private static final double MARK = 10.5;
  private static final double GAP = 22;
  private static final int STACK = 5;

  private final Tooltip tip = new Tooltip();
  private ShowLog log = ShowLog.empty();
  private final List<Pennant> pennants = new ArrayList<>();

  private record Pennant(ShowLog.Line line, double x, double y) {
    boolean holds(double px, double py) {
      return Math.abs(px - x) <= WIDE / 2 + 1 && py >= y - 1 && py <= y + TALL + 1;
    }
  }

  YearsView(ObservableValue<Palette> palette, Consumer<ShowLog.Line> chosen) {
    super(palette, "log-years", "Seasons on a cord, a pennant for each entry of the log.");
    setMinHeight(TOP + SAG + STACK * TALL + 20);
    setPrefHeight(TOP + SAG + STACK * TALL + 20);
    Tooltip.install(this, tip);
    setOnMouseMoved(this::hover);
    setOnMouseClicked(e -> at(e).ifPresent(p -> chosen.accept(p.line())));
  }

  void show(ShowLog now) {
    log = now;
    repaint();
  }

  @Override
  protected void paint(GraphicsContext g, Palette p, double width, double height) {
    g.setFill(p.ground());
    g.fillRect(0, 0, width, height);
    pennants.clear();
    List<ShowLog.Season> seasons = log.seasons();
    if (seasons.isEmpty() || getWidth() < 4 * EDGE) {
      return;
    }
    double room = (getWidth() - 2 * EDGE - GAP * (seasons.size() - 1)) / seasons.size();
    for (int i = 0; i < seasons.size(); i++) {
      season(g, p, seasons.get(i), EDGE + i * (room + GAP), room);
    }
  }

  private void season(GraphicsContext g, Palette p, ShowLog.Season season, double x, double wide) {
    g.setFill(p.ink());
    g.setFont(Fonts.plain(Fonts.SMALL));
    g.setTextAlign(TextAlignment.LEFT);
    Font small = Fonts.plain(Fonts.SMALL);
    g.fillText(Fonts.fitted(season.name(), small, wide), x, TOP - 22);
    String says =
        Texts.count(season.count(LogKind.FAULT), "fault", "faults")
            + ", "
            + Texts.fixed(season.peopleMinutes() / 60, 0)
            + " h of people"
            + (season.cost() > 0 ? ", " + Texts.fixed(season.cost(), 0) + " spent" : "");
    g.setFill(p.soft());
    g.fillText(Fonts.fitted(says, small, wide), x, TOP - 8);
    g.setStroke(p.cord());
    g.setLineWidth(1.4);
    g.beginPath();
    g.moveTo(x, TOP);
    g.quadraticCurveTo(x + wide / 2, TOP + 2 * SAG, x + wide, TOP);
    g.stroke();
    LocalDate from = season.from();
    LocalDate to = from;
    for (ShowLog.Line l : season.entries()) {
      to = l.entry().date().isAfter(to) ? l.entry().date() : to;
    }
    double days = Math.max(1, to.toEpochDay() - from.toEpochDay());
    double slots = Math.max(1, Math.floor(wide / (WIDE + 2)) - 1);
    int[] stacked = new int[(int) slots + 1];
    for (ShowLog.Line l : season.entries()) {
      double share = (l.entry().date().toEpochDay() - from.toEpochDay()) / days;
      int slot = (int) Math.round(share * slots);
      if (stacked[slot] < STACK) {
        double px = x + WIDE / 2 + slot * (wide - WIDE) / slots;
        double along = (px - x) / wide;
        double py = TOP + 4 * SAG * along * (1 - along) + stacked[slot] * TALL;
        stacked[slot]++;
        pennant(g, p, l, px, py);
      }
    }
  }

  private void pennant(GraphicsContext g, Palette p, ShowLog.Line line, double x, double y) {
    pennants.add(new Pennant(line, x, y));
    g.setFill(LogKinds.colour(line.entry().kind(), p));
    g.fillPolygon(
        new double[] {x - WIDE / 2, x + WIDE / 2, x}, new double[] {y, y, y + TALL - 1}, 3);
    g.setFill(p.card());
    g.setFont(Fonts.plain(Fonts.SMALL));
    g.setTextAlign(TextAlignment.CENTER);
    g.fillText(LogKinds.mark(line.entry().kind()), x, y + MARK);
  }

  private Optional<Pennant> at(MouseEvent e) {
    return pennants.stream().filter(n -> n.holds(e.getX(), e.getY())).findFirst();
  }

  private void hover(MouseEvent e) {
    Optional<Pennant> here = at(e);
    tip.setText(
        here.map(n -> n.line().entry().date() + "  " + n.line().entry().words())
            .orElse("a pennant for each entry"));
  }
}
