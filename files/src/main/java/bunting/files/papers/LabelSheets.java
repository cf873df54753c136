package bunting.files.papers;

import bunting.core.kit.Cables;
import bunting.core.network.NetworkPlan;
import bunting.core.show.PlacedController;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Labels for boxes and for both ends of each cable, on the sheets of labels that offices have. */
final class LabelSheets {
  private static final double MM_AN_INCH = 25.4;

  /**
   * A sheet of labels.
   *
   * @param leftMm to the first label
   * @param topMm to the first label
   * @param stepXMm from a label to the one beside it
   * @param stepYMm from a label to the one below
   */
  private record Sheet(
      int columns,
      int rows,
      double widthMm,
      double heightMm,
      double leftMm,
      double topMm,
      double stepXMm,
      double stepYMm) {
    int count() {
      return columns * rows;
    }
  }

  /** 21 of 63.5 by 38.1 mm. */
  private static final Sheet A4 = new Sheet(3, 7, 63.5, 38.1, 7.25, 15.15, 66, 38.1);

  /** 10 of 4 by 2 inches. */
  private static final Sheet LETTER =
      new Sheet(
          2,
          5,
          4 * MM_AN_INCH,
          2 * MM_AN_INCH,
          0.16 * MM_AN_INCH,
          0.5 * MM_AN_INCH,
          4.18 * MM_AN_INCH,
          2 * MM_AN_INCH);

  private static final String STYLE =
      """
      .sheet { position: relative; page-break-after: always; }
      .sheet:last-child { page-break-after: auto; }
      .label { position: absolute; overflow: hidden; }
      .label p { margin: 0; line-height: 1.08; }
      .label .large { font-size: 15pt; }
      .label .small { font-size: 9pt; margin-top: 0.6mm; }
      .square { position: absolute; }
      """;

  /** Letters of a line at 15 points that a label holds beside the square. */
  private static final int LARGE_MOST = 30;

  private static final int SMALL_MOST = 44;

  private LabelSheets() {}

  /** A label: what it is on, large lines, a small one, and what its square says. */
  private record Label(
      String on, String end, String first, String second, String small, List<String> code) {}

  private static List<Label> labels(Sources from) {
    Map<String, NetworkPlan.Link> links = new HashMap<>();
    from.network().links().forEach(l -> links.put(l.box(), l));
    Map<String, List<String>> codes = new HashMap<>();
    List<Label> labels = new ArrayList<>();
    for (PlacedController c : from.reading().decisions().controllers()) {
      String id = c.controller().id();
      List<String> code = BoxCards.code(from, c, Optional.ofNullable(links.get(id)));
      codes.put(id, code);
      labels.add(
          new Label(
              "box",
              "",
              id,
              code.get(1).substring("address ".length()),
              String.join(", ", code.subList(2, code.size())),
              code));
    }
    for (Cables.Cable c : from.cables()) {
      List<String> code = c.box().map(b -> codes.getOrDefault(b, List.of())).orElse(List.of());
      String small =
          c.kind().words()
              + (c.metres().isPresent()
                  ? ", " + from.lengths().rough(c.metres().getAsDouble())
                  : "")
              + c.wire().map(w -> ", " + w).orElse("");
      labels.add(new Label("cable", "near", c.from(), "to " + c.to(), small, code));
      labels.add(new Label("cable", "far", c.to(), "from " + c.from(), small, code));
    }
    return labels;
  }

  static Table table(Sources from) {
    return Table.of(
        labels(from),
        List.of(
            Table.<Label>text("on", "On", Label::on),
            Table.<Label>text("end", "End", Label::end),
            Table.<Label>text("line_1", "", Label::first),
            Table.<Label>text("line_2", "", Label::second),
            Table.<Label>text("line_3", "", Label::small),
            Table.<Label>text("code", "", l -> String.join("; ", l.code()))));
  }

  static Page page(Sources from, Page page) {
    Sheet sheet = page.print().size() == PageSize.A4 ? A4 : LETTER;
    page.margin(0).style(STYLE);
    List<Label> labels = labels(from);
    Map<List<String>, String> squares = new HashMap<>();
    for (int first = 0; first == 0 || first < labels.size(); first += sheet.count()) {
      double height = sheet.topMm() + sheet.rows() * sheet.stepYMm();
      page.raw("<div class=\"sheet\" style=\"height: " + Html.mm(height) + "\">");
      for (int i = first; i < Math.min(labels.size(), first + sheet.count()); i++) {
        int at = i - first;
        label(
            page,
            squares,
            labels.get(i),
            sheet,
            sheet.leftMm() + at % sheet.columns() * sheet.stepXMm(),
            sheet.topMm() + Math.floorDiv(at, sheet.columns()) * sheet.stepYMm());
      }
      page.raw("</div>");
    }
    return page;
  }

  private static void label(
      Page page, Map<List<String>, String> squares, Label label, Sheet sheet, double x, double y) {
    double edge = 2;
    double square = Math.min(26, sheet.heightMm() - 2 * edge);
    double width = sheet.widthMm() - 2 * edge - (label.code().isEmpty() ? 0 : square);
    page.raw("<div class=\"label\" style=\"left: " + Html.mm(x + edge))
        .raw("; top: " + Html.mm(y + edge))
        .raw("; width: " + Html.mm(width))
        .raw("; height: " + Html.mm(sheet.heightMm() - 2 * edge) + "\">")
        .raw("<p class=\"large\">" + Html.text(Html.fitted(label.first(), LARGE_MOST)) + "</p>")
        .raw("<p class=\"large\">" + Html.text(Html.fitted(label.second(), LARGE_MOST)) + "</p>")
        .raw(
            "<p class=\"small\">"
                + Html.text(Html.fitted(label.small(), SMALL_MOST))
                + "</p></div>");
    if (!label.code().isEmpty()) {
      page.raw("<div class=\"square\" style=\"left: " + Html.mm(x + edge + width))
          .raw("; top: " + Html.mm(y + edge) + "\">")
          .raw(
              squares.computeIfAbsent(label.code(), c -> Codes.image(String.join("\n", c), square)))
          .raw("</div>");
    }
  }
}
