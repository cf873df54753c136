package bunting.desktop.survey;

import bunting.core.show.Point;
import bunting.core.survey.Sheet;
import bunting.core.survey.Sheets;

/**
 * What part of the elevation the view shows.
 *
 * @param pxPerM pixels of the screen a metre
 * @param leftM metres at the left edge
 * @param topM metres at the upper edge, y up
 * @param sheet what is looked at
 */
public record Viewport(double pxPerM, double leftM, double topM, Sheet sheet) {
  private static final double LEAST = 0.02;
  private static final double MOST = 4000;
  private static final double MARGIN = 60;

  /** Of the front. */
  public Viewport(double pxPerM, double leftM, double topM) {
    this(pxPerM, leftM, topM, Sheets.FRONT);
  }

  /** The same part of another sheet. */
  public Viewport on(Sheet other) {
    return new Viewport(pxPerM, leftM, topM, other);
  }

  /** Screen x of a place of the site. */
  public double x(Point place) {
    return x(sheet.across(place));
  }

  /** Screen y of a place of the site. */
  public double y(Point place) {
    return y(sheet.up(place));
  }

  /** The view that holds a rectangle of the elevation with some air around. */
  public static Viewport around(Box box, double width, double height) {
    return around(box, width, height, MARGIN, MARGIN);
  }

  /** The view that holds a rectangle of the elevation, with so many pixels of air on each side. */
  public static Viewport around(
      Box box, double width, double height, double besides, double aboveAndBelow) {
    double wide = Math.max(0.5, box.right() - box.left());
    double high = Math.max(0.5, box.top() - box.bottom());
    double scale = Math.min((width - 2 * besides) / wide, (height - 2 * aboveAndBelow) / high);
    double s = Math.max(LEAST, Math.min(400, scale));
    double midX = (box.left() + box.right()) / 2;
    double midY = (box.top() + box.bottom()) / 2;
    return new Viewport(s, midX - width / 2 / s, midY + height / 2 / s);
  }

  /** A rectangle of the elevation, metres. */
  public record Box(double left, double bottom, double right, double top) {
    /** The least that holds both. */
    public Box with(Box other) {
      return new Box(
          Math.min(left, other.left),
          Math.min(bottom, other.bottom),
          Math.max(right, other.right),
          Math.max(top, other.top));
    }
  }

  /** Screen x of a place. */
  public double x(double metres) {
    return (metres - leftM) * pxPerM;
  }

  /** Screen y of a place. */
  public double y(double metres) {
    return (topM - metres) * pxPerM;
  }

  /** The place under a point of the screen. */
  public Point place(double x, double y) {
    return sheet.at(leftM + x / pxPerM, topM - y / pxPerM);
  }

  /** The same moved by so many pixels of the screen. */
  public Viewport panned(double dx, double dy) {
    return new Viewport(pxPerM, leftM - dx / pxPerM, topM + dy / pxPerM, sheet);
  }

  /** The same closer by a factor, with the place under (x, y) staying there. */
  public Viewport zoomed(double factor, double x, double y) {
    double s = Math.max(LEAST, Math.min(MOST, pxPerM * factor));
    double across = leftM + x / pxPerM;
    double up = topM - y / pxPerM;
    return new Viewport(s, across - x / s, up + y / s, sheet);
  }

  /**
   * A round length, metres, that is some 90 to 230 pixels long.
   *
   * @param unitM metres of the unit that it is round in
   */
  public double rulerM(double unitM) {
    double want = 90 / pxPerM / unitM;
    double power = Math.pow(10, Math.floor(Math.log10(want)));
    for (double step : new double[] {1, 2, 5}) {
      if (step * power >= want) {
        return step * power * unitM;
      }
    }
    return 10 * power * unitM;
  }
}
