package bunting.files;

import bunting.core.show.BulbString;
import bunting.core.show.Fitting;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
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
    Map<String, String> row = new LinkedHashMap<>();
    row.put("name", run.name());
    row.put("type", run.type());
    row.put("pixels", Integer.toString(run.plannedPixels()));
    put(row, "length_m", run.lengthM());
    put(row, "x_m", "y_m", run.start());
    if (run.end().isPresent()) {
      put(row, "end_x_m", "end_y_m", Geometry.end(run, type));
    }
    put(row, "lead_m", run.leadM());
    run.group().ifPresent(g -> row.put("group", g));
    run.pin().map(Pin::controller).ifPresent(c -> row.put("controller", c));
    run.pin()
        .filter(p -> p.port().isPresent())
        .ifPresent(p -> row.put("port", Integer.toString(p.port().getAsInt())));
    if (!run.split()) {
      row.put("split", "no");
    }
    run.built().ifPresent(b -> row.put("built_pixels", Integer.toString(b)));
    Fitting fitting = run.fitting();
    if (fitting.grouping() > 1) {
      row.put("group_pixels", Integer.toString(fitting.grouping()));
    }
    fitting.order().ifPresent(o -> row.put("colour_order", o));
    if (fitting.reversed()) {
      row.put("reverse_data", "yes");
    }
    run.hanging().course().ifPresent(c -> row.put("course_m", CourseText.of(c)));
    if (!run.hanging().route().isEmpty()) {
      row.put("route_m", CourseText.of(run.hanging().route()));
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
    Map<String, String> row = new LinkedHashMap<>();
    row.put("name", set.name());
    row.put("light_kind", "rgb-set");
    put(row, "x_m", "y_m", set.at());
    put(row, "lead_m", set.leadM());
    set.group().ifPresent(g -> row.put("group", g));
    row.put("volts", Texts.number(set.volts()));
    row.put("channels", Integer.toString(set.channels()));
    row.put("watts", Texts.number(set.watts()));
    return row;
  }

  private static Map<String, String> bulbs(BulbString string) {
    Map<String, String> row = new LinkedHashMap<>();
    row.put("name", string.name());
    row.put("light_kind", "bulbs");
    put(row, "x_m", "y_m", string.at());
    row.put("length_m", Texts.number(string.lengthM()));
    row.put("bulbs", Integer.toString(string.bulbs()));
    row.put("watts_per_bulb", Texts.number(string.wattsPerBulb()));
    row.put("cord_amps", Texts.number(string.cordAmpsMax()));
    return row;
  }

  private static void put(Map<String, String> row, String column, OptionalDouble value) {
    value.ifPresent(v -> row.put(column, Texts.number(v)));
  }

  private static void put(Map<String, String> row, String x, String y, Point at) {
    row.put(x, Texts.number(at.x()));
    row.put(y, Texts.number(at.y()));
  }
}
