package bunting.desktop.mains;

import bunting.core.hookup.Cords;
import bunting.core.hookup.MainsSheet;
import bunting.core.lens.LensPalette;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.Texts;
import bunting.core.show.WallSwitch;
import bunting.core.units.Lengths;
import bunting.desktop.look.Contrast;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Paints circuits from their layout. Painting twice gives the same. */
final class CircuitPainter {
  private static final double LABEL_ROOM = 8;

  private final GraphicsContext g;
  private final Palette palette;
  private final double width;
  private final double dy;

  CircuitPainter(GraphicsContext g, Palette palette, double width, double scrolled) {
    this.g = g;
    this.palette = palette;
    this.width = width;
    this.dy = -scrolled;
  }

  void paint(CircuitRows rows, List<Cords.Cord> cords, String chosen, Lengths lengths) {
    g.setFill(palette.ground());
    g.fillRect(0, 0, width, g.getCanvas().getHeight());
    for (CircuitRows.Rope r : rows.ropes()) {
      if (r.of().circuit().id().equals(chosen)) {
        g.setFill(palette.pick());
        g.fillRoundRect(2, r.y() + dy + 2, width - 4, CircuitRows.ROW - 6, 10, 10);
      }
      name(r);
      rope(r, rows.left());
      below(r, rows.left(), cords, lengths);
    }
  }

  private void name(CircuitRows.Rope r) {
    Circuit c = r.of().circuit();
    double y = r.y() + dy + 22;
    double room = CircuitRows.NAME_W - 18;
    Font bold = Fonts.bold(14);
    text(Fonts.fitted(c.id(), bold, room), 12, y, bold, palette.ink(), TextAlignment.LEFT);
    Font small = Fonts.plain(Fonts.SMALL);
    CircuitFacts f = c.facts();
    List<String> lines = new ArrayList<>();
    lines.add(
        Texts.number(c.breakerAmps())
            + " A"
            + (f.breaker().id().length() == 1 ? " " + f.breaker().id() : "")
            + " · "
            + Texts.number(c.volts())
            + " V"
            + (f.phase().isPresent() ? " · phase " + f.phase().getAsInt() : ""));
    lines.add(
        f.rcdMilliamps().isPresent()
            ? "RCD " + Texts.number(f.rcdMilliamps().getAsDouble()) + " mA"
            : "! no RCD noted");
    if (f.wallSwitch() != WallSwitch.NONE) {
      boolean open = f.wallSwitch() == WallSwitch.OPEN;
      lines.add(open ? "! wall switch, open" : "wall switch, " + f.wallSwitch().id());
    } else if (!f.socket().isEmpty()) {
      lines.add(f.socket());
    }
    for (String line : lines) {
      y += 17;
      Color colour = line.startsWith("!") ? palette.warn() : palette.soft();
      text(Fonts.fitted(line, small, room), 12, y, small, colour, TextAlignment.LEFT);
    }
  }

  private void rope(CircuitRows.Rope r, double left) {
    double y = r.y() + dy + CircuitRows.ROPE_Y;
    double h = CircuitRows.ROPE_H;
    g.setFill(palette.card());
    g.fillRect(left, y, r.endX() - left, h);
    for (CircuitRows.Stretch s : r.stretches()) {
      stretch(s, y, h);
    }
    g.setStroke(palette.line());
    g.setLineWidth(1);
    g.strokeRect(left, y, r.endX() - left, h);
    // The breaker stands at the end of its rope like a post; the mark of hours before it.
    g.setStroke(palette.ink());
    g.setLineWidth(4);
    g.strokeLine(r.endX(), y - 8, r.endX(), y + h + 4);
    g.setStroke(r.over() ? palette.stop() : palette.power());
    g.setLineWidth(1.8);
    g.setLineDashes(5, 3);
    g.strokeLine(r.markX(), y - 10, r.markX(), y + h + 6);
    g.setLineDashes();
    Font small = Fonts.plain(Fonts.SMALL);
    Circuit c = r.of().circuit();
    text(
        Texts.fixed(c.allowedAmps(), 1) + " A for hours",
        r.markX() - 5,
        y - 5,
        small,
        palette.soft(),
        TextAlignment.RIGHT);
    text(
        Texts.number(c.breakerAmps()) + " A",
        r.endX() + 6,
        y - 5,
        small,
        palette.soft(),
        TextAlignment.LEFT);
    double free = r.of().leftAmps();
    String said =
        r.over() ? "! " + Texts.fixed(-free, 1) + " A too many" : Texts.fixed(free, 1) + " A left";
    Font bold = Fonts.bold(Fonts.SMALL);
    text(
        said,
        r.endX() + 8,
        y + h / 2 + 4,
        bold,
        r.over() ? palette.stop() : palette.ink(),
        TextAlignment.LEFT);
  }

  private void stretch(CircuitRows.Stretch s, double y, double h) {
    boolean ours = s.kind() == CircuitRows.Kind.OF_THE_SHOW;
    Color cloth = ours ? kind(s.colour()) : palette.line();
    g.setFill(cloth);
    g.fillRect(s.x(), y, s.width(), h);
    g.setStroke(palette.ground());
    g.setLineWidth(1);
    if (!ours) {
      // Hatched: it is not ours.
      g.save();
      g.beginPath();
      g.rect(s.x(), y, s.width(), h);
      g.clip();
      g.setStroke(palette.soft().deriveColor(0, 1, 1, 0.35));
      for (double x = s.x() - h; x < s.x() + s.width(); x += 7) {
        g.strokeLine(x, y + h, x + h, y);
      }
      g.restore();
    }
    g.strokeLine(s.x() + s.width(), y, s.x() + s.width(), y + h);
    Font font = Fonts.bold(Fonts.SMALL);
    String label = s.label() + " " + Texts.fixed(s.amps(), 1);
    String fits =
        Fonts.width(label, font) <= s.width() - LABEL_ROOM
            ? label
            : Fonts.width(s.label(), font) <= s.width() - LABEL_ROOM ? s.label() : "";
    Color ink = ours ? Contrast.inkOn(cloth) : palette.ink();
    if (!ours && !fits.isEmpty()) {
      g.setFill(palette.line());
      double w = Fonts.width(fits, font) + 6;
      g.fillRect(s.x() + (s.width() - w) / 2, y + 5, w, h - 10);
    }
    text(fits, s.x() + s.width() / 2, y + h / 2 + 4, font, ink, TextAlignment.CENTER);
  }

  private Color kind(int n) {
    int rgb = LensPalette.kind(n, palette.night());
    return Color.rgb(rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF);
  }

  private void below(CircuitRows.Rope r, double left, List<Cords.Cord> cords, Lengths lengths) {
    Font small = Fonts.plain(Fonts.SMALL);
    MainsSheet.OnCircuit c = r.of();
    double y = r.y() + dy + CircuitRows.SPIKES_BASE;
    double room = width - left - 12;
    if (!c.used()) {
      text("Nothing of the show hangs here.", left, y, small, palette.soft(), TextAlignment.LEFT);
      return;
    }
    spikes(r, left, y);
    List<String> parts = new ArrayList<>();
    for (Cords.Cord cord : cords) {
      if (cord.circuit().equals(c.circuit().id())) {
        parts.add(
            String.join("+", cord.feeds())
                + " "
                + (cord.lengthM().isPresent()
                    ? lengths.rough(cord.lengthM().getAsDouble()) + " "
                    : "")
                + cord.wire().id());
      }
    }
    String line = "cords: " + String.join(" · ", parts);
    text(Fonts.fitted(line, small, room), left, y + 34, small, palette.soft(), TextAlignment.LEFT);
  }

  /** Each start as a spike over what runs already, under the line that may open the breaker. */
  private void spikes(CircuitRows.Rope r, double left, double base) {
    if (r.spikes().isEmpty()) {
      return;
    }
    double end = r.spikes().getLast().x() + CircuitRows.SPIKE_HALF;
    double trip = base - r.tripTall();
    g.setStroke(palette.stop());
    g.setLineWidth(1.2);
    g.setLineDashes(4, 3);
    g.strokeLine(left, trip, end, trip);
    g.setLineDashes();
    Font small = Fonts.plain(Fonts.SMALL);
    String may = "opens from " + Texts.fixed(r.of().circuit().tripAmps(), 0) + " A on";
    text(may, left - 8, trip + 4, small, palette.soft(), TextAlignment.RIGHT);
    double runs = base - r.spikes().getFirst().rest();
    g.setStroke(palette.ink());
    g.setLineWidth(1.6);
    g.beginPath();
    g.moveTo(left, runs);
    for (CircuitRows.Spike s : r.spikes()) {
      g.lineTo(s.x() - 3, runs);
      g.lineTo(s.x(), base - s.tall());
      runs = base - s.after();
      g.lineTo(s.x() + 5, runs);
    }
    g.lineTo(end, runs);
    g.stroke();
    for (CircuitRows.Spike s : r.spikes()) {
      Font bold = Fonts.bold(Fonts.SMALL);
      Color colour = s.over() ? palette.stop() : palette.ink();
      String amps = (s.over() ? "! " : "") + Texts.fixed(s.of().inrushAmps(), 0) + " A";
      text(amps, s.x() + 6, base - s.tall() + 14, bold, colour, TextAlignment.LEFT);
      String who = Texts.number(s.of().atSeconds()) + " s " + String.join("+", s.of().ids());
      double room = 2 * CircuitRows.SPIKE_HALF - 8;
      text(
          Fonts.fitted(who, small, room),
          s.x(),
          base + 16,
          small,
          palette.soft(),
          TextAlignment.CENTER);
    }
  }

  /** The frame that says where the keyboard is. */
  void focus(double height) {
    g.setStroke(palette.power());
    g.setLineWidth(2);
    g.strokeRoundRect(1, 1, width - 2, height - 2, 6, 6);
  }

  private void text(String text, double x, double y, Font font, Color colour, TextAlignment align) {
    g.setFont(font);
    g.setFill(colour);
    g.setTextAlign(align);
    g.fillText(text, x, y);
  }
}
