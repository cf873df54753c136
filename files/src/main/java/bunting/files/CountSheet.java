package bunting.files;

import bunting.core.plan.Assessment;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Texts;
import bunting.core.survey.Geometry;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** To be taken up the ladder: planned counts, and room for the built ones. */
final class CountSheet {
  private CountSheet() {}

  static byte[] csv(Assessment plan) {
    List<List<String>> table = new ArrayList<>();
    table.add(
        List.of(
            "run",
            "type",
            "length_m",
            "planned",
            "tens",
            "then_single",
            "fifties",
            "then",
            "built"));
    rows(plan, new Lengths(false)).forEach(r -> table.add(List.of(r)));
    return Csv.table(table);
  }

  static String html(Assessment plan) {
    Lengths lengths = Lengths.of(plan.reading().show());
    StringBuilder body = new StringBuilder();
    body.append("<h1>Count sheet</h1><p>")
        .append(Html.text(plan.reading().show().settings().name()))
        .append(
            "</p><p>Light every 10th pixel in white and every 50th in red: count the reds, then the"
                + " whites behind the last red, then the single ones behind the last white. Built ="
                + " 50 x reds + 10 x whites + single ones. Write it down before you climb"
                + " down.</p><p class=\"caution\">Two people on a ladder job; nobody works on a"
                + " roof alone.</p><table><thead>")
        .append(
            Html.row(
                "th",
                "Run",
                "Type",
                lengths.feet() ? "Length" : "Metres",
                "Planned",
                "Tens",
                "and",
                "Fifties",
                "and",
                "Built"))
        .append("</thead><tbody>");
    rows(plan, lengths).forEach(r -> body.append(Html.row("td", r)));
    return Html.document("Count sheet", body.append("</tbody></table>").toString());
  }

  private static List<String[]> rows(Assessment plan, Lengths lengths) {
    var show = plan.reading().show();
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    List<String[]> rows = new ArrayList<>();
    for (Run run : show.runs()) {
      int planned = run.plannedPixels();
      rows.add(
          new String[] {
            run.name(),
            run.type(),
            lengths.feet()
                ? lengths.text(Geometry.lengthM(run, types.get(run.type())))
                : Texts.fixed(Geometry.lengthM(run, types.get(run.type())), 2),
            "" + planned,
            "" + planned / 10,
            "" + planned % 10,
            "" + planned / 50,
            "" + planned % 50,
            run.built().isPresent() ? "" + run.built().getAsInt() : "______"
          });
    }
    return rows;
  }
}
