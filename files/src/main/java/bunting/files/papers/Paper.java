package bunting.files.papers;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * One of the papers: what it is called, what it is for, and how it is made.
 *
 * @param id as outsiders ask for it
 * @param title for people
 * @param use in a sentence, when one takes it along
 * @param table as CSV; empty: it is no table
 * @param book sheets of a workbook by name; none: it comes as none
 * @param page as it prints; empty: it does not
 * @param extras further files of it
 */
record Paper(
    String id,
    String title,
    String use,
    Optional<Function<Sources, Table>> table,
    Function<Sources, Map<String, Table>> book,
    Optional<BiFunction<Sources, Page, Page>> page,
    BiFunction<Sources, Print, List<Extra>> extras) {

  /**
   * A further file.
   *
   * @param name before the format: the paper's id, or that and what it shows
   * @param bytes made when they are asked for
   */
  record Extra(String name, String format, Supplier<byte[]> bytes) {}

  /** A paper with a table and a page. */
  static Paper of(
      String id,
      String title,
      String use,
      Function<Sources, Table> table,
      BiFunction<Sources, Page, Page> page) {
    return new Paper(
        id, title, use, Optional.of(table), s -> Map.of(), Optional.of(page), (s, p) -> List.of());
  }

  /** The same as a workbook too. */
  Paper with(Function<Sources, Map<String, Table>> sheets) {
    return new Paper(id, title, use, table, sheets, page, extras);
  }

  /** The same with further files. */
  Paper and(BiFunction<Sources, Print, List<Extra>> more) {
    return new Paper(id, title, use, table, book, page, more);
  }

  /** Its page. */
  Optional<Page> page(Sources from, Print print) {
    return page.map(p -> p.apply(from, new Page(print, id, title)));
  }
}
