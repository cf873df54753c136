package bunting.files.sheet;

import bunting.core.show.PixelType;
import bunting.core.units.Measures;
import bunting.core.units.Measures.Unit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Guesses what the columns of a sheet mean: each heading's words, weighed by whether the cells bear
 * them out; the best pair of column and field first, none twice. What is then missing is looked for
 * in the cells alone.
 */
final class ColumnGuess {
  /** Below this a heading and its cells say nothing. */
  private static final double LEAST = 15;

  /** A sure heading means something though every cell of it is wrong. */
  private static final double WRONG_CELLS = 0.2;

  private static final double MOST_CELLS = 0.5;

  /** Nobody hangs more of a thing than this under one name in one row. */
  private static final int COPIES_MOST = 24;

  private static final Pattern DASHED = Pattern.compile("\\d{1,3}\\s*[-–]\\s*\\d{1,2}.*");

  private final Grid grid;
  private final HeadingRows head;
  private final List<String> headings;
  private final CellFit cells;
  private final Unit usual;
  private final List<SheetField> fields = new ArrayList<>();

  ColumnGuess(Grid grid, HeadingRows head, List<PixelType> types, Unit usual) {
    this.grid = grid;
    this.head = head;
    this.headings = head.texts(grid);
    this.cells = new CellFit(grid, head.below(), types);
    this.usual = usual;
  }

  private record Pair(int column, SheetField field, double score) {}

  /** A meaning for each column. */
  List<Meaning> meanings() {
    List<Pair> pairs = new ArrayList<>();
    for (int c = 0; c < headings.size(); c++) {
      fields.add(SheetField.NOTE);
      pairs.addAll(pairs(c));
    }
    pairs.sort(
        Comparator.comparingDouble((Pair p) -> -p.score())
            .thenComparing(Pair::field)
            .thenComparingInt(Pair::column));
    Set<SheetField> taken = EnumSet.noneOf(SheetField.class);
    Set<Integer> done = new java.util.HashSet<>();
    for (Pair p : pairs) {
      boolean free = p.field() == SheetField.NOTE || !taken.contains(p.field());
      if (free && !done.contains(p.column()) && belongs(p, pairs)) {
        fields.set(p.column(), p.field());
        taken.add(p.field());
        done.add(p.column());
      }
    }
    byValues(done);
    inches();
    return units();
  }

  private List<Pair> pairs(int column) {
    List<Pair> pairs = new ArrayList<>();
    for (Map.Entry<SheetField, Integer> said :
        HeadingWords.scores(headings.get(column)).entrySet()) {
      double fit = Math.max(cells.of(said.getKey(), column), WRONG_CELLS);
      double score = said.getValue() * fit;
      if (score >= LEAST) {
        pairs.add(new Pair(column, said.getKey(), score));
      }
    }
    return pairs;
  }

  /** Whether a field makes sense beside the others of the sheet. */
  private boolean belongs(Pair p, List<Pair> all) {
    return switch (p.field()) {
      case COPIES -> countedElsewhere(p, all) && small(p.column());
      case PIXELS ->
          p.score() > HeadingWords.HINT
              || !(small(p.column()) && has(all, SheetField.LENGTH) && hinted(p));
      case BULBS, BULB_WATTS, CORD, CHANNELS -> lights(all);
      case WATTS -> lights(all) || has(all, SheetField.VOLTS);
      default -> true;
    };
  }

  private static boolean lights(List<Pair> all) {
    return has(all, SheetField.KIND)
        || has(all, SheetField.WATTS_EACH)
        || (has(all, SheetField.WATTS) && has(all, SheetField.VOLTS));
  }

  private boolean hinted(Pair p) {
    return HeadingWords.scores(headings.get(p.column())).containsKey(SheetField.COPIES);
  }

  private static boolean has(List<Pair> all, SheetField field) {
    return all.stream().anyMatch(p -> p.field() == field);
  }

  private boolean countedElsewhere(Pair copies, List<Pair> all) {
    return all.stream()
        .anyMatch(
            p ->
                p.column() != copies.column()
                    && (p.field() == SheetField.LENGTH
                        || (p.field() == SheetField.PIXELS && p.score() > HeadingWords.HINT)));
  }

  private boolean small(int column) {
    List<String> texts = cells.texts(column);
    return CellFit.share(texts, t -> Measures.count(t).orElse(Integer.MAX_VALUE) <= COPIES_MOST)
        > MOST_CELLS;
  }

  private void byValues(Set<Integer> done) {
    if (!fields.contains(SheetField.LENGTH)) {
      first(done, c -> CellFit.share(cells.texts(c), Measures::hasUnit) >= MOST_CELLS)
          .ifPresent(c -> fields.set(c, SheetField.LENGTH));
    }
    if (!fields.contains(SheetField.LENGTH) && fields.contains(SheetField.UNIT)) {
      quantity().ifPresent(c -> fields.set(c, SheetField.LENGTH));
    }
    if (!fields.contains(SheetField.TYPE)) {
      first(done, c -> cells.kinds(c) > MOST_CELLS).ifPresent(c -> fields.set(c, SheetField.TYPE));
    }
    names(done);
    if (!fields.contains(SheetField.LENGTH) && !fields.contains(SheetField.PIXELS)) {
      first(
              done,
              c ->
                  CellFit.share(cells.texts(c), t -> Measures.count(t).isPresent()) > MOST_CELLS
                      && !rowNumbers(c))
          .ifPresent(c -> fields.set(c, SheetField.PIXELS));
    }
  }

  /**
   * Every list has a column of names. Where only a group was found, a group without repetitions is
   * one. What was taken for names are groups where it repeats, or where its heading says a place,
   * and another column has a name for each row.
   */
  private void names(Set<Integer> done) {
    int name = fields.indexOf(SheetField.NAME);
    if (name < 0) {
      first(done, this::namesMost).ifPresent(c -> fields.set(c, SheetField.NAME));
    }
    int group = fields.indexOf(SheetField.GROUP);
    if (!fields.contains(SheetField.NAME) && group >= 0 && cells.distinct(group) == 1) {
      fields.set(group, SheetField.NAME);
    }
    if (name >= 0 && group < 0) {
      boolean repeats = cells.distinct(name) < 1;
      boolean place = headed(SheetField.GROUP).contains(name);
      int rows = cells.texts(name).size();
      first(
              headed(SheetField.NOTE),
              c ->
                  namesMost(c)
                      && cells.distinct(c) == 1
                      && cells.texts(c).size() == rows
                      && cells.kinds(c) == 0
                      && (repeats || (place && headed(SheetField.NAME).contains(c))))
          .ifPresent(
              c -> {
                fields.set(name, SheetField.GROUP);
                fields.set(c, SheetField.NAME);
              });
    }
  }

  /** Columns whose headings say a field. */
  private Set<Integer> headed(SheetField field) {
    return IntStream.range(0, headings.size())
        .filter(c -> HeadingWords.scores(headings.get(c)).containsKey(field))
        .boxed()
        .collect(Collectors.toSet());
  }

  private boolean namesMost(int column) {
    return cells.distinct(column) > 1 - LEAST / HeadingWords.SAME
        && CellFit.share(cells.texts(column), CellFit::lettered) > MOST_CELLS
        && CellFit.share(cells.texts(column), Measures::hasUnit) == 0;
  }

  /** "Quantity" beside a column of units. */
  private Optional<Integer> quantity() {
    for (int c = 0; c < fields.size(); c++) {
      Set<SheetField> said = HeadingWords.scores(headings.get(c)).keySet();
      boolean asked = said.contains(SheetField.COPIES) || said.contains(SheetField.PIXELS);
      boolean free = fields.get(c) == SheetField.NOTE || fields.get(c) == SheetField.PIXELS;
      if (asked && free && cells.of(SheetField.LENGTH, c) > MOST_CELLS) {
        return Optional.of(c);
      }
    }
    return Optional.empty();
  }

  /** Whether a column counts the rows: 1, 2, 3. */
  private boolean rowNumbers(int column) {
    List<String> texts = cells.texts(column);
    for (int i = 0; i < texts.size(); i++) {
      if (Measures.count(texts.get(i)).orElse(-1) != i + 1) {
        return false;
      }
    }
    return true;
  }

  /** The first column that means nothing yet and whose heading names nothing else. */
  private Optional<Integer> first(Set<Integer> done, java.util.function.IntPredicate which) {
    for (int c = 0; c < fields.size(); c++) {
      if (fields.get(c) == SheetField.NOTE
          && !done.contains(c)
          && !cells.texts(c).isEmpty()
          && which.test(c)) {
        return Optional.of(c);
      }
    }
    return Optional.empty();
  }

  /** Feet in one column and inches in the next. */
  private void inches() {
    int next = fields.indexOf(SheetField.LENGTH) + 1;
    if (next > 0
        && next < fields.size()
        && fields.get(next) == SheetField.NOTE
        && own(next - 1).equals(Optional.of(Unit.FEET))
        && HeadingWords.heading(headings.get(next)).unit().equals(Optional.of(Unit.INCHES))) {
      fields.set(next, SheetField.INCHES);
    }
  }

  private List<Meaning> units() {
    Optional<Unit> ofSheet = ofLength().or(this::ofTitle);
    List<Meaning> meanings = new ArrayList<>();
    for (int c = 0; c < fields.size(); c++) {
      int column = c;
      Optional<Unit> ours = HeadingWords.ours(headings.get(c)).map(Meaning::unit);
      Unit unit = ours.or(() -> own(column)).or(() -> ofSheet).orElse(usual);
      SheetField field = fields.get(c);
      meanings.add(new Meaning(field, field.measured() ? unit : Unit.METRES));
    }
    return List.copyOf(meanings);
  }

  /** Whether nothing in the sheet says in which unit its lengths are. */
  boolean unsaid() {
    int length = fields.indexOf(SheetField.LENGTH);
    return length >= 0
        && HeadingWords.ours(headings.get(length)).isEmpty()
        && CellFit.share(cells.texts(length), Measures::hasUnit) < 1
        && ofLength().or(this::ofTitle).isEmpty();
  }

  private Optional<Unit> ofLength() {
    int length = fields.indexOf(SheetField.LENGTH);
    return length < 0 || HeadingWords.ours(headings.get(length)).isPresent()
        ? Optional.empty()
        : own(length).or(this::ofUnits);
  }

  /** By the heading of a column, or by cells that say it. */
  private Optional<Unit> own(int column) {
    List<String> texts = cells.texts(column);
    boolean feet =
        texts.stream().anyMatch(Measures::imperial)
            || CellFit.share(texts, t -> DASHED.matcher(t).matches()) > MOST_CELLS;
    return HeadingWords.heading(headings.get(column))
        .unit()
        .or(() -> feet ? Optional.of(Unit.FEET) : Optional.empty());
  }

  /** What most rows of a column of units say. */
  private Optional<Unit> ofUnits() {
    int column = fields.indexOf(SheetField.UNIT);
    return column < 0
        ? Optional.empty()
        : cells.texts(column).stream().flatMap(t -> Measures.unit(t).stream()).findFirst();
  }

  /** Above the list: "all lengths in feet". */
  private Optional<Unit> ofTitle() {
    for (int r = 0; r < head.first(); r++) {
      for (Grid.Cell cell : grid.rows().get(r)) {
        for (String word : HeadingWords.plain(cell.text()).split(" ", -1)) {
          Optional<Unit> unit = word.length() > 1 ? Measures.unit(word) : Optional.empty();
          if (unit.isPresent() && !word.equals("in") && !word.equals("fus")) {
            return unit;
          }
        }
      }
    }
    return Optional.empty();
  }
}
