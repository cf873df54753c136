package bunting.files;

import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.stock.CutList;
import bunting.core.stock.Piece;
import bunting.core.stock.Pieces;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Cut list, order list, and the sheet for a maker of custom lengths. */
final class CutSheets {
  private CutSheets() {}

  static byte[] cutCsv(CutList cuts) {
    List<List<String>> table = new ArrayList<>();
    table.add(
        List.of(
            "type",
            "reel",
            "from",
            "run",
            "first_pixel",
            "last_pixel",
            "pixels",
            "length_m",
            "after",
            "jumper_m"));
    for (CutList.OfType type : cuts.types()) {
      int reel = 0;
      for (CutList.Reel r : type.reels()) {
        reel++;
        for (Piece p : r.pieces()) {
          table.add(
              List.of(
                  type.type().id(),
                  "" + reel,
                  r.rest() ? "rest of " + r.pixels() : "pack of " + r.pixels(),
                  p.run(),
                  "" + p.firstPixel(),
                  "" + p.lastPixel(),
                  "" + p.pixels(),
                  Texts.fixed(p.lengthM(), 3),
                  after(p),
                  p.jumperM() > 0 ? Texts.fixed(p.jumperM(), 2) : ""));
        }
      }
    }
    return Csv.table(table);
  }

  private static String after(Piece piece) {
    return switch (piece.after()) {
      case END -> "end";
      case JOINT -> "joint";
      case JUMPER -> "jumper";
    };
  }

  static String cutHtml(Show show, CutList cuts) {
    Lengths lengths = Lengths.of(show);
    StringBuilder body = new StringBuilder();
    body.append("<h1>Cut list</h1><p>")
        .append(Html.text(show.settings().name()))
        .append(
            "</p><p>Cut at cut marks alone. Mark each piece with run and first pixel before the"
                + " next cut; data goes in at the arrow's tail.</p>");
    for (CutList.OfType type : cuts.types()) {
      body.append("<p>")
          .append(Html.text(type.type().name()))
          .append(": ")
          .append(Html.text(summary(type)))
          .append("</p><table><thead>")
          .append(Html.row("th", "Reel", "Pieces, in this order", "Over"))
          .append("</thead><tbody>");
      int reel = 0;
      for (CutList.Reel r : type.reels()) {
        String pieces =
            r.pieces().stream().map(p -> piece(p, lengths)).collect(Collectors.joining("; "));
        String name = ++reel + (r.rest() ? " (rest of " : " (pack of ") + r.pixels() + ")";
        body.append(Html.row("td", name, pieces, "" + r.over()));
      }
      body.append("</tbody></table>");
    }
    return Html.document("Cut list", body.toString());
  }

  private static String piece(Piece p, Lengths lengths) {
    String joins =
        switch (p.after()) {
          case END -> "";
          case JOINT -> ", then a joint";
          case JUMPER -> ", then a jumper of " + lengths.round(p.jumperM());
        };
    return p.pixels()
        + " px = "
        + lengths.text(p.lengthM())
        + " for "
        + p.run()
        + " "
        + p.firstPixel()
        + "-"
        + p.lastPixel()
        + joins;
  }

  static String summary(CutList.OfType type) {
    return type.reels().size()
        + (type.reels().size() == 1 ? " reel or string, " : " reels or strings, ")
        + type.over()
        + " px over ("
        + Texts.fixed(type.wastePercent(), 1)
        + " %), "
        + Texts.count(type.joints(), "joint", "joints")
        + ", "
        + Texts.count(type.jumpers(), "jumper", "jumpers")
        + (type.proven() ? "; no way to cut needs less" : "; a good way, not proven the best");
  }

  static byte[] orderCsv(CutList cuts) {
    List<List<String>> table = new ArrayList<>();
    table.add(List.of("type", "name", "pack_pixels", "cut", "spare", "packs", "cost"));
    for (CutList.OfType type : cuts.types()) {
      for (CutList.Order o : type.orders()) {
        table.add(
            List.of(
                type.type().id(),
                type.type().name(),
                "" + o.packPixels(),
                "" + o.cut(),
                "" + o.spare(),
                "" + o.packs(),
                o.packCost() > 0 ? Texts.number(o.packs() * o.packCost()) : ""));
      }
    }
    return Csv.table(table);
  }

  static String orderHtml(Show show, CutList cuts) {
    StringBuilder body = new StringBuilder();
    body.append("<h1>Order list</h1><p>")
        .append(Html.text(show.settings().name()))
        .append(
            "</p><p>Spares: 5 % of the pixels where nothing else was said; what stays over of new"
                + " packs counts towards them.</p><table><thead>")
        .append(
            Html.row("th", "Type", "Pixels", "Spares", "Pack", "To cut", "Spare", "Packs", "Cost"))
        .append("</thead><tbody>");
    for (CutList.OfType type : cuts.types()) {
      for (CutList.Order o : type.orders()) {
        body.append(
            Html.row(
                "td",
                type.type().name(),
                "" + type.pixels(),
                "" + type.sparePixels(),
                o.packPixels() + " px",
                "" + o.cut(),
                "" + o.spare(),
                "" + o.packs(),
                o.packCost() > 0 ? Texts.number(o.packs() * o.packCost()) : ""));
      }
    }
    return Html.document("Order list", body.append("</tbody></table>").toString());
  }

  static byte[] customCsv(Show show) {
    List<List<String>> table = new ArrayList<>();
    table.add(
        List.of("run", "type", "piece", "length_m", "pixels", "jumper_after_pixel", "jumper_m"));
    custom(show).forEach(r -> table.add(List.of(r)));
    return Csv.table(table);
  }

  static String customHtml(Show show) {
    StringBuilder body = new StringBuilder();
    body.append("<h1>Custom lengths</h1><p>")
        .append(Html.text(show.settings().name()))
        .append(
            "</p><p>Pieces as they would be ordered made up: each run in one piece, or with a"
                + " jumper after the pixel named, where it bends or goes on"
                + " elsewhere.</p><table><thead>")
        .append(
            Html.row("th", "Run", "Type", "Piece", "Metres", "Pixels", "Jumper after", "Jumper m"))
        .append("</thead><tbody>");
    custom(show).forEach(r -> body.append(Html.row("td", r)));
    return Html.document("Custom lengths", body.append("</tbody></table>").toString());
  }

  private static List<String[]> custom(Show show) {
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    List<String[]> rows = new ArrayList<>();
    for (Run run : show.runs()) {
      for (Piece p : Pieces.of(run, types.get(run.type()))) {
        boolean jumper = p.after() == Piece.After.JUMPER;
        rows.add(
            new String[] {
              run.name(),
              run.type(),
              "" + p.number(),
              Texts.fixed(p.lengthM(), 3),
              "" + p.pixels(),
              jumper ? "" + p.lastPixel() : "",
              jumper ? Texts.fixed(p.jumperM(), 2) : ""
            });
      }
    }
    return rows;
  }
}
