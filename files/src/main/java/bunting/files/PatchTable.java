package bunting.files;

import bunting.core.addressing.SlotRow;
import bunting.core.assess.OtherReading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.Assessment;
import java.util.ArrayList;
import java.util.List;

/** Universe by universe, what lies on which slots: for whoever writes the sequences. */
final class PatchTable {
  private static final List<String> HEAD =
      List.of(
          "universe",
          "first_slot",
          "last_slot",
          "run",
          "first_pixel",
          "last_pixel",
          "channels",
          "order",
          "controller",
          "port",
          "fitting");

  private PatchTable() {}

  static byte[] csv(Assessment plan) {
    return Csv.table(table(plan));
  }

  /** Head and rows. */
  static List<List<String>> table(Assessment plan) {
    List<List<String>> table = new ArrayList<>();
    table.add(HEAD);
    table.addAll(rows(plan));
    return table;
  }

  static String html(Assessment plan) {
    var show = plan.reading().show();
    StringBuilder body = new StringBuilder();
    body.append("<h1>Patch table</h1><p>")
        .append(Html.text(show.settings().name()))
        .append(" · ")
        .append(show.addressing().protocol().id())
        .append(" · ")
        .append(show.addressing().split().id())
        .append(" · slots and universes count from 1</p><table><thead>")
        .append(
            Html.row(
                "th",
                "Universe",
                "First slot",
                "Last slot",
                "Run",
                "First pixel",
                "Last pixel",
                "Channels",
                "Order",
                "Controller",
                "Port",
                "Fitting"))
        .append("</thead><tbody>");
    rows(plan).forEach(row -> body.append(Html.row("td", row.toArray(String[]::new))));
    return Html.document("Patch table", body.append("</tbody></table>").toString());
  }

  private static String grouping(SegmentReading s) {
    var fitting = s.run().fitting();
    String shared = fitting.grouping() > 1 ? fitting.grouping() + " a set" : "";
    return fitting.reversed() ? (shared + " reversed").strip() : shared;
  }

  private static List<List<String>> rows(Assessment plan) {
    List<List<String>> rows = new ArrayList<>();
    for (SegmentReading s : plan.reading().segments()) {
      for (SlotRow row : s.slots()) {
        rows.add(
            List.of(
                "" + row.universe(),
                "" + row.firstSlot(),
                "" + row.lastSlot(),
                s.run().name(),
                "" + row.firstPixel(),
                "" + row.lastPixel(),
                "" + s.type().channels(),
                s.order(),
                s.segment().controller(),
                "" + s.segment().port(),
                grouping(s)));
      }
    }
    for (OtherReading.Set s : plan.reading().others().sets()) {
      if (s.slots().isPresent()) {
        rows.add(
            List.of(
                "" + s.slots().get().universe(),
                "" + s.slots().get().firstSlot(),
                "" + s.slots().get().lastSlot(),
                s.set().name(),
                "",
                "",
                "" + s.set().channels(),
                switch (s.set().channels()) {
                  case 1 -> "W";
                  case 3 -> "RGB";
                  case 4 -> "RGBW";
                  default -> "";
                },
                s.output().dimmer(),
                "" + s.output().firstOutput(),
                ""));
      }
    }
    return rows;
  }
}
