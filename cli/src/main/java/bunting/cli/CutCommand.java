package bunting.cli;

import bunting.core.stock.CutList;
import bunting.core.stock.Piece;
import bunting.files.ShowFiles;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "cut",
    mixinStandardHelpOptions = true,
    description = "Shows how reels and strings are cut into the runs; papers writes the lists.")
final class CutCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Override
  public Integer call() throws Exception {
    PrintWriter to = spec.commandLine().getOut();
    for (CutList.OfType type : CutList.of(ShowFiles.open(show)).types()) {
      int packs = type.orders().stream().mapToInt(CutList.Order::packs).sum();
      to.println(
          type.type().id()
              + ": "
              + type.pixels()
              + " px, order "
              + packs
              + " packs, "
              + type.over()
              + " px over, "
              + type.joints()
              + " joints, "
              + type.jumpers()
              + " jumpers"
              + (type.proven() ? ", least waste proven" : ""));
      for (CutList.Reel reel : type.reels()) {
        to.println(
            (reel.rest() ? "  rest " : "  pack ")
                + reel.pixels()
                + ": "
                + reel.pieces().stream().map(CutCommand::piece).collect(Collectors.joining(" | ")));
      }
    }
    return 0;
  }

  private static String piece(Piece p) {
    return p.pixels() + " " + p.run();
  }
}
