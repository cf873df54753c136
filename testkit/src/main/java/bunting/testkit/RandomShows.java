package bunting.testkit;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * Run lists and settings that are sound but awkward: tight ports, thin rails, odd cuts, pins,
 * groups, few circuits.
 */
public final class RandomShows {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final long DEPTHS = 77_000;
  private static final long PLANNING = 55_000;
  private static final long COPPER = 33_000;
  private static final List<String> COLUMNS =
      List.of(
          "name",
          "type",
          "pixels",
          "x_m",
          "y_m",
          "end_x_m",
          "end_y_m",
          "z_m",
          "end_z_m",
          "lead_m",
          "group",
          "controller",
          "port",
          "split",
          "built_pixels",
          "group_pixels",
          "reverse_data",
          "course_m");

  private static final List<String> GOALS =
      List.of("cost", "groups", "boxes", "cable", "fuses", "feeds", "copper");
  private static final List<String> METHODS =
      List.of("port-first", "best", "front", "ends", "every", "trunk", "second-supply");

  private final long seed;
  private final ObjectNode settings = MAPPER.createObjectNode();
  private final Map<String, Map<String, String>> runs = new LinkedHashMap<>();
  private final Random random;
  private final Random depths;
  private final boolean deep;
  private final boolean banked;
  private final boolean surveyed;
  private int controllers;

  /** The show of a seed. */
  public RandomShows(long seed) {
    this.seed = seed;
    random = new Random(seed);
    surveyed = random.nextBoolean();
    // By itself, so that shows without depth are what they were.
    depths = new Random(seed + DEPTHS);
    deep = depths.nextInt(3) == 0;
    banked = depths.nextInt(3) == 0;
    fillSettings();
    fillRuns();
  }

  /**
   * Adds what the builder decides about the planning: spare ports, priorities, injection method,
   * start universe. Drawn by itself, so that shows without it stay what they are.
   *
   * @param effort of the search, in its deterministic seconds
   */
  public RandomShows withPlanning(double effort) {
    Random drawn = new Random(seed + PLANNING);
    List<String> goals = new ArrayList<>(GOALS);
    Collections.shuffle(goals, drawn);
    ObjectNode planning =
        settings
            .putObject("planning")
            .put("sparePorts", drawn.nextInt(4))
            .put("addBoxes", drawn.nextInt(3) == 0)
            .put("effort", effort);
    goals.subList(0, drawn.nextInt(3)).forEach(planning.putArray("goals")::add);
    settings
        .putObject("power")
        .put("school", METHODS.get(drawn.nextInt(METHODS.size())))
        .put("everyPixels", 10 + drawn.nextInt(90))
        .put("limiter", drawn.nextBoolean());
    ((ObjectNode) settings.path("addressing")).put("startUniverse", 1 + drawn.nextInt(30_000));
    return this;
  }

  /**
   * Adds warm copper, fuses and contacts with resistance, inputs of some length, and in some shows
   * trunks. Drawn by itself, so that shows without it stay what they are.
   */
  public RandomShows withCopper() {
    Random drawn = new Random(seed + COPPER);
    settings
        .putObject("conductors")
        .put("celsius", 20 + 10 * drawn.nextInt(5))
        .put("fuseMilliohms", drawn.nextInt(13))
        .put("connectorMilliohms", drawn.nextInt(5))
        .put("boardMilliohms", drawn.nextInt(16))
        .put("inputM", drawn.nextInt(3) == 0 ? 0 : drawn.nextInt(30) / 10.0);
    settings.putObject("power").put("school", drawn.nextInt(3) == 0 ? "trunk" : "port-first");
    return this;
  }

  /** A place away from the front, in shows that have depth. */
  private String depth() {
    return deep && depths.nextBoolean() ? Integer.toString(depths.nextInt(-12, 13)) : "";
  }

  private void standBack(ObjectNode place) {
    String z = depth();
    if (!z.isEmpty()) {
      place.put("z", Integer.parseInt(z));
    }
  }

  /** Some kinds have two power boards, odd ports on one, even ones on the other. */
  private void boards(ObjectNode kind) {
    int ports = kind.path("ports").asInt();
    if (!banked || ports < 2 || depths.nextBoolean()) {
      return;
    }
    ArrayNode banks = kind.putArray("banks");
    banks.addArray();
    banks.addArray();
    for (int port = 1; port <= ports; port++) {
      ((ArrayNode) banks.path((port - 1) % 2)).add(port);
    }
    if (depths.nextBoolean()) {
      int first = depths.nextInt(2);
      kind.putArray("bankVolts")
          .add(kind.path("volts").path(first))
          .add(kind.path("volts").path(1 - first));
    }
    if (depths.nextBoolean()) {
      kind.putArray("bankAmpsMax").add(1 + depths.nextInt(10)).add(1 + depths.nextInt(10));
    }
  }

  private int pick(int from, int to) {
    return from + random.nextInt(to - from + 1);
  }

  private int wholeOf(int... values) {
    return values[random.nextInt(values.length)];
  }

  private double numberOf(double... values) {
    return values[random.nextInt(values.length)];
  }

  private <T> T oneOf(List<T> list) {
    return list.get(random.nextInt(list.size()));
  }

  private void fillSettings() {
    settings
        .putObject("show")
        .put("targetFps", wholeOf(20, 40, 60, 200))
        .put("brightnessPercent", wholeOf(100, 100, 40, 0))
        .put("supplyLoadPercentMax", wholeOf(75, 80, 100))
        .put("fuseMargin", numberOf(1, 1.25, 2))
        .put("minVoltsPercent", wholeOf(80, 90, 95));
    ObjectNode a = settings.putObject("addressing");
    a.put("protocol", oneOf(List.of("sacn", "artnet", "ddp")))
        .put("startUniverse", pick(1, 9))
        .put("split", oneOf(List.of("whole-pixels", "full-universe")))
        .put("portStart", oneOf(List.of("continuous", "new-universe")));
    ArrayNode reserved = a.putArray("reserved");
    if (random.nextBoolean()) {
      reserved.add("3-4").add("7").add(pick(10, 12) + "-" + pick(12, 14));
    }
    ArrayNode sites = settings.putArray("sites");
    for (int i = pick(0, 2); i > 0; i--) {
      standBack(sites.addObject().put("id", "s" + i).put("x", pick(-20, 20)).put("y", pick(0, 5)));
    }
    ArrayNode types = settings.putArray("pixelTypes");
    for (int i = 0; i < 4; i++) {
      types
          .addObject()
          .put("id", "t" + i)
          .put("volts", wholeOf(5, 12, 24))
          .put("channels", wholeOf(1, 3, 3, 4, 7, 48))
          .put("order", "X")
          .put("bitsPerChannel", wholeOf(8, 16))
          .put("signal", oneOf(List.of("one-wire-800k", "one-wire-400k", "clocked")))
          .put("pitchPerM", numberOf(5, 30, 60, 144.5))
          .put("cutEvery", wholeOf(1, 1, 3, 7))
          .put("milliampsFull", pick(5, 90))
          .put("milliampsIdle", 1)
          .put("load", oneOf(List.of("constant-current", "constant-power", "resistive")))
          .put("railOhmsPerM", pick(1, 20) / 100.0);
    }
    ArrayNode kinds = settings.putArray("controllerTypes");
    for (int i = 0; i < 3; i++) {
      ObjectNode kind =
          kinds
              .addObject()
              .put("id", "k" + i)
              .put("ports", pick(1, 5))
              .put("pixelsPerPortMax", pick(20, 130))
              .put("universesMax", pick(1, 6))
              .put("portAmpsMax", numberOf(0, 0.5, 3, 10))
              .put("boardAmpsMax", pick(2, 20));
      kind.putArray("volts").add(wholeOf(5, 12)).add(24);
      if (kind.path("ports").asInt() >= 3) {
        kind.putArray("fuseGroups").addArray().add(1).add(3);
        kind.put("fuseGroupAmpsMax", numberOf(2, 5, 7.5));
      }
      boards(kind);
    }
    if (random.nextInt(3) > 0) {
      ArrayNode list = settings.putArray("controllers");
      controllers = pick(1, 5);
      for (int i = 1; i <= controllers; i++) {
        standBack(
            list.addObject()
                .put("id", "B" + i)
                .put("type", "k" + pick(0, 2))
                .put("x", pick(-5, 5))
                .put("y", pick(0, 1)));
      }
    }
    ArrayNode supplies = settings.putArray("supplyTypes");
    for (int volts : List.of(5, 12, 24)) {
      for (int i = pick(0, 2); i >= 0; i--) {
        supplies
            .addObject()
            .put("id", "p" + volts + "-" + i)
            .put("volts", volts)
            .put("watts", pick(2, 80))
            .put("efficiency", 0.85)
            .put("powerFactor", 0.9)
            .put("cost", pick(0, 50));
      }
    }
    ArrayNode wires = settings.putArray("wires");
    oneOf(
            List.of(
                List.of("22AWG", "18AWG", "16AWG", "12AWG"),
                List.of("20AWG"),
                List.of("1.5mm2", "4.0mm2", "14AWG")))
        .forEach(wires::add);
    if (random.nextBoolean()) {
      ArrayNode circuits = settings.putArray("circuits");
      for (int i = pick(0, 2); i > 0; i--) {
        circuits
            .addObject()
            .put("id", "m" + i)
            .put("volts", 230)
            .put("breakerAmps", pick(1, 3))
            .put("existingAmps", pick(0, 1));
      }
    }
  }

  private void fillRuns() {
    for (int i = pick(1, 12); i > 0; i--) {
      Map<String, String> row = new LinkedHashMap<>();
      row.put("name", "run " + i);
      row.put("type", "t" + pick(0, 3));
      row.put("pixels", "" + pick(1, random.nextInt(4) == 0 ? 150 : 40));
      row.put("x_m", "" + pick(-8, 8));
      row.put("y_m", "" + pick(0, 4));
      row.put("z_m", depth());
      row.put("end_z_m", depth());
      if (random.nextBoolean()) {
        row.put("end_x_m", "" + pick(-8, 8));
      }
      if (random.nextInt(4) == 0) {
        row.put("lead_m", "" + pick(0, 6));
      }
      row.put("group", random.nextInt(3) == 0 ? "g" + pick(1, 2) : "");
      if (controllers > 0 && random.nextInt(5) == 0) {
        row.put("controller", "B" + pick(1, controllers));
        row.put("port", random.nextBoolean() ? "1" : "");
      }
      row.put("split", random.nextInt(3) == 0 ? "no" : "yes");
      if (surveyed) {
        survey(row);
      }
      runs.put(row.get("name"), row);
    }
  }

  /** What a survey adds: a built count, shared slots, reversal, corners. */
  private void survey(Map<String, String> row) {
    if (random.nextInt(4) == 0) {
      row.put("built_pixels", "" + pick(1, 40));
    }
    if (random.nextInt(3) == 0) {
      row.put("group_pixels", "" + pick(1, 6));
    }
    if (random.nextInt(3) == 0) {
      row.put("reverse_data", "yes");
    }
    if (random.nextInt(3) == 0) {
      List<String> corners = new ArrayList<>();
      for (int i = pick(2, 4); i > 0; i--) {
        corners.add(pick(-8, 8) + ".5 " + (pick(0, 4) + i));
      }
      row.put("course_m", String.join("; ", corners));
    }
  }

  /** Its settings, as of SETTINGS.json. */
  public ObjectNode settings() {
    return settings;
  }

  /** Its runs by name, each by column. */
  public Map<String, Map<String, String>> runs() {
    return runs;
  }

  /** Its run list. */
  public String csv() {
    StringBuilder csv = new StringBuilder(String.join(",", COLUMNS)).append('\n');
    for (Map<String, String> row : runs.values()) {
      csv.append(String.join(",", COLUMNS.stream().map(c -> row.getOrDefault(c, "")).toList()))
          .append('\n');
    }
    return csv.toString();
  }
}
