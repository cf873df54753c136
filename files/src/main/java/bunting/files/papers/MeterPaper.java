package bunting.files.papers;

import static bunting.core.show.Texts.fixed;

import bunting.core.meter.MeterSheet;
import java.util.ArrayList;
import java.util.List;

/** What a meter should read, place by place, with room for what it reads. */
final class MeterPaper {
  private MeterPaper() {}

  /** A place or a cable to measure at. */
  private record Line(
      String kind, String where, String pixel, String expects, String unit, String why) {}

  static Table table(Sources from) {
    List<Line> lines = new ArrayList<>();
    for (MeterSheet.Volts v : from.meter().volts()) {
      lines.add(new Line("volts", v.run(), "" + v.pixel(), fixed(v.volts(), 2), "V", v.why()));
    }
    for (MeterSheet.Amps a : from.meter().amps()) {
      lines.add(new Line("amps, " + a.kind().id(), a.id(), "", fixed(a.amps(), 2), "A", ""));
    }
    return Table.of(
        lines,
        List.of(
            Table.<Line>text("kind", "Kind", Line::kind),
            Table.<Line>col("where", "Where", Table.Kind.MAIN, Line::where),
            Table.<Line>col("pixel", "Pixel", Table.Kind.MAIN_NUMBER, Line::pixel),
            Table.<Line>col("expects", "Should read", Table.Kind.MAIN_NUMBER, Line::expects),
            Table.<Line>text("unit", "", Line::unit),
            Table.<Line>text("reads", "Reads", l -> "").shown(t -> "________"),
            Table.<Line>text("why", "Why here", Line::why)));
  }

  static Page page(Sources from, Page page) {
    return page.head("Meter sheet")
        .says(
            "All on white at "
                + bunting.core.show.Texts.number(from.meter().setting().brightnessPercent())
                + " %, held for a minute. Probes on V+ and ground at the pixel named. A reading"
                + " that is off by a tenth of a volt in 5 V is worth a look; at 0 V no current"
                + " comes, near the supply's volts with dark pixels data is missing.")
        .caution(
            "Measure on the low-voltage side alone. Opening anything on the mains belongs to local"
                + " codes and licensed people.")
        .table(table(from));
  }
}
