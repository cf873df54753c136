package bunting.files;

import bunting.core.limits.Counts;
import bunting.core.show.BulbString;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** RUNS.csv: one run a row. */
final class RunsReader {
  private final Path file;
  private final Show settings;
  private final List<Run> runs = new ArrayList<>();
  private final List<PlainSet> sets = new ArrayList<>();
  private final List<BulbString> strings = new ArrayList<>();
  private final Set<String> known = new HashSet<>(RunColumns.ALWAYS);
  private final Map<String, Long> lineOfName = new HashMap<>();
  private final Map<String, Integer> columns = new LinkedHashMap<>();
  private int headerCells;

  private RunsReader(Path file, Show settings) {
    this.file = file;
    this.settings = settings;
    known.add("length_ft");
    known.addAll(RunColumns.RUNS);
  }

  /** The settings with the runs of a list, checked against their types and controllers. */
  static Show read(Path file, String text, Show settings) throws BadInputException {
    return new RunsReader(file, settings).parse(text);
  }

  private Show parse(String text) throws BadInputException {
    CSVFormat format =
        CSVFormat.DEFAULT.builder().setDelimiter(delimiter(text)).setIgnoreEmptyLines(false).get();
    long line = 1;
    try (CSVParser parser = CSVParser.parse(text, format)) {
      for (CSVRecord record : parser) {
        row(record, line);
        line = parser.getCurrentLineNumber() + 1;
      }
    } catch (CSVException | UncheckedIOException | IllegalStateException e) {
      throw problem(
          line,
          "its quotes do not close or something stands behind a closing quote; write \"...\" around"
              + " the whole cell.");
    } catch (IOException e) {
      throw problem(
          line,
          "its quotes do not close or something stands behind a closing quote; write \"...\" around"
              + " the whole cell.");
    }
    if (columns.isEmpty()) {
      throw BadInputException.of(
          file,
          "line 1: it is empty; give a header row with at least name, type and pixels or"
              + " length_m.");
    }
    if (runs.isEmpty() && sets.isEmpty() && strings.isEmpty()) {
      throw BadInputException.of(
          file, "line 1: there are no runs below the header; give one row a run.");
    }
    Optional<String> tooMany = Counts.tooManyPixels(runs);
    if (tooMany.isPresent()) {
      throw BadInputException.of(file, tooMany.get());
    }
    return settings.withRuns(runs).withOthers(new OtherLoads(sets, strings));
  }

  private BadInputException problem(long line, String what) {
    return BadInputException.of(file, "line " + line + ": " + what);
  }

  /** The delimiter that stands most often, outside quotes, in the first line. */
  static char delimiter(String text) {
    Map<Character, Integer> count = new HashMap<>(Map.of(',', 0, ';', 0, '\t', 0));
    boolean quoted = false;
    for (int i = 0;
        i < text.length() && (quoted || (text.charAt(i) != '\n' && text.charAt(i) != '\r'));
        i++) {
      char c = text.charAt(i);
      quoted ^= c == '"';
      if (!quoted) {
        count.computeIfPresent(c, (k, n) -> n + 1);
      }
    }
    char best = ',';
    for (char c : new char[] {';', '\t'}) {
      best = count.getOrDefault(c, 0) > count.getOrDefault(best, 0) ? c : best;
    }
    return best;
  }

  private void row(CSVRecord record, long line) throws BadInputException {
    boolean blank = record.stream().allMatch(String::isBlank);
    if (columns.isEmpty()) {
      if (blank) {
        throw problem(
            line, "the header row is empty; give at least name, type and pixels or length_m.");
      }
      header(record, line);
      return;
    }
    if (record.size() > headerCells) {
      throw problem(
          line,
          "it has "
              + record.size()
              + " cells, but the header has "
              + headerCells
              + "; quote a cell that contains the separator.");
    }
    if (blank) {
      return;
    }
    Map<String, String> cells = new HashMap<>();
    columns.forEach(
        (name, at) -> cells.put(name, at < record.size() ? Csv.plain(record.get(at).strip()) : ""));
    Cells read = new Cells(file, line, cells);
    String name = read.name();
    switch (columns.containsKey("light_kind") ? read.text("light_kind") : "") {
      case "", "pixels" -> runs.add(new RunRow(read, settings, known).read());
      case "rgb-set" -> sets.add(LightFields.SET.read(read));
      case "bulbs" -> strings.add(LightFields.BULBS.read(read));
      default ->
          throw read.wrong(
              "light_kind",
              BadInputException.echo(read.text("light_kind"))
                  + " should be pixels, rgb-set or bulbs.");
    }
    if (lineOfName.size() == Counts.LIGHTS) {
      throw problem(
          line, "it is one row too many; a list may have " + Counts.LIGHTS + " rows with a light.");
    }
    Long before = lineOfName.putIfAbsent(name, line);
    if (before != null) {
      throw BadInputException.of(
          file,
          "line "
              + line
              + ", column name: "
              + BadInputException.echo(name)
              + " already stands in line "
              + before
              + "; names are unique.");
    }
  }

  private void header(CSVRecord record, long line) throws BadInputException {
    headerCells = record.size();
    if (record.stream().anyMatch(h -> h.strip().equalsIgnoreCase(RunColumns.KIND))) {
      known.add(RunColumns.KIND);
      known.addAll(RunColumns.OTHERS);
    }
    for (int i = 0; i < record.size(); i++) {
      String heading = Csv.plain(record.get(i).strip());
      String name = heading.toLowerCase(Locale.ROOT);
      if (heading.isEmpty()) {
        continue;
      }
      String key = known.contains(name) ? name : heading;
      if (columns.putIfAbsent(key, i) != null) {
        throw problem(
            line,
            "column " + BadInputException.echo(heading) + " stands twice in the header; keep one.");
      }
    }
    for (String needed : List.of("name", "type")) {
      if (!columns.containsKey(needed)) {
        throw problem(
            line, "column " + needed + " is missing from the header; every run needs it.");
      }
    }
    if (!columns.containsKey("pixels")
        && !columns.containsKey("course_m")
        && !columns.containsKey("light_kind")
        && !columns.containsKey("length_m")
        && !columns.containsKey("length_ft")) {
      throw problem(
          line,
          "column pixels is missing from the header, and so are length_m and length_ft; give one of"
              + " them.");
    }
  }
}
