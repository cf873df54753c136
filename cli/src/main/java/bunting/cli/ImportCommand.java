package bunting.cli;

import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.files.BadInputException;
import bunting.files.SheetField;
import bunting.files.SheetImport;
import bunting.files.ShowFiles;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "import",
    mixinStandardHelpOptions = true,
    description =
        "Reads a spreadsheet with any headings (CSV, TSV, XLSX), says what it takes them for, and"
            + " writes RUNS.csv; nothing is written while a row is wrong.")
final class ImportCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHEET", description = "The spreadsheet.")
  private Path sheet = Path.of("");

  @Option(names = "--settings", paramLabel = "S.json", description = "Settings of the show.")
  private @Nullable Path settings;

  @Option(names = "--type", paramLabel = "ID", description = "Pixel type of rows that name none.")
  private @Nullable String type;

  @Option(
      names = "--column",
      paramLabel = "HEADING=FIELD",
      description = "What a column means where the guess is wrong, such as \"Strand=name\".")
  private Map<String, String> columns = new LinkedHashMap<>();

  @Option(
      names = "--out",
      required = true,
      paramLabel = "RUNS.csv",
      description = "The list to write.")
  private Path out = Path.of("");

  @Override
  public Integer call() throws Exception {
    Show bare = ShowFiles.readSettings(Optional.ofNullable(settings));
    SheetImport read = mapped(SheetImport.read(sheet, bare));
    if (type != null) {
      if (!bare.catalogue().pixelTypesById().containsKey(type)) {
        throw new BadInputException("Command line: --type should be the id of a pixel type.");
      }
      read = read.withOnlyType(type);
    }
    List<SheetImport.Row> wrong = read.preview().stream().filter(r -> !r.sound()).toList();
    if (!wrong.isEmpty()) {
      throw new BadInputException(sentence(read, wrong));
    }
    PrintWriter to = spec.commandLine().getOut();
    for (int c = 0; c < read.headings().size(); c++) {
      to.println(read.headings().get(c) + ": " + read.mapping().get(c).text());
    }
    Path[] inputs = settings == null ? new Path[] {sheet} : new Path[] {sheet, settings};
    ShowFiles.writeRuns(out, read.taken(bare), inputs);
    to.println(Texts.count(read.rows(), "run is", "runs are") + " in " + out.getFileName() + ".");
    return 0;
  }

  private SheetImport mapped(SheetImport read) throws BadInputException {
    SheetImport next = read;
    for (Map.Entry<String, String> column : columns.entrySet()) {
      int index = read.headings().indexOf(column.getKey());
      Optional<SheetField> field = SheetField.named(column.getValue());
      if (index < 0 || field.isEmpty()) {
        throw new BadInputException(
            "Command line: --column should name a heading of the sheet and a column of RUNS.csv,"
                + " such as \"Strand=name\".");
      }
      next = next.withMapping(index, field.get());
    }
    return next;
  }

  private String sentence(SheetImport read, List<SheetImport.Row> wrong) {
    SheetImport.Row first = wrong.getFirst();
    SheetImport.CellError error = first.errors().getFirst();
    String where = error.column() < 0 ? "" : ", column " + read.headings().get(error.column());
    return sheet
        + ": line "
        + first.number()
        + where
        + ": "
        + error.what()
        + (wrong.size() > 1 ? " (" + (wrong.size() - 1) + " more rows are wrong)" : "");
  }
}
