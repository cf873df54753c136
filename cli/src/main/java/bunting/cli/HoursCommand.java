package bunting.cli;

import bunting.core.assess.Reading;
import bunting.core.hours.HoursSheet;
import bunting.core.show.Hours;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.files.BadInputException;
import bunting.files.HoursWriter;
import bunting.files.ShowFiles;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "hours",
    mixinStandardHelpOptions = true,
    description = "When the lights are on, what energy they take, and its cost.")
final class HoursCommand implements Callable<Integer> {
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);

  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path file = Path.of("");

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  @Override
  public Integer call() throws Exception {
    Show show = ShowFiles.open(file);
    Hours hours =
        show.mains()
            .hours()
            .orElseThrow(
                () ->
                    new BadInputException(
                        file.getFileName()
                            + ": $.hours is missing in the show or its SETTINGS.json; give an"
                            + " object with from, to, latitude, longitude and zone."));
    Reading reading = Planning.of(show).reading();
    HoursSheet sheet = HoursSheet.of(reading, hours);
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.print(HoursWriter.write(sheet));
    } else {
      print(sheet, hours, out);
    }
    out.flush();
    return 0;
  }

  private static void print(HoursSheet sheet, Hours hours, PrintWriter out) {
    String money = hours.tariff().currency();
    for (HoursSheet.Day d : sheet.days()) {
      out.println(
          d.date()
              + ": sunset "
              + clock(d.sunset())
              + ", on "
              + clock(d.on())
              + ", off "
              + clock(d.off())
              + ", "
              + Texts.fixed(d.hours(), 2)
              + " h"
              + d.odd().map(o -> " (" + o.text() + ")").orElse(""));
    }
    out.println(
        Texts.count(sheet.days().size(), "evening", "evenings")
            + ", "
            + Texts.fixed(sheet.hours(), 1)
            + " h lit");
    out.println(
        "lit "
            + Texts.fixed(sheet.wattsLit(), 0)
            + " W: "
            + Texts.fixed(sheet.kwhLit(), 1)
            + " kWh; dark "
            + Texts.fixed(sheet.wattsDark(), 1)
            + " W: "
            + Texts.fixed(sheet.kwhDark(), 1)
            + " kWh; together "
            + (Texts.fixed(sheet.cost(), 2) + " " + money).strip());
    if (sheet.darkDays() > 0) {
      out.println(
          Texts.count(sheet.darkDays(), "day", "days")
              + " off: "
              + Texts.fixed(sheet.kwhOff(), 1)
              + " kWh, "
              + (Texts.fixed(sheet.costOff(), 2) + " " + money).strip());
    }
  }

  private static String clock(Optional<ZonedDateTime> time) {
    return time.map(CLOCK::format).orElse("none");
  }
}
