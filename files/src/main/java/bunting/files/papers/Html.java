package bunting.files.papers;

import java.util.Locale;

/** Small pieces of well-formed HTML for the papers. */
final class Html {
  private Html() {}

  /** Text with what HTML would take for marks written out, and without what XML cannot hold. */
  static String text(String raw) {
    return marks(
        raw.replaceAll(
            "[\\p{Cntrl}\\uFFFE\\uFFFF]|(?<![\\uD800-\\uDBFF])[\\uDC00-\\uDFFF]|[\\uD800-\\uDBFF](?![\\uDC00-\\uDFFF])",
            " "));
  }

  /** Text of an attribute: its line ends are kept. */
  static String attribute(String raw) {
    return String.join("&#10;", raw.lines().map(Html::text).toList());
  }

  private static String marks(String text) {
    return text.replace("&", "&amp;")
        .replace("<", "&lt;")
        .replace(">", "&gt;")
        .replace("\"", "&quot;");
  }

  /** A text in which no line ends between a number and its unit. */
  static String sizes(String text) {
    return text.replaceAll(
        "(?<=\\d) (?=(mm\u00B2|mm2|mm|m|A|V|W|px|%|ft|l|pins)\\b|mm\u00B2|%)", "\u00A0");
  }

  /** At most so many letters, the last an ellipsis where some were left out. */
  static String fitted(String text, int most) {
    int[] letters = text.codePoints().toArray();
    return letters.length <= most ? text : new String(letters, 0, most - 1) + "\u2026";
  }

  /** A text between quotes in a style sheet: everything but letters and digits by its number. */
  static String css(String raw) {
    StringBuilder out = new StringBuilder();
    raw.codePoints()
        .forEach(
            c -> {
              if ((Character.isLetterOrDigit(c) && c < 128) || c == ' ') {
                out.appendCodePoint(c);
              } else if (!Character.isISOControl(c)) {
                out.append(String.format(Locale.ROOT, "\\%06x ", c));
              }
            });
    return out.toString();
  }

  static String mm(double value) {
    return String.format(Locale.ROOT, "%.2fmm", value);
  }
}
