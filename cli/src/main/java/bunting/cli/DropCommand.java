package bunting.cli;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.injection.FeedPlaces;
import bunting.core.injection.Sites;
import bunting.core.show.LoadKind;
import bunting.core.show.Run;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import bunting.files.BadInputException;
import bunting.files.DropWriter;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
    name = "drop",
    mixinStandardHelpOptions = true,
    description = "The volts along one run; exit 1 if the network cannot stand.")
final class DropCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Option(names = "--volts", required = true, description = "Volts of supply and pixels.")
  private double volts;

  @Option(names = "--pixels", required = true, description = "How many pixels.")
  private int pixels;

  @Option(names = "--pitch", required = true, description = "Pixels a metre.")
  private double pitch;

  @Option(names = "--ma", required = true, description = "Milliamps of a pixel.")
  private double milliamps;

  @Option(
      names = "--load",
      defaultValue = "constant-current",
      description = "constant-current, constant-power, resistive or headroom.")
  private String load = "";

  @Option(names = "--rail-ohms-per-m", required = true, description = "Ohms a metre of one rail.")
  private double railOhmsPerM;

  @Option(
      names = "--feed",
      paramLabel = "PIXEL,LENGTH_M,WIRE",
      description = "A feed; as often as there are feeds.")
  private List<String> feeds = new ArrayList<>();

  @Option(
      names = "--auto",
      description = "Finds the fewest feeds that hold --min-volts, and the best places for them.")
  private boolean auto;

  @Option(names = "--min-volts", description = "With --auto: least volts at a pixel.")
  private double minVolts;

  @Option(names = "--feed-wire", description = "With --auto: wire of the feeds, such as 14AWG.")
  private String feedWire = "";

  @Option(
      names = "--start-m",
      defaultValue = "2",
      description =
          "With --auto: metres of cable to pixel 1; to others the way along the run more.")
  private double startM;

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  @Override
  public Integer call() throws BadInputException {
    checkNumbers();
    LoadKind kind =
        Arrays.stream(LoadKind.values())
            .filter(k -> k.id().equals(load))
            .findFirst()
            .orElseThrow(
                () ->
                    new BadInputException(
                        "Command line: --load should be constant-current, constant-power,"
                            + " resistive or headroom."));
    if (auto) {
      return auto(kind);
    }
    List<FeedOption> parsed = new ArrayList<>();
    for (String feed : feeds) {
      parsed.add(FeedOption.parse(feed, pixels));
    }
    if (parsed.isEmpty()) {
      throw new BadInputException(
          "Command line: no --feed is given; give at least one, such as --feed 1,2,16AWG.");
    }
    int[] at = parsed.stream().mapToInt(f -> f.atPixel() - 1).toArray();
    double[] ohms = parsed.stream().mapToDouble(f -> f.wire().loopOhms(f.metres())).toArray();
    Line line =
        Line.uniform(volts, pixels, milliamps / 1000, kind, 2 * railOhmsPerM / pitch, at, ohms);
    return switch (LineSolver.solve(line)) {
      case LineSolution.Falls f -> {
        spec.commandLine().getErr().println(sentence(f));
        yield Main.STOPPED;
      }
      case LineSolution.Stands s -> {
        print(s, at);
        yield 0;
      }
    };
  }

  private int auto(LoadKind kind) throws BadInputException {
    if (!feeds.isEmpty()) {
      throw new BadInputException(
          "Command line: --auto finds the feeds itself; leave --feed out, or --auto.");
    }
    check("--min-volts", minVolts > 0 && minVolts <= 1000, "over 0, to 1000");
    check("--start-m", startM >= 0 && startM <= 100_000, "from 0 to 100000");
    Wire wire = Wire.parse(feedWire).orElse(null);
    if (wire == null) {
      throw new BadInputException(
          "Command line: --feed-wire should be a gauge such as 16AWG or a size such as 1.5mm2.");
    }
    double[] ohms = new double[pixels];
    double[] most = new double[pixels];
    for (int i = 0; i < pixels; i++) {
      ohms[i] = wire.loopOhms(startM + i / pitch);
      most[i] = Double.MAX_VALUE;
    }
    Line bare =
        Line.uniform(
            volts,
            pixels,
            milliamps / 1000,
            kind,
            2 * railOhmsPerM / pitch,
            new int[0],
            new double[0]);
    Sites sites = new Sites(bare, volts, ohms, most, false);
    Optional<FeedPlaces.Found> found = FeedPlaces.fewest(sites, minVolts, pixels);
    if (found.isEmpty()) {
      spec.commandLine()
          .getErr()
          .println(
              "No placing holds "
                  + Texts.number(minVolts)
                  + " V: even a feed at each of the "
                  + pixels
                  + " pixels "
                  + FeedPlaces.all(sites)
                      .map(f -> "leaves one at " + Texts.fixed(f.lowest(), 3) + " V")
                      .orElse("cannot stand")
                  + "; take thicker wire, a shorter start or a lower limit.");
      return Main.STOPPED;
    }
    print(found.get().solution(), found.get().places());
    return 0;
  }

  private void checkNumbers() throws BadInputException {
    check("--volts", volts > 0 && volts <= 1000, "over 0, to 1000");
    check("--pixels", pixels >= 1 && pixels <= Run.PIXELS_MAX, "from 1 to 1000000");
    check("--pitch", pitch > 0 && pitch <= 100_000, "over 0, to 100000");
    check("--ma", milliamps >= 0 && milliamps <= 1e6, "from 0 to 1000000");
    check("--rail-ohms-per-m", railOhmsPerM >= 0 && railOhmsPerM <= 1e6, "from 0 to 1000000");
  }

  private static void check(String option, boolean good, String range) throws BadInputException {
    if (!good) {
      throw new BadInputException("Command line: " + option + " should be a number " + range + ".");
    }
  }

  private static String sentence(LineSolution.Falls f) {
    return "This network cannot stand: at pixel "
        + (f.atIndex() + 1)
        + (f.atOrBelowZero()
            ? " the volts would be 0 or less; add feeds, thicker wire or less load."
            : " the load asks for more power than the wires can carry; add feeds, thicker wire or"
                + " less load.");
  }

  private void print(LineSolution.Stands s, int[] at) {
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.print(DropWriter.write(s, at, volts));
    } else {
      out.println(
          "least volts  "
              + Texts.fixed(s.volts().lowest(), 3)
              + " V at pixel "
              + (s.volts().lowestIndex() + 1));
      out.println(
          "first, last  "
              + Texts.fixed(s.volts().at(0), 3)
              + " V, "
              + Texts.fixed(s.volts().at(pixels - 1), 3)
              + " V");
      for (int f = 0; f < at.length; f++) {
        out.println("feed at " + (at[f] + 1) + "  " + Texts.fixed(s.feedAmps().at(f), 3) + " A");
      }
      out.println(
          "total  "
              + Texts.fixed(s.totalAmps(), 3)
              + " A, "
              + Texts.fixed(s.totalAmps() * volts, 1)
              + " W");
    }
    out.flush();
  }
}
