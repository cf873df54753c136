package bunting.files.papers;

import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** A drawing as SVG 1.1 (W3C), in millimetres. */
final class Svg {
  private static final double MM_A_POINT = 25.4 / 72;

  private Svg() {}

  static byte[] of(Drawing drawing, String title) {
    StringBuilder out = new StringBuilder();
    out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
        .append("<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\"")
        .append(number(drawing.widthMm()))
        .append("mm\" height=\"")
        .append(number(drawing.heightMm()))
        .append("mm\" viewBox=\"0 0 ")
        .append(number(drawing.widthMm()))
        .append(' ')
        .append(number(drawing.heightMm()))
        .append("\">\n<title>")
        .append(Html.text(title))
        .append("</title>\n<g fill=\"none\" stroke-linecap=\"round\" stroke-linejoin=\"round\">\n");
    for (Drawing.Stroke s : drawing.strokes()) {
      out.append("<polyline stroke=\"#")
          .append(String.format(Locale.ROOT, "%06x", s.rgb()))
          .append("\" stroke-width=\"")
          .append(number(s.widthMm()));
      if (s.dashMm() > 0) {
        out.append("\" stroke-dasharray=\"").append(number(s.dashMm()));
      }
      out.append("\" points=\"");
      out.append(
          String.join(
              " ", s.line().stream().map(p -> number(p.x()) + "," + number(p.y())).toList()));
      out.append("\"/>\n");
    }
    out.append("</g>\n<g fill=\"#22303c\" font-family=\"sans-serif\">\n");
    for (Drawing.Label l : drawing.labels()) {
      out.append("<text x=\"")
          .append(number(l.x()))
          .append("\" y=\"")
          .append(number(l.y()))
          .append("\" font-size=\"")
          .append(number(l.points() * MM_A_POINT))
          .append("\">")
          .append(Html.text(l.text()))
          .append("</text>\n");
    }
    return out.append("</g>\n</svg>\n").toString().getBytes(StandardCharsets.UTF_8);
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.2f", value + 0.0);
  }
}
