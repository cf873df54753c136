package bunting.files;

import bunting.core.units.Mark;
import bunting.files.SheetImport.CellError;
import bunting.files.sheet.Meaning;
import bunting.files.sheet.SheetField;
import bunting.files.sheet.SheetText;
import bunting.files.sheet.Understanding;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** One row of a sheet while it is read: its texts by field, what they become, what is wrong. */
final class SheetReading {
  /** Columns of run lists that mean something there: a note under one of them is renamed. */
  static final Set<String> OURS = ours();

  final int index;
  final int number;
  private final Understanding sheet;
  private final Map<SheetField, String> texts = new EnumMap<>(SheetField.class);
  final Map<SheetField, Integer> columns = new EnumMap<>(SheetField.class);
  final Map<String, String> cells = new HashMap<>();
  final List<CellError> errors = new ArrayList<>();

  SheetReading(Understanding sheet, int index) {
    this.sheet = sheet;
    this.index = index;
    this.number = sheet.grid().lines().get(index);
    List<Meaning> meanings = sheet.meanings();
    for (int c = 0; c < meanings.size(); c++) {
      String raw = sheet.grid().text(index, c).strip();
      SheetField field = meanings.get(c).field();
      boolean unknown =
          field != SheetField.NAME && field != SheetField.NOTE && SheetText.unknown(raw);
      if (!raw.isEmpty() && !unknown) {
        if (field == SheetField.NOTE) {
          note(sheet.headings().get(c), raw);
        } else {
          texts.put(field, raw);
          columns.put(field, c);
        }
      }
    }
  }

  void note(String heading, String raw) {
    cells.put(OURS.contains(heading.toLowerCase(Locale.ROOT)) ? "note " + heading : heading, raw);
  }

  String text(SheetField field) {
    return texts.getOrDefault(field, "");
  }

  boolean has(SheetField field) {
    return texts.containsKey(field);
  }

  Mark mark(SheetField field) {
    int column = columns.get(field);
    return sheet.grid().rows().get(index).get(column).number() ? Mark.POINT : sheet.mark(column);
  }

  Meaning meaning(SheetField field) {
    return sheet.meanings().get(columns.get(field));
  }

  void wrong(SheetField field, String what) {
    errors.add(
        new CellError(columns.getOrDefault(field, -1), BadInputException.echo(text(field)) + what));
  }

  private static Set<String> ours() {
    Set<String> ours = new HashSet<>(RunColumns.ALWAYS);
    ours.addAll(RunColumns.RUNS);
    ours.add(RunColumns.KIND);
    ours.add("length_ft");
    return ours;
  }
}
