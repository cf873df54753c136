package bunting.files.papers;

import bunting.core.addressing.SlotRow;
import bunting.core.assess.OtherReading;
import bunting.core.assess.SegmentReading;
import java.util.ArrayList;
import java.util.List;

/** Universe by universe, what lies on which slots: for whoever writes the sequences. */
final class PatchTable {
  private PatchTable() {}

  /** A stretch of slots. */
  private record Row(
      SlotRow slots,
      String run,
      String first,
      String last,
      int channels,
      String order,
      String box,
      int port,
      String fitting) {}

  static Table table(Sources from) {
    return Table.of(
        rows(from),
        List.of(
            Table.<Row>col(
                "universe", "Universe", Table.Kind.MAIN_NUMBER, r -> "" + r.slots().universe()),
            Table.<Row>count("first_slot", "First slot", r -> r.slots().firstSlot()),
            Table.<Row>count("last_slot", "Last slot", r -> r.slots().lastSlot()),
            Table.<Row>col("run", "Run", Table.Kind.MAIN, Row::run),
            Table.<Row>number("first_pixel", "First pixel", Row::first),
            Table.<Row>number("last_pixel", "Last pixel", Row::last),
            Table.<Row>count("channels", "Channels", Row::channels),
            Table.<Row>text("order", "Order", Row::order),
            Table.<Row>text("controller", "Box", Row::box),
            Table.<Row>count("port", "Port", Row::port),
            Table.<Row>text("fitting", "Fitting", Row::fitting)));
  }

  private static List<Row> rows(Sources from) {
    List<Row> rows = new ArrayList<>();
    for (SegmentReading s : from.reading().segments()) {
      for (SlotRow row : s.slots()) {
        rows.add(
            new Row(
                row,
                s.run().name(),
                "" + row.firstPixel(),
                "" + row.lastPixel(),
                s.type().channels(),
                s.order(),
                s.segment().controller(),
                s.segment().port(),
                grouping(s)));
      }
    }
    for (OtherReading.Set s : from.reading().others().sets()) {
      s.slots()
          .ifPresent(
              slots ->
                  rows.add(
                      new Row(
                          slots,
                          s.set().name(),
                          "",
                          "",
                          s.set().channels(),
                          order(s.set().channels()),
                          s.output().dimmer(),
                          s.output().firstOutput(),
                          "")));
    }
    return rows;
  }

  private static String order(int channels) {
    return switch (channels) {
      case 1 -> "W";
      case 3 -> "RGB";
      case 4 -> "RGBW";
      default -> "";
    };
  }

  private static String grouping(SegmentReading s) {
    var fitting = s.run().fitting();
    String shared = fitting.grouping() > 1 ? fitting.grouping() + " a set" : "";
    return fitting.reversed() ? (shared + " reversed").strip() : shared;
  }

  static Page page(Sources from, Page page) {
    var addressing = from.show().addressing();
    return page.landscape()
        .head("Port and universe table")
        .says(
            addressing.protocol().id()
                + " · "
                + addressing.split().id()
                + " · slots, universes and pixels count from 1")
        .table(table(from));
  }
}
