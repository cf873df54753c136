package bunting.files;

import bunting.core.assess.OtherReading;
import bunting.core.plan.Assessment;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.List;

/** Plain sets on their dimmers, bulb strings on their plugs. */
final class OtherSheet {
  private OtherSheet() {}

  static byte[] csv(Assessment plan) {
    List<List<String>> table = new ArrayList<>();
    table.add(
        List.of("light", "where", "output", "amps", "fuse", "wire", "lead_m", "universe", "slots"));
    sets(plan).forEach(r -> table.add(List.of(r)));
    for (OtherReading.Chain c : plan.reading().others().chains()) {
      for (String string : c.chain().strings()) {
        table.add(
            List.of(
                string, place(c), c.chain().id(), Texts.fixed(c.amps(), 2), "", "", "", "", ""));
      }
    }
    return Csv.table(table);
  }

  private static List<String[]> sets(Assessment plan) {
    List<String[]> rows = new ArrayList<>();
    for (OtherReading.Set s : plan.reading().others().sets()) {
      var slots = s.slots();
      rows.add(
          new String[] {
            s.set().name(),
            s.output().dimmer(),
            s.output().firstOutput() + "-" + (s.output().firstOutput() + s.set().channels() - 1),
            Texts.fixed(s.amps(), 2),
            Texts.number(s.output().fuseAmps()) + " A",
            s.output().wire(),
            Texts.fixed(s.leadM(), 1),
            slots.map(r -> "" + r.universe()).orElse(""),
            slots.map(r -> r.firstSlot() + "-" + r.lastSlot()).orElse("")
          });
    }
    return rows;
  }

  private static String place(OtherReading.Chain c) {
    return c.chain().outlet().map(o -> "outlet " + o + ", ").orElse("")
        + c.chain().circuit().map(k -> "circuit " + k).orElse("no circuit");
  }

  static String html(Assessment plan) {
    OtherReading others = plan.reading().others();
    StringBuilder body = new StringBuilder();
    body.append("<h1>Plain sets and bulb strings</h1><p>")
        .append(Html.text(plan.reading().show().settings().name()))
        .append("</p>");
    for (OtherReading.Board b : others.boards()) {
      body.append("<p>")
          .append(
              Html.text(
                  b.dimmer().id()
                      + ": "
                      + b.type().name()
                      + ", "
                      + Texts.number(b.dimmer().volts())
                      + " V, "
                      + Texts.fixed(b.amps(), 1)
                      + " A of "
                      + Texts.number(b.type().boardAmpsMax())
                      + " A, fuse "
                      + Texts.number(b.dimmer().fuseAmps())
                      + " A, supply "
                      + b.dimmer().supply()))
          .append("</p>");
    }
    body.append("<table><thead>")
        .append(
            Html.row(
                "th",
                "Set",
                "Board",
                "Outputs",
                "Amps",
                "Fuse",
                "Wire",
                "Lead m",
                "Universe",
                "Slots"))
        .append("</thead><tbody>");
    sets(plan).forEach(r -> body.append(Html.row("td", r)));
    body.append("</tbody></table><table><thead>")
        .append(Html.row("th", "Plug", "Strings, first next to the plug", "Watts", "Amps", "On"))
        .append("</thead><tbody>");
    for (OtherReading.Chain c : others.chains()) {
      body.append(
          Html.row(
              "td",
              c.chain().id(),
              String.join(", ", c.chain().strings()),
              Texts.fixed(c.watts(), 0),
              Texts.fixed(c.amps(), 2),
              place(c)));
    }
    body.append(
        "</tbody></table><p class=\"caution\">Mains strings: RCD or GFCI on every outdoor outlet. A"
            + " cord carries its own string and all behind it. Mains wiring belongs to local codes"
            + " and, where they say so, to a licensed person.</p>");
    return Html.document("Plain sets and bulb strings", body.toString());
  }
}
