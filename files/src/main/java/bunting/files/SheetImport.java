package bunting.files;

import bunting.core.show.BulbString;
import bunting.core.show.OtherLoads;
import bunting.core.show.PixelType;
import bunting.core.show.PlainSet;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.References;
import bunting.core.units.Measures;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * A spreadsheet on its way to become runs: what each column means, and what each row becomes or why
 * it does not. A change of a column or a cell makes a new one.
 */
public final class SheetImport {
  private final Path file;
  private final Show show;
  private final SheetTable table;
  private final List<SheetField> mapping;
  private final Optional<String> onlyType;

  /** A cell that is wrong, by its column, from 0; -1: the row as a whole. */
  public record CellError(int column, String what) {}

  /** What a row becomes: a light, or the errors that keep it from being one. */
  public record Row(int number, Optional<Light> light, List<CellError> errors) {
    public Row {
      errors = List.copyOf(errors);
    }

    /** Whether it becomes something. */
    public boolean sound() {
      return light.isPresent();
    }

    /** The run, if it becomes one. */
    public Optional<Run> run() {
      return light.flatMap(Light::run);
    }
  }

  /** One of the three kinds. */
  public record Light(Optional<Run> run, Optional<PlainSet> set, Optional<BulbString> string) {
    static Light of(Run run) {
      return new Light(Optional.of(run), Optional.empty(), Optional.empty());
    }

    /** Its name. */
    public String name() {
      return run.map(Run::name)
          .or(() -> set.map(PlainSet::name))
          .or(() -> string.map(BulbString::name))
          .orElseThrow();
    }
  }

  private SheetImport(
      Path file, Show show, SheetTable table, List<SheetField> mapping, Optional<String> onlyType) {
    this.file = file;
    this.show = show;
    this.table = table;
    this.mapping = List.copyOf(mapping);
    this.onlyType = onlyType;
  }

  /** Reads a CSV, TSV or XLSX file and guesses what its columns mean. */
  public static SheetImport read(Path file, Show show) throws BadInputException {
    SheetTable table = SheetTable.read(file);
    return new SheetImport(file, show, table, SheetGuess.mapping(table), Optional.empty());
  }

  /** Headings as they stand in the sheet. */
  public List<String> headings() {
    return table.headings();
  }

  /** What each column means. */
  public List<SheetField> mapping() {
    return mapping;
  }

  /** The text of a cell; rows and columns from 0. */
  public String cell(int row, int column) {
    return table.rows().get(row).get(column);
  }

  /** How many rows. */
  public int rows() {
    return table.rows().size();
  }

  /** The type of all rows that name none. */
  public Optional<String> onlyType() {
    return onlyType;
  }

  /** The same with a column meaning something else; who meant that before becomes a note. */
  public SheetImport withMapping(int column, SheetField field) {
    List<SheetField> next = new ArrayList<>(mapping);
    if (SheetGuess.taken(next, field)) {
      next.replaceAll(f -> f.column().equals(field.column()) ? SheetField.NOTE : f);
    }
    next.set(column, field);
    return new SheetImport(file, show, table, next, onlyType);
  }

  /** The same with a cell corrected. */
  public SheetImport withCell(int row, int column, String text) {
    List<List<String>> rows = new ArrayList<>(table.rows());
    List<String> cells = new ArrayList<>(rows.get(row));
    cells.set(column, text.strip());
    rows.set(row, cells);
    return new SheetImport(
        file, show, new SheetTable(table.headings(), rows, table.numbers()), mapping, onlyType);
  }

  /** The same with a type for the rows that name none. */
  public SheetImport withOnlyType(String id) {
    return new SheetImport(file, show, table, mapping, Optional.of(id));
  }

  /** What every row becomes. */
  public List<Row> preview() {
    List<Row> rows = new ArrayList<>();
    Map<String, Integer> seen = new HashMap<>();
    for (int r = 0; r < table.rows().size(); r++) {
      Row row = row(r);
      if (row.sound()) {
        Integer before = seen.putIfAbsent(row.light().orElseThrow().name(), row.number());
        if (before != null) {
          String twice = "this name stands in row " + before + " too; names are unique.";
          row =
              new Row(
                  row.number(),
                  Optional.empty(),
                  List.of(new CellError(mapping.indexOf(SheetField.NAME), twice)));
        }
      }
      rows.add(row);
    }
    return rows;
  }

  private Row row(int r) {
    int number = table.numbers().get(r);
    List<CellError> errors = new ArrayList<>();
    Map<String, String> cells = new HashMap<>();
    for (int c = 0; c < mapping.size(); c++) {
      String raw = cell(r, c);
      SheetField field = mapping.get(c);
      if (field == SheetField.NOTE) {
        if (!raw.isEmpty() && !table.headings().get(c).isEmpty()) {
          cells.put(table.headings().get(c), raw);
        }
      } else if (!raw.isEmpty()) {
        Optional<String> text = converted(field, raw);
        int column = c;
        text.ifPresentOrElse(
            t -> cells.put(field.column(), t),
            () -> errors.add(new CellError(column, asks(field))));
      }
    }
    if (!cells.containsKey("type")) {
      onlyType.ifPresent(t -> cells.put("type", t));
    }
    if (!errors.isEmpty()) {
      return new Row(number, Optional.empty(), errors);
    }
    Set<String> known = new HashSet<>();
    mapping.forEach(f -> known.add(f.column()));
    known.add("type");
    try {
      return new Row(number, Optional.of(light(new Cells(file, number, cells), known)), List.of());
    } catch (Cells.BadCell e) {
      String what = e.column() + " " + e.what();
      return new Row(number, Optional.empty(), List.of(new CellError(columnOf(e.column()), what)));
    } catch (BadInputException e) {
      return new Row(
          number, Optional.empty(), List.of(new CellError(-1, String.valueOf(e.getMessage()))));
    }
  }

  private Light light(Cells cells, Set<String> known) throws BadInputException {
    return switch (cells.text("light_kind")) {
      case "", "pixels" -> Light.of(new RunRow(cells, show, known).read());
      case "rgb-set" ->
          new Light(Optional.empty(), Optional.of(LightFields.SET.read(cells)), Optional.empty());
      case "bulbs" ->
          new Light(Optional.empty(), Optional.empty(), Optional.of(LightFields.BULBS.read(cells)));
      default -> throw cells.wrong("light_kind", "should be pixels, rgb-set or bulbs.");
    };
  }

  private int columnOf(String name) {
    for (int c = 0; c < mapping.size(); c++) {
      if (mapping.get(c).column().equals(name)) {
        return c;
      }
    }
    return -1;
  }

  private Optional<String> converted(SheetField field, String raw) {
    return switch (field) {
      case PIXELS, BUILT, PORT, GROUPING, CHANNELS, BULBS -> {
        OptionalInt count = Measures.count(raw);
        yield count.isPresent()
            ? Optional.of(Integer.toString(count.getAsInt()))
            : Optional.empty();
      }
      case LENGTH, LEAD -> Measures.metres(raw, Measures.Unit.METRES).map(SheetImport::plain);
      case LENGTH_CM -> Measures.metres(raw, Measures.Unit.CENTIMETRES).map(SheetImport::plain);
      case LENGTH_FT ->
          Measures.metres(raw, Measures.Unit.FEET)
              .map(m -> plain(m.divide(new BigDecimal("0.3048"), java.math.MathContext.DECIMAL64)));
      case X, Y, END_X, END_Y -> {
        String sign = raw.startsWith("-") ? "-" : "";
        yield Measures.metres(raw.substring(sign.length()), Measures.Unit.METRES)
            .map(m -> sign + plain(m));
      }
      case TYPE -> Optional.of(type(raw).map(PixelType::id).orElse(raw));
      case SPLIT, REVERSED ->
          switch (raw.toLowerCase(Locale.ROOT)) {
            case "yes", "y", "x", "true", "1" -> Optional.of("yes");
            case "no", "n", "false", "0" -> Optional.of("no");
            default -> Optional.empty();
          };
      case ORDER -> Optional.of(raw.toUpperCase(Locale.ROOT));
      case VOLTS, WATTS, BULB_WATTS, CORD -> Optional.of(raw.replace(',', '.'));
      case NAME, GROUP, CONTROLLER, COURSE, ROUTE, KIND, NOTE -> Optional.of(raw);
    };
  }

  private static String plain(BigDecimal value) {
    return value.round(new java.math.MathContext(12)).stripTrailingZeros().toPlainString();
  }

  private static String asks(SheetField field) {
    return switch (field) {
      case PIXELS, BUILT, PORT, GROUPING, CHANNELS, BULBS ->
          "should be a whole number, such as 150.";
      case LENGTH, LENGTH_CM, LENGTH_FT, LEAD ->
          "should be a length, such as 3.75, 3,75 m, 375 cm or 12'6\".";
      case X, Y, END_X, END_Y -> "should be a place in metres, such as 4.5.";
      case SPLIT, REVERSED -> "should be yes or no.";
      default -> "should be something else.";
    };
  }

  /** The type that a text names: by id, by name, or by volts, pitch and colours in it. */
  private Optional<PixelType> type(String raw) {
    String text = raw.toLowerCase(Locale.ROOT).strip();
    List<PixelType> types = show.catalogue().pixelTypes();
    for (PixelType t : types) {
      if (t.id().equalsIgnoreCase(text) || t.name().equalsIgnoreCase(text)) {
        return Optional.of(t);
      }
    }
    List<PixelType> fitting = types.stream().filter(t -> TypeWords.fits(t, text)).toList();
    return fitting.size() == 1 ? Optional.of(fitting.getFirst()) : Optional.empty();
  }

  /** A show with all lights that are sound in place of its own; what referred to those goes. */
  public Show taken(Show now) {
    Show bare = now.withRuns(List.of()).withOthers(OtherLoads.NONE);
    return References.keep(added(bare)).show();
  }

  /** A show with all lights that are sound added; those of the same name are replaced. */
  public Show added(Show to) {
    Map<String, Run> runs = new LinkedHashMap<>();
    to.runs().forEach(r -> runs.put(r.name(), r));
    Map<String, PlainSet> sets = new LinkedHashMap<>();
    to.others().plainSets().forEach(s -> sets.put(s.name(), s));
    Map<String, BulbString> strings = new LinkedHashMap<>();
    to.others().bulbStrings().forEach(b -> strings.put(b.name(), b));
    for (Row row : preview()) {
      row.light().flatMap(Light::run).ifPresent(r -> runs.put(r.name(), r));
      row.light().flatMap(Light::set).ifPresent(s -> sets.put(s.name(), s));
      row.light().flatMap(Light::string).ifPresent(b -> strings.put(b.name(), b));
    }
    return to.withRuns(List.copyOf(runs.values()))
        .withOthers(new OtherLoads(List.copyOf(sets.values()), List.copyOf(strings.values())));
  }
}
