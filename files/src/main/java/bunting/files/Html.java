package bunting.files;

/** Small pieces of well-formed HTML for the papers. */
final class Html {
  static final String STYLE =
      """
      @page { size: A4; margin: 14mm; @bottom-right { content: counter(page) " / " counter(pages); font: 8pt Paper; } }
      body { font: 9pt Paper; color: #22303c; }
      h1 { font-size: 17pt; font-weight: 400; margin: 0 0 1mm 0; }
      p { margin: 0 0 2mm 0; }
      .fine { color: #5b6770; font-size: 8pt; }
      .caution { border-left: 2mm solid #b3402c; padding: 1mm 3mm; background: #f6efe3; }
      .card { page-break-after: always; }
      .card:last-child { page-break-after: auto; }
      table { width: 100%; border-collapse: collapse; margin: 2mm 0 4mm 0; -fs-table-paginate: paginate; }
      th { text-align: left; font-weight: 400; color: #5b6770; border-bottom: 0.4mm solid #22303c; padding: 1mm; }
      td { border-bottom: 0.1mm solid #d8cdb9; padding: 1mm; vertical-align: top; word-wrap: break-word; }
      .n { text-align: right; }
      """;

  private Html() {}

  static String document(String title, String body) {
    return document(title, "", body);
  }

  /** A document with styles of its own after those of all. */
  static String document(String title, String styles, String body) {
    return "<html><head><title>"
        + text(title)
        + "</title><style>"
        + STYLE
        + styles
        + "</style></head><body>"
        + body
        + "</body></html>";
  }

  /** Text with what HTML would take for marks written out, and without what XML cannot hold. */
  static String text(String raw) {
    return raw.replaceAll("[\\p{Cntrl}\\uD800-\\uDFFF\\uFFFE\\uFFFF]", " ")
        .replace("&", "&amp;")
        .replace("<", "&lt;")
        .replace(">", "&gt;")
        .replace("\"", "&quot;");
  }

  static String row(String tag, String... cells) {
    StringBuilder row = new StringBuilder("<tr>");
    for (String cell : cells) {
      boolean number =
          !cell.isEmpty()
              && (Character.isDigit(cell.charAt(0)) && cell.matches("[\\d. ]+( ?[A-Za-z%]+)?"));
      row.append('<')
          .append(tag)
          .append(number ? " class=\"n\">" : ">")
          .append(text(cell))
          .append("</")
          .append(tag)
          .append('>');
    }
    return row.append("</tr>").toString();
  }
}
