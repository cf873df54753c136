package bunting.cli;

import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.files.BadInputException;
import bunting.files.SheetImport;
import bunting.files.SheetMemory;
import bunting.files.ShowFiles;
import bunting.files.sheet.Meaning;
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
      description =
          "What a column means where the guess is wrong, such as \"Strand=name\" or"
              + " \"Wire=lead_ft\"; a column without a heading goes by its letter.")
  private Map<String, String> columns = new LinkedHashMap<>();

  @Option(
      names = "--kind",
      paramLabel = "WORDS=ID",
      description = "Which pixel type the list's words mean, such as \"bullets=5v-string-10\".")
  private Map<String, String> kinds = new LinkedHashMap<>();

  @Option(
      names = "--heading-row",
      paramLabel = "N",
      description = "The line that the headings stand in; 0: there are none.")
  private @Nullable Integer headingRow;

  @Option(
      names = "--as-before",
      description = "With the corrections that were made for a list with the same headings.")
  private boolean asBefore;

  @Option(
      names = "--out",
      required = true,
      paramLabel = "RUNS.csv",
      description = "The list to write.")
  private Path out = Path.of("");

  @Override
  public Integer call() throws Exception {
    Show bare = ShowFiles.readSettings(Optional.ofNullable(settings));
    SheetImport read = understood(bare);
    if (!columns.isEmpty() || !kinds.isEmpty() || type != null) {
      SheetMemory.here().remember(read);
    }
    PrintWriter to = spec.commandLine().getOut();
    List<SheetImport.Row> preview = read.preview();
    tell(read, preview, to);
    List<SheetImport.Row> wrong = preview.stream().filter(r -> !r.sound()).toList();
    if (!wrong.isEmpty()) {
      throw new BadInputException(sentence(read, wrong));
    }
    Show taken = read.taken(bare);
    long lights = preview.stream().mapToLong(r -> r.lights().size()).sum();
    if (lights == 0) {
      throw BadInputException.of(sheet, "no row of it is a run; give one row a run.");
    }
    Path[] inputs = settings == null ? new Path[] {sheet} : new Path[] {sheet, settings};
    ShowFiles.writeRuns(out, taken, inputs);
    to.println(Texts.count(lights, "run is", "runs are") + " in " + out.getFileName() + ".");
    return 0;
  }

  /** The guesses are always shown, and every cell that is wrong. */
  private static void tell(SheetImport read, List<SheetImport.Row> preview, PrintWriter to) {
    to.println("Headings: " + read.sheet().headingsAt() + ".");
    for (int c = 0; c < read.headings().size(); c++) {
      to.println(read.headings().get(c) + ": " + read.mapping().get(c).text());
    }
    read.told(preview).forEach(to::println);
    for (SheetImport.Row row : preview) {
      row.errors().forEach(e -> to.println(where(read, row, e) + ": " + e.what()));
    }
  }

  private SheetImport understood(Show bare) throws BadInputException {
    SheetImport read =
        headingRow == null
            ? SheetImport.read(sheet, bare)
            : SheetImport.read(sheet, bare, headingRow);
    if (asBefore) {
      read = SheetMemory.here().recall(read);
    }
    read = mapped(read);
    if (type != null) {
      read = read.withOnlyType(known(bare, type, "--type should be the id of a pixel type."));
    }
    for (Map.Entry<String, String> kind : kinds.entrySet()) {
      String id =
          known(bare, kind.getValue(), "--kind should be words of the list and the id of a type.");
      read = read.withKind(kind.getKey(), id);
    }
    return read;
  }

  private static String known(Show bare, String id, String otherwise) throws BadInputException {
    if (!bare.catalogue().pixelTypesById().containsKey(id)) {
      throw new BadInputException("Command line: " + otherwise);
    }
    return id;
  }

  private SheetImport mapped(SheetImport read) throws BadInputException {
    SheetImport next = read;
    for (Map.Entry<String, String> column : columns.entrySet()) {
      int index = read.sheet().column(column.getKey());
      Optional<Meaning> meaning = Meaning.named(column.getValue());
      if (index < 0 || meaning.isEmpty()) {
        throw new BadInputException(
            "Command line: --column should name a heading of the sheet and a column of RUNS.csv,"
                + " such as \"Strand=name\".");
      }
      next = next.withMapping(index, meaning.get());
    }
    return next;
  }

  private static String where(SheetImport read, SheetImport.Row row, SheetImport.CellError error) {
    String column = error.column() < 0 ? "" : ", column " + read.headings().get(error.column());
    return "line " + row.number() + column;
  }

  private String sentence(SheetImport read, List<SheetImport.Row> wrong) {
    SheetImport.Row first = wrong.getFirst();
    SheetImport.CellError error = first.errors().getFirst();
    long others = wrong.stream().mapToLong(r -> r.errors().size()).sum() - 1;
    return sheet
        + ": "
        + where(read, first, error)
        + ": "
        + error.what()
        + (others > 0
            ? " (" + Texts.count(others, "more cell is", "more cells are") + " wrong, listed above)"
            : "");
  }
}
