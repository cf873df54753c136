package bunting.files.papers;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.build.BuiltBox;
import bunting.core.build.Hole;
import bunting.core.build.Part;
import bunting.core.build.Plate;
import bunting.core.show.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** How each box is built: its plate to scale, its holes in the order of the ports, its wires. */
final class BuildSheet {
  private static final double[] SCALES = {2, 2.5, 4, 5, 8, 10, 20};
  private static final double WIDE_MM = 170;
  private static final double TALL_MM = 150;

  /** Of the wall with the glands, folded out below the plate. */
  private static final double WALL_MM = 44;

  private static final int INK = 0x22303c;
  private static final int SOFT = 0x9a917f;
  private static final int MAINS = 0xb3402c;
  private static final double POINTS = 9;

  /** Of the drawing's letters, across. */
  private static final double LETTER_MM = 1.8;

  private static final int CHORDS = 24;

  private BuildSheet() {}

  /** Anything of a box, as a row. */
  private record Row(
      String box, String what, String id, String says, String size, String from, String to) {}

  static Table table(Sources from) {
    List<Row> rows = new ArrayList<>();
    for (BuiltBox b : from.built()) {
      rows.add(new Row(b.name(), "box", b.name(), "", b.plate().words(), "", ""));
      for (Plate.Placed p : b.plate().parts()) {
        String at = number(p.xMm()) + " / " + number(p.yMm()) + " mm from the upper left";
        rows.add(part(b, p.part(), at));
      }
      for (Hole h : b.holes()) {
        rows.add(new Row(b.name(), "hole", "" + h.number(), h.wire(), h.words(), h.from(), h.to()));
      }
      for (BuiltBox.Inside i : b.inside()) {
        String amps = fixed(i.amps(), 1) + " A";
        rows.add(new Row(b.name(), "wire inside", "", wire(i), amps, i.from(), i.to()));
      }
      b.ferrules()
          .forEach((wire, n) -> rows.add(new Row(b.name(), "ferrules", "" + n, wire, "", "", "")));
    }
    return Table.of(
        rows,
        List.of(
            Table.col("box", "Box", Table.Kind.FILE, Row::box),
            Table.col("what", "What", Table.Kind.FILE, Row::what),
            Table.col("id", "Id", Table.Kind.FILE, Row::id),
            Table.col("says", "What it is", Table.Kind.FILE, Row::says),
            Table.col("size", "Size", Table.Kind.FILE, Row::size),
            Table.col("from", "From", Table.Kind.FILE, Row::from),
            Table.col("to", "To", Table.Kind.FILE, Row::to)));
  }

  private static Row part(BuiltBox b, Part p, String at) {
    String size = number(p.wideMm()) + " x " + number(p.tallMm()) + " mm";
    return new Row(b.name(), p.kind().words(), p.id(), p.says(), size, "", at);
  }

  private static String wire(BuiltBox.Inside i) {
    return i.wire().isEmpty() ? "short, as thick as the screws take" : i.wire();
  }

  static Page page(Sources from, Page page) {
    Map<String, String> addresses = NetworkAddresses.of(from.show(), from.reading().decisions());
    List<BuiltBox> boxes = from.built();
    if (boxes.isEmpty()) {
      return page.head("Building the boxes").says("No box is planned yet: add runs.");
    }
    for (BuiltBox b : boxes) {
      if (!b.equals(boxes.getFirst())) {
        page.raw("<div class=\"break\"></div>");
      }
      double scale = scale(b.plate());
      page.head("Box " + b.name())
          .says(
              b.plate().words()
                  + (b.plate().fits() ? "" : ", and it is too small: build two boxes")
                  + ", rain kept out (IP54 or better). Drawn 1 : "
                  + number(scale)
                  + ", with the lid open; the wall with the glands is folded out below. "
                  + air(b.air()))
          .drawing(drawing(b, scale))
          .table("What is screwed on", parts(b))
          .table("Holes, in the order of the ports", holes(b))
          .table("Wires inside", inside(b));
      page.says(
          "Ferrules: "
              + String.join(
                  ", ",
                  b.ferrules().entrySet().stream()
                      .map(f -> f.getValue() + " for " + f.getKey())
                      .toList())
              + ". Leave "
              + number(BuiltBox.LOOP_M)
              + " m of each cable inside, and a drip loop below its gland.");
      page.ticks(b.labels(addresses));
      page.caution(
          "Sizes are those of usual things: measure yours before you drill. Mains wiring, earth and"
              + " covers belong to local codes and, where they say so, to a licensed person; keep"
              + " it apart from the low voltage. Tug at each wire; tighten all screws again after"
              + " a week.");
    }
    return page;
  }

  /** What heats it, in a sentence. */
  static String air(BuiltBox.Air air) {
    String heat =
        fixed(air.watts(), 0) + " W heat it to " + fixed(air.celsius(), 0) + " degC when closed";
    return air.fanM3h() > 0
        ? heat + ": a fan of " + fixed(Math.ceil(air.fanM3h()), 0) + " m3/h and a vent."
        : heat + ".";
  }

  private static Table parts(BuiltBox b) {
    return Table.of(
        b.plate().parts(),
        List.of(
            Table.<Plate.Placed>col("id", "Part", Table.Kind.MAIN, p -> p.part().id()),
            Table.<Plate.Placed>text("kind", "Kind", p -> p.part().kind().words()),
            Table.<Plate.Placed>text("says", "What it is", p -> p.part().says()),
            Table.<Plate.Placed>number("x_mm", "From the left, mm", p -> fixed(p.xMm(), 0)),
            Table.<Plate.Placed>number("y_mm", "From the top, mm", p -> fixed(p.yMm(), 0)),
            Table.<Plate.Placed>text(
                "size",
                "Size, mm",
                p -> number(p.part().wideMm()) + " x " + number(p.part().tallMm()))));
  }

  private static Table holes(BuiltBox b) {
    return Table.of(
        b.holes(),
        List.of(
            Table.<Hole>col("hole", "Hole", Table.Kind.MAIN_NUMBER, h -> "" + h.number()),
            Table.<Hole>text("from", "From", Hole::from),
            Table.<Hole>text("to", "To", Hole::to),
            Table.<Hole>text("wire", "Cable", Hole::wire),
            Table.<Hole>text("gland", "Gland", Hole::words),
            Table.<Hole>number(
                "x_mm",
                "From the left, mm",
                h ->
                    fixed(h.xMm(), 0)
                        + (h.mains() ? ", top" : h.row() > 1 ? ", row " + h.row() : ""))));
  }

  private static Table inside(BuiltBox b) {
    return Table.of(
        b.inside(),
        List.of(
            Table.<BuiltBox.Inside>text("from", "From", BuiltBox.Inside::from),
            Table.<BuiltBox.Inside>text("to", "To", BuiltBox.Inside::to),
            Table.<BuiltBox.Inside>text("wire", "Wire", BuildSheet::wire),
            Table.<BuiltBox.Inside>number("amps", "Amps", i -> fixed(i.amps(), 1))));
  }

  private static double scale(Plate plate) {
    for (double s : SCALES) {
      if (plate.wideMm() / s <= WIDE_MM && (plate.tallMm() + 2 * WALL_MM) / s <= TALL_MM) {
        return s;
      }
    }
    return SCALES[SCALES.length - 1];
  }

  /** As SVG too, a file a box. */
  static List<Paper.Extra> pictures(Sources from, Print print) {
    List<Paper.Extra> list = new ArrayList<>();
    for (BuiltBox b : from.built()) {
      int number = list.size() + 1;
      String title = print.show() + ", box " + b.name() + ", " + print.foot();
      list.add(
          new Paper.Extra(
              "box-building-" + number, "svg", () -> Svg.of(drawing(b, scale(b.plate())), title)));
    }
    return list;
  }

  private static Drawing drawing(BuiltBox b, double scale) {
    List<Drawing.Stroke> strokes = new ArrayList<>();
    List<Drawing.Label> labels = new ArrayList<>();
    Plate plate = b.plate();
    strokes.add(rectangle(0, WALL_MM, plate.wideMm(), plate.tallMm(), scale, INK, 0.6));
    for (Plate.Placed p : plate.parts()) {
      Part part = p.part();
      double y = WALL_MM + p.yMm();
      int ink = part.kind().mains() ? MAINS : INK;
      strokes.add(rectangle(p.xMm(), y, part.wideMm(), part.tallMm(), scale, ink, 0.35));
      double x = p.xMm() / scale + 1;
      int letters = (int) Math.max(2, (part.wideMm() / scale - 2) / LETTER_MM);
      labels.add(new Drawing.Label(x, y / scale + 4, POINTS, Html.fitted(part.id(), letters)));
      if (part.tallMm() / scale > 10 && part.wideMm() / scale > 18) {
        String kind = Html.fitted(part.kind().words(), letters);
        labels.add(new Drawing.Label(x, y / scale + 8.2, POINTS, kind));
      }
    }
    double below = WALL_MM + plate.tallMm();
    double wall = WALL_MM * Math.max(1, rows(b)) + WALL_MM / 4;
    strokes.add(rectangle(0, below, plate.wideMm(), wall, scale, SOFT, 0.2));
    for (Hole h : b.holes()) {
      double y = h.mains() ? WALL_MM / 2 : below + WALL_MM * (h.row() - 0.5);
      strokes.add(circle(h.xMm(), y, h.holeMm() / 2, scale, h.mains() ? MAINS : INK));
      labels.add(
          new Drawing.Label(
              h.xMm() / scale - 1, (y + h.holeMm() / 2) / scale + 3.2, POINTS, "" + h.number()));
    }
    return new Drawing(plate.wideMm() / scale + 1, (below + wall) / scale + 5, strokes, labels);
  }

  private static int rows(BuiltBox b) {
    return b.holes().stream().mapToInt(Hole::row).max().orElse(1);
  }

  private static Drawing.Stroke rectangle(
      double x, double y, double wide, double tall, double scale, int rgb, double thick) {
    double l = x / scale;
    double t = y / scale;
    double r = (x + wide) / scale;
    double u = (y + tall) / scale;
    return new Drawing.Stroke(
        List.of(
            new Point(l, t), new Point(r, t), new Point(r, u), new Point(l, u), new Point(l, t)),
        rgb,
        thick,
        0);
  }

  private static Drawing.Stroke circle(double x, double y, double radius, double scale, int rgb) {
    List<Point> line = new ArrayList<>();
    for (int i = 0; i <= CHORDS; i++) {
      double a = 2 * Math.PI * i / CHORDS;
      line.add(new Point((x + radius * Math.cos(a)) / scale, (y + radius * Math.sin(a)) / scale));
    }
    return new Drawing.Stroke(line, rgb, 0.3, 0);
  }
}
