package bunting.files.papers;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.hookup.Cords;
import bunting.core.hookup.MainsSheet;
import bunting.core.hookup.MainsWords;
import bunting.core.hookup.SingleLine;
import bunting.core.hookup.Standby;
import bunting.core.mains.Cautions;
import bunting.core.mains.RuleBook;
import bunting.core.plan.Assessment;
import bunting.core.show.PlaceRules;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * The electrician's page: the single-line diagram, loads by circuit and phase, what protects them,
 * cords, what starts when, what stays on.
 */
final class MainsPaper {
  /** Rows of the diagram that a page in landscape holds. */
  private static final int ROWS = 11;

  private static final double ROW_MM = 15;
  private static final double CARD_MM = 13;
  private static final double COLUMN_MM = 38;
  private static final double GAP_MM = 4;

  private static final String STYLE =
      """
      .line { position: relative; page-break-after: always; }
      .node { position: absolute; width: 33.4mm; height: 12.4mm; border: 0.2mm solid #22303c; background: #ffffff; font-size: 9pt; line-height: 1.05; padding: 0.3mm 0.6mm 0 0.8mm; overflow: hidden; white-space: nowrap; }
      .warns { border: 0.6mm solid #8f5a00; }
      .across { position: absolute; border-top: 0.3mm solid #22303c; height: 0; }
      .down { position: absolute; border-left: 0.3mm solid #22303c; width: 0; }
      .name { width: 30mm; }
      .head { position: absolute; font-size: 9pt; color: #5b6770; }
      """;

  private MainsPaper() {}

  static Table table(Sources from) {
    return Table.of(
        MainsSheet.circuits(from.reading()),
        List.of(
            Table.<MainsSheet.OnCircuit>text("circuit", "", c -> c.circuit().id()),
            Table.<MainsSheet.OnCircuit>number(
                "phase", "", c -> whole(c.circuit().facts().phase())),
            Table.<MainsSheet.OnCircuit>number("volts", "", c -> number(c.circuit().volts())),
            Table.<MainsSheet.OnCircuit>number(
                "breaker_amps", "", c -> number(c.circuit().breakerAmps())),
            Table.<MainsSheet.OnCircuit>text(
                "breaker", "", c -> c.circuit().facts().breaker().id()),
            Table.<MainsSheet.OnCircuit>number(
                "rcd_milliamps", "", c -> decimal(c.circuit().facts().rcdMilliamps())),
            Table.<MainsSheet.OnCircuit>number(
                "existing_amps", "", c -> fixed(c.circuit().existingAmps(), 2)),
            Table.<MainsSheet.OnCircuit>number("load_amps", "", c -> fixed(c.loadAmps(), 2)),
            Table.<MainsSheet.OnCircuit>number("most_amps", "", c -> fixed(c.worstAmps(), 2)),
            Table.<MainsSheet.OnCircuit>number(
                "allowed_amps", "", c -> fixed(c.circuit().allowedAmps(), 2)),
            Table.<MainsSheet.OnCircuit>text("supplies", "", c -> String.join(" ", c.supplies())),
            Table.<MainsSheet.OnCircuit>text(
                "bulb_chains", "", c -> String.join(" ", c.bulbChains())),
            Table.<MainsSheet.OnCircuit>text("devices", "", c -> String.join(", ", c.devices())),
            Table.<MainsSheet.OnCircuit>number("inrush_amps", "", c -> fixed(c.inrushAmps(), 0))));
  }

  private static String whole(OptionalInt value) {
    return value.isPresent() ? Integer.toString(value.getAsInt()) : "";
  }

  private static String decimal(OptionalDouble value) {
    return value.isPresent() ? number(value.getAsDouble()) : "";
  }

  static Page page(Sources from, Page page) {
    MainsSheet sheet = MainsSheet.of(from.reading());
    StringBuilder body = new StringBuilder();
    page.landscape().margin(8).style(STYLE);
    diagram(from.plan(), body);
    body.append("<h1>Circuits</h1><p class=\"caution\">")
        .append(Html.text(MainsWords.CAUTION))
        .append(" To switch it all off: every breaker listed here, at the panel.</p>");
    circuits(sheet, from.lengths(), body);
    body.append("<h1>In the dark</h1><table><thead>")
        .append(row("th", "Supply", "Watts in the dark", "Cut", "Starts anew with it"))
        .append("</thead><tbody>");
    for (Standby.Dark d : sheet.standby()) {
      body.append(
          row(
              "td",
              d.supply(),
              fixed(d.darkWatts(), 1),
              d.switched() ? "cut" : "stays on",
              d.switched() ? String.join(", ", d.reboots()) : ""));
    }
    body.append("</tbody></table>");
    rules(from.show().mains().rules(), body);
    return page.raw(body.toString());
  }

  private static String row(String tag, String... cells) {
    StringBuilder row = new StringBuilder("<tr>");
    for (String cell : cells) {
      row.append('<').append(tag).append('>').append(Html.text(cell));
      row.append("</").append(tag).append('>');
    }
    return row.append("</tr>").toString();
  }

  private static void rules(PlaceRules rules, StringBuilder body) {
    body.append("<h1>Rules: ")
        .append(Html.text(rules.profile().words()))
        .append("</h1><table><tbody>");
    for (RuleBook.Rule r : RuleBook.of(rules)) {
      body.append(row("td", r.what(), r.figure(), r.source()));
    }
    body.append("</tbody></table><p class=\"caution\">")
        .append(Html.text(RuleBook.DEFERS))
        .append("</p><h1>Before anything is switched on</h1><table><tbody>");
    for (Cautions.Caution c : Cautions.all()) {
      body.append(row("td", "[  ]", c.about(), c.says()));
    }
    body.append("</tbody></table>");
  }

  private static void circuits(MainsSheet sheet, Lengths lengths, StringBuilder body) {
    body.append("<table><thead>")
        .append(row("th", "Circuit", "Sum", "Starting cold", "Cords"))
        .append("</thead><tbody>");
    for (MainsSheet.OnCircuit c : sheet.circuits()) {
      List<String> cords = new ArrayList<>();
      for (Cords.Cord cord : sheet.cords()) {
        if (cord.circuit().equals(c.circuit().id())) {
          cords.add(MainsWords.cord(cord, c.circuit().volts(), lengths));
        }
      }
      List<String> starting = new ArrayList<>(List.of(MainsWords.breaker(c.circuit())));
      starting.addAll(MainsWords.starting(c));
      body.append("<tr><td class=\"name\">")
          .append(Html.text(c.circuit().id()))
          .append("</td>")
          .append(cell(MainsWords.circuit(c)))
          .append(cell(starting))
          .append(cell(cords))
          .append("</tr>");
    }
    body.append("</tbody></table>");
    for (MainsSheet.Phase p : sheet.phases()) {
      body.append("<p>Phase ")
          .append(p.phase())
          .append(": ")
          .append(fixed(p.amps(), 1))
          .append(" A of the show</p>");
    }
  }

  private static String cell(List<String> lines) {
    return "<td>" + String.join("<br/>", lines.stream().map(Html::text).toList()) + "</td>";
  }

  /** As many pages as its rows take; what goes on on the next page runs to the edge. */
  private static void diagram(Assessment plan, StringBuilder body) {
    SingleLine line = SingleLine.of(plan.reading());
    for (int from = 0; from < line.rows(); from += ROWS) {
      int to = Math.min(line.rows(), from + ROWS);
      body.append("<div class=\"line\" style=\"height: ")
          .append(Html.mm(12 + ROWS * ROW_MM))
          .append("\"><h1>Single line, ")
          .append(Html.text(plan.reading().show().settings().name()))
          .append("</h1>");
      for (SingleLine.Column c : SingleLine.Column.values()) {
        body.append("<div class=\"head\" style=\"left: ")
            .append(Html.mm(c.at() * COLUMN_MM))
            .append("; top: 8mm\">")
            .append(Html.text(c.head()))
            .append("</div>");
      }
      for (SingleLine.Link link : line.links()) {
        link(line.nodes().get(link.from()), line.nodes().get(link.to()), from, to, body);
      }
      for (SingleLine.Node n : line.nodes()) {
        if (n.row() >= from && n.row() < to) {
          node(n, from, body);
        }
      }
      body.append("</div>");
    }
  }

  private static double y(int row, int from) {
    return 13 + (row - from) * ROW_MM;
  }

  private static void node(SingleLine.Node n, int from, StringBuilder body) {
    body.append("<div class=\"node")
        .append(n.warns() ? " warns" : "")
        .append("\" style=\"left: ")
        .append(Html.mm(n.column().at() * COLUMN_MM))
        .append("; top: ")
        .append(Html.mm(y(n.row(), from)))
        .append("\">")
        .append(String.join("<br/>", n.lines().stream().map(MainsPaper::fitted).toList()))
        .append("</div>");
  }

  /** What a cell holds at nine points. */
  private static String fitted(String text) {
    int most = 21;
    return Html.text(text.length() <= most ? text : text.substring(0, most - 1) + "…");
  }

  private static void link(
      SingleLine.Node a, SingleLine.Node b, int from, int to, StringBuilder body) {
    if (b.row() < from || a.row() >= to) {
      return;
    }
    double right = a.column().at() * COLUMN_MM + COLUMN_MM - GAP_MM;
    double bus = right + GAP_MM / 2;
    double middle = CARD_MM / 2;
    if (a.row() >= from) {
      across(right, bus, y(a.row(), from) + middle, body);
    }
    double top = a.row() >= from ? y(a.row(), from) + middle : 12;
    double bottom = b.row() < to ? y(b.row(), from) + middle : y(to, from);
    if (bottom > top) {
      body.append("<div class=\"down\" style=\"left: ")
          .append(Html.mm(bus))
          .append("; top: ")
          .append(Html.mm(top))
          .append("; height: ")
          .append(Html.mm(bottom - top))
          .append("\"></div>");
    }
    if (b.row() < to) {
      across(bus, b.column().at() * COLUMN_MM, y(b.row(), from) + middle, body);
    }
  }

  private static void across(double x1, double x2, double y, StringBuilder body) {
    body.append("<div class=\"across\" style=\"left: ")
        .append(Html.mm(x1))
        .append("; top: ")
        .append(Html.mm(y))
        .append("; width: ")
        .append(Html.mm(x2 - x1))
        .append("\"></div>");
  }
}
