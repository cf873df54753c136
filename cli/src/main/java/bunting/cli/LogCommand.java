package bunting.cli;

import bunting.core.log.Drift;
import bunting.core.log.LogEntry;
import bunting.core.log.ShowLog;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import bunting.files.log.LogFields;
import bunting.files.log.LogFile;
import bunting.files.log.LogWriter;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "log",
    mixinStandardHelpOptions = true,
    description =
        "Adds an entry to the log beside the show, or shows it with stock, hours and drift.")
final class LogCommand implements Callable<Integer> {
  private static final double MINUTES_AN_HOUR = 60;

  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(
      names = "--add",
      paramLabel = "KIND",
      description = "built, count, reading, fault, repair, part, hours, note or season.")
  private Optional<String> kind = Optional.empty();

  @Option(names = "--date", paramLabel = "D", description = "Its day; today by default.")
  private Optional<String> date = Optional.empty();

  @Option(names = "--run", paramLabel = "R", description = "A run of the show.")
  private Optional<String> run = Optional.empty();

  @Option(names = "--pixel", paramLabel = "N", description = "In the run's numbering.")
  private Optional<String> pixel = Optional.empty();

  @Option(names = "--box", paramLabel = "B", description = "The id of a box.")
  private Optional<String> box = Optional.empty();

  @Option(names = "--volts", paramLabel = "V", description = "That a meter read.")
  private Optional<String> volts = Optional.empty();

  @Option(names = "--amps", paramLabel = "A", description = "That a meter read.")
  private Optional<String> amps = Optional.empty();

  @Option(
      names = "--count",
      paramLabel = "N",
      description = "Pixels counted; or parts that came, under 0: that went.")
  private Optional<String> count = Optional.empty();

  @Option(
      names = "--minutes",
      paramLabel = "M",
      description = "Of people at work; with a run or a box: of its lamps lit.")
  private Optional<String> minutes = Optional.empty();

  @Option(names = "--part", paramLabel = "ID", description = "A kind of part.")
  private Optional<String> part = Optional.empty();

  @Option(names = "--text", paramLabel = "T", description = "In words.")
  private Optional<String> text = Optional.empty();

  @Option(names = "--cost", paramLabel = "X", description = "What it cost.")
  private Optional<String> cost = Optional.empty();

  @Option(
      names = "--picture",
      paramLabel = "FILE",
      description = "A picture of the real thing, as seen from the log's folder.")
  private Optional<String> picture = Optional.empty();

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  @Override
  public Integer call() throws Exception {
    Show of = ShowFiles.open(show);
    LogFile log = LogFile.beside(show);
    if (kind.isPresent()) {
      return add(of, log);
    }
    for (OptionSpec option : spec.options()) {
      if (spec.commandLine().getParseResult().hasMatchedOption(option)
          && !List.of("--json", "--help", "--version").contains(option.longestName())) {
        throw new BadInputException(
            option.longestName() + ": it belongs to an entry; give --add with its kind too.");
      }
    }
    ShowLog all = log.read();
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.print(LogWriter.write(all));
    } else {
      print(all, out);
    }
    out.flush();
    return 0;
  }

  private int add(Show of, LogFile log) throws BadInputException {
    Map<String, String> typed = new HashMap<>();
    kind.ifPresent(t -> typed.put("kind", t));
    date.ifPresent(t -> typed.put("date", t));
    run.ifPresent(t -> typed.put("run", t));
    pixel.ifPresent(t -> typed.put("pixel", t));
    box.ifPresent(t -> typed.put("box", t));
    volts.ifPresent(t -> typed.put("volts", t));
    amps.ifPresent(t -> typed.put("amps", t));
    count.ifPresent(t -> typed.put("count", t));
    minutes.ifPresent(t -> typed.put("minutes", t));
    part.ifPresent(t -> typed.put("part", t));
    text.ifPresent(t -> typed.put("text", t));
    cost.ifPresent(t -> typed.put("cost", t));
    picture.ifPresent(t -> typed.put("picture", t));
    LogEntry entry = LogFields.parse(typed, LocalDate.now(ZoneId.systemDefault()));
    if (entry.run().isPresent() && !known(of, entry.run().get())) {
      throw new BadInputException(
          "--run: there is no run "
              + BadInputException.echo(entry.run().get())
              + " in this show; check its name.");
    }
    LogFile.Added added = log.add(entry);
    if (added.half() > 0) {
      spec.commandLine()
          .getErr()
          .println(
              log.path().getFileName()
                  + ": line "
                  + added.half()
                  + " was left half by a crash; it is kept, and the new entry stands below it.");
      spec.commandLine().getErr().flush();
    }
    spec.commandLine().getOut().println("added " + added.line());
    spec.commandLine().getOut().flush();
    return 0;
  }

  private static boolean known(Show show, String run) {
    return show.run(run).isPresent()
        || show.others().plainSets().stream().anyMatch(s -> s.name().equals(run))
        || show.others().bulbStrings().stream().anyMatch(s -> s.name().equals(run));
  }

  private static void print(ShowLog log, PrintWriter out) {
    if (log.lines().isEmpty()) {
      out.println("Nothing is logged yet; add with --add built, count, reading, fault, ...");
    }
    for (ShowLog.Season s : log.seasons()) {
      out.println("season " + s.name());
      for (ShowLog.Line l : s.entries()) {
        out.println("  " + l.number() + "  " + l.entry().date() + "  " + l.entry().words());
      }
      out.println(
          "  "
              + Texts.fixed(s.peopleMinutes() / MINUTES_AN_HOUR, 1)
              + " h of people, "
              + Texts.fixed(s.lampMinutes() / MINUTES_AN_HOUR, 1)
              + " h of lamps"
              + (s.cost() > 0 ? ", " + Texts.fixed(s.cost(), 2) + " spent" : ""));
    }
    log.stock().forEach((part, n) -> out.println("on the shelf: " + n + " x " + part));
    for (ShowLog.Aged a : log.supplies()) {
      out.println("aged: " + a.count() + " x " + a.part() + " since " + a.since());
    }
    for (Drift d : Drift.of(log)) {
      if (d.flagged()) {
        out.println(
            "falls: "
                + d.run()
                + (d.pixel() > 0 ? " pixel " + d.pixel() : "")
                + ", "
                + Texts.fixed(d.fallVolts(), 2)
                + " V over "
                + d.readings().size()
                + " readings; look at its joints");
      }
    }
    if (!log.broken().isEmpty()) {
      out.println(
          "not read, kept as they are: lines "
              + String.join(", ", log.broken().stream().map(n -> "" + n).toList()));
    }
  }
}
