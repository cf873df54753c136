package bunting.files;

import bunting.core.show.BulbString;
import bunting.core.show.Guess;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.References;
import bunting.core.units.Lengths;
import bunting.core.units.Measures.Unit;
import bunting.files.sheet.Grid;
import bunting.files.sheet.Meaning;
import bunting.files.sheet.SheetField;
import bunting.files.sheet.Understanding;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * A spreadsheet on its way to become runs: what each column means, and what each row becomes or why
 * it does not. A change of a column or a cell makes a new one.
 */
public final class SheetImport {
  private final Path file;
  private final Show show;
  private final Understanding sheet;
  private final SheetKinds kinds;

  /** A cell that is wrong, by its column, from 0; -1: the row as a whole. */
  public record CellError(int column, String what) {}

  /**
   * What a row becomes: lights, or the errors that keep it from being any, or nothing because it is
   * no light.
   *
   * @param number of the row in the file, from 1
   * @param index of the row in the sheet, from 0
   * @param leftOut why it is no light
   */
  public record Row(
      int number, int index, List<Light> lights, List<CellError> errors, Optional<String> leftOut) {
    public Row {
      lights = List.copyOf(lights);
      errors = List.copyOf(errors);
    }

    /** Whether nothing is wrong with it. */
    public boolean sound() {
      return errors.isEmpty();
    }

    /** The first run that it becomes, if it becomes one. */
    public Optional<Run> run() {
      return lights.stream().findFirst().flatMap(Light::run);
    }

    Row wrong(CellError error) {
      return new Row(number, index, List.of(), List.of(error), Optional.empty());
    }
  }

  /** One of the three kinds. */
  public record Light(Optional<Run> run, Optional<PlainSet> set, Optional<BulbString> string) {
    static Light of(Run run) {
      return new Light(Optional.of(run), Optional.empty(), Optional.empty());
    }

    static Light of(PlainSet set) {
      return new Light(Optional.empty(), Optional.of(set), Optional.empty());
    }

    static Light of(BulbString string) {
      return new Light(Optional.empty(), Optional.empty(), Optional.of(string));
    }

    /** Its name. */
    public String name() {
      return run.map(Run::name)
          .or(() -> set.map(PlainSet::name))
          .or(() -> string.map(BulbString::name))
          .orElseThrow();
    }
  }

  private SheetImport(Path file, Show show, Understanding sheet, SheetKinds kinds) {
    this.file = file;
    this.show = show;
    this.sheet = sheet;
    this.kinds = kinds;
  }

  /**
   * Reads a CSV, TSV or XLSX file and guesses where its headings are and what its columns mean; of
   * a workbook the sheet of which most is understood.
   */
  public static SheetImport read(Path file, Show show) throws BadInputException {
    Optional<Understanding> best = Optional.empty();
    long most = -1;
    for (Grid grid : SheetFile.read(file).values()) {
      Optional<Understanding> found =
          Understanding.of(grid, show.catalogue().pixelTypes(), usual(show));
      long known = found.map(SheetImport::known).orElse(-1L);
      if (known > most) {
        best = found;
        most = known;
      }
    }
    if (best.isEmpty()) {
      throw BadInputException.of(
          file,
          "no row looks like headings; give the columns names, such as name, type, length, or say"
              + " in which row they stand.");
    }
    return checked(file, show, best.get());
  }

  private static long known(Understanding sheet) {
    return sheet.rows().isEmpty()
        ? 0
        : sheet.meanings().stream().filter(m -> m.field() != SheetField.NOTE).count();
  }

  /**
   * Reads a file whose headings stand in a row that somebody names.
   *
   * @param headingRow as in the file, from 1; 0: there are no headings, columns are called A, B, C
   */
  public static SheetImport read(Path file, Show show, int headingRow) throws BadInputException {
    Optional<Understanding> best = Optional.empty();
    long most = -1;
    for (Grid grid : SheetFile.read(file).values()) {
      int row = grid.lines().indexOf(headingRow);
      if (headingRow == 0 || (row >= 0 && !grid.blank(row))) {
        Understanding at =
            Understanding.at(
                grid, headingRow == 0 ? -1 : row, show.catalogue().pixelTypes(), usual(show));
        if (known(at) > most) {
          best = Optional.of(at);
          most = known(at);
        }
      }
    }
    if (best.isEmpty()) {
      throw BadInputException.of(
          file, "line " + headingRow + " holds no headings; give the number of a row that does.");
    }
    return checked(file, show, best.get());
  }

  private static SheetImport checked(Path file, Show show, Understanding sheet)
      throws BadInputException {
    if (sheet.rows().isEmpty()) {
      throw BadInputException.of(file, "there are no rows below the headings; give one row a run.");
    }
    return new SheetImport(file, show, sheet, new SheetKinds(show.catalogue().pixelTypes()));
  }

  private static Unit usual(Show show) {
    return Lengths.of(show).feet() ? Unit.FEET : Unit.METRES;
  }

  /** What is understood of the sheet. */
  public Understanding sheet() {
    return sheet;
  }

  /** Headings as they stand in the sheet. */
  public List<String> headings() {
    return sheet.headings();
  }

  /** What each column means. */
  public List<Meaning> mapping() {
    return sheet.meanings();
  }

  /** Whether the show has a pixel type of that id. */
  boolean knows(String type) {
    return show.catalogue().pixelTypesById().containsKey(type);
  }

  /** Kinds of pixels as the sheet words them, and what they are taken for. */
  public SheetKinds kinds() {
    return kinds;
  }

  /** The same with a column meaning something else; who meant that before becomes a note. */
  public SheetImport withMapping(int column, Meaning meaning) {
    return new SheetImport(file, show, sheet.with(column, meaning), kinds);
  }

  /** The same with headings in another row of the sheet, from 0; -1: none. */
  public SheetImport withHeadings(int row) {
    return new SheetImport(
        file,
        show,
        Understanding.at(sheet.grid(), row, show.catalogue().pixelTypes(), usual(show)),
        kinds);
  }

  /** The same with a cell corrected. */
  public SheetImport withCell(int row, int column, String text) {
    return new SheetImport(file, show, sheet.withCell(row, column, text), kinds);
  }

  /** The same with a type for the rows that name none. */
  public SheetImport withOnlyType(String id) {
    return new SheetImport(file, show, sheet, kinds.withOnly(id));
  }

  /** The same with words meaning a type. */
  public SheetImport withKind(String words, String id) {
    return new SheetImport(file, show, sheet, kinds.with(words, id));
  }

  /** What every row below the headings becomes. */
  public List<Row> preview() {
    return preview(() -> false);
  }

  /**
   * What every row below the headings becomes.
   *
   * @param stop asked before each row; what is read then ends there
   */
  public List<Row> preview(BooleanSupplier stop) {
    List<Row> rows = new ArrayList<>();
    Map<String, Integer> seen = new HashMap<>();
    SheetRows reader = new SheetRows(file, show, sheet, kinds);
    for (int r : sheet.rows()) {
      if (stop.getAsBoolean()) {
        break;
      }
      rows.add(unique(reader.row(r), seen));
    }
    return rows;
  }

  private Row unique(Row row, Map<String, Integer> seen) {
    for (Light light : row.lights()) {
      Integer before = seen.putIfAbsent(light.name(), row.number());
      if (before != null) {
        return row.wrong(
            new CellError(
                columnOf(SheetField.NAME),
                "this name stands in row "
                    + before
                    + " too; names are unique: add a number or a side to one of them."));
      }
    }
    return row;
  }

  private int columnOf(SheetField field) {
    return sheet.meanings().stream().map(Meaning::field).toList().indexOf(field);
  }

  /** What was taken for what, and what was doubtful: a sentence each. */
  public List<String> told(List<Row> preview) {
    List<String> told = new ArrayList<>();
    for (Row row : preview) {
      row.leftOut()
          .ifPresent(why -> told.add("Row " + row.number() + " is left out: " + why + "."));
    }
    told.addAll(guessed(preview));
    return told;
  }

  /** What was guessed and what was doubtful, beside the rows that are left out: a sentence each. */
  public List<String> guessed(List<Row> preview) {
    List<String> told = new ArrayList<>(sheet.doubts());
    told.addAll(kinds.told(preview, sheet));
    long copies = preview.stream().filter(r -> r.lights().size() > 1).count();
    if (copies > 0) {
      told.add(Texts.count(copies, "row becomes", "rows become") + " several runs, numbered.");
    }
    long about =
        preview.stream()
            .flatMap(r -> r.lights().stream())
            .filter(l -> l.run().filter(r -> r.guess().any()).isPresent())
            .count();
    if (about > 0) {
      told.add(
          Texts.count(about, "run says", "runs say")
              + " about how long: taken as guesses, give or take "
              + Texts.number(Guess.USUAL_PERCENT)
              + " %.");
    }
    return told;
  }

  /** A show with all lights that are sound in place of its own; what referred to those goes. */
  public Show taken(Show now) {
    return taken(now, preview());
  }

  /** The same with what was found to come of each row. */
  public static Show taken(Show now, List<Row> rows) {
    Show bare = now.withRuns(List.of()).withOthers(OtherLoads.NONE);
    return References.keep(added(bare, rows)).show();
  }

  /** A show with all lights that are sound added; those of the same name are replaced. */
  public Show added(Show to) {
    return added(to, preview());
  }

  /** The same with what was found to come of each row. */
  public static Show added(Show to, List<Row> rows) {
    Map<String, Run> runs = new LinkedHashMap<>();
    to.runs().forEach(r -> runs.put(r.name(), r));
    Map<String, PlainSet> sets = new LinkedHashMap<>();
    to.others().plainSets().forEach(s -> sets.put(s.name(), s));
    Map<String, BulbString> strings = new LinkedHashMap<>();
    to.others().bulbStrings().forEach(b -> strings.put(b.name(), b));
    for (Row row : rows) {
      for (Light light : row.lights()) {
        light.run().ifPresent(r -> runs.put(r.name(), r));
        light.set().ifPresent(s -> sets.put(s.name(), s));
        light.string().ifPresent(b -> strings.put(b.name(), b));
      }
    }
    return to.withRuns(List.copyOf(runs.values()))
        .withOthers(new OtherLoads(List.copyOf(sets.values()), List.copyOf(strings.values())));
  }
}
