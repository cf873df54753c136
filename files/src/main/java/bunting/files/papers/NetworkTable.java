package bunting.files.papers;

import static bunting.core.show.Texts.fixed;

import bunting.core.network.DmxLine;
import bunting.core.network.NetworkPlan;
import java.util.List;

/** The network sheet: who has which address, what each link carries, and how to begin. */
final class NetworkTable {
  private NetworkTable() {}

  static Table table(Sources from) {
    return Table.of(
        from.network().links(),
        List.of(
            Table.<NetworkPlan.Link>col("box", "Box", Table.Kind.MAIN, NetworkPlan.Link::box),
            Table.<NetworkPlan.Link>col(
                "address", "Address", Table.Kind.MAIN, NetworkPlan.Link::address),
            Table.<NetworkPlan.Link>text(
                "factory_address", "Factory address", l -> l.type().factoryAddress()),
            Table.<NetworkPlan.Link>col(
                "universes", "Universes", Table.Kind.MAIN, NetworkPlan.Link::universeText),
            Table.<NetworkPlan.Link>number(
                "packets_per_second", "Packets/s", l -> fixed(l.packetsPerSecond(), 0)),
            Table.<NetworkPlan.Link>number(
                "mbit_per_second", "Mbit/s", l -> fixed(l.received(), 2)),
            Table.<NetworkPlan.Link>text("link", "Link", l -> l.wifi() ? "Wi-Fi" : "wired")));
  }

  static Page page(Sources from, Page page) {
    NetworkPlan network = from.network();
    page.head("Network sheet")
        .says(
            network.subnet()
                + " · sender "
                + network.sender()
                + " · "
                + (from.show().network().multicast() ? "multicast" : "unicast")
                + " · "
                + fixed(network.packetsPerSecond(), 0)
                + " packets and "
                + fixed(network.megabits(), 1)
                + " Mbit a second")
        .table(table(from))
        .head("Commissioning, one box at a time")
        .ticks(network.commissioning().stream().map(NetworkPlan.Step::what).toList());
    List<DmxLine> lines = DmxLine.of(from.reading());
    if (!lines.isEmpty()) {
      page.table("DMX lines", lines(lines));
      page.fine(
          DmxLine.TERMINATION_OHMS
              + " ohm at the last board of each line, at most "
              + DmxLine.UNIT_LOADS
              + " unit loads on a line.");
    }
    return page;
  }

  /** A board on its line. */
  private record OnLine(DmxLine line, DmxLine.Board board) {}

  private static Table lines(List<DmxLine> lines) {
    return Table.of(
        lines.stream().flatMap(l -> l.boards().stream().map(b -> new OnLine(l, b))).toList(),
        List.of(
            Table.<OnLine>count("universe", "Universe", o -> o.line().universe()),
            Table.<OnLine>count("segment", "Segment", o -> o.line().segment()),
            Table.<OnLine>text("board", "Board", o -> o.board().dimmer()),
            Table.<OnLine>count("start", "Start", o -> o.board().start()),
            Table.<OnLine>text(
                "switches", "Switches 1 to 256", o -> DmxLine.switchText(o.board().start())),
            Table.<OnLine>count("slots", "Slots", o -> o.board().slots())));
  }
}
