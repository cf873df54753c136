package bunting.files;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.assess.FeedReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.Assessment;
import bunting.core.show.PlacedController;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * One card a controller, for the inside of its lid: ports, runs, counts, fuses, start universes,
 * address.
 */
final class BoxLidCards {
  private static final String[] HEAD = {
    "Port",
    "Run",
    "Pixels",
    "Start universe / slot",
    "Lead",
    "Power",
    "Fuses (at pixel)",
    "Least volts"
  };

  private BoxLidCards() {}

  static String html(Assessment plan) {
    Reading reading = plan.reading();
    Map<String, List<PortReading>> ports =
        reading.ports().stream().collect(Collectors.groupingBy(PortReading::controller));
    Map<String, List<FeedReading>> feeds = feeds(reading);
    StringBuilder body = new StringBuilder();
    Map<String, String> addresses =
        NetworkAddresses.of(reading.show(), reading.decisions().controllers());
    for (PlacedController c : reading.decisions().controllers()) {
      List<PortReading> own = ports.getOrDefault(c.controller().id(), List.of());
      body.append("<div class=\"card\"><h1>")
          .append(Html.text(c.controller().id()))
          .append("</h1><p>")
          .append(Html.text(reading.show().settings().name()))
          .append(" · ")
          .append(number(c.volts()))
          .append(" V · address ")
          .append(addresses.get(c.controller().id()))
          .append(" · ")
          .append(reading.show().addressing().protocol().id())
          .append(c.supply().map(s -> " · supply " + s).orElse(""))
          .append(
              "</p><p class=\"caution\">Switch off before any plug is made or parted. Replace a"
                  + " fuse by its own size only. ")
          .append(
              "Mains wiring belongs to local codes and, where they say so, to a licensed"
                  + " person.</p><table><thead>")
          .append(Html.row("th", HEAD))
          .append("</thead><tbody>");
      for (PortReading port : own) {
        for (String[] row : rows(reading, port, feeds)) {
          body.append(Html.row("td", row));
        }
      }
      body.append("</tbody></table><p class=\"fine\">")
          .append(fixed(own.stream().mapToDouble(PortReading::amps).sum(), 1))
          .append(" A through the board's ports. Numbers are for ")
          .append(number(reading.show().settings().brightnessPercent()))
          .append(" % white.</p></div>");
    }
    return Html.document("Box-lid cards", body.toString());
  }

  static byte[] csv(Assessment plan) {
    Reading reading = plan.reading();
    Map<String, List<FeedReading>> feeds = feeds(reading);
    List<List<String>> table = new ArrayList<>();
    List<String> head = new ArrayList<>(List.of("controller"));
    head.addAll(List.of("port", "run", "pixels", "start", "lead", "power", "fuses", "least_volts"));
    table.add(head);
    for (PortReading port : reading.ports()) {
      for (String[] row : rows(reading, port, feeds)) {
        List<String> line = new ArrayList<>(List.of(port.controller()));
        line.addAll(List.of(row));
        table.add(line);
      }
    }
    return Csv.table(table);
  }

  private static Map<String, List<FeedReading>> feeds(Reading reading) {
    Map<String, List<FeedReading>> feeds = new HashMap<>();
    for (FeedReading f : reading.feeds()) {
      feeds.computeIfAbsent(f.feed().segment(), k -> new ArrayList<>()).add(f);
    }
    return feeds;
  }

  private static List<String[]> rows(
      Reading reading, PortReading port, Map<String, List<FeedReading>> feeds) {
    List<String[]> rows = new ArrayList<>();
    String number = Integer.toString(port.port());
    if (port.segments().isEmpty()) {
      rows.add(new String[] {number, "spare", "", "", "", "", "", ""});
    }
    for (SegmentReading s : port.segments()) {
      var d = s.segment();
      String part =
          d.pixels() == s.run().pixels() ? "" : " " + d.firstPixel() + "-" + d.lastPixel();
      String fuses =
          feeds.getOrDefault(d.id(), List.of()).stream()
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
      String power =
          d.powerFromPrevious() ? (d.position() == 1 ? "port" : "from before") : "own feeds";
      var first = s.slots().getFirst();
      rows.add(
          new String[] {
            number,
            s.run().name() + part,
            Integer.toString(d.pixels()),
            "u" + first.universe() + " / " + first.firstSlot(),
            Lengths.of(reading.show()).rough(s.leadM())
                + d.leadWire().map(w -> " " + w).orElse(" data"),
            power,
            fuses,
            fixed(s.volts().lowest(), 2) + " V"
          });
    }
    return rows;
  }
}
