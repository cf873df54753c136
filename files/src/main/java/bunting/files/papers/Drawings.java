package bunting.files.papers;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.extend.FSObjectDrawerFactory;
import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.awt.geom.QuadCurve2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Map;

/** Pictures inside a paper, drawn as lines and areas: ports' buntings. */
final class Drawings {
  private static final String LINE = "bunting/line";
  private static final String DRAWING = "bunting/drawing";
  private static final Color INK = new Color(0x22303C);

  /** Kinds of pennants that stay apart in grey too: filled, hatched, empty. */
  private static final int FILLS = 3;

  private Drawings() {}

  /**
   * Draws what a page has in it.
   *
   * @param drawings of the page, by their numbers
   */
  static FSObjectDrawerFactory factory(List<Drawing> drawings) {
    DefaultObjectDrawerFactory factory = new DefaultObjectDrawerFactory();
    factory.registerDrawer(DRAWING, drawing(drawings));
    factory.registerDrawer(LINE, line());
    return factory;
  }

  /** A cord with a pennant for each piece that hangs on it. */
  static String line(int pieces, double widthMm, double heightMm) {
    return object(LINE, Integer.toString(pieces), widthMm, heightMm);
  }

  /** The drawing of that number. */
  static String drawing(int number, Drawing drawing) {
    return object(DRAWING, Integer.toString(number), drawing.widthMm(), drawing.heightMm());
  }

  private static FSObjectDrawer drawing(List<Drawing> drawings) {
    return (e, x, y, width, height, device, context, dots) -> {
      Drawing d = drawings.get(Integer.parseInt(e.getAttribute("data-of")));
      device.drawWithGraphics(
          (float) x,
          (float) y,
          (float) width / dots,
          (float) height / dots,
          g -> strokes(g, d, width / dots / d.widthMm()));
      return Map.of();
    };
  }

  private static void strokes(Graphics2D g, Drawing drawing, double perMm) {
    for (Drawing.Stroke s : drawing.strokes()) {
      Path2D path = new Path2D.Double();
      path.moveTo(s.line().getFirst().x() * perMm, s.line().getFirst().y() * perMm);
      s.line().forEach(p -> path.lineTo(p.x() * perMm, p.y() * perMm));
      float wide = (float) (s.widthMm() * perMm);
      float[] dash = s.dashMm() > 0 ? new float[] {(float) (s.dashMm() * perMm)} : null;
      g.setStroke(new BasicStroke(wide, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 10, dash, 0));
      g.setColor(new Color(s.rgb()));
      g.draw(path);
    }
  }

  private static String object(String type, String data, double widthMm, double heightMm) {
    return "<object type=\""
        + type
        + "\" data-of=\""
        + Html.attribute(data)
        + "\" style=\"display: block; width: "
        + Html.mm(widthMm)
        + "; height: "
        + Html.mm(heightMm)
        + "\"></object>";
  }

  private static FSObjectDrawer line() {
    return (e, x, y, width, height, device, context, dots) -> {
      int pieces = Integer.parseInt(e.getAttribute("data-of"));
      device.drawWithGraphics(
          (float) x,
          (float) y,
          (float) width / dots,
          (float) height / dots,
          g -> bunting(g, pieces, width / dots, height / dots));
      return Map.of();
    };
  }

  private static void bunting(Graphics2D g, int pieces, double width, double height) {
    double sag = height * 0.25;
    g.setColor(INK);
    g.setStroke(new BasicStroke((float) (height * 0.05)));
    QuadCurve2D cord = new QuadCurve2D.Double(0, 0, width / 2, 2 * sag, width, 0);
    g.draw(cord);
    double each = width / Math.max(1, pieces);
    for (int i = 0; i < pieces; i++) {
      double from = i * each + each * 0.12;
      double to = (i + 1) * each - each * 0.12;
      Path2D cloth = new Path2D.Double();
      cloth.moveTo(from, at(from, width, sag));
      cloth.lineTo(to, at(to, width, sag));
      double middle = (from + to) / 2;
      cloth.lineTo(middle, at(middle, width, sag) + height * 0.62);
      cloth.closePath();
      fill(g, cloth, i % FILLS, height);
    }
  }

  private static double at(double x, double width, double sag) {
    double share = x / width;
    return 4 * sag * share * (1 - share);
  }

  private static void fill(Graphics2D g, Path2D cloth, int kind, double height) {
    g.setStroke(new BasicStroke((float) (height * 0.05)));
    if (kind == 0) {
      g.fill(cloth);
    } else if (kind == 1) {
      Graphics2D in = (Graphics2D) g.create();
      in.clip(cloth);
      Rectangle2D b = cloth.getBounds2D();
      for (double y = b.getMinY(); y < b.getMaxY(); y += height * 0.12) {
        in.draw(new java.awt.geom.Line2D.Double(b.getMinX(), y, b.getMaxX(), y));
      }
      in.dispose();
    }
    g.draw(cloth);
  }
}
