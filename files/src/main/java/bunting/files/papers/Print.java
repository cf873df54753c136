package bunting.files.papers;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * One printing of the papers: what stands at the edge of each page, and what the last one said.
 *
 * @param show its name
 * @param revision counts printings that differ, from 1
 * @param size of the paper
 * @param before rows of the last printing by paper; a paper that is not there was never printed
 */
record Print(
    String show,
    int revision,
    LocalDate date,
    PageSize size,
    Map<String, Set<List<String>>> before) {
  Print {
    before = Map.copyOf(before);
  }

  /** Whether a row is new, or other than it was when this paper was last printed. */
  boolean isNew(String paper, List<String> row) {
    Set<List<String>> rows = before.get(paper);
    return rows != null && !rows.contains(row);
  }

  /** What stands under each page. */
  String foot() {
    return "revision "
        + revision
        + " \u00B7 "
        + date
        + (before.isEmpty() || revision == 1 ? "" : " \u00B7 \u25CF not so on the last print");
  }
}
