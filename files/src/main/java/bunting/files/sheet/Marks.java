package bunting.files.sheet;

import bunting.core.units.Mark;
import bunting.core.units.Measures.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Which mark stands before the decimals of a column, by all that stands in it: a mark with other
 * than three digits behind it is the decimal one, one that comes twice or stands in a count parts
 * thousands. Where a column does not tell, the others of the sheet do.
 */
final class Marks {
  private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,]\\d+)+");
  private static final Pattern THREE = Pattern.compile("[1-9]\\d{0,2}[.,]\\d{3}");

  private static final Pattern SMALL = Pattern.compile("\\d\\s*[cm]m\\b");

  private final List<Mark> marks = new ArrayList<>();
  private final List<Boolean> doubtful = new ArrayList<>();

  /** What a stretch of texts says for each mark. */
  private record Evidence(int points, int commas, int either) {
    static final Evidence NONE = new Evidence(0, 0, 0);

    Evidence and(Evidence other) {
      return new Evidence(points + other.points, commas + other.commas, either + other.either);
    }

    Mark mark() {
      return points > commas ? Mark.POINT : commas > points ? Mark.COMMA : Mark.EITHER;
    }
  }

  private Marks() {}

  /** Of each column of a sheet, by what each means. */
  static Marks of(Grid grid, int firstRow, List<Meaning> meanings) {
    List<Evidence> columns = new ArrayList<>();
    Evidence all = Evidence.NONE;
    for (int c = 0; c < meanings.size(); c++) {
      SheetField field = meanings.get(c).field();
      Evidence found = Evidence.NONE;
      if (field.measured() || field.numeric() || field.counted()) {
        for (int r = firstRow; r < grid.rows().size(); r++) {
          Grid.Cell cell = grid.cell(r, c);
          boolean whole =
              field.counted()
                  || isSmall(meanings.get(c).unit(), field)
                  || SMALL.matcher(cell.text()).find();
          found = cell.number() ? found : found.and(evidence(cell.text(), whole));
        }
      }
      columns.add(found);
      all = all.and(found);
    }
    Marks marks = new Marks();
    for (Evidence own : columns) {
      Mark mark = own.mark();
      Mark sheet = all.mark() == Mark.EITHER && grid.semicolons() ? Mark.COMMA : all.mark();
      boolean told = mark != Mark.EITHER || own.either() == 0;
      marks.marks.add(mark != Mark.EITHER ? mark : sheet);
      marks.doubtful.add(!told && sheet == Mark.EITHER);
    }
    return marks;
  }

  /** Nobody measures thousandths of a centimetre: three digits are thousands there. */
  private static boolean isSmall(Unit unit, SheetField field) {
    return field.measured() && (unit == Unit.MILLIMETRES || unit == Unit.CENTIMETRES);
  }

  private static Evidence evidence(String text, boolean counted) {
    Evidence found = Evidence.NONE;
    Matcher numbers = NUMBER.matcher(text);
    while (numbers.find()) {
      found = found.and(ofNumber(numbers.group(), counted));
    }
    return found;
  }

  private static Evidence ofNumber(String number, boolean counted) {
    boolean point = number.indexOf('.') >= 0;
    boolean comma = number.indexOf(',') >= 0;
    if (point && comma) {
      return decimal(number.lastIndexOf('.') > number.lastIndexOf(','));
    }
    boolean twice = number.indexOf(point ? '.' : ',') != number.lastIndexOf(point ? '.' : ',');
    if (twice) {
      return decimal(!point);
    }
    if (!THREE.matcher(number).matches()) {
      return counted ? Evidence.NONE : decimal(point);
    }
    return counted ? decimal(!point) : new Evidence(0, 0, 1);
  }

  private static Evidence decimal(boolean point) {
    return point ? new Evidence(1, 0, 0) : new Evidence(0, 1, 0);
  }

  /** The mark of a column. */
  Mark of(int column) {
    return marks.get(column);
  }

  /** Whether a column has numbers that could be read both ways and nothing that decides. */
  boolean doubtful(int column) {
    return doubtful.get(column);
  }
}
