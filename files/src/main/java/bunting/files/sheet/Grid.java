package bunting.files.sheet;

import java.util.ArrayList;
import java.util.List;

/**
 * A sheet of cells as it stands in a file.
 *
 * @param rows may be of unequal length
 * @param lines of the rows in the file, from 1
 * @param semicolons whether its cells stand between semicolons, as where decimals have a comma
 */
public record Grid(List<List<Cell>> rows, List<Integer> lines, boolean semicolons) {
  /**
   * One cell.
   *
   * @param number whether it is a number to the spreadsheet: its point is no mark of thousands
   */
  public record Cell(String text, boolean number) {
    static final Cell NONE = new Cell("", false);
  }

  public Grid {
    rows = rows.stream().map(List::copyOf).toList();
    lines = List.copyOf(lines);
  }

  /** The text of a cell; empty beyond the row's end. */
  public String text(int row, int column) {
    return cell(row, column).text();
  }

  Cell cell(int row, int column) {
    List<Cell> cells = rows.get(row);
    return column < cells.size() ? cells.get(column) : Cell.NONE;
  }

  /** How many columns its widest row has. */
  public int columns() {
    return rows.stream().mapToInt(List::size).max().orElse(0);
  }

  /** Whether a row holds nothing. */
  public boolean blank(int row) {
    return rows.get(row).stream().allMatch(c -> c.text().isBlank());
  }

  /** The same with another text in a cell. */
  public Grid with(int row, int column, String text) {
    List<List<Cell>> next = new ArrayList<>(rows);
    List<Cell> cells = new ArrayList<>(rows.get(row));
    while (cells.size() <= column) {
      cells.add(Cell.NONE);
    }
    cells.set(column, new Cell(text.strip(), false));
    next.set(row, cells);
    return new Grid(next, lines, semicolons);
  }
}
