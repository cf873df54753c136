package bunting.desktop;

import bunting.core.assess.Totals;
import bunting.core.checks.Severity;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.Texts;
import bunting.files.BadInputException;
import bunting.files.papers.Papers;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;

/**
 * {@code demo} where there is no display: plans it, writes snapshots and papers, prints a summary.
 */
final class DemoCommand {
  private DemoCommand() {}

  static int run(PrintWriter out, PrintWriter err) {
    try {
      Path folder = Files.createTempDirectory("bunting-demo-");
      Assessment plan = Assessor.plan(DemoShow.read());
      Papers.write(
          plan, folder.resolve("papers"), Papers.Order.all(LocalDate.now(ZoneId.systemDefault())));
      Files.createDirectories(folder.resolve("snapshots"));
      Snapshots.write(
          plan.reading().show(), Snapshots.all(), folder.resolve("snapshots"), 1280, 800);
      Totals t = plan.reading().totals();
      out.println(plan.reading().show().settings().name());
      out.println(
          Texts.count(t.runs(), "run", "runs")
              + ", "
              + Texts.count(t.pixels(), "pixel", "pixels")
              + ", "
              + Texts.count(t.universes(), "universe", "universes")
              + ", "
              + Texts.count(t.portsUsed(), "port", "ports")
              + " on "
              + Texts.count(t.controllers(), "box", "boxes")
              + ", "
              + Texts.count(t.feeds(), "feed", "feeds")
              + ", "
              + Texts.fixed(t.amps(), 0)
              + " A, least volts "
              + Texts.fixed(t.minVoltsPercent(), 1)
              + " %");
      out.println(plan.count(Severity.STOP) + " stop, " + plan.count(Severity.WARN) + " warn");
      out.println("Snapshots and papers are in " + folder);
      return 0;
    } catch (BadInputException e) {
      err.println(e.getMessage());
      return 2;
    } catch (IOException | UncheckedIOException e) {
      err.println(
          "The demo cannot write to the temporary folder "
              + System.getProperty("java.io.tmpdir")
              + "; make room there, or name another by TMPDIR.");
      return 2;
    }
  }
}
