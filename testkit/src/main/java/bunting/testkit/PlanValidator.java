package bunting.testkit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Checks a PLAN.json against the contract, from its runs and settings, without any code of the
 * planner.
 */
public final class PlanValidator {
  private static final Set<Double> FUSES =
      Set.of(1.0, 2.0, 3.0, 4.0, 5.0, 7.5, 10.0, 15.0, 20.0, 25.0, 30.0);

  /** A tail may be behind ten times the fuse of its own (NFPA 70, 240.21(B)(1), from memory). */
  private static final double TAIL_RULE = 10;

  private final PlanFile file;
  private final NetworkRules network;
  private final JsonNode plan;
  private final JsonNode settings;
  private final Map<String, Map<String, String>> runs;
  private final Map<String, JsonNode> kinds;
  private final Map<String, JsonNode> segments;
  private final Map<String, JsonNode> boxes;
  private final Map<String, JsonNode> supplies;

  /** A plan of runs and settings, as they are in their files. */
  public PlanValidator(JsonNode plan, JsonNode settings, Map<String, Map<String, String>> runs) {
    file = new PlanFile(plan, settings, runs);
    network = new NetworkRules(file);
    this.plan = plan;
    this.settings = settings;
    this.runs = runs;
    kinds = file.kinds;
    segments = file.segments;
    boxes = file.boxes;
    supplies = file.supplies;
  }

  /** Throws where the plan breaks a rule. */
  public void validate() {
    everyPixelOnce();
    ports();
    new SlotRules(file).check();
    network.check();
    fusesAndBoards();
    trunks();
    suppliesAndCircuits();
    inputs();
    new PriceRules(file).check();
    totals();
  }

  private Set<String> unplaced() {
    Set<String> names = new HashSet<>();
    for (JsonNode f : plan.path("findings")) {
      if (f.path("code").asText().equals("unplaced")) {
        assertThat(f.path("severity").asText()).isEqualTo("stop");
        assertThat(f.path("message").asText())
            .contains(f.path("subject").asText())
            .containsPattern("\\d");
        names.add(f.path("subject").asText());
      }
    }
    return names;
  }

  private void everyPixelOnce() {
    Map<String, Integer> next = new HashMap<>();
    List<JsonNode> sorted = new ArrayList<>(segments.values());
    sorted.sort(java.util.Comparator.comparingInt(s -> s.path("firstPixel").asInt()));
    for (JsonNode s : sorted) {
      String run = s.path("run").asText();
      int first = s.path("firstPixel").asInt();
      assertThat(first).as("gap in " + run).isEqualTo(next.getOrDefault(run, 1));
      assertThat((first - 1) % file.type(s).path("cutEvery").asInt(1)).as("cut mark").isZero();
      assertThat(s.path("lastPixel").asInt()).isGreaterThanOrEqualTo(first);
      next.put(run, s.path("lastPixel").asInt() + 1);
      Map<String, String> row = runs.get(run);
      if (!row.getOrDefault("controller", "").isEmpty()) {
        assertThat(s.path("controller").asText()).isEqualTo(row.get("controller"));
        if (!row.getOrDefault("port", "").isEmpty()) {
          assertThat(s.path("port").asText()).isEqualTo(row.get("port"));
        }
      }
      if (row.getOrDefault("split", "").equals("no")) {
        assertThat(s.path("lastPixel").asInt() - first + 1).isEqualTo(file.pixels(run));
      }
    }
    Set<String> unplaced = unplaced();
    for (String run : runs.keySet()) {
      boolean whole = next.getOrDefault(run, 1) == file.pixels(run) + 1;
      assertThat(whole).as("run " + run).isEqualTo(!unplaced.contains(run));
    }
  }

  /** Each bank has its own volts; one supply may serve several, and no bank has two. */
  private void banks(JsonNode box, JsonNode kind) {
    assertThat(box.path("banks").size()).isEqualTo(kind.path("banks").size());
    for (int b = 0; b < box.path("banks").size(); b++) {
      JsonNode bank = box.path("banks").path(b);
      assertThat(bank.path("bank").asInt()).isEqualTo(b + 1);
      JsonNode may =
          kind.path("bankVolts").isEmpty() ? kind.path("volts") : kind.path("bankVolts").path(b);
      double volts = bank.path("volts").asDouble();
      assertThat(may.isArray() ? may : List.of(may)).anyMatch(v -> v.asDouble() == volts);
    }
  }

  private void ports() {
    Map<String, List<JsonNode>> chains = file.chains();
    double budget = 1e6 / settings.path("show").path("targetFps").asDouble(40) - 300;
    for (JsonNode box : boxes.values()) {
      JsonNode kind = kinds.get(box.path("type").asText());
      assertThat(kind.path("volts")).anyMatch(v -> v.asDouble() == box.path("volts").asDouble());
      banks(box, kind);
      for (JsonNode port : box.path("ports")) {
        List<JsonNode> chain =
            chains.getOrDefault(
                box.path("id").asText() + " " + port.path("port").asInt(), List.of());
        int count = 0;
        double micros = 0;
        Set<String> signals = new HashSet<>();
        for (JsonNode s : chain) {
          int n = s.path("lastPixel").asInt() - s.path("firstPixel").asInt() + 1;
          count += n;
          micros += n * micros(file.type(s));
          signals.add(file.type(s).path("signal").asText());
          assertThat(file.type(s).path("volts").asDouble())
              .isEqualTo(file.bank(box, s).path("volts").asDouble());
        }
        assertThat(signals.size()).isLessThanOrEqualTo(1);
        assertThat(count)
            .isEqualTo(port.path("pixels").asInt())
            .isLessThanOrEqualTo(kind.path("pixelsPerPortMax").asInt());
        assertThat(micros).isLessThanOrEqualTo(budget + 1e-6);
        assertThat(port.path("refreshHz").asDouble()).isCloseTo(1e6 / (micros + 300), within(1e-3));
      }
    }
  }

  private static double micros(JsonNode type) {
    double bit =
        switch (type.path("signal").asText()) {
          case "one-wire-400k" -> 2.5;
          case "clocked" -> 1.0;
          default -> 1.25;
        };
    return type.path("channels").asInt() * type.path("bitsPerChannel").asInt(8) * bit;
  }

  /** Volts of every pixel at a brightness in percent, by segment. */
  public Map<String, double[]> voltsAt(double brightness) {
    return network.voltsAt(brightness);
  }

  private void fusesAndBoards() {
    double margin = settings.path("show").path("fuseMargin").asDouble(1.25);
    Map<String, Double> shared = new HashMap<>();
    Map<String, Double> board = new HashMap<>();
    Map<String, Double> port = new HashMap<>();
    for (JsonNode f : plan.path("feeds")) {
      JsonNode s = segments.get(f.path("segment").asText());
      JsonNode box = boxes.get(s.path("controller").asText());
      JsonNode kind = kinds.get(box.path("type").asText());
      double fuse = f.path("fuseAmps").asDouble();
      double amps = f.path("amps").asDouble();
      assertThat(FUSES).contains(fuse);
      assertThat(fuse)
          .isGreaterThanOrEqualTo(margin * amps - 1e-4)
          .isLessThanOrEqualTo(
              (f.has("trunk") ? TAIL_RULE : 1) * PlanFile.WIRES.get(f.path("wire").asText())[1]);
      int pixel = f.path("atPixel").asInt();
      if (f.has("trunk")) {
        assertThat(f.path("lengthM").asDouble()).isEqualTo(0.3);
        shared.merge(f.path("trunk").asText() + "\0" + fuse, amps, Double::sum);
      } else {
        assertThat(f.path("lengthM").asDouble()).isCloseTo(cable(box, s, pixel), within(1e-3));
      }
      boolean viaPort = f.path("via").asText().equals("port");
      assertThat(f.path("fuseGroup").isNull()).isEqualTo(!viaPort);
      if (viaPort) {
        assertThat(s.path("position").asInt()).isEqualTo(1);
        assertThat(pixel).isEqualTo(s.path("firstPixel").asInt());
        assertThat(f.path("wire")).isEqualTo(s.path("leadWire"));
        assertThat(f.path("lengthM")).isEqualTo(s.path("leadM"));
        assertThat(f.path("supply")).isEqualTo(file.bank(box, s).path("supply"));
        assertThat(s.path("powerFromPrevious").asBoolean()).isTrue();
        boolean group = f.path("fuseGroup").asText().contains("-");
        double most =
            kind.path(group ? "fuseGroupAmpsMax" : "portAmpsMax")
                .asDouble(kind.path("portAmpsMax").asDouble());
        assertThat(fuse).isLessThanOrEqualTo(most);
        shared.merge(f.path("fuseGroup").asText() + "\0" + fuse, amps, Double::sum);
        board.merge(box.path("id").asText() + " " + file.bankOf(box, s), amps, Double::sum);
        port.merge(box.path("id").asText() + " " + s.path("port").asInt(), amps, Double::sum);
      }
    }
    shared.forEach(
        (key, amps) ->
            assertThat(Double.parseDouble(key.substring(key.indexOf('\0') + 1)))
                .isGreaterThanOrEqualTo(margin * amps - 1e-4));
    boxes.forEach(
        (id, box) -> {
          JsonNode kind = kinds.get(box.path("type").asText());
          for (int b = 0; b < Math.max(1, kind.path("banks").size()); b++) {
            double most =
                kind.path("bankAmpsMax").isEmpty()
                    ? kind.path("boardAmpsMax").asDouble()
                    : kind.path("bankAmpsMax").path(b).asDouble();
            assertThat(board.getOrDefault(id + " " + b, 0.0)).isLessThanOrEqualTo(most + 1e-6);
          }
          for (JsonNode p : box.path("ports")) {
            double amps = port.getOrDefault(id + " " + p.path("port").asInt(), 0.0);
            assertThat(p.path("amps").asDouble())
                .isCloseTo(amps, within(1e-3))
                .isLessThanOrEqualTo(kind.path("portAmpsMax").asDouble() + 1e-6);
          }
        });
    for (JsonNode s : segments.values()) {
      boolean portFeed =
          port.containsKey(s.path("controller").asText() + " " + s.path("port").asInt());
      if (s.path("position").asInt() == 1) {
        assertThat(s.path("powerFromPrevious").asBoolean()).isEqualTo(portFeed);
        assertThat(s.path("leadM").asDouble())
            .isCloseTo(
                cable(boxes.get(s.path("controller").asText()), s, s.path("firstPixel").asInt()),
                within(1e-3));
      }
    }
  }

  /** All of a trunk is behind one fuse that its wire bears; its stretches add up. */
  private void trunks() {
    double margin = settings.path("show").path("fuseMargin").asDouble(1.25);
    for (JsonNode t : plan.path("trunks")) {
      double fuse = t.path("fuseAmps").asDouble();
      assertThat(fuse)
          .isGreaterThanOrEqualTo(margin * t.path("amps").asDouble() - 1e-4)
          .isLessThanOrEqualTo(PlanFile.WIRES.get(t.path("wire").asText())[1]);
      double metres = t.path("headM").asDouble() + t.path("backM").asDouble(0);
      for (JsonNode span : t.path("spansM")) {
        metres += span.asDouble();
      }
      assertThat(t.path("lengthM").asDouble()).isCloseTo(metres, within(1e-3));
      assertThat(t.has("backM")).isEqualTo(t.path("ring").asBoolean());
    }
  }

  private double cable(JsonNode box, JsonNode segment, int pixel) {
    Map<String, String> row = runs.get(segment.path("run").asText());
    if (pixel == 1 && !row.getOrDefault("lead_m", "").isEmpty()) {
      return Double.parseDouble(row.get("lead_m"));
    }
    double x = number(row, "x_m", 0);
    double y = number(row, "y_m", 0);
    int n = file.pixels(segment.path("run").asText());
    if (!row.getOrDefault("course_m", "").isEmpty()) {
      int gaps = Corners.closed(row.get("course_m")) ? n : n - 1;
      double[] at = Corners.at(row.get("course_m"), gaps == 0 ? 0 : (pixel - 1.0) / gaps);
      return Math.abs(box.path("x").asDouble() - at[0])
          + Math.abs(box.path("y").asDouble() - at[1])
          + Math.abs(box.path("z").asDouble())
          + 1;
    }
    double z = number(row, "z_m", 0);
    boolean given =
        Stream.of("end_x_m", "end_y_m", "end_z_m")
            .anyMatch(c -> !row.getOrDefault(c, "").isEmpty());
    double endX =
        given
            ? number(row, "end_x_m", x)
            : x + (n - 1) / file.type(segment).path("pitchPerM").asDouble();
    double endY = given ? number(row, "end_y_m", y) : y;
    double share = n == 1 ? 0 : (pixel - 1.0) / (n - 1);
    return Math.abs(box.path("x").asDouble() - x - (endX - x) * share)
        + Math.abs(box.path("y").asDouble() - y - (endY - y) * share)
        + Math.abs(box.path("z").asDouble() - z - (number(row, "end_z_m", z) - z) * share)
        + 1;
  }

  private static double number(Map<String, String> row, String column, double otherwise) {
    String text = row.getOrDefault(column, "");
    return text.isEmpty() ? otherwise : Double.parseDouble(text);
  }

  private void suppliesAndCircuits() {
    Map<String, Double> amps = new HashMap<>();
    Map<String, String> place = new HashMap<>();
    for (JsonNode f : plan.path("feeds")) {
      String supply = f.path("supply").asText();
      JsonNode s = segments.get(f.path("segment").asText());
      JsonNode box = boxes.get(s.path("controller").asText());
      amps.merge(supply, f.path("amps").asDouble(), Double::sum);
      String here =
          box.path("x").asText() + " " + box.path("y").asText() + " " + box.path("z").asText();
      assertThat(place.merge(supply, here, (a, b) -> a))
          .as("a supply stands in one box")
          .isEqualTo(here);
      assertThat(supplies.get(supply).path("volts").asDouble())
          .isEqualTo(file.bank(box, s).path("volts").asDouble());
    }
    double share = settings.path("show").path("supplyLoadPercentMax").asDouble(80) / 100;
    Map<String, JsonNode> supplyTypes = new HashMap<>();
    PlanFile.index(settings.path("supplyTypes"), supplyTypes);
    Map<String, Double> mains = new HashMap<>();
    Map<String, JsonNode> circuits = new HashMap<>();
    PlanFile.index(settings.path("circuits"), circuits);
    for (JsonNode s : supplies.values()) {
      double watts = amps.getOrDefault(s.path("id").asText(), 0.0) * s.path("volts").asDouble();
      assertThat(s.path("loadWatts").asDouble())
          .isCloseTo(watts, within(1e-2))
          .isLessThanOrEqualTo(share * s.path("ratedWatts").asDouble() + 1e-6);
      JsonNode t = supplyTypes.get(s.path("type").asText());
      if (!s.path("circuit").isNull()) {
        double volts = circuits.get(s.path("circuit").asText()).path("volts").asDouble();
        mains.merge(
            s.path("circuit").asText(),
            watts / (t.path("efficiency").asDouble() * t.path("powerFactor").asDouble() * volts),
            Double::sum);
      } else if (!circuits.isEmpty()) {
        assertThat(plan.path("findings"))
            .anyMatch(
                f ->
                    f.path("severity").asText().equals("stop")
                        && f.path("subject").equals(s.path("id")));
      }
    }
    for (JsonNode c : plan.path("circuits")) {
      double load = mains.getOrDefault(c.path("id").asText(), 0.0);
      assertThat(c.path("loadAmps").asDouble()).isCloseTo(load, within(1e-2));
      assertThat(
              load == 0
                  || load + c.path("existingAmps").asDouble()
                      <= 0.8 * c.path("breakerAmps").asDouble() + 1e-3)
          .isTrue();
    }
  }

  /** Each wire of an input bears its share with the margin, and the rest when one is lost. */
  private void inputs() {
    double margin = settings.path("show").path("fuseMargin").asDouble(1.25);
    Set<String> boards = new HashSet<>();
    for (JsonNode i : plan.path("inputs")) {
      double fuse = i.path("fuseAmps").asDouble();
      int wires = i.path("wires").asInt();
      double most = i.path("mostAmps").asDouble();
      String board = i.path("board").asText(i.path("controller").asText());
      assertThat(boards.add(board)).as("one input a board").isTrue();
      assertThat(supplies).containsKey(i.path("supply").asText());
      assertThat(FUSES).contains(fuse);
      assertThat(fuse).isGreaterThanOrEqualTo(margin * most / wires - 1e-4);
      assertThat(wires == 1 || fuse >= most / (wires - 1) - 1e-4).as("one lost").isTrue();
      assertThat(PlanFile.WIRES.get(i.path("wire").asText())[1]).isGreaterThanOrEqualTo(fuse);
    }
    for (JsonNode box : boxes.values()) {
      String id = box.path("id").asText();
      for (JsonNode board : box.has("banks") ? box.path("banks") : List.of(box)) {
        boolean hangs = !board.path("supply").isNull();
        String name = board.has("bank") ? id + "/" + board.path("bank").asInt() : id;
        assertThat(boards.contains(name)).as("an input").isEqualTo(hangs);
      }
    }
  }

  private void totals() {
    JsonNode t = plan.path("totals");
    int pixels = 0;
    for (JsonNode s : segments.values()) {
      pixels += s.path("lastPixel").asInt() - s.path("firstPixel").asInt() + 1;
    }
    double amps = 0;
    for (JsonNode f : plan.path("feeds")) {
      amps += f.path("amps").asDouble();
    }
    assertThat(t.path("pixels").asInt()).isEqualTo(pixels);
    assertThat(t.path("runs").asInt()).isEqualTo(runs.size() - unplaced().size());
    assertThat(t.path("amps").asDouble()).isCloseTo(amps, within(1e-2));
    assertThat(t.path("controllers").asInt())
        .isEqualTo(boxes.size())
        .isGreaterThanOrEqualTo(t.path("controllersLowerBound").asInt());
    assertThat(t.path("feeds").asInt()).isEqualTo(plan.path("feeds").size());
    assertThat(t.path("supplies").asInt()).isEqualTo(supplies.size());
  }
}
