package bunting.files.papers;

import static bunting.core.show.Texts.number;

import bunting.core.cards.BoxCard;
import bunting.core.show.Protocol;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What to type into each box: a card a box, a row an output. */
final class SettingsCards {
  private SettingsCards() {}

  /** A piece on its output; an output that has none. */
  private record Line(BoxCard card, BoxCard.Output output, Optional<BoxCard.Piece> piece) {
    String of(java.util.function.Function<BoxCard.Piece, String> how) {
      return piece.map(how).orElse("");
    }
  }

  private static List<Line> lines(BoxCard card, boolean spare) {
    List<Line> lines = new ArrayList<>();
    for (BoxCard.Output o : card.outputs()) {
      if (spare && o.pieces().isEmpty()) {
        lines.add(new Line(card, o, Optional.empty()));
      }
      o.pieces().forEach(p -> lines.add(new Line(card, o, Optional.of(p))));
    }
    return lines;
  }

  static Table table(Sources from) {
    return table(from.cards().stream().flatMap(c -> lines(c, false).stream()).toList());
  }

  private static Table table(List<Line> lines) {
    return Table.of(
        lines,
        List.of(
            Table.col("box", "", Table.Kind.FILE, l -> l.card().box()),
            Table.col("address", "", Table.Kind.FILE, l -> l.card().address().ip()),
            Table.col("mask", "", Table.Kind.FILE, l -> l.card().address().mask()),
            Table.<Line>col(
                "output", "Output", Table.Kind.MAIN_NUMBER, l -> "" + l.output().port()),
            Table.<Line>col(
                "run",
                "Run",
                Table.Kind.MAIN,
                l -> l.piece().map(BoxCard.Piece::run).orElse("spare")),
            Table.<Line>col(
                "pixels",
                "Pixels",
                Table.Kind.MAIN_NUMBER,
                l -> l.piece().map(p -> "" + p.pixels()).orElse("0")),
            Table.<Line>text(
                "kind",
                "Kind",
                l -> l.of(p -> p.type().signal().id() + ", " + p.type().channels() + " channels")),
            Table.<Line>text("order", "Order", l -> l.of(BoxCard.Piece::order)),
            Table.<Line>number("skip", "Skip", l -> l.of(p -> "" + p.skipped())),
            Table.<Line>number("group", "Group", l -> l.of(p -> "" + p.grouping())),
            Table.<Line>col("from", "From", Table.Kind.MAIN, SettingsCards::start),
            Table.<Line>text("to", "To", SettingsCards::end),
            Table.<Line>number("milliamps", "mA", SettingsCards::milliamps),
            Table.<Line>col(
                "limiter_percent", "", Table.Kind.FILE, l -> number(l.card().limiterPercent())),
            Table.<Line>text("reversed", "Reversed", l -> l.of(p -> p.reversed() ? "yes" : "no"))));
  }

  private static boolean bytes(Line l) {
    return l.card().protocol() == Protocol.DDP;
  }

  private static String start(Line l) {
    return l.of(
        p ->
            bytes(l)
                ? "byte " + p.firstByte()
                : p.start().map(x -> "u" + x.universe() + " / " + x.slot()).orElse("none"));
  }

  private static String end(Line l) {
    return l.of(
        p ->
            bytes(l) ? "" : p.end().map(x -> "u" + x.universe() + " / " + x.slot()).orElse("none"));
  }

  private static String milliamps(Line l) {
    return l.of(p -> p.equals(l.output().pieces().getFirst()) ? "" + l.output().milliamps() : "");
  }

  static Page page(Sources from, Page page) {
    page.landscape()
        .margin(11)
        .style(
            """
            .card { page-break-after: always; }
            .card:last-child { page-break-after: auto; }
            table.facts { width: auto; }
            table.facts td { font-size: 15pt; border: none; padding: 0.6mm 6mm 0.6mm 0; }
            """);
    for (BoxCard card : from.cards()) {
      page.raw("<div class=\"card\">")
          .head(card.box())
          .says("What to type in · " + card.kind())
          .raw("<table class=\"facts\"><tbody>")
          .raw(fact("Address", card.address().ip(), "Mask", card.address().mask()))
          .raw(fact("Router", card.address().gateway().orElse("none"), "Name", card.box()))
          .raw(
              fact(
                  "Listens to",
                  card.protocol().id() + ", " + number(card.fps()) + " frames a second",
                  "Limiter",
                  limiter(card)))
          .raw("</tbody></table>")
          .table(table(lines(card, true)))
          .says(
              BoxCard.TEST_LOOK
                  + " Universes, slots, outputs and pixels count from 1; where the box counts from"
                  + " 0, type one less. An output's milliamps stand at its first run.")
          .raw("</div>");
    }
    if (from.cards().isEmpty()) {
      page.head("Settings cards").says("No box is planned yet: add runs, then print again.");
    }
    return page;
  }

  private static String fact(String a, String b, String c, String d) {
    StringBuilder row = new StringBuilder("<tr>");
    for (String cell : List.of(a, b, c, d)) {
      row.append("<td>").append(Html.text(cell)).append("</td>");
    }
    return row.append("</tr>").toString();
  }

  private static String limiter(BoxCard card) {
    return number(card.limiterPercent())
        + " % (fuses, wires and supplies bear "
        + number(card.mostPercent())
        + " %)";
  }
}
