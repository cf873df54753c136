package bunting.files.sheet;

import bunting.core.units.Measures;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Where the headings of a sheet stand: no row at all, one, or two of which the upper one goes on to
 * the right as merged cells do.
 *
 * @param first index of the first row of them; 0 where there are none
 * @param count 0, 1 or 2 rows
 */
public record HeadingRows(int first, int count) {
  /** Headings are looked for in so many rows; a cover above a list is shorter. */
  private static final int LOOK_AT = 40;

  /** A row with at least two texts that may mean something is one of headings. */
  private static final int KNOWN_LEAST = 2;

  /** What a unit in a lower row adds to it. */
  private static final int UNIT_WORTH = 15;

  /** A second row has to say so much more. */
  private static final int SECOND_WORTH = 10;

  /** Index of the first row below the headings. */
  int below() {
    return first + count;
  }

  /** Whether a row is one of them. */
  public boolean holds(int row) {
    return row >= first && row < below();
  }

  /** The headings, one for each column of the sheet; a column without one has "". */
  List<String> texts(Grid grid) {
    List<String> texts = new ArrayList<>();
    for (int c = 0; c < grid.columns(); c++) {
      String text = count == 0 ? "" : grid.text(first, c).strip();
      texts.add(count < 2 ? text : joined(grid, c));
    }
    return texts;
  }

  private String joined(Grid grid, int column) {
    String below = grid.text(first + 1, column).strip();
    String above = grid.text(first, column).strip();
    for (int c = column; c > 0 && above.isEmpty() && !below.isEmpty(); c--) {
      above = grid.text(first, c - 1).strip();
    }
    return (above + " " + below).strip();
  }

  /** Where they most likely stand; empty where no row looks like headings. */
  static Optional<HeadingRows> find(Grid grid) {
    HeadingRows best = new HeadingRows(0, 0);
    int most = 0;
    for (int r = 0; r < Math.min(grid.rows().size(), LOOK_AT); r++) {
      if (!mayHead(grid, r)) {
        continue;
      }
      HeadingRows one = new HeadingRows(r, 1);
      int worth = worth(grid, one);
      if (worth > most) {
        best = one;
        most = worth;
      }
      HeadingRows two = new HeadingRows(r, 2);
      if (r + 2 < grid.rows().size() && mayHead(grid, r + 1)) {
        int both = worth(grid, two);
        if (both >= most + SECOND_WORTH && both >= worth(grid, new HeadingRows(r + 1, 1))) {
          best = two;
          most = both;
        }
      }
    }
    return most > 0 ? Optional.of(best) : Optional.empty();
  }

  /** Those that begin at a row which somebody chose; a row of units below belongs to them. */
  static HeadingRows at(Grid grid, int row) {
    boolean units = row + 2 < grid.rows().size() && unitsAlone(grid, row + 1);
    return new HeadingRows(row, units ? 2 : 1);
  }

  /**
   * The first row of texts with a row of numbers somewhere below: the headings of a language that
   * nobody here speaks.
   */
  static Optional<HeadingRows> unknown(Grid grid) {
    for (int r = 0; r + 1 < Math.min(grid.rows().size(), LOOK_AT); r++) {
      long texts = grid.rows().get(r).stream().filter(c -> !c.text().isBlank()).count();
      if (texts >= KNOWN_LEAST && mayHead(grid, r) && numbersIn(grid, r + 1)) {
        return Optional.of(new HeadingRows(r, 1));
      }
    }
    return Optional.empty();
  }

  private static boolean numbersIn(Grid grid, int row) {
    return grid.rows().get(row).stream().anyMatch(c -> numeric(c));
  }

  private static boolean unitsAlone(Grid grid, int row) {
    List<String> texts =
        grid.rows().get(row).stream()
            .map(c -> HeadingWords.plain(c.text()))
            .filter(t -> !t.isEmpty())
            .toList();
    return !texts.isEmpty() && texts.stream().allMatch(t -> Measures.unit(t).isPresent());
  }

  /** Headings are texts: a number or a length among them makes a row one of runs. */
  private static boolean mayHead(Grid grid, int row) {
    return !grid.blank(row) && grid.rows().get(row).stream().noneMatch(HeadingRows::numeric);
  }

  private static boolean numeric(Grid.Cell cell) {
    String text = cell.text().strip();
    return cell.number() || text.matches("[-~]?\\d.*");
  }

  private static int worth(Grid grid, HeadingRows rows) {
    Set<SheetField> known = EnumSet.noneOf(SheetField.class);
    int worth = 0;
    for (String text : rows.texts(grid)) {
      Map<SheetField, Integer> scores = HeadingWords.scores(text);
      Optional<Map.Entry<SheetField, Integer>> best =
          scores.entrySet().stream()
              .filter(e -> !known.contains(e.getKey()))
              .max(Map.Entry.comparingByValue());
      if (best.isPresent()) {
        known.add(best.get().getKey());
        worth += Math.min(best.get().getValue(), HeadingWords.SAME);
      }
      if (!scores.isEmpty() && HeadingWords.heading(text).unit().isPresent()) {
        worth += UNIT_WORTH;
      }
    }
    known.remove(SheetField.NOTE);
    return known.size() >= KNOWN_LEAST ? worth : 0;
  }
}
