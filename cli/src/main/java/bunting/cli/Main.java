package bunting.cli;

import bunting.files.BadInputException;
import bunting.files.BugLog;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/**
 * Entry of every word: commands, and what the window is asked for. Exit 0: done; 1: the plan has a
 * stop finding or nothing can be said; 2: bad input, or a fault of our own, in one sentence.
 */
@Command(
    name = "bunting",
    mixinStandardHelpOptions = true,
    description = "Plans ports, universes and fused power for pixel light displays.",
    footer = "Without a command: the window, with FILE opened where one is given.",
    subcommands = {
      PlanCommand.class,
      ProposeCommand.class,
      CheckCommand.class,
      DropCommand.class,
      PapersCommand.class,
      ImportCommand.class,
      ExportCommand.class,
      CompareCommand.class,
      WhyCommand.class,
      GuessesCommand.class,
      LoseCommand.class,
      DiagnoseCommand.class,
      MeterCommand.class,
      MainsCommand.class,
      HoursCommand.class,
      LogCommand.class,
      NextCommand.class,
      AddressesCommand.class,
      WhichCommand.class,
      CutCommand.class,
      SendCommand.class,
      StandInCommand.class,
      WindowCommand.Demo.class,
      WindowCommand.Snapshot.class
    })
public final class Main implements Runnable {
  static final int STOPPED = 1;
  static final int BAD_INPUT = 2;

  private Main() {}

  /** Runs the command and ends the process with its exit status. */
  public static void main(String[] args) {
    int status = run(args, System.out, System.err);
    System.out.flush();
    System.exit(status);
  }

  /** Runs a command; returns its exit status. Nothing that is thrown gets past this. */
  static int run(String[] args, PrintStream out, PrintStream err) {
    try {
      return answer(args, out, err);
    } catch (Exception | Error e) {
      line(err, fault(args.length == 0 ? "" : args[0], e));
      return BAD_INPUT;
    }
  }

  /** Notes a fault of Bunting's own in the user's log and returns the sentence for him. */
  private static String fault(String command, Throwable fault) {
    return BugLog.note(command.isEmpty() ? "starting" : "doing " + shown(command), fault);
  }

  private static String shown(String word) {
    return word.length() > 40 ? word.substring(0, 40) : word;
  }

  private static void line(PrintStream to, String sentence) {
    PrintWriter writer = new PrintWriter(to, true, StandardCharsets.UTF_8);
    writer.println(sentence);
  }

  private static int answer(String[] args, PrintStream out, PrintStream err) {
    CommandLine line = commands(out, err);
    if (args.length == 0) {
      return WindowCommand.window(List.of(), out, err);
    }
    String word = args[0];
    if (word.startsWith("-") || line.getSubcommands().containsKey(word)) {
      return line.execute(args);
    }
    Optional<String> problem = args.length == 1 ? opened(word) : Optional.of(unknown(line, word));
    if (problem.isPresent()) {
      line(err, problem.get());
      return BAD_INPUT;
    }
    return WindowCommand.window(List.of(word), out, err);
  }

  /** A file to open in the window has a name like one; why it cannot be opened, or nothing. */
  private static Optional<String> opened(String word) {
    Path file;
    try {
      file = Path.of(word);
    } catch (InvalidPathException e) {
      return Optional.of(unknown(commands(System.out, System.err), word));
    }
    if (Files.exists(file)) {
      return Optional.empty();
    }
    boolean likeAFile = word.indexOf('.') >= 0 || word.indexOf('/') >= 0;
    return Optional.of(
        likeAFile
            ? new BadInputException(shown(word) + ": there is no such file; check its name.")
                .getMessage()
            : unknown(commands(System.out, System.err), word));
  }

  /** The command with the fewest letters changed is offered. */
  private static String unknown(CommandLine line, String word) {
    String meant =
        line.getSubcommands().keySet().stream()
            .min(Comparator.comparingInt(c -> distance(c, word)))
            .filter(c -> distance(c, word) <= 2)
            .map(c -> " did you mean " + c + "?")
            .orElse(" ./bunting --help lists them.");
    return new BadInputException(
            "Command line: there is no command \"" + shown(word) + "\";" + meant)
        .getMessage();
  }

  /** Levenshtein's distance. */
  private static int distance(String a, String b) {
    int[] row = new int[b.length() + 1];
    for (int j = 0; j <= b.length(); j++) {
      row[j] = j;
    }
    for (int i = 1; i <= a.length(); i++) {
      int corner = row[0];
      row[0] = i;
      for (int j = 1; j <= b.length(); j++) {
        int above = row[j];
        int same = corner + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
        row[j] = Math.min(same, 1 + Math.min(above, row[j - 1]));
        corner = above;
      }
    }
    return row[b.length()];
  }

  /** Returns all commands; whatever one of them throws ends as one sentence and an exit status. */
  static CommandLine commands(PrintStream out, PrintStream err) {
    PrintWriter errors = new PrintWriter(err, true, StandardCharsets.UTF_8);
    PrintWriter output = new PrintWriter(out, true, StandardCharsets.UTF_8);
    CommandLine line = new CommandLine(new Main());
    line.setOut(output).setErr(errors);
    line.setCaseInsensitiveEnumValuesAllowed(false);
    line.setParameterExceptionHandler(
        (e, given) -> {
          errors.println(new BadInputException("Command line: " + sentence(e)).getMessage());
          return BAD_INPUT;
        });
    line.setExecutionExceptionHandler(
        (e, command, parsed) -> {
          boolean input = e instanceof BadInputException;
          errors.println(input ? e.getMessage() : fault(command.getCommandName(), e));
          return BAD_INPUT;
        });
    return line;
  }

  private static String sentence(CommandLine.ParameterException e) {
    String text = e.getMessage().lines().findFirst().orElse("something is wrong").strip();
    String shortened = text.length() > 300 ? text.substring(0, 300) + "..." : text;
    String end = shortened.endsWith(".") ? "" : ".";
    String name = e.getCommandLine().getCommandName();
    String help = "bunting".equals(name) ? "./bunting --help" : "./bunting " + name + " --help";
    return shortened + end.replace(".", "; see " + help + ".");
  }

  @Override
  public void run() {
    CommandLine.usage(this, System.out);
  }
}
