package bunting.files;

import bunting.core.units.Measures;
import java.util.ArrayList;
import java.util.List;

/**
 * Guesses what the columns of somebody's spreadsheet mean: by headings, then by what is in them.
 */
final class SheetGuess {
  private SheetGuess() {}

  /** A field for each column; none but notes twice. */
  static List<SheetField> mapping(SheetTable table) {
    List<SheetField> mapping = new ArrayList<>();
    boolean ofOthers = table.headings().contains(SheetField.KIND.column());
    for (int c = 0; c < table.headings().size(); c++) {
      SheetField guess = SheetField.guess(table.headings().get(c));
      if (guess == SheetField.LENGTH && anyImperial(table, c)) {
        guess = SheetField.LENGTH_FT;
      }
      boolean alone = guess.ofOthers() && !ofOthers;
      mapping.add(alone || taken(mapping, guess) ? SheetField.NOTE : guess);
    }
    if (!taken(mapping, SheetField.LENGTH) && !taken(mapping, SheetField.LENGTH_FT)) {
      byValues(table, mapping);
    }
    return mapping;
  }

  /** Whether a column has that meaning already. */
  static boolean taken(List<SheetField> mapping, SheetField field) {
    return field != SheetField.NOTE
        && mapping.stream().anyMatch(f -> f.column().equals(field.column()));
  }

  /** A column that nobody named a length, but whose cells carry units of length. */
  private static void byValues(SheetTable table, List<SheetField> mapping) {
    for (int c = 0; c < mapping.size(); c++) {
      int column = c;
      long lengths = table.rows().stream().filter(r -> Measures.hasUnit(r.get(column))).count();
      if (mapping.get(c) == SheetField.NOTE && lengths > 0 && 2 * lengths >= filled(table, c)) {
        mapping.set(c, anyImperial(table, c) ? SheetField.LENGTH_FT : SheetField.LENGTH);
        return;
      }
    }
  }

  private static long filled(SheetTable table, int column) {
    return table.rows().stream().filter(r -> !r.get(column).isEmpty()).count();
  }

  private static boolean anyImperial(SheetTable table, int column) {
    return table.rows().stream().anyMatch(r -> Measures.imperial(r.get(column)));
  }
}
