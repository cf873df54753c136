package bunting.cli;

import bunting.files.BadInputException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Unmatched;

@Command(name = "send", description = "Not in this version.")
final class SendCommand implements Callable<Integer> {
  @Unmatched private List<String> anything = new ArrayList<>();

  @Override
  public Integer call() throws BadInputException {
    throw new BadInputException(
        "Command line: 'send' ("
            + anything.size()
            + " arguments) comes with a later version of Bunting; this one plans, checks and"
            + " prints.");
  }
}
