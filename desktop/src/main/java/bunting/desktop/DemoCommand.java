package bunting.desktop;

import bunting.core.assess.Totals;
import bunting.core.checks.Severity;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.Texts;
import bunting.files.BadInputException;
import bunting.files.Papers;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * {@code demo} where there is no display: plans it, writes snapshots and papers, prints a summary.
 */
final class DemoCommand {
  private DemoCommand() {}

  static int run(PrintWriter out, PrintWriter err) {
    try {
      Path folder = Files.createTempDirectory("bunting-demo-");
      Assessment plan = Assessor.plan(DemoShow.read());
      Papers.write(plan, folder.resolve("papers"));
      Files.createDirectories(folder.resolve("snapshots"));
      Snapshots.write(
          plan.reading().show(), Snapshots.all(), folder.resolve("snapshots"), 1280, 800);
      Totals t = plan.reading().totals();
      out.println(plan.reading().show().settings().name());
      out.println(
          t.runs()
              + " runs, "
              + t.pixels()
              + " pixels, "
              + t.universes()
              + " universes, "
              + t.portsUsed()
              + " ports on "
              + t.controllers()
              + " boxes, "
              + t.feeds()
              + " feeds, "
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
