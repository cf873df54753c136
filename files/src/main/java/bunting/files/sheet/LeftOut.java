package bunting.files.sheet;

import bunting.core.units.Measures;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.regex.Pattern;

/**
 * Rows of a list that are no lights: sums, known by a word or because they are what stands above
 * them added up, and titles of what stands below.
 */
final class LeftOut {
  private static final String SUM_WORDS =
      "total|totals|totaal|totale|totales|totali|sum|sums|summe|gesamt|gesamtsumme|insgesamt"
          + "|zusammen|somme|suma|somma|subtotal|zwischensumme|sous total|subtotaal|altogether"
          + "|endsumme|totaux|samen|complessivo|overall";
  private static final Pattern SUM =
      Pattern.compile(
          "(?:(?:grand|sub|running|all|in) )?(?:"
              + SUM_WORDS
              + ")(?: (?:of |in |der |des |de |di )?(?:pixels?|px|leds?|length|all|runs?|everything"
              + "|general|generale|metres|meters|feet|ft|m|lange|longueur|nodes))?");

  /** Sums are written with fewer decimals than their parts. */
  private static final double SUM_SHARE = 0.005;

  /** One row added up is itself. */
  private static final int SUMMED_LEAST = 2;

  private final Grid grid;
  private final int below;
  private final List<Meaning> meanings;
  private final Marks marks;
  private final Map<Integer, String> rows = new TreeMap<>();
  private final Map<Integer, String> groups = new TreeMap<>();
  private final Map<Integer, String> doubts = new TreeMap<>();

  LeftOut(Grid grid, int below, List<Meaning> meanings, Marks marks) {
    this.grid = grid;
    this.below = below;
    this.meanings = meanings;
    this.marks = marks;
    find();
  }

  /** Why a row is left out. */
  Optional<String> why(int row) {
    return Optional.ofNullable(rows.get(row));
  }

  /** The title that a row stands under. */
  Optional<String> title(int row) {
    return Optional.ofNullable(groups.get(row));
  }

  /** Rows that are taken in and yet may be sums, with why. */
  Map<Integer, String> doubts() {
    return doubts;
  }

  private void find() {
    Sums sums = new Sums();
    String title = "";
    for (int r = below; r < grid.rows().size(); r++) {
      if (grid.blank(r)) {
        continue;
      }
      Optional<String> word = sumWord(r);
      boolean added = sums.areThoseOf(r);
      boolean nameless = cell(r, SheetField.NAME).isEmpty();
      if (word.isPresent()) {
        rows.put(r, "\"" + word.get() + "\" is a sum of the rows above");
        sums.begin();
      } else if (added && (nameless || (typed() && cell(r, SheetField.TYPE).isEmpty()))) {
        rows.put(r, "its numbers are the rows above added up");
        sums.begin();
      } else if (repeatsHeadings(r)) {
        rows.put(r, "the headings once more");
      } else if (isTitle(r)) {
        title = cell(r, SheetField.NAME);
        rows.put(r, "\"" + title + "\" is a title of the rows below");
      } else {
        if (added) {
          doubts.put(r, "its numbers are the rows above added up; is it a sum?");
        }
        sums.add(r);
        groups.put(r, title);
      }
    }
  }

  private boolean typed() {
    return meanings.stream().anyMatch(m -> m.field() == SheetField.TYPE);
  }

  private String cell(int row, SheetField field) {
    for (int c = 0; c < meanings.size(); c++) {
      if (meanings.get(c).field() == field) {
        return grid.text(row, c).strip();
      }
    }
    return "";
  }

  /** A row that says nothing but one text, in a list whose rows say more. */
  private boolean isTitle(int row) {
    long filled = grid.rows().get(row).stream().filter(cell -> !cell.text().isBlank()).count();
    boolean named = !cell(row, SheetField.NAME).isEmpty();
    return filled == 1 && named && meanings.size() > 1 && followed(row);
  }

  private boolean followed(int row) {
    for (int r = row + 1; r < grid.rows().size(); r++) {
      if (!grid.blank(r)) {
        return grid.rows().get(r).stream().filter(c -> !c.text().isBlank()).count() > 1
            && sumWord(r).isEmpty();
      }
    }
    return false;
  }

  private boolean repeatsHeadings(int row) {
    if (below == 0) {
      return false;
    }
    List<Grid.Cell> heads = grid.rows().get(below - 1);
    List<Grid.Cell> cells = grid.rows().get(row);
    return cells.stream().anyMatch(c -> !c.text().isBlank())
        && cells.stream()
            .map(c -> c.text().strip())
            .toList()
            .equals(heads.stream().map(c -> c.text().strip()).toList());
  }

  /** A cell that says "total" or the like, before the first number of the row. */
  private Optional<String> sumWord(int row) {
    for (int c = 0; c < meanings.size(); c++) {
      String text = grid.text(row, c).strip();
      SheetField field = meanings.get(c).field();
      boolean value = field.measured() || field.counted() || field.numeric();
      if (!text.isEmpty() && !value && SUM.matcher(HeadingWords.plain(text)).matches()) {
        return Optional.of(text);
      }
    }
    return Optional.empty();
  }

  /** What stands above, added up since the list began and since the last sum. */
  private final class Sums {
    private final TreeMap<Integer, double[]> columns = new TreeMap<>();
    private int summed;
    private int sinceLast;

    Sums() {
      for (int c = 0; c < meanings.size(); c++) {
        SheetField field = meanings.get(c).field();
        if (field == SheetField.PIXELS || field == SheetField.LENGTH) {
          columns.put(c, new double[2]);
        }
      }
    }

    void add(int row) {
      columns.forEach(
          (c, sum) -> {
            double value = value(row, c);
            sum[0] += value;
            sum[1] += value;
          });
      summed++;
      sinceLast++;
    }

    void begin() {
      columns.values().forEach(sum -> sum[1] = 0);
      sinceLast = 0;
    }

    /** Whether each number of a row is its column added up; at least one is there. */
    boolean areThoseOf(int row) {
      return matches(row, 0, summed) || matches(row, 1, sinceLast);
    }

    private boolean matches(int row, int which, int rowsSummed) {
      if (rowsSummed < SUMMED_LEAST) {
        return false;
      }
      boolean any = false;
      for (Map.Entry<Integer, double[]> column : columns.entrySet()) {
        double value = value(row, column.getKey());
        double sum = column.getValue()[which];
        if (value != 0) {
          if (Math.abs(value - sum) > SUM_SHARE * sum) {
            return false;
          }
          any = true;
        }
      }
      return any;
    }

    private double value(int row, int column) {
      String text = grid.text(row, column);
      if (meanings.get(column).field() == SheetField.PIXELS) {
        OptionalInt count = Measures.count(text);
        return count.isPresent() ? count.getAsInt() : 0;
      }
      return Measures.metres(text, meanings.get(column).unit(), marks.of(column))
          .map(BigDecimal::doubleValue)
          .orElse(0.0);
    }
  }
}
