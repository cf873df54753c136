package bunting.cli;

import bunting.files.BadInputException;
import java.io.PrintWriter;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/**
 * Entry of the command line. Exit 0: done; 1: the plan has a stop finding or nothing can be said;
 * 2: bad input.
 */
@Command(
    name = "bunting",
    mixinStandardHelpOptions = true,
    description = "Plans ports, universes and fused power for pixel light displays.",
    subcommands = {
      PlanCommand.class,
      CheckCommand.class,
      DropCommand.class,
      PapersCommand.class,
      ImportCommand.class,
      ExportCommand.class,
      CompareCommand.class,
      WhyCommand.class,
      LoseCommand.class,
      AddressesCommand.class,
      WhichCommand.class,
      CutCommand.class,
      SendCommand.class,
      StandInCommand.class
    })
public final class Main implements Runnable {
  static final int STOPPED = 1;
  static final int BAD_INPUT = 2;

  private Main() {}

  /** Runs the command and ends the process with its exit status. */
  public static void main(String[] args) {
    System.exit(run(args, System.out, System.err));
  }

  /** Runs a command; returns its exit status. */
  static int run(String[] args, java.io.PrintStream out, java.io.PrintStream err) {
    PrintWriter errors = new PrintWriter(err, true, java.nio.charset.StandardCharsets.UTF_8);
    PrintWriter output = new PrintWriter(out, true, java.nio.charset.StandardCharsets.UTF_8);
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
          if (e instanceof BadInputException) {
            errors.println(e.getMessage());
            return BAD_INPUT;
          }
          throw e;
        });
    return line.execute(args);
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
