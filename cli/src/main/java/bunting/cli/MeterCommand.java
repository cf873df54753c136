package bunting.cli;

import bunting.core.assess.Reading;
import bunting.core.limits.Range;
import bunting.core.meter.Meter;
import bunting.core.meter.MeterSetting;
import bunting.core.meter.MeterSheet;
import bunting.core.pattern.Pattern;
import bunting.core.show.Texts;
import bunting.files.BadInputException;
import bunting.files.MeterWriter;
import bunting.files.ShowFiles;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "meter",
    mixinStandardHelpOptions = true,
    description = "What a meter should read: volts along the runs, amps in the cables.")
final class MeterCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(
      names = "--pattern",
      paramLabel = "NAME",
      description = "white (by default), red, green, blue, black and others.")
  private String pattern = Pattern.WHITE.id();

  @Option(
      names = "--brightness",
      paramLabel = "PERCENT",
      description = "100 by default; the show's where it has a limiter.")
  private @Nullable Double brightness;

  @Option(
      names = "--trim",
      paramLabel = "VOLTS=VOLTS",
      description = "Supplies of the first volts hold the second.")
  private List<String> trims = new ArrayList<>();

  @Option(names = "--without", paramLabel = "FEED[,FEED]", description = "Feeds that are pulled.")
  private String without = "";

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  @Override
  public Integer call() throws Exception {
    Pattern look = SendCommand.pattern(pattern);
    if (brightness != null) {
      SendCommand.need(Range.PERCENT, brightness, "--brightness");
    }
    Map<Double, Double> trimmed = trims();
    Reading reading = Planning.of(ShowFiles.open(show)).reading();
    double percent = brightness == null ? reading.worst().brightnessPercent() : brightness;
    MeterSheet sheet =
        new Meter(reading).read(new MeterSetting(look, percent, trimmed, feeds(reading)));
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.print(MeterWriter.write(sheet));
    } else {
      print(sheet, out);
    }
    out.flush();
    return 0;
  }

  private Map<Double, Double> trims() throws BadInputException {
    Map<Double, Double> map = new TreeMap<>();
    for (String t : trims) {
      String[] sides = t.split("=", -1);
      try {
        double from = Double.parseDouble(sides[0]);
        double to = Double.parseDouble(sides[sides.length - 1]);
        if (sides.length == 2 && Range.VOLTS.holds(from) && Range.VOLTS.holds(to)) {
          map.put(from, to);
          continue;
        }
      } catch (NumberFormatException e) {
        // Told below.
      }
      throw new BadInputException(
          "Command line: --trim should be two voltages like 5=5.2: supplies of 5 V hold 5.2 V.");
    }
    return map;
  }

  private Set<String> feeds(Reading reading) throws BadInputException {
    Set<String> known =
        reading.feeds().stream().map(f -> f.feed().id()).collect(Collectors.toSet());
    Set<String> gone = new LinkedHashSet<>();
    for (String id : without.split(",", -1)) {
      if (!id.isBlank()) {
        gone.add(id.strip());
      }
    }
    for (String id : gone) {
      if (!known.contains(id)) {
        throw new BadInputException(
            "Command line: --without names a feed that the plan has not; ./bunting plan writes"
                + " their ids, like "
                + known.stream().sorted().findFirst().orElse("F1")
                + ".");
      }
    }
    return gone;
  }

  private static void print(MeterSheet sheet, PrintWriter out) {
    MeterSetting s = sheet.setting();
    out.println(s.pattern().id() + " at " + Texts.number(s.brightnessPercent()) + " %");
    String run = "";
    for (MeterSheet.Volts v : sheet.volts()) {
      if (!v.run().equals(run)) {
        run = v.run();
        out.println(run);
      }
      out.println(
          "  pixel "
              + v.pixel()
              + ": "
              + Texts.fixed(v.volts(), 2)
              + " V of "
              + Texts.number(v.nominalVolts())
              + " ("
              + v.why()
              + ")");
    }
    for (MeterSheet.Amps a : sheet.amps()) {
      out.println(a.kind().id() + " " + a.id() + ": " + Texts.fixed(a.amps(), 2) + " A");
    }
  }
}
