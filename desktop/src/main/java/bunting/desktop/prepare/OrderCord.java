package bunting.desktop.prepare;

import bunting.core.kit.Purchase;
import bunting.desktop.kit.Painted;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * The days until the first evening on a cord: a pennant where something has to be ordered, with how
 * many things that are. What is late hangs before today.
 */
final class OrderCord extends Painted {
  private static final double EDGE = 76;
  private static final double TOP = 30;
  private static final double SAG = 14;
  private static final double WIDE = 26;
  private static final double TALL = 28;
  private static final double APART = 64;
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  private final Tooltip tip = new Tooltip();
  private final List<Pennant> pennants = new ArrayList<>();
  private Map<LocalDate, List<Purchase>> days = Map.of();
  private Optional<LocalDate> opening = Optional.empty();
  private LocalDate today = LocalDate.EPOCH;

  private record Pennant(List<Purchase> of, double x, double y) {
    boolean holds(MouseEvent e) {
      return Math.abs(e.getX() - x) <= WIDE / 2 && e.getY() >= y && e.getY() <= y + TALL;
    }
  }

  OrderCord(ObservableValue<Palette> palette, Consumer<Purchase> chosen) {
    super(palette, "order-cord", "The days by which things have to be ordered, on a cord.");
    setMinHeight(TOP + SAG + TALL + 34);
    setPrefHeight(TOP + SAG + TALL + 34);
    Tooltip.install(this, tip);
    setOnMouseMoved(e -> tip.setText(at(e).map(OrderCord::words).orElse("days to order by")));
    setOnMouseClicked(e -> at(e).ifPresent(p -> chosen.accept(p.of().getFirst())));
  }

  void show(List<Purchase> purchases, Optional<LocalDate> firstEvening, LocalDate now) {
    Map<LocalDate, List<Purchase>> by = new TreeMap<>();
    for (Purchase p : purchases) {
      p.taken().orderBy().ifPresent(d -> by.computeIfAbsent(d, k -> new ArrayList<>()).add(p));
    }
    days = by;
    opening = firstEvening;
    today = now;
    repaint();
  }

  private Optional<Pennant> at(MouseEvent e) {
    return pennants.stream().filter(p -> p.holds(e)).findFirst();
  }

  private static String words(Pennant p) {
    List<String> parts = p.of().stream().limit(8).map(x -> x.need().part()).toList();
    return "order by "
        + p.of().getFirst().taken().orderBy().orElseThrow()
        + ": "
        + String.join(", ", parts)
        + (p.of().size() > parts.size() ? " and " + (p.of().size() - parts.size()) + " more" : "");
  }

  @Override
  protected void paint(GraphicsContext g, Palette p, double width, double height) {
    g.setFill(p.ground());
    g.fillRect(0, 0, width, height);
    pennants.clear();
    if (opening.isEmpty() || days.isEmpty() || width < 4 * EDGE) {
      return;
    }
    LocalDate end = opening.get();
    LocalDate first = days.keySet().iterator().next();
    LocalDate begin = first.isBefore(today) ? first : today.isBefore(end) ? today : first;
    Scale scale = new Scale(begin, end, width);
    g.setStroke(p.cord());
    g.setLineWidth(1.4);
    g.beginPath();
    g.moveTo(EDGE, TOP);
    g.quadraticCurveTo(width / 2, TOP + 2 * SAG, width - EDGE, TOP);
    g.stroke();
    Font small = Fonts.plain(Fonts.SMALL);
    g.setFont(small);
    double lastLabel = -APART;
    boolean lower = false;
    for (Map.Entry<LocalDate, List<Purchase>> day : days.entrySet()) {
      double x = scale.x(day.getKey());
      double y = scale.y(x);
      boolean late = day.getKey().isBefore(today);
      Color colour = late ? p.stop() : p.power();
      pennants.add(new Pennant(day.getValue(), x, y));
      g.setFill(colour);
      g.fillPolygon(new double[] {x - WIDE / 2, x + WIDE / 2, x}, new double[] {y, y, y + TALL}, 3);
      g.setFill(p.card());
      g.setTextAlign(TextAlignment.CENTER);
      g.fillText((late ? "!" : "") + day.getValue().size(), x, y + 12);
      boolean near = x - lastLabel < APART;
      g.setFill(late ? p.stop() : p.ink());
      if (!near || !lower) {
        g.fillText(DAY.format(day.getKey()), x, y + TALL + (near ? 28 : 14));
        lastLabel = x;
      }
      lower = near && !lower;
    }
    mark(g, p, scale, end, "first evening");
    if (!today.isBefore(begin) && !today.isAfter(end)) {
      mark(g, p, scale, today, "today");
    }
  }

  private static void mark(GraphicsContext g, Palette p, Scale scale, LocalDate day, String words) {
    double x = scale.x(day);
    double y = scale.y(x);
    g.setFill(p.ink());
    g.fillPolygon(new double[] {x, x + 5, x, x - 5}, new double[] {y - 5, y, y + 5, y}, 4);
    g.setTextAlign(TextAlignment.CENTER);
    g.fillText(words + " " + DAY.format(day), x, y - 11);
  }

  /** Where days are. */
  private record Scale(LocalDate begin, LocalDate end, double width) {
    double x(LocalDate day) {
      double all = Math.max(1, end.toEpochDay() - begin.toEpochDay());
      return EDGE + (width - 2 * EDGE) * (day.toEpochDay() - begin.toEpochDay()) / all;
    }

    double y(double x) {
      double along = (x - EDGE) / (width - 2 * EDGE);
      return TOP + 4 * SAG * along * (1 - along);
    }
  }
}
