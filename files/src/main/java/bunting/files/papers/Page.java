package bunting.files.papers;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** Builds what prints: headings, sentences, tables and pictures, between a head and a foot. */
final class Page {
  private static final int NAME_MOST = 60;

  /** Longer words may be parted. */
  private static final int WORD_MOST = 16;

  private static final String STYLE =
      """
      body { font: 11pt FAMILIES; color: #22303c; }
      h1 { font-size: 20pt; font-weight: 400; margin: 0 0 2mm 0; page-break-after: avoid; }
      p { margin: 0 0 2mm 0; }
      .fine { font-size: 9pt; }
      .caution { border-left: 2mm solid #b3402c; padding: 1mm 3mm; background: #f6efe3; page-break-inside: avoid; }
      .break { page-break-before: always; }
      table { width: 100%; border-collapse: collapse; margin: 1mm 0 4mm 0; -fs-table-paginate: paginate; }
      tr { page-break-inside: avoid; }
      th { text-align: left; font-weight: 400; font-size: 9pt; border-bottom: 0.5mm solid #22303c; padding: 1mm; vertical-align: bottom; }
      td { border-bottom: 0.15mm solid #9a917f; padding: 1.2mm 1mm; vertical-align: top; }
      .breaks { word-wrap: break-word; min-width: 30mm; }
      th.over { font-size: 17pt; border: none; padding: 3mm 0 0 0; }
      .n { text-align: right; }
      .main { font-size: 14pt; }
      .whole { white-space: nowrap; }
      .mark { width: 3mm; padding: 1.2mm 0; }
      """;

  private final Print print;
  private final String paper;
  private final String title;
  private final StringBuilder styles = new StringBuilder();
  private final StringBuilder body = new StringBuilder();
  private final List<Drawing> drawings = new ArrayList<>();
  private boolean landscape;
  private double marginMm = 14;

  /**
   * @param paper its id
   */
  Page(Print print, String paper, String title) {
    this.print = print;
    this.paper = paper;
    this.title = title;
  }

  String title() {
    return title;
  }

  Print print() {
    return print;
  }

  Page landscape() {
    landscape = true;
    return this;
  }

  /** A narrower edge than the usual 14 mm. */
  Page margin(double mm) {
    marginMm = mm;
    return this;
  }

  Page style(String css) {
    styles.append(css);
    return this;
  }

  Page head(String text) {
    body.append("<h1>").append(Html.text(text)).append("</h1>");
    return this;
  }

  Page says(String text) {
    body.append("<p>").append(Html.text(text)).append("</p>");
    return this;
  }

  Page caution(String text) {
    body.append("<p class=\"caution\">").append(Html.text(text)).append("</p>");
    return this;
  }

  Page fine(String text) {
    body.append("<p class=\"fine\">").append(Html.text(text)).append("</p>");
    return this;
  }

  /** Markup as it is. */
  Page raw(String html) {
    body.append(html);
    return this;
  }

  /** A drawing, its words as words. */
  Page drawing(Drawing drawing) {
    double mmAPoint = 25.4 / 72;
    raw("<div style=\"position: relative; width: " + Html.mm(drawing.widthMm()))
        .raw("; height: " + Html.mm(drawing.heightMm()) + "\">")
        .raw(Drawings.drawing(drawings.size(), drawing));
    drawings.add(drawing);
    for (Drawing.Label l : drawing.labels()) {
      raw("<div style=\"position: absolute; white-space: nowrap; background: #ffffff; line-height:"
              + " 1; font-size: ")
          .raw(l.points() + "pt; left: " + Html.mm(l.x()))
          .raw("; top: " + Html.mm(l.y() - l.points() * mmAPoint * 0.85) + "\">")
          .raw(Html.text(l.text()) + "</div>");
    }
    return raw("</div>");
  }

  List<Drawing> drawings() {
    return drawings;
  }

  /** Boxes to be ticked, each with its words. */
  Page ticks(List<String> lines) {
    body.append("<table><tbody>");
    for (String line : lines) {
      body.append("<tr><td class=\"whole\">[&#160;&#160;]</td><td>")
          .append(Html.text(line))
          .append("</td></tr>");
    }
    body.append("</tbody></table>");
    return this;
  }

  Page table(Table table) {
    return table("", table);
  }

  /** A table under a heading that comes again on each page that it takes. */
  Page table(String head, Table table) {
    long columns = table.columns().stream().filter(c -> c.kind() != Table.Kind.FILE).count();
    body.append("<table><thead>");
    if (!head.isEmpty()) {
      body.append("<tr><th class=\"over\" colspan=\"")
          .append(columns + 1)
          .append("\">")
          .append(Html.text(head))
          .append("</th></tr>");
    }
    body.append("<tr><th class=\"mark\"></th>");
    for (Table.Column c : table.columns()) {
      if (c.kind() != Table.Kind.FILE) {
        body.append(c.kind().number() ? "<th class=\"n\">" : "<th>")
            .append(Html.text(c.head()))
            .append("</th>");
      }
    }
    body.append("</tr></thead><tbody>");
    for (List<String> row : table.rows()) {
      body.append("<tr><td class=\"mark\">")
          .append(print.isNew(paper, row) ? "\u25CF" : "")
          .append("</td>");
      for (int i = 0; i < row.size(); i++) {
        cell(table.columns().get(i), row.get(i));
      }
      body.append("</tr>");
    }
    body.append("</tbody></table>");
    return this;
  }

  private void cell(Table.Column column, String text) {
    Table.Kind kind = column.kind();
    if (kind == Table.Kind.FILE) {
      return;
    }
    String of = (kind.number() ? "n whole " : "") + (kind.main() ? "main " : "");
    String shown = column.shown().apply(text);
    boolean breaks = Arrays.stream(shown.split("\\s")).anyMatch(w -> w.length() > WORD_MOST);
    body.append("<td class=\"").append(of).append(breaks ? "breaks" : "").append("\">");
    body.append(words(Html.sizes(shown))).append("</td>");
  }

  /** Names such as 12v-strip-60 stay in one line as long as they fit in one. */
  private static String words(String text) {
    return Arrays.stream(text.split(" ", -1))
        .map(
            w ->
                w.length() <= WORD_MOST && w.matches(".*\\w[-/]\\w.*")
                    ? "<span class=\"whole\">" + Html.text(w) + "</span>"
                    : Html.text(w))
        .collect(Collectors.joining(" "));
  }

  /** All letters that it needs. */
  String text() {
    return title + print.show() + print.foot() + body;
  }

  String html(String families) {
    String size = print.size().id() + (landscape ? " landscape" : "");
    String edge =
        "@page { size: "
            + size
            + "; margin: "
            + Html.mm(marginMm)
            + "; margin-bottom: "
            + Html.mm(Math.max(marginMm, 12))
            + "; @bottom-left { white-space: nowrap; padding-left: "
            + Html.mm(Math.max(0, 8 - marginMm))
            + "; font: 9pt "
            + families
            + "; content: \""
            + Html.css(
                Html.fitted(print.show(), NAME_MOST)
                    + " \u00B7 "
                    + title
                    + " \u00B7 "
                    + print.foot())
            + "\"; } @bottom-right { padding-right: "
            + Html.mm(Math.max(0, 8 - marginMm))
            + "; font: 9pt "
            + families
            + "; content: counter(page) \" / \" counter(pages); } }\n";
    return "<html><head><title>"
        + Html.text(title)
        + "</title><style>"
        + edge
        + STYLE.replace("FAMILIES", families)
        + styles
        + "</style></head><body>"
        + body
        + "</body></html>";
  }
}
