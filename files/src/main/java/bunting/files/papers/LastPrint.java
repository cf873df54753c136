package bunting.files.papers;

import bunting.files.Csv;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * What was printed last into a folder: its tables lie there, so nothing else has to be kept. What
 * cannot be read was never printed.
 *
 * @param revision of the last printing; 0: there was none
 */
record LastPrint(Path folder, int revision) {
  private static final int REVISION_MOST = 999_999;

  static LastPrint read(Path folder) {
    try {
      int revision =
          new ObjectMapper()
              .readTree(Files.readAllBytes(folder.resolve(Index.FILE)))
              .path("revision")
              .asInt();
      return new LastPrint(folder, Math.max(0, Math.min(REVISION_MOST, revision)));
    } catch (IOException e) {
      return new LastPrint(folder, 0);
    }
  }

  /** The printing after it: the same revision where no table says anything else. */
  Print next(String show, Papers.Order order, Map<String, Table> tables) {
    Map<String, Set<List<String>>> before = new HashMap<>();
    boolean same = true;
    for (Map.Entry<String, Table> e : tables.entrySet()) {
      Optional<List<List<String>>> rows = revision == 0 ? Optional.empty() : rows(e.getKey());
      List<List<String>> now = harmless(e.getValue());
      same &= rows.isPresent() && rows.get().equals(now);
      rows.ifPresent(r -> before.put(e.getKey(), known(e.getValue(), now, new HashSet<>(r))));
    }
    int next = revision == 0 ? 1 : same ? revision : revision + 1;
    return new Print(show, next, order.date(), order.size(), before);
  }

  /** Rows of now that were there before, as the table has them. */
  private static Set<List<String>> known(
      Table table, List<List<String>> now, Set<List<String>> before) {
    Set<List<String>> known = new HashSet<>();
    for (int i = 0; i < table.rows().size(); i++) {
      if (before.contains(now.get(i + 1))) {
        known.add(table.rows().get(i));
      }
    }
    return known;
  }

  private static List<List<String>> harmless(Table table) {
    return table.all().stream().map(r -> r.stream().map(Csv::harmless).toList()).toList();
  }

  private Optional<List<List<String>>> rows(String paper) {
    try (Reader in = Files.newBufferedReader(folder.resolve(paper + ".csv"));
        CSVParser parser = CSVParser.parse(in, CSVFormat.RFC4180)) {
      return Optional.of(parser.getRecords().stream().map(CSVRecord::toList).toList());
    } catch (IOException | IllegalStateException | java.io.UncheckedIOException e) {
      return Optional.empty();
    }
  }
}
