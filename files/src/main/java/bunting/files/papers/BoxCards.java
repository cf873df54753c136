package bunting.files.papers;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.assess.FeedReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.network.NetworkPlan;
import bunting.core.show.PlacedBoard;
import bunting.core.show.PlacedController;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * One card a box, for the inside of its lid: in front the box as one sees it with the lid open, its
 * ports in the order of the glands; behind, the table.
 */
final class BoxCards {
  private static final int COLUMNS = 8;

  /** Ports of one page: two rows. */
  private static final int PORTS = 2 * COLUMNS;

  private static final int NAME_MOST = 24;

  /** Pieces of a port for which a page of one row has room in large letters. */
  private static final int PIECES_ROOMY = 4;

  private static final String STYLE =
      """
      .card { page-break-before: always; }
      .card:first-child { page-break-before: auto; }
      .name { font-size: 30pt; margin: 0; }
      .big { font-size: 17pt; margin: 0 0 1mm 0; }
      table.top td { border: none; padding: 0; }
      table.box { table-layout: fixed; border: 0.8mm solid #22303c; margin-top: 2mm; -fs-table-paginate: auto; }
      table.box td { border: 0.15mm solid #9a917f; padding: 1.2mm; vertical-align: top; font-size: 14pt; line-height: 1.12; }
      table.box td.gland { height: 11mm; border: none; border-top: 0.8mm solid #22303c; text-align: center; font-size: 24pt; padding: 1mm; }
      table.roomy td { font-size: 17pt; }
      .run { margin: 1mm 0 0 0; }
      .px { font-size: 18pt; }
      .roomy .px { font-size: 26pt; }
      .spare { color: #5b6770; }
      """;

  private BoxCards() {}

  /** One piece of a port, or a port that has none. */
  private record Row(PortReading port, Optional<SegmentReading> segment) {}

  static Table table(Sources from) {
    List<Row> rows = new ArrayList<>();
    for (PortReading port : from.reading().ports()) {
      if (port.segments().isEmpty()) {
        rows.add(new Row(port, Optional.empty()));
      }
      port.segments().forEach(s -> rows.add(new Row(port, Optional.of(s))));
    }
    Reading reading = from.reading();
    return Table.of(
        rows,
        List.of(
            Table.col("box", "Box", Table.Kind.FILE, r -> r.port().controller()),
            Table.col("port", "Port", Table.Kind.MAIN_NUMBER, r -> "" + r.port().port()),
            Table.col(
                "run",
                "Run",
                Table.Kind.MAIN,
                r -> r.segment().map(BoxCards::name).orElse("spare")),
            Table.col(
                "pixels",
                "Pixels",
                Table.Kind.MAIN_NUMBER,
                r -> r.segment().map(s -> "" + s.segment().pixels()).orElse("")),
            Table.<Row>text(
                "start", "Start universe / slot", r -> r.segment().map(BoxCards::start).orElse("")),
            Table.<Row>text(
                    "lead_m", "Lead", r -> r.segment().map(s -> fixed(s.leadM(), 2)).orElse(""))
                .shown(from::rough),
            Table.<Row>text(
                "lead_wire",
                "Wire",
                r -> r.segment().map(s -> s.segment().leadWire().orElse("data")).orElse("")),
            Table.<Row>text("power", "Power", r -> r.segment().map(BoxCards::power).orElse("")),
            Table.<Row>text(
                "fuses",
                "Fuses (at pixel)",
                r -> r.segment().map(s -> fuses(reading, s)).orElse("")),
            Table.<Row>number(
                    "least_volts",
                    "Least volts",
                    r -> r.segment().map(s -> fixed(s.volts().lowest(), 2)).orElse(""))
                .shown(v -> v.isEmpty() ? "" : v + " V")));
  }

  static Page page(Sources from, Page page) {
    page.landscape().margin(11).style(STYLE);
    Reading reading = from.reading();
    Map<String, List<PortReading>> ports =
        reading.ports().stream().collect(Collectors.groupingBy(PortReading::controller));
    Map<String, NetworkPlan.Link> links =
        from.network().links().stream().collect(Collectors.toMap(NetworkPlan.Link::box, l -> l));
    Table table = table(from);
    for (PlacedController c : reading.decisions().controllers()) {
      String id = c.controller().id();
      List<PortReading> own = ports.getOrDefault(id, List.of());
      for (int first = 0; first == 0 || first < own.size(); first += PORTS) {
        List<PortReading> part = own.subList(first, Math.min(own.size(), first + PORTS));
        page.raw("<div class=\"card\">");
        top(page, from, c, Optional.ofNullable(links.get(id)));
        box(page, reading, part);
        page.raw("</div>");
      }
      page.raw("<div class=\"break\"></div>").head(id + ", port by port");
      page.table(
          new Table(
              table.columns(),
              table.rows().stream().filter(r -> r.getFirst().equals(id)).toList()));
      double amps = own.stream().mapToDouble(PortReading::amps).sum();
      page.says(
          fixed(amps, 1)
              + " A through the board's ports at "
              + number(reading.show().settings().brightnessPercent())
              + " % white.");
      page.caution(
          "Switch off before any plug is made or parted. Replace a fuse by its own size only. Mains"
              + " wiring belongs to local codes and, where they say so, to a licensed person.");
    }
    if (reading.decisions().controllers().isEmpty()) {
      page.head("Box cards").says("No box is planned yet: add runs, then print again.");
    }
    return page;
  }

  private static void top(
      Page page, Sources from, PlacedController c, Optional<NetworkPlan.Link> link) {
    List<String> code = code(from, c, link);
    page.raw("<table class=\"top\"><tbody><tr><td><p class=\"name\">")
        .raw(Html.text(Html.fitted(c.controller().id(), NAME_MOST)))
        .raw("</p>");
    for (String line : code.subList(1, code.size())) {
      page.raw("<p class=\"big\">" + Html.text(line) + "</p>");
    }
    page.raw(
            "</td><td style=\"width: 62mm\"><p>"
                + Html.text(from.show().addressing().protocol().id()))
        .raw(
            ", ports in the order of the glands. Switch off before any plug is made or parted.</p>")
        .raw("</td><td style=\"width: 34mm\">")
        .raw(Codes.image(String.join("\n", code), 33))
        .raw("</td></tr></tbody></table>");
  }

  /** What the code on a box says, a line each; its name first. */
  static List<String> code(Sources from, PlacedController c, Optional<NetworkPlan.Link> link) {
    String id = c.controller().id();
    List<String> lines = new ArrayList<>();
    lines.add("box " + id);
    String address =
        link.map(NetworkPlan.Link::address)
            .orElseGet(
                () ->
                    NetworkAddresses.of(from.show(), from.reading().decisions())
                        .getOrDefault(id, ""));
    lines.add("address " + address);
    lines.add("universes " + link.map(NetworkPlan.Link::universeText).orElse("none"));
    for (PlacedBoard b : c.everyBoard()) {
      lines.add("supply " + b.supply().orElse("none") + " " + number(b.volts()) + " V");
    }
    return lines;
  }

  private static void box(Page page, Reading reading, List<PortReading> ports) {
    int columns = Math.min(COLUMNS, Math.max(4, ports.size()));
    boolean roomy =
        ports.size() <= COLUMNS
            && ports.stream().allMatch(p -> p.segments().size() <= PIECES_ROOMY);
    page.raw("<table class=\"box" + (roomy ? " roomy" : "") + "\"><tbody>");
    for (int from = 0; from < ports.size(); from += columns) {
      List<PortReading> row = ports.subList(from, Math.min(ports.size(), from + columns));
      page.raw("<tr>");
      row.forEach(p -> port(page, reading, p, columns));
      page.raw("<td></td>".repeat(columns - row.size())).raw("</tr><tr>");
      row.forEach(p -> page.raw("<td class=\"gland\">" + p.port() + "</td>"));
      page.raw("<td class=\"gland\"></td>".repeat(columns - row.size())).raw("</tr>");
    }
    page.raw("</tbody></table>");
  }

  private static void port(Page page, Reading reading, PortReading port, int columns) {
    if (port.segments().isEmpty()) {
      page.raw("<td class=\"spare\">spare</td>");
      return;
    }
    double widthMm = (page.print().size().heightMm() - 30) / columns - 4;
    page.raw("<td>").raw(Drawings.line(port.segments().size(), widthMm, 7));
    for (SegmentReading s : port.segments()) {
      page.raw("<p class=\"run\">" + Html.text(Html.fitted(name(s), NAME_MOST)) + "</p>");
      page.raw("<p class=\"run\"><span class=\"px\">" + s.segment().pixels() + "</span> px</p>");
    }
    page.raw("<p class=\"run whole\">" + Html.text(start(port.segments().getFirst())) + "</p>");
    String fuse =
        port.segments().stream()
            .flatMap(
                s -> reading.feedsBySegment().getOrDefault(s.segment().id(), List.of()).stream())
            .filter(f -> f.feed().viaPort())
            .map(f -> "fuse " + number(f.feed().fuseAmps()) + " A")
            .distinct()
            .collect(Collectors.joining(", "));
    page.raw("<p class=\"run whole\">" + (fuse.isEmpty() ? "data alone" : fuse) + "</p></td>");
  }

  private static String name(SegmentReading s) {
    var d = s.segment();
    return d.pixels() == s.run().pixels()
        ? s.run().name()
        : s.run().name() + " " + d.firstPixel() + "-" + d.lastPixel();
  }

  private static String start(SegmentReading s) {
    return s.slots().stream()
        .findFirst()
        .map(r -> "u" + r.universe() + " / " + r.firstSlot())
        .orElse("no universe");
  }

  private static String power(SegmentReading s) {
    var d = s.segment();
    return d.powerFromPrevious() ? (d.position() == 1 ? "port" : "from before") : "own feeds";
  }

  private static String fuses(Reading reading, SegmentReading s) {
    List<FeedReading> feeds = reading.feedsBySegment().getOrDefault(s.segment().id(), List.of());
    return feeds.stream()
        .map(
            f ->
                number(f.feed().fuseAmps())
                    + " A ("
                    + f.feed().atPixel()
                    + (f.feed().viaPort()
                        ? ", port"
                        : f.feed().trunk().map(t -> ", " + t).orElse(""))
                    + ")")
        .collect(Collectors.joining(", "));
  }
}
