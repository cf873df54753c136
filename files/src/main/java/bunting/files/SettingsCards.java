package bunting.files;

import static bunting.core.show.Texts.number;

import bunting.core.cards.BoxCard;
import bunting.core.plan.Assessment;
import bunting.core.show.Protocol;
import java.util.ArrayList;
import java.util.List;

/** What to type into each box: a card a box, a row an output. */
final class SettingsCards {
  private static final String[] HEAD = {
    "Output", "Run", "Pixels", "Kind", "Order", "Skip", "Group", "From", "To", "mA"
  };

  private SettingsCards() {}

  static byte[] csv(Assessment plan) {
    List<List<String>> table = new ArrayList<>();
    table.add(
        List.of(
            "box",
            "address",
            "mask",
            "output",
            "run",
            "pixels",
            "kind",
            "order",
            "skip",
            "group",
            "from",
            "to",
            "milliamps",
            "limiter_percent",
            "reversed"));
    for (BoxCard card : BoxCard.of(plan.reading())) {
      for (BoxCard.Output o : card.outputs()) {
        for (BoxCard.Piece p : o.pieces()) {
          List<String> row =
              new ArrayList<>(List.of(card.box(), card.address().ip(), card.address().mask()));
          row.addAll(List.of(cells(card, o, p)));
          row.add(number(card.limiterPercent()));
          row.add(p.reversed() ? "yes" : "no");
          table.add(row);
        }
      }
    }
    return Csv.table(table);
  }

  static String html(Assessment plan) {
    StringBuilder body = new StringBuilder();
    for (BoxCard card : BoxCard.of(plan.reading())) {
      body.append("<div class=\"card\"><h1>")
          .append(Html.text(card.box()))
          .append("</h1><p>")
          .append(Html.text(plan.reading().show().settings().name()))
          .append(" · what to type in · ")
          .append(Html.text(card.kind()))
          .append("</p><table><tbody>")
          .append(fact("Name", card.box()))
          .append(fact("Address", card.address().ip()))
          .append(fact("Mask", card.address().mask()))
          .append(fact("Router", card.address().gateway().orElse("none")))
          .append(
              fact(
                  "Listens to",
                  card.protocol().id() + ", " + number(card.fps()) + " frames a second"))
          .append(fact("Limiter", limiter(card)))
          .append("</tbody></table><table><thead>")
          .append(Html.row("th", HEAD))
          .append("</thead><tbody>");
      for (BoxCard.Output o : card.outputs()) {
        if (o.pieces().isEmpty()) {
          body.append(Html.row("td", "" + o.port(), "spare", "0", "", "", "", "", "", "", ""));
        }
        o.pieces().forEach(p -> body.append(Html.row("td", cells(card, o, p))));
      }
      body.append("</tbody></table><p class=\"fine\">")
          .append(Html.text(BoxCard.TEST_LOOK))
          .append(
              " Universes, slots, outputs and pixels count from 1; where the box counts from 0,"
                  + " type one less.</p></div>");
    }
    return Html.document("Settings cards", body.toString());
  }

  /** Addresses are no numbers: they stand at the left. */
  private static String fact(String what, String value) {
    return "<tr><td>" + Html.text(what) + "</td><td>" + Html.text(value) + "</td></tr>";
  }

  private static String limiter(BoxCard card) {
    return number(card.limiterPercent())
        + " % (fuses, wires and supplies bear "
        + number(card.mostPercent())
        + " %)";
  }

  private static String[] cells(BoxCard card, BoxCard.Output o, BoxCard.Piece p) {
    boolean bytes = card.protocol() == Protocol.DDP;
    String from =
        bytes
            ? "byte " + p.firstByte()
            : p.start().map(x -> "u" + x.universe() + " / " + x.slot()).orElse("none");
    String to = bytes ? "" : p.end().map(x -> "u" + x.universe() + " / " + x.slot()).orElse("none");
    boolean whole = o.pieces().size() == 1;
    return new String[] {
      "" + o.port(),
      p.run() + (p.reversed() ? " (reversed)" : ""),
      "" + p.pixels(),
      p.type().signal().id() + ", " + p.type().channels() + " channels",
      p.order(),
      "" + p.skipped(),
      "" + p.grouping(),
      from,
      to,
      whole || p.equals(o.pieces().getFirst()) ? "" + o.milliamps() : "with the first"
    };
  }
}
