package bunting.files;

import bunting.core.show.BulbString;
import bunting.core.show.PixelType;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** The run list of a show as RUNS.csv: columns that nobody needs are left out. */
public final class RunsWriter {
  private RunsWriter() {}

  /** The list's bytes: the same for the same show. */
  public static byte[] write(Show show) {
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    List<Map<String, String>> rows = new ArrayList<>();
    boolean others = !show.others().isEmpty();
    show.runs().forEach(r -> rows.add(run(r, types.get(r.type()), others)));
    show.others().plainSets().forEach(s -> rows.add(set(s)));
    show.others().bulbStrings().forEach(b -> rows.add(bulbs(b)));
    Set<String> columns = new LinkedHashSet<>(RunColumns.ALWAYS);
    Stream.of(List.of(RunColumns.KIND), RunColumns.RUNS, RunColumns.OTHERS)
        .flatMap(List::stream)
        .filter(c -> rows.stream().anyMatch(r -> r.containsKey(c)))
        .forEach(columns::add);
    rows.forEach(r -> columns.addAll(r.keySet()));
    List<List<String>> table = new ArrayList<>();
    table.add(List.copyOf(columns));
    rows.forEach(r -> table.add(columns.stream().map(c -> r.getOrDefault(c, "")).toList()));
    return Csv.table(table);
  }

  private static Map<String, String> run(Run run, PixelType type, boolean kinds) {
    Map<String, String> row = Shape.cells(RunFields.ALL, run);
    at(row, run.start());
    if (run.end().isPresent()) {
      // Both, and where the last pixel really is.
      Point end = Geometry.end(run, type);
      row.put("end_x_m", Texts.number(end.x()));
      row.put("end_y_m", Texts.number(end.y()));
      if (end.z() != run.start().z()) {
        row.put("end_z_m", Texts.number(end.z()));
      }
    }
    if (kinds) {
      row.put("light_kind", "pixels");
    }
    // Beside other lights some headings have a meaning; a note under one of them gets another.
    run.notes()
        .forEach((k, v) -> row.put(kinds && RunColumns.OTHERS.contains(k) ? "note " + k : k, v));
    return row;
  }

  private static Map<String, String> set(PlainSet set) {
    return kind(LightFields.SET.cells(set), "rgb-set", set.at());
  }

  private static Map<String, String> bulbs(BulbString string) {
    return kind(LightFields.BULBS.cells(string), "bulbs", string.at());
  }

  private static Map<String, String> kind(Map<String, String> row, String kind, Point at) {
    row.put(RunColumns.KIND, kind);
    at(row, at);
    return row;
  }

  /** A place of 0 stands there too: it is one. */
  private static void at(Map<String, String> row, Point at) {
    row.put("x_m", Texts.number(at.x()));
    row.put("y_m", Texts.number(at.y()));
    if (at.z() != 0) {
      row.put("z_m", Texts.number(at.z()));
    }
  }
}
