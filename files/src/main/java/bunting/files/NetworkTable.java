package bunting.files;

import static bunting.core.show.Texts.fixed;

import bunting.core.network.DmxLine;
import bunting.core.network.NetworkPlan;
import bunting.core.plan.Assessment;
import java.util.ArrayList;
import java.util.List;

/** The network sheet: who has which address, what each link carries, and how to begin. */
final class NetworkTable {
  private static final String[] HEAD = {
    "Box", "Address", "Factory address", "Universes", "Packets/s", "Mbit/s", "Link"
  };

  private NetworkTable() {}

  static List<List<String>> table(Assessment plan) {
    List<List<String>> rows = new ArrayList<>();
    rows.add(
        List.of(
            "box",
            "address",
            "factory_address",
            "universes",
            "packets_per_second",
            "mbit_per_second",
            "link"));
    NetworkPlan.of(plan.reading()).links().forEach(l -> rows.add(List.of(cells(l))));
    return rows;
  }

  private static String[] cells(NetworkPlan.Link l) {
    return new String[] {
      l.box(),
      l.address(),
      l.type().factoryAddress(),
      l.universeText(),
      fixed(l.packetsPerSecond(), 0),
      fixed(l.received(), 2),
      l.wifi() ? "Wi-Fi" : "wired"
    };
  }

  static byte[] csv(Assessment plan) {
    return Csv.table(table(plan));
  }

  static String html(Assessment plan) {
    NetworkPlan network = NetworkPlan.of(plan.reading());
    StringBuilder body = new StringBuilder();
    body.append("<h1>Network sheet</h1><p>")
        .append(Html.text(plan.reading().show().settings().name()))
        .append(" · ")
        .append(network.subnet())
        .append(" · sender ")
        .append(network.sender())
        .append(" · ")
        .append(plan.reading().show().network().multicast() ? "multicast" : "unicast")
        .append(" · ")
        .append(fixed(network.packetsPerSecond(), 0))
        .append(" packets and ")
        .append(fixed(network.megabits(), 1))
        .append(" Mbit a second</p><table><thead>")
        .append(Html.row("th", HEAD))
        .append("</thead><tbody>");
    network.links().forEach(l -> body.append(Html.row("td", cells(l))));
    body.append("</tbody></table><h1>Commissioning, one box at a time</h1><table><tbody>");
    network.commissioning().forEach(s -> body.append(Html.row("td", "[  ]", s.what())));
    body.append("</tbody></table>");
    List<DmxLine> lines = DmxLine.of(plan.reading());
    if (!lines.isEmpty()) {
      body.append("<h1>DMX lines</h1><table><thead>")
          .append(
              Html.row("th", "Universe", "Segment", "Board", "Start", "Switches 1 to 256", "Slots"))
          .append("</thead><tbody>");
      for (DmxLine line : lines) {
        for (DmxLine.Board b : line.boards()) {
          body.append(
              Html.row(
                  "td",
                  "" + line.universe(),
                  "" + line.segment(),
                  b.dimmer(),
                  "" + b.start(),
                  DmxLine.switchText(b.start()),
                  "" + b.slots()));
        }
      }
      body.append("</tbody></table><p class=\"fine\">")
          .append(DmxLine.TERMINATION_OHMS)
          .append(" ohm at the last board of each line, at most ")
          .append(DmxLine.UNIT_LOADS)
          .append(" unit loads on a line.</p>");
    }
    return Html.document("Network sheet", body.toString());
  }
}
