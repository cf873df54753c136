package bunting.files.sheet;

import bunting.core.show.PixelType;
import bunting.core.units.Mark;
import bunting.core.units.Measures;
import bunting.core.units.Measures.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A sheet as it is understood: where its headings stand, what its columns mean, which rows are no
 * lights, and what was doubtful.
 */
public final class Understanding {
  private final Grid grid;
  private final HeadingRows head;
  private final List<Meaning> meanings;
  private final Marks marks;
  private final LeftOut leftOut;
  private final boolean unitUnsaid;
  private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,]\\d+)?");

  private final boolean mixed;
  private final List<String> headings;

  private Understanding(Grid grid, HeadingRows head, List<Meaning> meanings, boolean unitUnsaid) {
    this.grid = grid;
    this.head = head;
    this.meanings = List.copyOf(meanings);
    this.marks = Marks.of(grid, head.below(), meanings);
    this.leftOut = new LeftOut(grid, head.below(), meanings, marks);
    this.unitUnsaid = unitUnsaid;
    this.mixed = mixed(grid, head, meanings);
    this.headings = named(head.texts(grid));
  }

  /**
   * A sheet by its own headings.
   *
   * @param usual what lengths are in where nothing says it
   */
  public static Optional<Understanding> of(Grid grid, List<PixelType> types, Unit usual) {
    return HeadingRows.find(grid)
        .or(() -> HeadingRows.unknown(grid))
        .map(head -> of(grid, head, types, usual))
        .or(() -> Optional.of(at(grid, -1, types, usual)).filter(Understanding::speaks));
  }

  /** Whether cells alone, without a heading, say what hangs there and how much of it. */
  private boolean speaks() {
    Set<SheetField> found = meanings.stream().map(Meaning::field).collect(Collectors.toSet());
    return found.contains(SheetField.NAME)
        && found.contains(SheetField.TYPE)
        && (found.contains(SheetField.PIXELS) || found.contains(SheetField.LENGTH));
  }

  /** A sheet whose headings are in a row that somebody chose, from 0; -1: it has none. */
  public static Understanding at(Grid grid, int row, List<PixelType> types, Unit usual) {
    HeadingRows head = row < 0 ? new HeadingRows(0, 0) : HeadingRows.at(grid, row);
    return of(grid, head, types, usual);
  }

  private static Understanding of(Grid grid, HeadingRows head, List<PixelType> types, Unit usual) {
    ColumnGuess guess = new ColumnGuess(grid, head, types, usual);
    List<Meaning> meanings = guess.meanings();
    return new Understanding(grid, head, meanings, guess.unsaid());
  }

  /** The same with a column meaning something else; who meant that before becomes a note. */
  public Understanding with(int column, Meaning meaning) {
    List<Meaning> next = new ArrayList<>(meanings);
    next.replaceAll(m -> meaning.same(m) ? Meaning.NOTE : m);
    next.set(column, meaning);
    return new Understanding(grid, head, next, unitUnsaid && !meaning.field().measured());
  }

  /** The same with a cell corrected; what the columns mean stays. */
  public Understanding withCell(int row, int column, String text) {
    return new Understanding(grid.with(row, column, text), head, meanings, unitUnsaid);
  }

  /** The sheet. */
  public Grid grid() {
    return grid;
  }

  /** Where the headings stand. */
  public HeadingRows head() {
    return head;
  }

  /** The headings; a column without one is named by its letters in the spreadsheet. */
  public List<String> headings() {
    return headings;
  }

  private static List<String> named(List<String> texts) {
    List<String> named = new ArrayList<>(texts);
    for (int c = 0; c < named.size(); c++) {
      if (named.get(c).isEmpty()) {
        named.set(c, letters(c));
      }
    }
    return List.copyOf(named);
  }

  /** A column's letters as spreadsheets count them: A to Z, AA on. */
  static String letters(int column) {
    String last = String.valueOf((char) ('A' + column % 26));
    return column < 26 ? last : letters(column / 26 - 1) + last;
  }

  /** The column with a heading or, where none has it, with those letters; -1: there is none. */
  public int column(String name) {
    List<String> texts = headings();
    String wanted = name.strip();
    int at = texts.indexOf(wanted);
    for (int c = 0; at < 0 && c < texts.size(); c++) {
      at = HeadingWords.plain(texts.get(c)).equals(HeadingWords.plain(wanted)) ? c : at;
    }
    for (int c = 0; at < 0 && c < texts.size(); c++) {
      at = letters(c).equals(wanted) ? c : at;
    }
    return at;
  }

  /** Where the headings stand, in words. */
  public String headingsAt() {
    return switch (head.count()) {
      case 0 -> "none";
      case 1 -> "row " + grid.lines().get(head.first());
      default ->
          "rows " + grid.lines().get(head.first()) + " and " + grid.lines().get(head.first() + 1);
    };
  }

  /** What each column means. */
  public List<Meaning> meanings() {
    return meanings;
  }

  /** The mark before the decimals of a column. */
  public Mark mark(int column) {
    return marks.of(column);
  }

  /** Rows below the headings that hold something, from 0. */
  public List<Integer> rows() {
    List<Integer> rows = new ArrayList<>();
    for (int r = head.below(); r < grid.rows().size(); r++) {
      if (!grid.blank(r)) {
        rows.add(r);
      }
    }
    return rows;
  }

  /** Why a row is no light. */
  public Optional<String> leftOut(int row) {
    return leftOut.why(row);
  }

  /** The title that a row stands under, where the sheet has no column of groups. */
  public Optional<String> title(int row) {
    boolean grouped = meanings.stream().anyMatch(m -> m.field() == SheetField.GROUP);
    return grouped ? Optional.empty() : leftOut.title(row).filter(t -> !t.isEmpty());
  }

  /** Whether some lengths stand in feet, others in metres, and others without a unit. */
  public boolean mixesUnits() {
    return mixed;
  }

  private static boolean mixed(Grid grid, HeadingRows head, List<Meaning> meanings) {
    boolean feet = false;
    boolean metric = false;
    boolean bare = false;
    for (int c = 0; c < meanings.size(); c++) {
      for (int r = head.below();
          meanings.get(c).field() == SheetField.LENGTH && r < grid.rows().size();
          r++) {
        String text = grid.text(r, c);
        feet |= Measures.imperial(text);
        metric |= Measures.metric(text);
        bare |= NUMBER.matcher(text.strip()).matches();
      }
    }
    return feet && metric && bare;
  }

  /** What was doubtful, a sentence each. */
  public List<String> doubts() {
    List<String> doubts = new ArrayList<>();
    List<String> names = headings();
    for (int c = 0; c < meanings.size(); c++) {
      if (meanings.get(c).field().measured() && marks.doubtful(c)) {
        doubts.add(
            names.get(c)
                + ": a mark before three digits is taken for the decimal one, so that 2,500 is 2.5;"
                + " write 2500 where it is not.");
      }
      if (meanings.get(c).field() == SheetField.LENGTH && unitUnsaid) {
        doubts.add(
            names.get(c)
                + ": no unit stands with these lengths; they are taken for "
                + meanings.get(c).unit().text()
                + ".");
      }
    }
    int length = meanings.stream().map(Meaning::field).toList().indexOf(SheetField.LENGTH);
    if (mixed) {
      doubts.add(
          names.get(length)
              + ": some lengths are in feet and some in metres; a bare number is taken for "
              + meanings.get(length).unit().text()
              + " unless the pixels of its row say metres.");
    }
    leftOut.doubts().forEach((row, why) -> doubts.add("Row " + grid.lines().get(row) + ": " + why));
    return doubts;
  }

  /** What tells lists of the same make apart: their headings. */
  public String signature() {
    return String.join("|", head.texts(grid).stream().map(HeadingWords::plain).toList());
  }
}
