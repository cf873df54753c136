package bunting.files.papers;

import bunting.core.assess.SegmentReading;
import bunting.core.lens.LensPalette;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** The elevation, once for each lens: by box, by type, by universe, by supply. */
final class Poster {
  private static final int POINTS_MOST = 120;
  private static final double LEGEND_MM = 62;
  private static final double MARGIN_MM = 11;
  private static final double HEAD_MM = 14;
  private static final double FOOT_MM = 8;
  private static final double LINE_MM = 1.1;
  private static final double LETTER_MM = 1.75;
  private static final double ROW_MM = 5.6;
  private static final double PT = 10;
  private static final int INK = 0x22303C;
  private static final int LEGEND_ROWS = 26;
  private static final int NAME_MOST = 26;

  /**
   * What tells kinds apart.
   *
   * @param kind of a segment, in words
   */
  private record By(String id, Function<SegmentReading, String> kind) {}

  private static final List<By> LENSES =
      List.of(
          new By("box", s -> s.segment().controller()),
          new By("type", s -> s.type().name()),
          new By(
              "universe",
              s ->
                  s.slots().stream()
                      .findFirst()
                      .map(r -> "universe " + r.universe())
                      .orElse("none")),
          new By("port", s -> s.segment().controller() + " port " + s.segment().port()));

  private Poster() {}

  static Page page(Sources from, Page page) {
    page.landscape().margin(MARGIN_MM);
    for (By by : LENSES) {
      Drawing drawing = drawing(from, page.print(), by);
      page.raw(by.equals(LENSES.getFirst()) ? "" : "<div class=\"break\"></div>")
          .raw("<h1>" + Html.text("Elevation by " + by.id()) + "</h1>")
          .drawing(drawing);
    }
    return page;
  }

  static List<Paper.Extra> pictures(Sources from, Print print) {
    List<Paper.Extra> list = new ArrayList<>();
    for (By by : LENSES) {
      String title = print.show() + ", elevation by " + by.id() + ", " + print.foot();
      list.add(
          new Paper.Extra(
              "poster-" + by.id(), "svg", () -> Svg.of(drawing(from, print, by), title)));
    }
    return list;
  }

  private static Drawing drawing(Sources from, Print print, By by) {
    double width = print.size().heightMm() - 2 * MARGIN_MM;
    double height = print.size().widthMm() - 2 * MARGIN_MM - HEAD_MM - FOOT_MM;
    List<SegmentReading> segments = from.reading().segments();
    Map<String, Integer> kinds = new LinkedHashMap<>();
    segments.forEach(s -> kinds.putIfAbsent(by.kind().apply(s), kinds.size()));
    Scale scale = Scale.of(from, width - LEGEND_MM, height);
    List<Drawing.Stroke> strokes = new ArrayList<>();
    Labels labels = new Labels();
    for (SegmentReading s : segments) {
      int kind = kinds.getOrDefault(by.kind().apply(s), 0);
      strokes(s, scale, kind, strokes);
    }
    for (PlacedController c : from.reading().decisions().controllers()) {
      box(scale, c.controller().at(), strokes);
      Point at = scale.in(c.controller().at());
      labels.add(at.x() + 2.5, at.y() + 1.2, c.controller().id());
    }
    for (SegmentReading s : segments) {
      var d = s.segment();
      Point middle = Geometry.pixel(s.run(), s.type(), (d.firstPixel() + d.lastPixel()) / 2);
      Point at = scale.in(middle);
      labels.add(at.x(), at.y() - 1.2, s.run().name());
    }
    legend(kinds, width - LEGEND_MM + 5, strokes, labels);
    return new Drawing(width, height, strokes, labels.list);
  }

  private static void legend(
      Map<String, Integer> kinds, double x, List<Drawing.Stroke> strokes, Labels labels) {
    int row = 0;
    for (Map.Entry<String, Integer> e : kinds.entrySet()) {
      double y = 4 + ROW_MM * row;
      if (++row > LEGEND_ROWS) {
        labels.always(x, y, "and " + (kinds.size() - LEGEND_ROWS) + " more");
        return;
      }
      strokes.add(
          new Drawing.Stroke(
              List.of(new Point(x, y - 1.2), new Point(x + 9, y - 1.2)),
              LensPalette.kind(e.getValue(), false),
              LINE_MM * 1.5,
              dash(e.getValue())));
      labels.always(x + 11, y, Html.fitted(e.getKey(), NAME_MOST));
    }
  }

  /** More kinds than colours: they begin again, dashed. */
  private static double dash(int kind) {
    int round = kind / LensPalette.DAY.size();
    return round == 0 ? 0 : 1.2 + 1.1 * ((round - 1) % 3);
  }

  private static void box(Scale scale, Point at, List<Drawing.Stroke> strokes) {
    double x = scale.in(at).x();
    double y = scale.in(at).y();
    double h = 1.6;
    List<Point> square =
        List.of(
            new Point(x - h, y - h),
            new Point(x + h, y - h),
            new Point(x + h, y + h),
            new Point(x - h, y + h),
            new Point(x - h, y - h));
    strokes.add(new Drawing.Stroke(square, INK, 0.6, 0));
  }

  /** A line through some of its pixels; where they jump to another strand it is broken. */
  private static void strokes(
      SegmentReading s, Scale scale, int kind, List<Drawing.Stroke> strokes) {
    var d = s.segment();
    int step = Math.max(1, d.pixels() / POINTS_MOST);
    double jump = 1.8 * step / s.type().pitchPerM() + 0.05;
    List<Point> line = new ArrayList<>();
    Point last = null;
    for (int p = d.firstPixel(); ; p = Math.min(d.lastPixel(), p + step)) {
      Point at = Geometry.pixel(s.run(), s.type(), p);
      if (last != null && at.distanceTo(last) > jump && step == 1) {
        flush(line, kind, strokes);
      } else if (last != null && scale.band(at) != scale.band(last)) {
        line.add(scale.in(at, scale.band(last)));
        flush(line, kind, strokes);
      }
      line.add(scale.in(at));
      last = at;
      if (p == d.lastPixel()) {
        break;
      }
    }
    flush(line, kind, strokes);
  }

  private static void flush(List<Point> line, int kind, List<Drawing.Stroke> strokes) {
    if (!line.isEmpty()) {
      strokes.add(new Drawing.Stroke(line, LensPalette.kind(kind, false), LINE_MM, dash(kind)));
      line.clear();
    }
  }

  /**
   * Metres of the elevation on paper: a long one in bands below each other, as many as make it
   * largest.
   */
  private record Scale(double left, double top, double mmPerM, double bandM, double bandMm) {
    private static final int BANDS_MOST = 8;
    private static final double EDGE_MM = 7;

    static Scale of(Sources from, double width, double height) {
      List<Point> all = new ArrayList<>();
      for (SegmentReading s : from.reading().segments()) {
        Geometry.outlines(s.run(), s.type()).forEach(all::addAll);
      }
      from.reading().decisions().controllers().forEach(c -> all.add(c.controller().at()));
      double left = all.stream().mapToDouble(Point::x).min().orElse(0);
      double top = all.stream().mapToDouble(Point::y).max().orElse(0);
      double wide = Math.max(1, all.stream().mapToDouble(Point::x).max().orElse(0) - left);
      double high = Math.max(1, top - all.stream().mapToDouble(Point::y).min().orElse(0));
      Scale best = new Scale(left, top, 0, wide, height);
      for (int bands = 1; bands <= BANDS_MOST; bands++) {
        double scale =
            Math.min((width - 2 * EDGE_MM) / (wide / bands), (height / bands - 2 * EDGE_MM) / high);
        if (scale > best.mmPerM() * 1.1) {
          double edge = EDGE_MM / scale;
          best = new Scale(left, top + edge, scale, wide / bands, height / bands);
        }
      }
      return best;
    }

    int band(Point p) {
      return (int) Math.max(0, Math.floor((p.x() - left) / bandM - 1e-9));
    }

    Point in(Point p) {
      return in(p, band(p));
    }

    /** A place as it stands in a band, also where it is a little beside it. */
    Point in(Point p, int band) {
      return new Point(
          EDGE_MM + (p.x() - left - band * bandM) * mmPerM, band * bandMm + (top - p.y()) * mmPerM);
    }
  }

  /** Labels that do not lie on each other: who comes first stays. */
  private static final class Labels {
    private final List<Drawing.Label> list = new ArrayList<>();
    private final List<double[]> taken = new ArrayList<>();

    void add(double x, double y, String text) {
      String fitted = Html.fitted(text, NAME_MOST);
      double width = fitted.length() * LETTER_MM;
      double[] box = {x, y - 3.6, x + width, y + 0.8};
      boolean free =
          taken.stream()
              .noneMatch(t -> box[0] < t[2] && t[0] < box[2] && box[1] < t[3] && t[1] < box[3]);
      if (free) {
        taken.add(box);
        always(x, y, fitted);
      }
    }

    void always(double x, double y, String text) {
      list.add(new Drawing.Label(x, y, PT, text));
    }
  }
}
