package bunting.files.papers;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Totals;
import bunting.core.checks.Finding;
import bunting.core.checks.Severity;
import bunting.core.cost.BuildCost;
import java.util.ArrayList;
import java.util.List;

/** The show on a page: what there is, what it draws, what it costs, what is to be mended. */
final class Summary {
  private static final int FINDINGS_MOST = 12;

  private Summary() {}

  /** A figure. */
  private record Line(String about, String what, String figure, String unit) {}

  static Table table(Sources from) {
    Totals t = from.reading().totals();
    String currency = from.show().settings().currency();
    List<Line> lines = new ArrayList<>();
    lines.add(new Line("show", "Runs", "" + t.runs(), ""));
    lines.add(new Line("show", "Pixels", "" + t.pixels(), ""));
    lines.add(new Line("show", "Plain sets", "" + t.plainSets(), ""));
    lines.add(new Line("show", "Bulb strings", "" + t.bulbStrings(), ""));
    lines.add(new Line("control", "Boxes", "" + t.controllers(), ""));
    lines.add(new Line("control", "Ports in use", "" + t.portsUsed(), ""));
    lines.add(new Line("control", "Universes", "" + t.universes(), ""));
    lines.add(new Line("control", "Channels", "" + t.channels(), ""));
    lines.add(new Line("power", "Supplies", "" + t.supplies(), ""));
    lines.add(new Line("power", "Feeds", "" + t.feeds(), ""));
    lines.add(
        new Line(
            "power",
            "Amps at " + number(from.show().settings().brightnessPercent()) + " % white",
            fixed(t.amps(), 1),
            "A"));
    lines.add(new Line("power", "Watts of the supplies", fixed(t.watts(), 0), "W"));
    lines.add(new Line("power", "Least volts", fixed(t.minVoltsPercent(), 1), "%"));
    BuildCost c = t.build();
    lines.add(new Line("cost", "Boxes", fixed(c.boxes(), 2), currency));
    lines.add(new Line("cost", "Supplies", fixed(c.supplies(), 2), currency));
    lines.add(new Line("cost", "Fused ways", fixed(c.ways(), 2), currency));
    lines.add(new Line("cost", "Leads", fixed(c.leads(), 2), currency));
    lines.add(new Line("cost", "Cable of feeds", fixed(c.feeds(), 2), currency));
    lines.add(new Line("cost", "Work of joining on", fixed(c.work(), 2), currency));
    lines.add(new Line("cost", "Together to build", fixed(c.total(), 2), currency));
    double pixels = from.cuts().types().stream().mapToDouble(x -> x.cost()).sum();
    lines.add(new Line("cost", "Pixels, as far as packs have prices", fixed(pixels, 2), currency));
    return Table.of(
        lines,
        List.of(
            Table.<Line>text("about", "", Line::about),
            Table.<Line>col("what", "What", Table.Kind.MAIN, Line::what),
            Table.<Line>col("figure", "Figure", Table.Kind.MAIN_NUMBER, Line::figure),
            Table.<Line>text("unit", "", Line::unit)));
  }

  static Page page(Sources from, Page page) {
    page.head("Summary").table(table(from));
    List<Finding> open =
        from.plan().findings().stream().filter(f -> f.severity() != Severity.NOTE).toList();
    page.head(open.isEmpty() ? "Nothing to mend" : "To mend: " + open.size());
    page.ticks(open.stream().limit(FINDINGS_MOST).map(Finding::message).toList());
    if (open.size() > FINDINGS_MOST) {
      page.says("And " + (open.size() - FINDINGS_MOST) + " more: see `check`.");
    }
    return page;
  }
}
